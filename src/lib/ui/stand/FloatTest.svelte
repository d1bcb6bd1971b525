<script lang="ts">
	import { currentFrom, middleCurrent, PACED_M } from '$lib/core/rise';
	import { useWords } from '$lib/ui/writers';
	import words from './words';

	/** Floats over a paced length, tapped in and out; their median is the current. */
	let { onmeasured }: { onmeasured: (speedMs: number) => void } = $props();
	const { say, show } = useWords(words);
	const FLOATS = 5;
	let pacedM = $state(PACED_M);
	let since = $state<number>();
	let speeds = $state.raw<number[]>([]);
	const median = $derived(middleCurrent(speeds));

	function tap() {
		if (since === undefined) {
			since = performance.now();
			return;
		}
		const seconds = Math.max(0.1, (performance.now() - since) / 1000);
		since = undefined;
		speeds = [...speeds, currentFrom(pacedM, seconds)].slice(-FLOATS);
		if (median !== undefined) onmeasured(median);
	}
</script>

<div class="grid gap-2" role="group" aria-label={say('float-test')}>
	<div class="grid grid-cols-4 gap-1.5" role="group" aria-label={say('paced')}>
		{#each [2, 3, 5, 10] as length (length)}
			<button
				type="button"
				class="btn h-12 {pacedM === length ? 'btn-primary' : 'btn-outline'}"
				aria-pressed={pacedM === length}
				onclick={() => (pacedM = length)}>{show({ distanceM: length })}</button
			>
		{/each}
	</div>
	<button
		type="button"
		class="btn h-14 text-base {since === undefined ? 'btn-primary' : 'btn-accent'}"
		onclick={tap}
	>
		{say(since === undefined ? 'float-in' : 'float-out')}
	</button>
	<p role="status" class="text-sm">
		{#if median === undefined}{say('floats-none', { of: FLOATS })}{:else}{say('floats', {
				count: speeds.length,
				of: FLOATS,
				speed: show({ currentMs: median })
			})}{/if}
	</p>
	{#if speeds.length > 0}
		<button type="button" class="btn btn-ghost h-12" onclick={() => ((speeds = []), (since = undefined))}
			>{say('floats-again')}</button
		>
	{/if}
</div>
