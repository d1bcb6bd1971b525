<script lang="ts">
	import {
		hypothesisPhrase,
		localClock,
		probabilityWord,
		RISE_FORM_NAMES,
		type Reading,
		type RiseChange
	} from '$lib/core';

	interface Props {
		reading: Reading;
		change: RiseChange | undefined;
		timeZone: string;
		onwhy: (hypothesisId: string) => void;
	}
	let { reading, change, timeZone, onwhy }: Props = $props();
	const shown = $derived(reading.beliefs.slice(0, 3));
	const since = $derived.by(() => {
		if (!change) return '';
		const at = localClock(change.at, timeZone);
		if (change.forms)
			return `Since ${at} ${RISE_FORM_NAMES[change.forms.after].toLowerCase()}, not ${RISE_FORM_NAMES[change.forms.before].toLowerCase()}`;
		return change.paceS
			? `Since ${at} ${change.paceS.after < change.paceS.before ? 'faster' : 'slower'}`
			: '';
	});
	/** What a few notes can't settle is said as open. */
	const mixed = $derived(
		(shown[1]?.probability ?? 0) > 0.25 && (shown[0]?.probability ?? 0) - (shown[1]?.probability ?? 0) < 0.15
	);
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
