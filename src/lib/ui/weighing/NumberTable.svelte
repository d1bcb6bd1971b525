<script lang="ts">
	import { FIELD_RULE, type ShownTable } from '$lib/core/rule';
	import { useWords } from '$lib/ui/writers';
	import Table from '$lib/ui/frame/Table.svelte';
	import words from './words';

	let { table }: { table: ShownTable } = $props();
	const { say } = useWords(words);
	const title = $derived(say(table.title));
</script>

<section aria-label={title} data-table={table.id}>
	<h3 class="font-bold">{title}</h3>
	<p class="quiet mb-2 max-w-prose text-sm">
		{say(table.reason)}
		{table.source === FIELD_RULE ? say('field-rule') : say('source', { source: table.source })}
	</p>
	<Table
		label={say('scrolls', { title })}
		columns={['', ...table.columns.map((column) => ({ name: say(column), class: 'text-right' }))]}
	>
		{#each table.rows as { name, cells }, i (i)}
			<tr>
				<th scope="row" class="font-normal">{say(name)}</th>
				{#each cells as cell, k (k)}
					<td class="text-right font-mono {cell?.own ? 'font-bold' : ''}">{cell ? say(cell.text) : ''}</td>
				{/each}
			</tr>
		{/each}
	</Table>
</section>
