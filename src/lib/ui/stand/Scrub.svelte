<script lang="ts">
	import { onMount } from 'svelte';
	import { useWords } from '$lib/ui/writers';
	import words from './scrub-words';

	interface Props {
		/** Seconds since the fly fell, and how long the drift was followed. */
		atS: number;
		lastS: number;
		drags: boolean;
	}
	let { atS = $bindable(), lastS, drags }: Props = $props();
	const { say } = useWords(words);
	let playing = $state(false);
	let frame = 0;
	onMount(() => stop);

	function play() {
		if (atS >= lastS) atS = 0;
		// Who asked for less motion gets stills: a second further at each tap.
		else if (matchMedia('(prefers-reduced-motion: reduce)').matches) atS = Math.min(lastS, atS + 1);
		if (matchMedia('(prefers-reduced-motion: reduce)').matches) return;
		playing = true;
		let before = performance.now();
		const on = (now: number) => {
			atS = Math.min(lastS, atS + (now - before) / 1000);
			before = now;
			if (atS >= lastS) stop();
			else frame = requestAnimationFrame(on);
		};
		frame = requestAnimationFrame(on);
	}
	function stop() {
		playing = false;
		cancelAnimationFrame(frame);
	}
</script>

<section aria-label={say('how-it-drifts')} class="grid gap-1">
	<div class="grid grid-cols-[auto_minmax(0,1fr)] items-center gap-3">
		<button type="button" class="btn btn-outline h-12" onclick={() => (playing ? stop() : play())}
			>{say(playing ? 'stop' : 'let-it-drift')}</button
		>
		<input
			type="range"
			class="range range-lg w-full"
			aria-label={say('since-it-fell')}
			min="0"
			max={lastS}
			step="0.1"
			bind:value={atS}
			oninput={stop}
		/>
	</div>
	<p class="text-sm {drags ? 'font-semibold' : ''}" role="status">
		{say(drags ? 'it-drags' : 'drifts-freely', { seconds: atS.toFixed(1) })}
	</p>
</section>
