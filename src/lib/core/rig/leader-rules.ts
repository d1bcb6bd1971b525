import { words, type Message } from '../message';
import { FIELD_RULE, numbers, quarrel } from '../rule';
import type { FishSize, Surface } from '../vocabulary';

/** Two schools of tippet: as fine as the water is clear, or never finer than the fish allows. */
export const TIPPET = quarrel(
	'tippetSchool',
	{ asks: 'Tippet: how fine', usual: 'as-fine-as-clear' },
	{
		'as-fine-as-clear': {
			name: 'As fine as the water is clear',
			consequence: 'more takes, more break-offs',
			/** How far clear and slow water makes it finer, and how much stouter it is for a large fish, X. */
			finer: 1,
			largeX: 1
		},
		'never-too-fine': {
			name: 'Never too fine for the fish',
			consequence: 'short fights, some refusals',
			finer: 0,
			largeX: 1.5
		}
	}
);
export type TippetSchool = (typeof TIPPET.ids)[number];

/** Two schools of length on glass: up to twice the rod, or what a hand turns over. */
export const LEADER = quarrel(
	'leaderSchool',
	{ asks: 'Leader on glass: how long', usual: 'twice-the-rod' },
	{
		'twice-the-rod': {
			name: 'Up to twice the rod',
			consequence: 'line far from the fish; hard to turn over in any wind',
			/** Longest on glass, in rods. */
			rods: 2
		},
		'as-it-turns-over': {
			name: 'As long as it turns over',
			consequence: 'straight and exact; the line lands nearer',
			rods: 1.5
		}
	}
);
export type LeaderSchool = (typeof LEADER.ids)[number];

const says = words('leader', {
	tight: 'Little room: a short leader, that a short cast turns over.',
	coloured: 'Coloured water: a short leader will do.',
	fast: 'Fast or broken water: a short leader turns over.',
	glassy: 'Low, clear and glassy: the longest leader.',
	'short-rod': 'No longer than the rod handles: {rod}.',
	windy: 'The wind wants it shorter.',
	clear: 'Clear water: a long leader.',
	middling: 'Water neither clear nor coloured: a middling leader.',
	third: 'A third of the hook size, for choosy fish on slow, clear glass: {hook}.',
	quarter: 'A quarter of the hook size, to turn the fly over: {hook}.',
	'coloured-stouter': 'Coloured: stouter.',
	'clear-finer': 'Clear to {clarity}: finer.',
	'slow-finer': 'Slow and glassy: finer.',
	'large-fish': 'Large fish: stouter, so that the fight is short.',
	'heavy-flow': 'Heavy flow: stouter.',
	warm: 'Water of {water}: stouter, so that the fight is short.',
	weed: 'Weed or snags beside the fish: stouter, to hold it.'
});

/** Whole length of the leader by rule, m. */
export const LEADER_M = numbers(
	'rig.leader-length',
	{
		unit: 'm',
		range: [1, 8],
		source: FIELD_RULE
	},
	{ tight: 2.4, fast: 2.55, coloured: 2.7, glassy: 5.4, windy: 3, clear: 3.8, middling: 3.2 }
);

/** How many X finer (above 0) or stouter each rule makes a tippet. */
export const TIPPET_X = numbers(
	'rig.tippet',
	{
		unit: 'X',
		range: [-3, 3],
		source: FIELD_RULE
	},
	{
		'very-clear': 1,
		clear: 0.5,
		coloured: -1,
		slow: 0.5,
		flow: -0.5,
		warm: -0.5,
		weed: -1,
		...(Object.fromEntries(TIPPET.ids.map((id) => [id, -TIPPET.choices[id].largeX])) as Record<
			TippetSchool,
			number
		>)
	}
);

export const LEADER_LIMITS = numbers(
	'rig.leader-limits',
	{
		unit: 'weight',
		range: [0, 2000],
		source: FIELD_RULE
	},
	{
		delicate: 1 / 3,
		bulky: 1 / 4,
		colouredM: 0.6,
		clearM: 1.2,
		veryClearM: 2.5,
		fastMs: 0.8,
		slowMs: 0.3,
		calmMs: 3,
		windyMs: 5,
		rods: 1.5,
		warmC: 16,
		finestX: 7,
		stoutestX: 0,
		tippetLeastM: 0.5,
		tippetEachX: 0.25,
		tippetFromX: 3,
		tippetGlassM: 0.3,
		tippetMostM: 1.8,
		butt: 0.55,
		buttInch: 0.021,
		smallFly: 18,
		breaksFrom: 1000,
		breaksTo: 1300
	}
);
const L = LEADER_LIMITS.values;
/** No rule asks for a finer one. */
export const FINEST_TIPPET_X = L.finestX;

/** What leader and tippet hang on, with nothing left out. */
export interface LeaderWater {
	hookSize: number;
	clarityM: number;
	surface: Surface | undefined;
	speedMs: number;
	windMs: number;
	/** °C, where it is known. */
	waterC: number | undefined;
	rodM: number;
	/** Trees or banks leave little room to cast. */
	tight: boolean;
	/** Weed or snags that a hooked fish would reach. */
	weed: boolean;
	fish: FishSize | undefined;
	bulky: boolean;
	school: TippetSchool;
	leader: LeaderSchool;
}

/** One rule of the leader: when it applies, how long it makes it, and what it says. */
export interface LengthRule {
	id: keyof typeof LEADER_M.values;
	applies: (water: LeaderWater) => boolean;
	/** m; the number of `LEADER_M`, as far as the rod handles it. */
	lengthM: (water: LeaderWater) => number;
	says: Message;
}

const lengthRule = (
	id: LengthRule['id'],
	applies: LengthRule['applies'],
	lengthM: LengthRule['lengthM'] = ({ rodM }) => Math.min(LEADER_M.values[id], L.rods * rodM)
): LengthRule => ({ id, applies, lengthM, says: says(id) });

/** The rules of length: the first that applies decides. */
export const LENGTH_RULES: readonly LengthRule[] = [
	lengthRule('tight', ({ tight }) => tight),
	lengthRule('fast', ({ speedMs, surface }) => speedMs > L.fastMs || surface === 'broken'),
	lengthRule('coloured', ({ clarityM }) => clarityM < L.colouredM),
	lengthRule(
		'glassy',
		({ surface, clarityM, windMs }) => surface === 'glassy' && clarityM > L.clearM && windMs < L.calmMs,
		({ rodM, leader }) => Math.min(LEADER.choices[leader].rods * rodM, LEADER_M.values.glassy)
	),
	lengthRule('windy', ({ windMs }) => windMs > L.windyMs),
	lengthRule('clear', ({ clarityM }) => clarityM > L.clearM),
	lengthRule('middling', () => true)
];

/** One rule of the tippet: when it applies, how many X it adds, and what it says. */
export interface TippetRule {
	id: string;
	applies: (water: LeaderWater) => boolean;
	addsX: (water: LeaderWater) => number;
	says: (water: LeaderWater) => Message;
}

const X = TIPPET_X.values;
const finer = ({ school }: LeaderWater): number => TIPPET.choices[school].finer;
const clearWords = ({ clarityM }: LeaderWater): Message =>
	says('clear-finer', { clarity: { distanceM: clarityM } });

/** The rules of the tippet: each that applies adds its X. */
export const TIPPET_RULES: readonly TippetRule[] = [
	{
		id: 'coloured',
		applies: ({ clarityM }) => clarityM < L.colouredM,
		addsX: () => X.coloured,
		says: () => says('coloured-stouter')
	},
	{
		id: 'very-clear',
		applies: ({ clarityM }) => clarityM >= L.veryClearM,
		addsX: (water) => finer(water) * X['very-clear'],
		says: clearWords
	},
	{
		id: 'clear',
		applies: ({ clarityM }) => clarityM >= L.clearM && clarityM < L.veryClearM,
		addsX: (water) => finer(water) * X.clear,
		says: clearWords
	},
	{
		id: 'slow',
		applies: ({ surface, speedMs }) => surface === 'glassy' && speedMs < L.slowMs,
		addsX: (water) => finer(water) * X.slow,
		says: () => says('slow-finer')
	},
	{
		id: 'large',
		applies: ({ fish }) => fish === 'large',
		addsX: ({ school }) => X[school],
		says: () => says('large-fish')
	},
	{
		id: 'flow',
		applies: ({ speedMs }) => speedMs > L.fastMs,
		addsX: () => X.flow,
		says: () => says('heavy-flow')
	},
	{
		id: 'warm',
		applies: ({ waterC }) => waterC !== undefined && waterC >= L.warmC,
		addsX: () => X.warm,
		says: ({ waterC = L.warmC }) => says('warm', { water: { temperatureC: waterC } })
	},
	{
		id: 'weed',
		applies: ({ weed }) => weed,
		addsX: () => X.weed,
		says: () => says('weed')
	}
];

/** X from the hook alone: a quarter, or a third for fish that choose on slow, clear glass. */
export function tippetFromHook({ hookSize, bulky, ...water }: LeaderWater): { x: number; says: Message } {
	const delicate =
		!bulky &&
		water.windMs <= L.windyMs &&
		water.surface === 'glassy' &&
		water.speedMs < L.slowMs &&
		water.clarityM >= L.clearM;
	return {
		x: hookSize * (delicate ? L.delicate : L.bulky),
		says: says(delicate ? 'third' : 'quarter', { hook: { hookSize } })
	};
}

/** What is said where the rod, and not the water, decides the length. */
export const shortRod = ({ rodM }: Pick<LeaderWater, 'rodM'>): Message =>
	says('short-rod', { rod: { distanceM: rodM } });
