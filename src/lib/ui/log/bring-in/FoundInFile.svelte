<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import Table from '$lib/ui/frame/Table.svelte';
	import words from './words';
	import { TABLE_FIELDS } from '$lib/core/exchange';
	import type { FileKind, TakenIn } from './send-file';

	const { say } = useWords(words);

	let { told, kind, head }: { told: TakenIn; kind: FileKind; head: readonly string[] } = $props();
	const NAMES: Record<string, string> = {
		row: 'rows',
		reach: 'reaches',
		outing: 'outings',
		note: 'notes',
		record: 'records',
		photo: 'pictures',
		name: say('names-of-your-own'),
		pattern: say('own-flies'),
		boxed: say('flies-in-the-box')
	};
	const counted = $derived(Object.entries(told.lines).filter(([name]) => NAMES[name]));
	const place = $derived(kind.kind === 'gpx' || kind.kind === 'geojson' ? say('number') : say('line'));
	const columnOf = (field: string) =>
		kind.kind === 'table' ? (TABLE_FIELDS.find(({ id }) => id === field)?.name ?? field) : field;
</script>

<!-- What a file holds, what of it is new, and every place where something is wrong. -->
<div role="status" class="grid gap-2">
	<p class="font-semibold">{told.kept ? say('saved') : say('looked-through-nothing-is')}</p>
	<ul class="list-disc pl-5">
		{#each counted as [name, { read, fresh }] (name)}
			<li>{read} {NAMES[name]}, {fresh} {told.kept ? say('of-them-saved') : say('of-them-new-here')}</li>
		{/each}
	</ul>
	{#if told.badCount > 0}
		<p class="text-error font-semibold">
			{say('those-rows-stay-out', {
				value:
					told.badCount === 1
						? say('one-thing-is-wrong')
						: say('things-are-wrong', { badCount: told.badCount }),
				value2: told.badCount > told.bad.length ? say('the-first', { length: told.bad.length }) : ':'
			})}
		</p>
		<Table
			class="max-h-96 overflow-auto"
			label={say('what-is-wrong-table')}
			columns={[place, ...(head.length > 0 ? [say('column')] : []), say('what-is-wrong')]}
		>
			{#each told.bad as { line, field, message }, i (i)}
				<tr>
					<td class="font-mono">{line}</td>
					{#if head.length > 0}<td>{columnOf(field)}</td>{/if}
					<td>{head.length > 0 ? '' : field} {message}</td>
				</tr>
			{/each}
		</Table>
	{/if}
</div>
