<script lang="ts">
	import { patternName } from '$lib/core/tackle';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { drawFly, flyFromBelow, naturalAtFilm, naturalFromBelow, type Figure } from '$lib/core/figure';
	import { hypothesisWords, type Hypothesis } from '$lib/core/likeness';
	import type { HookCalibration, Pattern } from '$lib/core/tackle';
	import FigurePaths from '../drawing/FigurePaths.svelte';

	interface Props {
		natural: Hypothesis;
		pattern: Pattern;
		hookSize: number;
		dressedMm: number;
		/** The guide's own hooks against the table. */
		hooks?: HookCalibration | undefined;
	}
	let { natural, pattern, hookSize, dressedMm, hooks }: Props = $props();
	const { show, say } = useWords(words);
	/** Room round and between the two, mm. */
	const GAP = 3;

	const side = $derived.by(() => {
		const [one, other] = [naturalAtFilm(natural), drawFly(pattern, hookSize, hooks)];
		return one && pairOf(one, other, one.filmY, other.filmY);
	});
	const below = $derived(pairOf(naturalFromBelow(natural), flyFromBelow(pattern, hookSize, hooks), 0, 0));
	/** Both views at one scale. */
	const width = $derived(Math.max(side?.width ?? 0, below.width));

	/** Two figures side by side, their zero lines on one height. */
	function pairOf(one: Figure, other: Figure, zeroOne: number, zeroOther: number) {
		const top = Math.min(one.bounds.top - zeroOne, other.bounds.top - zeroOther, 0) - GAP / 2;
		const bottom = Math.max(one.bounds.bottom - zeroOne, other.bounds.bottom - zeroOther, 0) + GAP / 2;
		const wide = one.bounds.right - one.bounds.left;
		return {
			top,
			height: bottom - top,
			width: wide + (other.bounds.right - other.bounds.left) + 3 * GAP,
			parts: [
				{ figure: one, x: GAP - one.bounds.left, y: -zeroOne },
				{ figure: other, x: 2 * GAP + wide - other.bounds.left, y: -zeroOther }
			]
		};
	}
</script>

{#snippet view(pair: ReturnType<typeof pairOf>, film: boolean)}
	<svg viewBox="0 {pair.top} {width} {pair.height}" class="figure block max-h-44 w-full" aria-hidden="true">
		{#if film}
			<line
				x1="-400"
				x2="800"
				y1="0"
				y2="0"
				stroke="#0a5c63"
				stroke-width="1.5"
				vector-effect="non-scaling-stroke"
			/>
		{/if}
		{#each pair.parts as { figure, x, y }, i (i)}
			<g transform="translate({x} {y})">
				<FigurePaths paths={figure.paths} />
			</g>
		{/each}
	</svg>
{/snippet}

<figure aria-label={say('the-natural-and-the')}>
	<div class="grid grid-cols-2 text-sm font-semibold">
		<span class="first-letter:uppercase"
			>{say(hypothesisWords(natural))}
			<span class="quiet font-normal">{show({ lengthMm: natural.lengthMm })}</span></span
		>
		<span
			>{say(patternName(pattern))}
			<span class="quiet font-normal">{show({ hookSize })}, {show({ lengthMm: dressedMm })}</span></span
		>
	</div>
	{#if side}
		<div class="mt-1 overflow-hidden rounded bg-(--water-in-film)">{@render view(side, true)}</div>
	{/if}
	<div class="mt-1 overflow-hidden rounded bg-(--water-drift)">{@render view(below, false)}</div>
	<figcaption class="quiet mt-1 text-xs">
		{say('at-one-scale-above')}
	</figcaption>
</figure>
