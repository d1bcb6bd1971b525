<script lang="ts">
	import type { LifeStage } from '$lib/core/atlas';
	import { naturalName } from '$lib/core/note';
	import { localClock, localDate } from '$lib/core/units';

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

<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="overflow-x-auto" tabindex="0" role="group" aria-label="Outings, table">
	<table class="table-sm table">
		<thead>
			<tr>
				{#each ['Day', 'Where', 'From', 'To', 'Guests', 'Notes', 'Landed', 'Recorded'] as column (column)}<th
						scope="col"
						class="text-base-content">{column}</th
					>{/each}
			</tr>
		</thead>
		<tbody>
			{#each outings as { id, reach, water, timeZone, startedAt, endedAt, guests, notes, landed, records } (id)}
				<tr>
					<th scope="row" class="font-normal whitespace-nowrap"
						><a class="link" href="/bank/{id}">{localDate(startedAt, timeZone, true)}</a></th
					>
					<td class="font-semibold">{reach}, {water}</td>
					<td class="font-mono">{localClock(startedAt, timeZone)}</td>
					<td class="whitespace-nowrap {endedAt ? 'font-mono' : ''}"
						>{endedAt ? localClock(endedAt, timeZone) : 'still out'}</td
					>
					<td class="font-mono">{guests}</td>
					<td class="font-mono">{notes}</td>
					<td class="font-mono">{landed}</td>
					<td class="min-w-48 text-sm"
						>{records.map(({ taxonId, stage }) => naturalName(taxonId, stage).toLowerCase()).join(', ')}</td
					>
				</tr>
			{/each}
		</tbody>
	</table>
</div>
