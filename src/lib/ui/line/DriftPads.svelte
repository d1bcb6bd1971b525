<script lang="ts">
	import type { Advice } from '$lib/core/advice';
	import type { AttemptBody } from '$lib/core/note';
	import { ATTEMPT_OUTCOME_NAMES, type AttemptOutcome } from '$lib/core/vocabulary';

	interface Props {
		seen: Advice['seen'];
		tally: Advice['tally'];
		/** How many of this fly are in the box. */
		inBox: number;
		onhappened: (outcome: AttemptOutcome, more?: Partial<AttemptBody>) => void;
		onused: () => void;
	}
	let { seen, tally, inBox, onhappened, onused }: Props = $props();

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

<section aria-label="What happened" class="grid gap-1.5">
	<div class="grid grid-cols-2 gap-1.5">
		<button type="button" class="pad min-h-14" onclick={() => onhappened('drifted', { drifts: 1 })}
			>Good drift <b class="ml-2 font-mono text-lg">{seen.goodDrifts}</b></button
		>
		<button
			type="button"
			class="pad min-h-14"
			onclick={() => onhappened('drifted', { drifts: 0, dragged: 1 })}
			>It dragged <b class="ml-2 font-mono text-lg">{seen.dragged}</b></button
		>
	</div>
	<button
		type="button"
		class="pad min-h-12"
		onclick={() => onhappened('refused', { drifts: 0, lastMoment: true })}>Refused at the last moment</button
	>
	<div class="grid grid-cols-3 gap-1.5">
		{#each ANSWERS as outcome (outcome)}
			<button
				type="button"
				class="pad min-h-12"
				onclick={() => onhappened(outcome, outcome === 'refused' ? { drifts: 0 } : {})}
				>{ATTEMPT_OUTCOME_NAMES[outcome]}</button
			>
		{/each}
		<button type="button" class="pad min-h-12" onclick={() => onhappened('lost')}>Fly lost</button>
		<button type="button" class="pad min-h-12" onclick={onused}>Fly used up</button>
	</div>
	<p class="flex justify-between text-sm">
		{#if tally.hooked > 0}<span
				>On this fly: <b>{tally.hooked}</b> hooked, <b>{tally.landed}</b> landed{#if tally.cameOff > 0}, <b
						>{tally.cameOff}</b
					> came off{/if}</span
			>{/if}
		<span class="quiet ml-auto">{inBox} in the box</span>
	</p>
	<div class="mt-1">
		<p class="flex justify-between gap-2 text-sm">
			<span>Has it seen the fly?</span>
			<b
				>{seen.answered
					? 'Yes: it answered'
					: seen.until80 === 0
						? 'Four times in five, or better'
						: `${seen.until80} more good drifts, four times in five`}</b
			>
		</p>
		<svg width="100%" height="10" class="mt-1 block" aria-hidden="true">
			<rect width="100%" height="10" fill="var(--color-base-200)" />
			<rect width="{100 * seen.chance}%" height="10" fill="var(--color-primary)" />
			<line x1="80%" x2="80%" y1="0" y2="10" stroke="var(--color-accent)" stroke-width="2" />
		</svg>
	</div>
</section>
