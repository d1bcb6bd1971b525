<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { Advice } from '$lib/core/advice';
	import type { AttemptBody } from '$lib/core/note';
	import {
		ATTEMPT_OUTCOME_NAMES,
		FLY_STATE_NAMES,
		REFUSAL_NAMES,
		REFUSALS,
		type AttemptOutcome
	} from '$lib/core/vocabulary';

	const { say } = useWords(words);

	interface Props {
		seen: Advice['seen'];
		tally: Advice['tally'];
		/** How many of this fly are in the box. */
		inBox: number;
		onhappened: (outcome: AttemptOutcome, more?: Partial<AttemptBody>) => void;
		onused: () => void;
	}
	let { seen, tally, inBox, onhappened, onused }: Props = $props();

	/** What makes a drift none. */
	const SPOILT = ['weeded', 'worn', 'tipping-over'] as const;
	const ANSWERS: readonly AttemptOutcome[] = [
		'refused',
		'short',
		'missed',
		'taken',
		'landed',
		'came-off',
		'put-down'
	];
</script>

<section aria-label={say('what-happened')} class="grid gap-1.5">
	<div class="grid grid-cols-2 gap-1.5">
		<button type="button" class="pad min-h-14" onclick={() => onhappened('drifted', { drifts: 1 })}
			>{say('good-drift')} <b class="ml-2 font-mono text-lg">{seen.goodDrifts}</b></button
		>
		<button
			type="button"
			class="pad min-h-14"
			onclick={() => onhappened('drifted', { drifts: 0, dragged: 1 })}
			>{say('it-dragged')} <b class="ml-2 font-mono text-lg">{seen.dragged}</b></button
		>
	</div>
	<button
		type="button"
		class="pad min-h-12"
		onclick={() => onhappened('refused', { drifts: 0, lastMoment: true })}
		>{say('refused-at-the-last')}</button
	>
	<div class="grid grid-cols-3 gap-1.5">
		{#each REFUSALS as how (how)}
			<button type="button" class="pad min-h-12" onclick={() => onhappened('refused', { drifts: 0, how })}
				>{say(REFUSAL_NAMES[how])}</button
			>
		{/each}
		{#each ANSWERS as outcome (outcome)}
			<button
				type="button"
				class="pad min-h-12"
				onclick={() => onhappened(outcome, outcome === 'refused' ? { drifts: 0 } : {})}
				>{say(ATTEMPT_OUTCOME_NAMES[outcome])}</button
			>
		{/each}
		{#each SPOILT as state (state)}
			<button type="button" class="pad min-h-12" onclick={() => onhappened('drifted', { drifts: 0, state })}
				>{say(FLY_STATE_NAMES[state])}</button
			>
		{/each}
		<button type="button" class="pad min-h-12" onclick={() => onhappened('lost')}>{say('fly-lost')}</button>
		<button type="button" class="pad min-h-12" onclick={onused}>{say('fly-used-up')}</button>
	</div>
	<p class="flex justify-between text-sm">
		{#if tally.hooked > 0}<span
				>{say('on-this-fly')} <b>{tally.hooked}</b>
				{say('hooked')} <b>{tally.landed}</b>
				{say('landed')}{#if tally.cameOff > 0}, <b>{tally.cameOff}</b> {say('came-off')}{/if}</span
			>{/if}
		<span class="quiet ml-auto">{say('in-the-box', { inBox })}</span>
	</p>
	<div class="mt-1">
		<p class="flex justify-between gap-2 text-sm">
			<span>{say('has-it-seen-the')}</span>
			<b
				>{seen.answered
					? say('yes-it-answered')
					: seen.until80 === 0
						? say('four-times-in-five')
						: say('more-good-drifts-four', { until80: seen.until80 })}</b
			>
		</p>
		<svg width="100%" height="10" class="mt-1 block" aria-hidden="true">
			<rect width="100%" height="10" fill="var(--color-base-200)" />
			<rect width="{100 * seen.chance}%" height="10" fill="var(--color-primary)" />
			<line x1="80%" x2="80%" y1="0" y2="10" stroke="var(--color-accent)" stroke-width="2" />
		</svg>
	</div>
</section>
