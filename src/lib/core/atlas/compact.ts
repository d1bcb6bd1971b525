import type { Anatomy } from './anatomy';
import type { Movement } from './movements';
import type { ShadeName } from './shades';
import type { ColumnZone, LifeStage } from './stages';
import type { Region } from './region';
import type { Hours, HourWindow, Season, StageTraits, Taxon, WaterKind } from './taxon';

/** One line of a stage table: stage, least-typical-most body length in mm, belly, back, wing, and what differs. */
export type StageRow = readonly [
	stage: LifeStage,
	lengthMm: readonly [least: number, typical: number, most: number],
	belly: ShadeName,
	back: ShadeName,
	wing?: ShadeName | undefined,
	differs?: { anatomy?: Partial<Anatomy>; zone?: ColumnZone; moves?: Movement }
];

/** A stage table as the atlas keeps it. */
export function stages(rows: readonly StageRow[]): StageTraits[] {
	return rows.map(([stage, [least, typical, most], belly, back, wing, differs]) => ({
		stage,
		lengthMm: { least, typical, most },
		belly,
		back,
		...(wing && { wing }),
		...differs
	}));
}

type Shades = readonly [belly: ShadeName, back: ShadeName];
type Winged = readonly [belly: ShadeName, back: ShadeName, wing: ShadeName];
type Lengths = readonly [least: number, typical: number, most: number];
type Differs = { anatomy?: Partial<Anatomy>; zone?: ColumnZone; moves?: Movement };

/**
 * The five stages of a mayfly. What hatches has the belly and wing of the dun in the skin of the nymph.
 *
 * @param nymphDiffers how its nymph is built and where it lives, if not as a swimmer that drifts
 * @param tails of the dun and the spinner
 */
export const mayfly = (
	[least, typical, most]: Lengths,
	nymph: Shades,
	dun: Winged,
	spinner: Winged,
	{ tails = 2, ...nymphDiffers }: Differs & { tails?: 2 | 3 } = {}
): StageTraits[] => {
	const winged = tails === 3 ? { anatomy: { tails } as const } : {};
	return stages([
		['nymph', [least, typical, most], ...nymph, undefined, nymphDiffers],
		['emerger', [least, typical, most], dun[0], nymph[1], dun[2]],
		['cripple', [least, typical, most], dun[0], nymph[1], dun[2]],
		['dun', [least, typical, most], ...dun, winged],
		['spinner', [least, typical, most], ...spinner, winged]
	]);
};

/** The three stages of a stonefly that fish meet; the female that lays is the longer. */
export const stonefly = (
	[least, typical, most]: Lengths,
	nymph: Shades,
	adult: Winged,
	nymphDiffers: Differs = {}
): StageTraits[] =>
	stages([
		['nymph', [least, typical, most], ...nymph, undefined, nymphDiffers],
		['adult', [tenthLess(least), tenthLess(typical), tenthLess(most)], ...adult],
		['egg-laying', [least, typical, most], ...adult]
	]);

/**
 * The four stages of a caddisfly, by the body of the adult: its larva is a third longer, its pupa a tenth.
 *
 * @param laying where the female is met: those that dive to lay drift spent beneath the film
 */
export const caddis = (
	[least, typical, most]: Lengths,
	larva: Shades,
	pupa: Winged,
	adult: Winged,
	{ laying, ...larvaDiffers }: Differs & { laying?: 'dives' } = {}
): StageTraits[] =>
	stages([
		[
			'larva',
			[round(least * 1.33), round(typical * 1.33), round(most * 1.33)],
			...larva,
			undefined,
			larvaDiffers
		],
		['pupa', [least, typical, most].map((mm) => round(mm * 1.1)) as unknown as Lengths, ...pupa],
		['adult', [least, typical, most], ...adult],
		[
			'egg-laying',
			[least, typical, most].map((mm) => round(mm * 1.08)) as unknown as Lengths,
			...adult,
			laying === 'dives' ? { zone: 'under-film' } : {}
		]
	]);

const round = (mm: number): number => Math.round(mm * 2) / 2;
const tenthLess = (mm: number): number => round(mm * 0.9);

/** Regions that many taxa share. */
export const EUROPE = [
	'british-isles',
	'western-europe',
	'northern-europe',
	'mediterranean'
] as const satisfies readonly Region[];
export const NORTH_AMERICA = ['eastern-na', 'western-na'] as const satisfies readonly Region[];
export const HOLARCTIC = [...EUROPE, ...NORTH_AMERICA, 'japan'] as const satisfies readonly Region[];
export const EVERYWHERE = [
	...HOLARCTIC,
	'new-zealand',
	'australia',
	'patagonia'
] as const satisfies readonly Region[];

/**
 * Broods as begins-peaks-ends, in days of the year, how long its animals are against the table, if otherwise, and the
 * kinds of water in which it comes, if not in all.
 */
export const seasons = (
	...rows: readonly (readonly [
		begins: number,
		peaks: number,
		ends: number,
		size?: number,
		waters?: readonly WaterKind[]
	])[]
): Season[] =>
	rows.map(([begins, peaks, ends, size, waters]) => ({
		begins,
		peaks,
		ends,
		...(size && size !== 1 && { size }),
		...(waters && { waters })
	}));

const windows = (rows: readonly (readonly [number, number, number])[]): HourWindow[] =>
	rows.map(([from, peak, to]) => ({ from, peak, to }));

/** Hours in cold and in warm water, each window from-peak-to in solar hours. */
export const hours = (
	cool: readonly (readonly [number, number, number])[],
	warm: readonly (readonly [number, number, number])[]
): Hours => ({ cool: windows(cool), warm: windows(warm) });

/** Least, best from, best to and most water temperature in °C. */
export const water = (least: number, from: number, to: number, most: number): Taxon['waterC'] => ({
	least,
	best: [from, to],
	most
});

/** Hours that many taxa share. */
export const MIDDAY = hours([[10.5, 13, 16]], [[8, 10.5, 13]]);
export const AFTERNOON = hours([[11.5, 14, 17]], [[16, 18.5, 21]]);
export const EVENING = hours([[13, 16, 19]], [[18, 20.2, 22.3]]);
export const DAYLIGHT = hours([[9, 14, 18]], [[7, 14, 20]]);
export const NIGHT = hours([[3, 6, 9]], [[2, 4.5, 7]]);
export const DUSK = hours([[16.5, 18.5, 20.5]], [[19, 20.6, 22.5]]);
