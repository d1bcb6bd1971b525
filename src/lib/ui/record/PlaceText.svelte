<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { showPosition } from '$lib/core/units';
	import type { SharedPlace } from '$lib/core/record';
	import type { BoardRecord } from '$lib/core/share';

	const { say } = useWords(words);

	let { place }: { place: SharedPlace | BoardRecord['place'] } = $props();
</script>

{#if place.precision === 'exact'}{say('at-position', {
		reach: place.reach,
		water: place.water,
		position: showPosition(place)
	})}
{:else if place.precision === 'reach'}{place.reach}, {place.water}
{:else if place.precision === 'water'}{place.water}
{:else if place.precision === 'basin'}{say('somewhere-in-the', { basin: place.basin })}
{:else}{say('a-water-of-the', { basin: place.basin })}{/if}
