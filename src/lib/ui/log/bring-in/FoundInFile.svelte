<script lang="ts">
	import { TABLE_FIELDS } from '$lib/core/exchange';
	import type { FileKind, TakenIn } from './send-file';

	let { told, kind, head }: { told: TakenIn; kind: FileKind; head: readonly string[] } = $props();
	const NAMES: Record<string, string> = {
		row: 'rows',
		reach: 'reaches',
		outing: 'outings',
		note: 'notes',
		record: 'records',
		photo: 'pictures',
		name: 'names of your own',
		pattern: 'own flies',
		boxed: 'flies in the box'
	};
	const counted = $derived(Object.entries(told.lines).filter(([name]) => NAMES[name]));
	const place = $derived(kind.kind === 'gpx' || kind.kind === 'geojson' ? 'Number' : 'Line');
	const columnOf = (field: string) =>
		kind.kind === 'table' ? (TABLE_FIELDS.find(({ id }) => id === field)?.name ?? field) : field;
</script>

<!-- What a file holds, what of it is new, and every place where something is wrong. -->
<div role="status" class="grid gap-2">
	<p class="font-semibold">{told.kept ? 'Saved.' : 'Looked through; nothing is saved yet.'}</p>
	<ul class="list-disc pl-5">
		{#each counted as [name, { read, fresh }] (name)}
			<li>{read} {NAMES[name]}, {fresh} {told.kept ? 'of them saved' : 'of them new here'}</li>
		{/each}
	</ul>
	{#if told.badCount > 0}
		<p class="text-error font-semibold">
			{told.badCount === 1 ? 'One thing is wrong' : `${told.badCount} things are wrong`}; those rows stay out{told.badCount >
			told.bad.length
				? `. The first ${told.bad.length}:`
				: ':'}
		</p>
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<div class="max-h-96 overflow-auto" tabindex="0" role="group" aria-label="What is wrong, table">
			<table class="table-sm table">
				<thead>
					<tr>
						{#each [place, ...(head.length > 0 ? ['Column'] : []), 'What is wrong'] as title (title)}<th
								scope="col"
								class="text-base-content">{title}</th
							>{/each}
					</tr>
				</thead>
				<tbody>
					{#each told.bad as { line, field, message }, i (i)}
						<tr>
							<td class="font-mono">{line}</td>
							{#if head.length > 0}<td>{columnOf(field)}</td>{/if}
							<td>{head.length > 0 ? '' : field} {message}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	{/if}
</div>
