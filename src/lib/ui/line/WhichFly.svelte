<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { patternFor, patternName } from '$lib/core/tackle';
	import { WHICH_FLY, type WhichFly } from '$lib/core/vocabulary';
	import type { AskedWhich, FlyOnLeader } from './which-fly';

	/** One that is in no library any more has no name. */
	interface Props extends Pick<AskedWhich, 'flies' | 'named'> {
		onsay: (which: WhichFly) => void;
	}
	let { flies, named, onsay }: Props = $props();
	const { say, show } = useWords(words);
	const NAMELESS = { first: 'the-first-fly', second: 'the-second-fly', third: 'the-third-fly' } as const;
	const order = $derived([named, ...WHICH_FLY.filter((one) => one !== named)]);
	function nameOf(which: WhichFly, fly: FlyOnLeader): string {
		const pattern = patternFor(fly);
		return `${say(pattern ? patternName(pattern) : NAMELESS[which])}, ${show({ hookSize: fly.hookSize })}`;
	}
</script>

<section aria-label={say('which-fly-was-it')} class="grid gap-1.5">
	<p class="font-semibold">{say('which-fly-was-it')}</p>
	<div class="grid gap-1.5 {flies.third ? 'grid-cols-3' : 'grid-cols-2'}">
		{#each order as which (which)}
			{@const fly = flies[which]}
			{#if fly}
				<button type="button" class="pad text-sm" onclick={() => onsay(which)}>{nameOf(which, fly)}</button>
			{/if}
		{/each}
	</div>
</section>
