<script lang="ts">
	import { FIELD_RULE, type ShownTable } from '$lib/core/rule';
	import { useWords } from '$lib/ui/writers';
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
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="overflow-x-auto" tabindex="0" role="group" aria-label={say('scrolls', { title })}>
		<table class="table-sm table">
			<thead>
				<tr>
					<td></td>
					{#each table.columns as column (column.id)}
						<th scope="col" class="text-base-content text-right">{say(column)}</th>
					{/each}
				</tr>
			</thead>
			<tbody>
				{#each table.rows as { name, cells }, i (i)}
					<tr>
						<th scope="row" class="font-normal">{say(name)}</th>
						{#each cells as cell, k (k)}
							<td class="text-right font-mono {cell?.own ? 'font-bold' : ''}">{cell ? say(cell.text) : ''}</td
							>
						{/each}
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
</section>
