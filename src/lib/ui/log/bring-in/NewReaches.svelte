<script lang="ts">
	import { WATER_KINDS, type WaterKind } from '$lib/core';
	import { WATER_KIND_NAMES } from '../../waters';

	interface Props {
		kind: WaterKind;
		elevationM: number;
		/** A place for reaches whose rows have none; degrees. */
		position?: { latitude: string; longitude: string } | undefined;
	}
	let { kind = $bindable(), elevationM = $bindable(), position = $bindable() }: Props = $props();
</script>

<!-- What reaches are like that are not here yet, and do not say so themselves. -->
<section aria-label="Reaches that are new here" class="grid gap-2 sm:grid-cols-2 lg:grid-cols-4">
	<h2 class="sm:col-span-2 lg:col-span-4">Reaches that are new here</h2>
	<label class="grid gap-1">
		<span class="text-sm font-semibold">They are</span>
		<select class="select h-12 w-full" bind:value={kind}>
			{#each WATER_KINDS as one (one)}<option value={one}>{WATER_KIND_NAMES[one]}</option>{/each}
		</select>
	</label>
	<label class="grid gap-1">
		<span class="text-sm font-semibold">Height above the sea, m</span>
		<input
			class="input h-12 w-full"
			type="number"
			min="-400"
			max="5500"
			step="10"
			required
			bind:value={elevationM}
		/>
	</label>
	{#if position}
		<label class="grid gap-1">
			<span class="text-sm font-semibold">Latitude, °</span>
			<input class="input h-12 w-full" inputmode="decimal" bind:value={position.latitude} />
		</label>
		<label class="grid gap-1">
			<span class="text-sm font-semibold">Longitude, °</span>
			<input class="input h-12 w-full" inputmode="decimal" bind:value={position.longitude} />
		</label>
	{/if}
</section>
