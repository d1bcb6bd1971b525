<script lang="ts">
	import { joined, chanceWord } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import Table from '$lib/ui/frame/Table.svelte';
	import words from './words';
	import { findTaxon, naturalName } from '$lib/core/atlas';
	import { tellFlies, type HatchRecord } from '$lib/core/record';
	import { localClock, localDate } from '$lib/core/units';
	import { ABUNDANCE_NAMES } from '$lib/core/vocabulary';

	interface Props {
		entries: readonly { id: string; outingId: string; record: HatchRecord }[];
		/** The order the table is in, and the address of it in another. */
		order: string;
		orderedBy: (order: string) => string;
	}
	let { entries, order, orderedBy }: Props = $props();
	const { say, show } = useWords(words);
	const COLUMNS: readonly (readonly [name: string, order?: string])[] = [
		[say('day'), 'newest'],
		[say('what'), 'kind'],
		[say('where')],
		[say('how-many'), 'most'],
		[say('size'), 'largest'],
		[say('first')],
		[say('most')],
		[say('last')],
		[say('water')],
		[say('fish-on-it'), 'taken'],
		[say('flies')]
	];
	/** A column that is ordered by already turns the other way, where there is one. */
	const other = (by: string) => (by === 'newest' && order === 'newest' ? 'oldest' : by);
	const sortOf = (by: string | undefined) =>
		by === order || (by === 'newest' && order === 'oldest')
			? order === 'oldest' || order === 'kind'
				? 'ascending'
				: 'descending'
			: undefined;
</script>

<Table
	label={say('records-table')}
	columns={COLUMNS.map(([name, by]) => ({ name, href: by && orderedBy(other(by)), sort: sortOf(by) }))}
>
	{#each entries as { id, outingId, record } (id)}
		{@const clock = (at: Date) => localClock(at, record.timeZone)}
		<tr>
			<td class="whitespace-nowrap"
				><a class="link" href="/bank/{outingId}/record">{localDate(record.mostSeen, record.timeZone, true)}</a
				></td
			>
			<th scope="row" class="font-semibold"
				>{say(naturalName(record.taxonId, record.stage))}
				<span class="science block text-sm font-normal">{findTaxon(record.taxonId)?.scientificName}</span></th
			>
			<td>{record.place.reach}, {record.place.water}</td>
			<td>{say(ABUNDANCE_NAMES[record.abundance])}</td>
			<td class="font-mono whitespace-nowrap"
				>{record.lengthMm === undefined ? '' : show({ lengthMm: record.lengthMm })}</td
			>
			<td class="font-mono">{clock(record.firstSeen)}</td>
			<td class="font-mono">{clock(record.mostSeen)}</td>
			<td class="font-mono">{clock(record.lastSeen)}</td>
			<td class="font-mono whitespace-nowrap"
				>{record.conditions.waterC === undefined ? '' : show({ temperatureC: record.conditions.waterC })}</td
			>
			<td>{say(chanceWord(record.taken))}</td>
			<td class="min-w-40 text-sm">{say(joined('; ', ...tellFlies(record.flies)))}</td>
		</tr>
	{/each}
</Table>
