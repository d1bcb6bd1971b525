<script lang="ts">
	import type { SharedPlace } from '$lib/core/record';
	import type { BoardRecord } from '$lib/core/share';

	let { place }: { place: SharedPlace | BoardRecord['place'] } = $props();
</script>

{#if place.precision === 'exact'}{place.reach}, {place.water}, at {place.latitude.toFixed(4)}° N {place.longitude.toFixed(
		4
	)}° E
{:else if place.precision === 'reach'}{place.reach}, {place.water}
{:else if place.precision === 'water'}{place.water}
{:else if place.precision === 'basin'}Somewhere in the {place.basin}
{:else}A water of the {place.basin} that is not named{/if}
