<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { fliesThrough, hungThrough, RETRIEVES, stillWaterPlan, type FlyChoice } from '$lib/core/match';
	import type { RigBody } from '$lib/core/note';
	import type { Outing } from '$lib/core/outing';
	import { patternName } from '$lib/core/tackle';
	import { compassPoint } from '$lib/core/units';
	import { COMPASS_NAMES, FLY_MOVE_NAMES, type FlyMove } from '$lib/core/vocabulary';
	import PlainChart from '../frame/PlainChart.svelte';
	import Stepper from '../frame/Stepper.svelte';

	interface Props {
		outing: Outing;
		/** Depth of the water where it is fished, m. */
		waterM: number;
		/** Depth at which the fly is fished now, m. */
		fishedM: number | undefined;
		/** Length that the rig asks for the fly on the line, where one is on; and whether that goes beneath the film. */
		rigged?: { leaderM: number; sunk: boolean } | undefined;
		/** How the flies are moved now, as noted. */
		moved: FlyMove | undefined;
		onmoved: (moved: FlyMove) => void;
		/** Flies to choose from, best first, and what is done to hang several of them through the column. */
		list: () => readonly FlyChoice[];
		onspread: (lead: FlyChoice, rig: Partial<RigBody>) => void;
	}
	let {
		outing,
		waterM = $bindable(),
		fishedM = $bindable(),
		rigged,
		moved,
		onmoved,
		list,
		onspread
	}: Props = $props();
	const { say, show } = useWords(words);
	let depth = $derived<number | undefined>(waterM);
	let flies = $state(1);
	const plan = $derived(stillWaterPlan(outing, waterM, flies));
	/** The flies to hang through the column, the highest first, where several are wanted and there are so many. */
	const spread = $derived(flies > 1 ? fliesThrough(list(), flies) : []);
	function hangThem() {
		const [lead] = spread;
		const { leaderM, depth: hung } = plan;
		if (lead) onspread(lead, hungThrough(spread, { leaderM, hangsM: hung.leaderM }, waterM));
	}
	const LINES = {
		floating: say('floating-line'),
		intermediate: say('intermediate-line'),
		'slow-sink': say('slow-sinking-line'),
		'fast-sink': say('fast-sinking-line')
	};
	/** Bars for fish, broken lines for the flies, dots for what was fished. */
	const byDepth = (colour: (name: string) => string) => {
		const accent = colour('--color-accent');
		return {
			type: 'bar' as const,
			data: {
				datasets: [
					{
						type: 'scatter' as const,
						data: plan.tried.map(({ depthM }) => ({ x: 0, y: depthM })),
						pointRadius: plan.tried.map(({ takes }) => (takes > 0 ? 6 : 4)),
						pointBackgroundColor: plan.tried.map(({ takes }) => (takes > 0 ? accent : 'transparent')),
						borderColor: accent,
						clip: false as const
					},
					...plan.depth.depthsM.map((depthM) => ({
						type: 'line' as const,
						data: [0, plan.likeliest].map((x) => ({ x, y: depthM })),
						borderColor: accent,
						borderDash: [4, 3],
						borderWidth: 1.5,
						pointRadius: 0
					})),
					{
						data: plan.beliefs.map(({ depthM, probability }) => ({ x: probability, y: depthM })),
						backgroundColor: colour('--color-primary'),
						barThickness: Math.max(3, 95 / plan.beliefs.length)
					}
				]
			},
			options: {
				indexAxis: 'y' as const,
				scales: {
					x: { display: false, min: 0, max: plan.likeliest },
					y: {
						type: 'linear' as const,
						reverse: true,
						min: 0,
						max: waterM,
						grid: { display: false },
						ticks: { maxTicksLimit: 5, callback: (m: number | string) => show({ distanceM: Number(m) }) }
					}
				}
			}
		};
	};
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
			distanceM: show({ distanceM: rigged?.leaderM ?? plan.leaderM }),
			value: LINES[plan.line.line].toLowerCase(),
			value2: plan.line.countdownS ? say('count-to', { countdownS: Math.round(plan.line.countdownS) }) : ''
		})}
	</p>
	<ul class="list-disc pl-5 text-sm">
		{#each [...(rigged?.sunk === false ? [] : plan.depth.because), ...plan.line.because] as phrase, i (i)}<li>
				{say(phrase)}
			</li>{/each}
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
	{#if spread.length > 1}
		<ol class="mt-2 grid gap-1 text-sm">
			{#each spread as { pattern, hookSize }, i (pattern.id)}
				<li>
					<b>{say(patternName(pattern))}</b>, {show({ hookSize })}
					<span class="quiet"
						>{say('at-depth', {
							depth: show({ distanceM: (plan.depth.leaderM * (i + 1)) / spread.length })
						})}</span
					>
				</li>
			{/each}
		</ol>
		<button type="button" class="btn btn-outline mt-2 h-12 w-full" onclick={hangThem}
			>{say('hang-these', { count: spread.length })}</button
		>
	{/if}
	{#if plan.winter}
		<p class="mt-2 font-semibold">
			{plan.winter.naturals ? say('winter-naturals-are-worth') : say('winter-naturals-are-not')}
		</p>
		<ul class="list-disc pl-5 text-sm">
			{#each plan.winter.because as phrase, i (i)}<li>{say(phrase)}</li>{/each}
		</ul>
		<h3 class="mt-2 font-bold">{say('winter-ways')}</h3>
		<ol class="list-decimal pl-5 text-sm">
			{#each plan.winter.methods as method (method.id)}
				<li class={method.vetoes.length > 0 ? 'quiet' : 'font-semibold'}>
					{say(method.says)}
					{#each method.vetoes as veto, i (i)}<span class="block font-normal">{say(veto)}</span>{/each}
				</li>
			{/each}
		</ol>
	{/if}

	<h3 class="mt-3 font-bold">{say('retrieve')}</h3>
	<p class="text-sm">
		<b>{say(FLY_MOVE_NAMES[plan.retrieve.move])}.</b>
		{say(plan.retrieve.because)}
	</p>
	<div class="mt-1 grid grid-cols-3 gap-1.5" role="group" aria-label={say('retrieve')}>
		{#each RETRIEVES as move (move)}
			<button
				type="button"
				class="pad min-h-12 text-sm"
				aria-pressed={moved === move}
				onclick={() => onmoved(move)}>{say(FLY_MOVE_NAMES[move])}</button
			>
		{/each}
	</div>

	<h3 class="mt-3 font-bold">{say('how-deep-they-are')}</h3>
	<p class="text-sm">
		{plan.tried.length === 0
			? say('nothing-fished-yet-likeliest')
			: say('likeliest-at-about', { distanceM: show({ distanceM: plan.likeliestM }) })}
	</p>
	<PlainChart
		class="mt-1 h-40 rounded bg-(--water-in-film)"
		label={say('chance-of-fish-by', { distanceM: show({ distanceM: plan.likeliestM }) })}
		draw={byDepth}
	/>
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
