<script lang="ts">
	import { plumeOutline, type Approach, type StanceFound } from '$lib/core/approach';
	import { middleOf, widthOf, type Spot } from '$lib/core/drift';
	import { useWords } from '$lib/ui/writers';
	import words from './words';

	interface Props {
		approach: Approach;
		/** The stances that are shown, by their numbers. */
		found: readonly StanceFound[];
		chosen: number;
		/** Where the line of the chosen one lies just now. */
		line: readonly Spot[] | undefined;
		drags: boolean;
		windMs?: number | undefined;
		onchoose: (index: number) => void;
	}
	let { approach, found, chosen, line, drags, windMs, onchoose }: Props = $props();
	const { say, show } = useWords(words);

	/** All at true scale, as one looks upstream: the water comes down, the left bank is on the right. */
	const WIDTH = 360;
	const MARGIN_M = 1.2;
	const { lanes } = $derived(approach.ground);
	const widthM = $derived(widthOf(lanes));
	const fish = $derived<Spot>({ alongM: 0, acrossM: approach.acrossM });
	const spots = $derived<Spot[]>([
		{ alongM: -approach.landing.aboveLieM, acrossM: approach.acrossM },
		{ alongM: 3, acrossM: approach.acrossM },
		...found.map(({ at }) => at),
		...(line ?? [])
	]);
	const leftM = $derived(Math.min(-MARGIN_M, ...spots.map(({ acrossM }) => acrossM - MARGIN_M)));
	const rightM = $derived(Math.max(widthM + MARGIN_M, ...spots.map(({ acrossM }) => acrossM + MARGIN_M)));
	const topM = $derived(Math.min(...spots.map(({ alongM }) => alongM)) - 2.4);
	const bottomM = $derived(Math.max(...spots.map(({ alongM }) => alongM)) + 1.2);
	const scale = $derived(WIDTH / (rightM - leftM));
	const height = $derived((bottomM - topM) * scale);
	const x = (acrossM: number): number => (rightM - acrossM) * scale;
	const y = (alongM: number): number => (alongM - topM) * scale;
	const quickest = $derived(Math.max(0.1, ...lanes.map(({ speedMs }) => speedMs)));
	const edges = $derived(lanes.map((lane, i) => ({ lane, to: widthOf(lanes.slice(0, i + 1)), i })));
	const standing = $derived(approach.stances.find(({ posture }) => posture === 'standing')?.hiddenFromM);
	const kneeling = $derived(approach.stances.find(({ posture }) => posture === 'kneeling')?.hiddenFromM);
	const { fills, calm } = $derived(approach.wind);
	const bankX = (side: 'left' | 'right') => (side === 'left' ? x(0) : x(widthM));
	/** What drifts against the bank that the wind fills, evenly. */
	const drifting = $derived(
		fills
			? Array.from({ length: 9 }, (_, i) => ({
					cx: bankX(fills) + (fills === 'left' ? -1 : 1) * (4 + ((i * 5) % 9)),
					cy: ((i + 0.5) * height) / 9
				}))
			: []
	);
	const calmWidth = $derived(calm ? Math.min(calm.widthM, widthM / 3) * scale : 0);
	const lineOf = (shown: readonly Spot[]): string =>
		shown.map(({ alongM, acrossM }) => `${x(acrossM)},${y(alongM)}`).join(' ');
	const fly = $derived(line?.at(-1));
	/** The silt that drifts down from the feet of who wades there: its edges, as a polygon. */
	const plume = $derived.by(() => {
		const stance = found[chosen];
		return stance?.wadeM === undefined ? undefined : plumeOutline(stance.at, stance.wadeM, widthM, bottomM);
	});
	/** From the hand to the tip. */
	const rod = $derived.by(() => {
		const [tip, hand] = [line?.[0], found[chosen]?.at];
		return tip && hand ? [hand, tip] : undefined;
	});
</script>

<svg
	viewBox="0 0 {WIDTH} {height}"
	class="block max-h-[75vh] w-full rounded"
	role="group"
	aria-label={say('in-plan', {
		lanes: lanes.length,
		width: show({ distanceM: widthM }),
		fish: show({ distanceM: approach.acrossM })
	})}
>
	<rect width={WIDTH} {height} fill="var(--water-stone)" opacity="0.55" />
	{#each edges as { lane, to, i } (i)}
		<rect x={x(to)} width={lane.widthM * scale} {height} fill="var(--water-in-film)" />
		<rect
			x={x(to)}
			width={lane.widthM * scale}
			{height}
			fill="var(--film-lower)"
			opacity={(0.28 * lane.speedMs) / quickest}
		/>
		<line x1={x(to)} x2={x(to)} y1="0" y2={height} stroke="var(--film-upper)" stroke-width="0.6" />
	{/each}
	<line x1={x(0)} x2={x(0)} y1="0" y2={height} stroke="var(--color-base-content)" />
	<line x1={x(widthM)} x2={x(widthM)} y1="0" y2={height} stroke="var(--color-base-content)" />
	{#if plume}
		<polygon points={lineOf(plume)} fill="var(--water-stone)" opacity="0.7" />
	{/if}
	{#if calm}
		<rect
			x={calm.side === 'left' ? x(0) - calmWidth : x(widthM)}
			width={calmWidth}
			{height}
			fill="var(--water-air)"
			opacity="0.75"
		/>
	{/if}
	{#each drifting as { cx, cy }, i (i)}
		<circle {cx} {cy} r="1.8" fill="var(--color-base-content)" />
	{/each}
	{#each edges as { lane, i } (i)}
		{@const at = x(middleOf(lanes, i)) + (lane.widthM > 1.6 ? 0.25 : 0) * lane.widthM * scale}
		{@const long = 14 + (30 * lane.speedMs) / quickest}
		<path
			d="M{at} 27 V{27 + long} m-3.5 -6 l3.5 6 l3.5 -6"
			fill="none"
			stroke="var(--color-base-content)"
			stroke-width="1.4"
		/>
		<!-- Neighbours in two rows: lanes may be narrower than a number. -->
		<text
			x={at}
			y={i % 2 === 0 ? 11 : 22}
			text-anchor="middle"
			font-size="10"
			fill="var(--color-base-content)">{show({ currentMs: lane.speedMs })}</text
		>
	{/each}
	{#each [{ from: standing, dash: '6 4' }, { from: kneeling, dash: '2 3' }] as { from, dash } (dash)}
		{#if from}
			<circle
				cx={x(fish.acrossM)}
				cy={y(0)}
				r={from * scale}
				fill="none"
				stroke="var(--color-accent)"
				stroke-dasharray={dash}
			/>
		{/if}
	{/each}
	{#if rod}
		<polyline points={lineOf(rod)} fill="none" stroke="var(--color-base-content)" stroke-width="3" />
	{/if}
	{#if line}
		<polyline points={lineOf(line)} fill="none" stroke="var(--color-base-content)" stroke-width="1.6" />
	{/if}
	<!-- As long as a fish is to be seen, and its head upstream. -->
	<path
		d="M{x(fish.acrossM)} {y(0) - 7} q4.5 6 0 13 l3.5 5 h-7 l3.5 -5 q-4.5 -7 0 -13"
		fill="var(--fish)"
		stroke="var(--color-base-content)"
		stroke-width="0.8"
	/>
	{#if fly}
		<circle
			cx={x(fly.acrossM)}
			cy={y(fly.alongM)}
			r="4"
			fill={drags ? 'var(--color-error)' : 'var(--color-base-100)'}
			stroke="var(--color-base-content)"
			stroke-width="1.5"
		/>
		{#if drags}
			<path
				d="M{x(fly.acrossM) - 8} {y(fly.alongM) + 8} l8 -8 l8 8"
				fill="none"
				stroke="var(--color-error)"
				stroke-width="1.6"
			/>
		{/if}
	{/if}
	{#each found as stance, i (stance.stance)}
		<g
			role="button"
			tabindex="0"
			aria-label={say('stance-number', { number: i + 1 })}
			aria-pressed={i === chosen}
			class="cursor-pointer"
			onclick={() => onchoose(i)}
			onkeydown={(event) => {
				if (event.key === 'Enter' || event.key === ' ') onchoose(i);
			}}
		>
			<circle cx={x(stance.at.acrossM)} cy={y(stance.at.alongM)} r="24" fill="transparent" />
			<circle
				cx={x(stance.at.acrossM)}
				cy={y(stance.at.alongM)}
				r="11"
				fill={i === chosen ? 'var(--film-lower)' : 'var(--color-base-100)'}
				stroke="var(--film-lower)"
				stroke-width="2"
			/>
			<text
				x={x(stance.at.acrossM)}
				y={y(stance.at.alongM) + 4.5}
				text-anchor="middle"
				font-size="13"
				font-weight="700"
				fill={i === chosen ? 'var(--color-base-100)' : 'var(--color-base-content)'}>{i + 1}</text
			>
		</g>
	{/each}
</svg>
<dl class="quiet flex flex-wrap justify-between gap-x-4 text-sm">
	<div>{say('right-bank')} ← {say('looking-upstream')} → {say('left-bank')}</div>
	{#if standing}<div>- - - {say('seen-standing', { distance: show({ distanceM: standing }) })}</div>{/if}
	{#if kneeling}<div>··· {say('seen-kneeling', { distance: show({ distanceM: kneeling }) })}</div>{/if}
	{#if plume}<div><span class="plume" aria-hidden="true"></span>{say('silt-drifts')}</div>{/if}
	{#if fills && windMs}<div>•• {say('wind-fills', { wind: show({ windMs }) })}</div>{/if}
</dl>

<style>
	.plume {
		display: inline-block;
		width: 1.4em;
		height: 0.7em;
		margin-right: 0.3em;
		background: var(--water-stone);
		opacity: 0.7;
	}
</style>
