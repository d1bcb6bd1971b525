<script lang="ts">
	import {
		POSTURES_M,
		sightLine,
		windowRadiusM,
		type HiddenStance,
		type SeenThrough,
		type StanceFound
	} from '$lib/core/approach';
	import { useWords } from '$lib/ui/writers';
	import words from './words';

	interface Props {
		through: SeenThrough;
		stances: readonly HiddenStance[];
		bankM: number;
		/** The stance that was chosen in plan: it stands here too. */
		stands?: StanceFound | undefined;
	}
	let { through, stances, bankM, stands }: Props = $props();
	const { say, show } = useWords(words);

	/** All at true scale: m to units of the drawing. */
	const WIDTH = 360;
	const windowM = $derived(windowRadiusM(through.depthM));
	const line = $derived(sightLine(through));
	const widestM = $derived(
		Math.max(3, stands?.distanceM ?? 0, ...stances.map(({ hiddenFromM }) => hiddenFromM)) + 1
	);
	const scale = $derived(WIDTH / (widestM + windowM + 0.6));
	const topM = $derived(Math.max(...stances.map(({ heightM }) => heightM)) + 0.5);
	const fishX = $derived(WIDTH - (windowM + 0.6) * scale);
	const film = $derived(topM * scale);
	const bedM = $derived(through.depthM + 0.35);
	/** Rows for the distances, so that neighbours do not lie over each other. */
	const ROW = 15;
	const LABEL = 44;
	const marks = $derived.by(() => {
		const ends: number[] = [];
		return [...stances]
			.sort((a, b) => b.hiddenFromM - a.hiddenFromM)
			.map((stance) => {
				const x = fishX - stance.hiddenFromM * scale;
				let row = ends.findIndex((end) => x - LABEL / 2 > end);
				if (row < 0) row = ends.length;
				ends[row] = x + LABEL / 2;
				return { stance, x: Math.max(LABEL / 2, x), row };
			});
	});
	const rows = $derived(Math.max(1, ...marks.map(({ row }) => row + 1)));
	const bed = $derived(film + bedM * scale);
	const height = $derived(bed + 6 + rows * ROW);
	const dry = $derived(marks.filter(({ stance }) => stance.posture !== 'wading'));
	/** The bank ends before the nearest who stands on it, or whoever wades. */
	const wader = $derived(marks.find(({ stance }) => stance.posture === 'wading'));
	const shore = $derived(
		Math.min(Math.max(0, ...dry.map(({ x }) => x)) + 0.5 * scale, wader ? wader.x - 0.8 * scale : Infinity)
	);
	/** Joints of a figure, m before and above its feet. */
	const FIGURES = {
		standing: [
			[0, 0],
			[0, 0.85],
			[0, 1.45]
		],
		kneeling: [
			[-0.35, 0.05],
			[0.05, 0.08],
			[0.1, 0.45],
			[0, 0.88]
		],
		crouching: [
			[0, 0],
			[0.22, 0.38],
			[-0.08, 0.34],
			[0.08, 0.66]
		],
		wading: [
			[0, 0],
			[0, 0.85],
			[0, 1.45]
		]
	} as const;
	const HEADS = { standing: 1.63, kneeling: 1.03, crouching: 0.79, wading: 1.63 } as const;
	const figure = (posture: HiddenStance['posture'], x: number, feet: number): string =>
		FIGURES[posture].map(([dx, dy]) => `${x + dx * scale},${feet - dy * scale}`).join(' ');
	const feetOf = ({ posture, heightM }: HiddenStance): number =>
		posture === 'wading' ? film + (POSTURES_M.values.standing - heightM) * scale : film - bankM * scale;
</script>

<svg
	viewBox="0 0 {WIDTH} {height}"
	class="block w-full rounded"
	role="img"
	aria-label={say(stands ? 'in-section-stands' : 'in-section', {
		distance: show({ distanceM: stands?.distanceM ?? 0 }),
		depth: show({ distanceM: through.depthM }),
		window: show({ distanceM: 2 * windowM })
	})}
>
	<rect width={WIDTH} height={film} fill="var(--water-air)" />
	<rect y={film} width={WIDTH} height={bed - film} fill="var(--water-in-film)" />
	<rect y={bed} width={WIDTH} height={height - bed} fill="var(--water-bed)" opacity="0.35" />
	{#if dry.length > 0}
		<path
			d="M0 {film - bankM * scale} H{shore} L{shore + 0.25 * scale} {film} L{shore + 0.6 * scale} {bed} H0 Z"
			fill="var(--water-bed)"
		/>
	{/if}
	<line x1="0" x2={WIDTH} y1={film} y2={film} stroke="var(--film-upper)" stroke-width="1.5" />
	<path
		d="M{fishX - windowM * scale} {film} L{fishX} {film + through.depthM * scale} L{fishX +
			windowM * scale} {film}"
		fill="var(--water-air)"
		opacity="0.8"
	/>
	{#if line}
		<line
			x1={fishX - line.edgeM * scale}
			y1={film}
			x2={0}
			y2={film - (fishX - line.edgeM * scale) * Math.tan(line.elevation)}
			stroke="var(--color-accent)"
			stroke-dasharray="5 4"
		/>
	{/if}
	<g
		fill="none"
		stroke="var(--color-base-content)"
		stroke-width={Math.max(3, 0.15 * scale)}
		stroke-linecap="round"
		stroke-linejoin="round"
	>
		{#each marks as { stance, x } (stance.posture)}
			<polyline points={figure(stance.posture, x, feetOf(stance))} />
			<circle
				cx={x}
				cy={feetOf(stance) - HEADS[stance.posture] * scale}
				r={0.12 * scale}
				fill="var(--color-base-content)"
				stroke="none"
			/>
		{/each}
	</g>
	{#if stands}
		{@const x = fishX - stands.distanceM * scale}
		{@const feet = film + (stands.wadeM ?? -bankM) * scale}
		<g
			fill="none"
			stroke="var(--color-accent)"
			stroke-width={Math.max(4, 0.2 * scale)}
			stroke-linecap="round"
			stroke-linejoin="round"
		>
			<polyline points={figure(stands.posture, x, feet)} />
			<circle
				cx={x}
				cy={feet - HEADS[stands.posture] * scale}
				r={0.14 * scale}
				fill="var(--color-accent)"
				stroke="none"
			/>
			<path d="M{x - 5} {film - topM * scale + 4} h10 l-5 8 z" fill="var(--color-accent)" stroke="none" />
		</g>
	{/if}
	<path
		d="M{fishX - 0.25 * scale} {film + through.depthM * scale} q{0.2 * scale} {-0.12 * scale} {0.42 *
			scale} 0 l{0.1 * scale} {-0.07 * scale} v{0.14 * scale} l{-0.1 * scale} {-0.07 * scale} q{-0.22 *
			scale} {0.12 * scale} {-0.42 * scale} 0"
		fill="var(--fish)"
	/>
	<g font-size="12" fill="var(--color-base-content)" text-anchor="middle">
		{#each marks as { stance, x, row } (stance.posture)}
			<text {x} y={bed + 13 + row * ROW}>{show({ distanceM: stance.hiddenFromM })}</text>
		{/each}
	</g>
</svg>
