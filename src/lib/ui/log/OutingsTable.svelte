<script lang="ts">
	import { joined } from '$lib/core/message';
	import { naturalWords, type LifeStage } from '$lib/core/atlas';
	import { useWords } from '$lib/ui/writers';
	import Table from '$lib/ui/frame/Table.svelte';
	import words from './words';
	import { localClock, localDate } from '$lib/core/units';

	const { say } = useWords(words);

	interface Props {
		outings: readonly {
			id: string;
			reach: string;
			water: string;
			timeZone: string;
			startedAt: Date;
			endedAt: Date | null;
			guests: number;
			notes: number;
			landed: number;
			records: readonly { taxonId: string; stage: LifeStage }[];
		}[];
	}
	let { outings }: Props = $props();
</script>

<Table
	label={say('outings-table')}
	columns={[
		say('day'),
		say('where'),
		say('from'),
		say('to'),
		say('guests'),
		say('notes'),
		say('landed'),
		say('recorded')
	]}
>
	{#each outings as { id, reach, water, timeZone, startedAt, endedAt, guests, notes, landed, records } (id)}
		<tr>
			<th scope="row" class="font-normal whitespace-nowrap"
				><a class="link" href="/bank/{id}">{localDate(startedAt, timeZone, true)}</a></th
			>
			<td class="font-semibold">{reach}, {water}</td>
			<td class="font-mono">{localClock(startedAt, timeZone)}</td>
			<td class="whitespace-nowrap {endedAt ? 'font-mono' : ''}"
				>{endedAt ? localClock(endedAt, timeZone) : say('still-out')}</td
			>
			<td class="font-mono">{guests}</td>
			<td class="font-mono">{notes}</td>
			<td class="font-mono">{landed}</td>
			<td class="min-w-48 text-sm"
				>{say(joined(', ', ...records.map(({ taxonId, stage }) => naturalWords(taxonId, stage))))}</td
			>
		</tr>
	{/each}
</Table>
