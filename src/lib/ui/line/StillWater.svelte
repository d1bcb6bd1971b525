<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { stillWaterPlan } from '$lib/core/match';
	import type { Outing } from '$lib/core/outing';
	import { compassPoint } from '$lib/core/units';
	import { COMPASS_NAMES } from '$lib/core/vocabulary';
	import Stepper from '../frame/Stepper.svelte';

	interface Props {
		outing: Outing;
		/** Depth of the water where it is fished, m. */
		waterM: number;
		/** Depth at which the fly is fished now, m. */
		fishedM: number | undefined;
	}
	let { outing, waterM = $bindable(), fishedM = $bindable() }: Props = $props();
	const { say, show } = useWords(words);
	let depth = $derived<number | undefined>(waterM);
	let flies = $state(1);
	const plan = $derived(stillWaterPlan(outing, waterM, flies));
	const most = $derived(Math.max(...plan.beliefs.map(({ probability }) => probability)));
	const LINES = {
		floating: say('floating-line'),
		intermediate: say('intermediate-line'),
		'slow-sink': say('slow-sinking-line'),
		'fast-sink': say('fast-sinking-line')
	};
	const HEIGHT = 150;
	const y = (m: number) => (HEIGHT * m) / waterM;
</script>

<section aria-label={say('still-water')}>
	<h2>{say('still-water')}</h2>
	<Stepper
		label={say('depth-here')}
		bind:value={() => depth, (value) => (waterM = value ?? 4)}
		usual={4}
		steps={[0.5, 2]}
		least={0.5}
		most={15}
		measure="distanceM"
	/>
	<div class="mt-2 grid grid-cols-3 gap-1.5" role="group" aria-label={say('flies-on-the-leader')}>
		{#each [1, 2, 3] as count (count)}
			<button
				type="button"
				class="pad min-h-12"
				aria-pressed={flies === count}
				onclick={() => (flies = count)}>{count === 1 ? say('one-fly') : say('flies', { count })}</button
			>
		{/each}
	</div>
	<p class="mt-2 font-semibold">
		{say('leader', {
			distanceM: show({ distanceM: plan.depth.leaderM }),
			value: LINES[plan.line.line].toLowerCase(),
			value2: plan.line.countdownS ? say('count-to', { countdownS: Math.round(plan.line.countdownS) }) : ''
		})}
	</p>
	<ul class="list-disc pl-5 text-sm">
		{#each [...plan.depth.because, ...plan.line.because] as phrase, i (i)}<li>{say(phrase)}</li>{/each}
		<li>{say(plan.drift.because)}</li>
		<li>
			{say('the-surface-drifts-about', {
				distanceM: show({ distanceM: plan.drift.metresAMinute }),
				value:
					plan.drift.towardsDeg === undefined
						? ''
						: say('towards-the', {
								compassPoint: COMPASS_NAMES[compassPoint(plan.drift.towardsDeg)]
							})
			})}
		</li>
	</ul>
	{#if plan.winter}
		<p class="mt-2 font-semibold">
			{plan.winter.naturals ? say('winter-naturals-are-worth') : say('winter-naturals-are-not')}
		</p>
		<ul class="list-disc pl-5 text-sm">
			{#each plan.winter.because as phrase, i (i)}<li>{say(phrase)}</li>{/each}
		</ul>
	{/if}

	<h3 class="mt-3 font-bold">{say('how-deep-they-are')}</h3>
	<p class="text-sm">
		{plan.tried.length === 0
			? say('nothing-fished-yet-likeliest')
			: say('likeliest-at-about', { distanceM: show({ distanceM: plan.likeliestM }) })}
	</p>
	<svg
		viewBox="0 0 300 {HEIGHT + 2}"
		class="mt-1 block w-full rounded bg-(--water-in-film)"
		role="img"
		aria-label={say('chance-of-fish-by', { distanceM: show({ distanceM: plan.likeliestM }) })}
	>
		{#each plan.beliefs as { depthM, probability } (depthM)}
			<rect
				x="52"
				y={y(depthM) - HEIGHT / plan.beliefs.length / 2 + 1}
				width={(235 * probability) / most}
				height={HEIGHT / plan.beliefs.length - 2}
				fill="var(--color-primary)"
				opacity="0.8"
			/>
		{/each}
		{#each plan.depth.depthsM as depthM (depthM)}
			<line
				x1="40"
				x2="300"
				y1={y(depthM)}
				y2={y(depthM)}
				stroke="var(--color-accent)"
				stroke-dasharray="4 3"
			/>
			<text x="4" y={Math.max(11, y(depthM) + 4)} font-size="11" fill="currentColor"
				>{show({ distanceM: depthM })}</text
			>
		{/each}
		{#each plan.tried as { depthM, takes } (depthM)}
			<circle
				cx="46"
				cy={y(depthM)}
				r={takes > 0 ? 5 : 3}
				fill={takes > 0 ? 'var(--color-accent)' : 'none'}
				stroke="var(--color-accent)"
			/>
		{/each}
	</svg>
	<p class="quiet text-xs">
		{say('bars-chance-of-fish')}
	</p>
	<div class="mt-2">
		<Stepper
			label={say('the-fly-is-at')}
			bind:value={fishedM}
			usual={Math.round(plan.depth.leaderM * 2) / 2}
			steps={[0.5, 1]}
			least={0}
			most={waterM}
			measure="distanceM"
		/>
	</div>
</section>
