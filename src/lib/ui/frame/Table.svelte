<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Column {
		name: string;
		class?: string;
		/** The address of the table ordered by it, and how it is ordered by it now. */
		href?: string | undefined;
		sort?: 'ascending' | 'descending' | undefined;
	}
	interface Props {
		label: string;
		columns: readonly (string | Column)[];
		class?: string;
		/** Its rows. */
		children: Snippet;
	}
	let { label, columns, class: place = 'overflow-x-auto', children }: Props = $props();
	const heads = $derived(
		columns.map((column): Column => (typeof column === 'string' ? { name: column } : column))
	);
	const ARROWS = { ascending: ' ↑', descending: ' ↓' };
</script>

<!-- It scrolls by keys too. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class={place} tabindex="0" role="group" aria-label={label}>
	<table class="table-sm table">
		<thead>
			<tr>
				{#each heads as { name, class: look, href, sort }, i (i)}
					{#if name === ''}
						<td></td>
					{:else}
						<th scope="col" class="text-base-content {look ?? ''}" aria-sort={sort}>
							{#if href}<a class="link" {href}>{name}{sort ? ARROWS[sort] : ''}</a>{:else}{name}{/if}
						</th>
					{/if}
				{/each}
			</tr>
		</thead>
		<tbody>
			{@render children()}
		</tbody>
	</table>
</div>
