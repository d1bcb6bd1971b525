<script lang="ts">
	import { hypothesisPhrase } from '$lib/core/likeness';
	import type { Reading } from '$lib/core/reading';
	import { describeChange, type RiseChange } from '$lib/core/rise';
	import { probabilityWord } from '$lib/core/units';

	interface Props {
		reading: Reading;
		change: RiseChange | undefined;
		timeZone: string;
		onwhy: (hypothesisId: string) => void;
	}
	let { reading, change, timeZone, onwhy }: Props = $props();
	const shown = $derived(reading.beliefs.slice(0, 3));
	const since = $derived(change ? describeChange(change, timeZone) : '');
	const { mixed } = $derived(reading.certainty);
</script>

<section aria-label="What this fish is taking">
	{#each shown as { hypothesis, probability }, i (hypothesis.id)}
		<button
			type="button"
			class="grid w-full grid-cols-[minmax(0,1fr)_6rem] items-center gap-2 text-left {i === 0
				? 'text-lg font-bold'
				: 'text-sm'}"
			onclick={() => onwhy(hypothesis.id)}
		>
			<span class="truncate first-letter:uppercase"
				><span class="inline-block first-letter:uppercase">{hypothesisPhrase(hypothesis)}</span>
				<span class="quiet text-sm font-normal">{probabilityWord(probability)}</span></span
			>
			<svg width="100%" height="10" aria-hidden="true"
				><rect width="100%" height="10" fill="var(--color-base-200)" /><rect
					width="{100 * probability}%"
					height="10"
					fill="var(--color-primary)"
				/></svg
			>
		</button>
	{/each}
	{#if since || mixed}
		<p class="text-accent text-sm font-semibold">
			{since}{since && mixed ? ' · ' : ''}{mixed ? 'Two things at once' : ''}
		</p>
	{/if}
</section>
