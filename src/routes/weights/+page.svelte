<script lang="ts">
	import { WEIGHINGS, weighedTables } from '$lib/core/reading';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const weighing = $derived(data.settings.weighing);
	const tables = $derived(weighedTables(weighing));
</script>

<PageHead
	title="How this is weighed"
	detail="Every number the reading uses"
	back={{ href: '/bank', name: 'Bank' }}
/>
<div class="grid grid-cols-[minmax(0,1fr)] gap-6 p-4 md:px-5 xl:grid-cols-2">
	<p class="max-w-prose xl:col-span-2">
		<strong>{WEIGHINGS[weighing].name}.</strong>
		{WEIGHINGS[weighing].consequence}
		{#if weighing !== 'even-handed'}Numbers of this school’s own stand in bold.{/if}
		<a class="link" href="/settings">Choose another school</a>
	</p>
	{#each tables as { title, reason, columns, rows }, i (title)}
		<section aria-label={title} class="min-w-0 {i === 0 ? 'xl:col-span-2' : ''}">
			<h2>{title}</h2>
			<p class="quiet mb-2 max-w-prose text-sm">{reason}</p>
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div class="overflow-x-auto" tabindex="0" role="group" aria-label="{title}, table">
				<table class="table-sm table">
					<thead>
						<tr>
							<td></td>
							{#each columns as column (column)}<th scope="col" class="text-base-content text-right"
									>{column}</th
								>{/each}
						</tr>
					</thead>
					<tbody>
						{#each rows as { name, values, own } (name)}
							<tr class={own ? 'font-bold' : ''}>
								<th scope="row" class={own ? '' : 'font-normal'}>{name}</th>
								{#each values as value, k (k)}<td class="text-right font-mono">{value}</td>{/each}
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
		</section>
	{/each}
	<p class="quiet max-w-prose text-sm xl:col-span-2">
		Season, hour, temperature and weather set what is likely before anything is noted. Each note then raises
		or lowers it, fading with its age; what a line says is in the reasons behind every band of the board.
	</p>
</div>
