<script lang="ts">
	import { findTaxon } from '$lib/core/atlas';
	import { naturalName } from '$lib/core/note';
	import { seasonYear, type Hemisphere } from '$lib/core/record';
	import { dayOfMonth } from '$lib/core/units';

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

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="overflow-x-auto" tabindex="0" role="group" aria-label="Kinds by year, table">
	<table class="table-sm table">
		<thead>
			<tr>
				{#each ['Year', 'What', 'First seen', 'Last seen', 'Shares', 'Guides', 'Waters'] as column (column)}<th
						scope="col"
						class="text-base-content">{column}</th
					>{/each}
			</tr>
		</thead>
		<tbody>
			{#each kinds as { taxonId, year, firstDay, lastDay, shares, guides, waters } (`${taxonId}/${year}`)}
				<tr>
					<td class="font-mono">{seasonYear(year, hemisphere)}</td>
					<th scope="row" class="font-semibold"
						>{naturalName(taxonId)}
						<span class="science text-sm font-normal">{findTaxon(taxonId)?.scientificName}</span></th
					>
					<td class="whitespace-nowrap">{firstDay ? dayOfMonth(firstDay) : ''}</td>
					<td class="whitespace-nowrap">{lastDay ? dayOfMonth(lastDay) : ''}</td>
					<td class="font-mono">{shares}</td>
					<td class="font-mono">{guides}</td>
					<td>{waters.join(', ')}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>
