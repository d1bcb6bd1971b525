<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import Table from '$lib/ui/frame/Table.svelte';
	import words from './words';
	import { findTaxon, naturalName } from '$lib/core/atlas';
	import { seasonYear, type Hemisphere } from '$lib/core/record';
	import { dayOfMonth } from '$lib/core/units';

	const { say } = useWords(words);

	interface Props {
		kinds: readonly {
			taxonId: string;
			year: number;
			firstDay: string | null;
			lastDay: string | null;
			shares: number;
			guides: number;
			waters: readonly string[];
		}[];
		hemisphere: Hemisphere;
	}
	let { kinds, hemisphere }: Props = $props();
</script>

<Table
	label={say('kinds-by-year-table')}
	columns={[
		say('year'),
		say('what'),
		say('first-seen'),
		say('last-seen'),
		say('shares'),
		say('guides'),
		say('waters')
	]}
>
	{#each kinds as { taxonId, year, firstDay, lastDay, shares, guides, waters } (`${taxonId}/${year}`)}
		<tr>
			<td class="font-mono">{seasonYear(year, hemisphere)}</td>
			<th scope="row" class="font-semibold"
				>{say(naturalName(taxonId))}
				<span class="science text-sm font-normal">{findTaxon(taxonId)?.scientificName}</span></th
			>
			<td class="whitespace-nowrap">{firstDay ? dayOfMonth(firstDay) : ''}</td>
			<td class="whitespace-nowrap">{lastDay ? dayOfMonth(lastDay) : ''}</td>
			<td class="font-mono">{shares}</td>
			<td class="font-mono">{guides}</td>
			<td>{waters.join(', ')}</td>
		</tr>
	{/each}
</Table>
