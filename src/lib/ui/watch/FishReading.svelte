<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { hypothesisWords } from '$lib/core/likeness';
	import type { Reading } from '$lib/core/reading';
	import { describeChange, type RiseChange } from '$lib/core/rise';
	import { chanceWord } from '$lib/core/message';

	const { say } = useWords(words);

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

<section aria-label={say('what-this-fish-is')}>
	{#each shown as { hypothesis, probability }, i (hypothesis.id)}
		<button
			type="button"
			class="grid w-full grid-cols-[minmax(0,1fr)_6rem] items-center gap-2 text-left {i === 0
				? 'text-lg font-bold'
				: 'text-sm'}"
			onclick={() => onwhy(hypothesis.id)}
		>
			<span class="truncate first-letter:uppercase"
				><span class="inline-block first-letter:uppercase">{say(hypothesisWords(hypothesis))}</span>
				<span class="quiet text-sm font-normal">{say(chanceWord(probability))}</span></span
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
			{since ? say(since) : ''}{since && mixed ? ' · ' : ''}{mixed ? say('two-things-at-once') : ''}
		</p>
	{/if}
</section>
