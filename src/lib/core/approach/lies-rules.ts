import { words, type Message } from '../message';
import type { Level, LevelTrend } from '../vocabulary';
import type { Hold } from './holds-rules';

/** What of the day says where fish hold. */
export interface LieDay {
	waterC?: number | undefined;
	/** How the water's temperature goes, °C an hour. */
	warmingCH?: number | undefined;
	airC?: number | undefined;
	level?: Level | undefined;
	levelTrend?: LevelTrend | undefined;
	clarityM?: number | undefined;
	/** The sun stands high and nothing covers it. */
	bright?: boolean | undefined;
	/** Dawn, dusk, or under a dull sky. */
	dim?: boolean | undefined;
	/** Insects drift on the film in numbers, or land insects are blown on it. */
	hatch?: boolean | undefined;
	land?: boolean | undefined;
	windMs?: number | undefined;
	winter?: boolean | undefined;
}

const says = words('lies', {
	freezing: 'Under 5 °C they hardly feed: slow and deep, and out of the current.',
	cold: 'Cold: deep and slow first; they come up where the water warms.',
	warms: 'It warms: they move up into the shallows and lanes.',
	best: '9 to 14 °C: out in the feeding lanes, where the current brings most.',
	warm: 'Warm: broken water, shade and inflows have the oxygen.',
	hot: 'Hot: springs and inflows alone; leave them in peace from 20 °C on, and follow local closures.',
	high: 'High water: soft edges, flooded bushes and seams, out of the push.',
	rising: 'It rises: fish go to the edges and feed on what is washed in.',
	falling: 'It falls and clears: they go back to lanes and tails.',
	low: 'Low water: bubble lines, depth and shade.',
	coloured: 'Coloured: they come close to the edge, and into slower water.',
	bright: 'Bright: shade, undercut banks and depth.',
	dim: 'Dull or late: they come out on flats, tails and margins.',
	hatch: 'Insects drift on the film: foam and lanes gather them, and flats and eddies hold them.',
	land: 'Land insects fall under bushes and the bank that the wind fills.',
	'wind-lake': 'Wind heaps food on the lee shore.',
	'mild-lake': 'Air warmer than the water: the shallows warm first.',
	winter: 'Winter lies: the slowest water that is deep enough.'
});

/** When a rule speaks, from 0 (not at all) to 1, and by what factors it changes the chance of each lie. */
interface LieRule {
	id: Parameters<typeof says>[0];
	speaks: (day: LieDay) => number;
	factors: Partial<Record<Hold, number>>;
}

/** Rises from 0 to 1 between two values, or falls where the first is the larger. */
const between = (from: number, to: number, value: number | undefined): number =>
	value === undefined ? 0 : Math.min(1, Math.max(0, (value - from) / (to - from)));
const given = (is: boolean | undefined): number => (is ? 1 : 0);

/** Field rules of where fish hold, told with their reasons; the energy of lanes is weighed apart (`lanes-worth.ts`). */
const RULES: readonly LieRule[] = [
	{
		id: 'freezing',
		speaks: ({ waterC }) => between(6, 4.5, waterC),
		factors: {
			deep: 6,
			spring: 4,
			'back-eddy': 1.5,
			'feeding-lane': 0.12,
			seam: 0.4,
			pocket: 0.3,
			flat: 0.4,
			'pool-head': 0.35,
			'pool-tail': 0.4,
			'soft-edge': 0.6,
			'foam-line': 0.3,
			'drop-off': 1.6,
			margin: 0.5,
			weed: 0.6,
			'stream-mouth': 0.7
		}
	},
	{
		id: 'cold',
		speaks: ({ waterC }) => Math.min(between(9.5, 8, waterC), between(4, 5.5, waterC)),
		factors: {
			deep: 2,
			seam: 1.2,
			'back-eddy': 1.3,
			spring: 1.6,
			'feeding-lane': 0.6,
			pocket: 0.6,
			'pool-tail': 0.8,
			flat: 0.8
		}
	},
	{
		id: 'warms',
		speaks: ({ waterC, warmingCH }) =>
			between(0.2, 0.6, warmingCH) * between(15, 12, waterC) * between(3, 5, waterC),
		factors: { 'feeding-lane': 1.7, 'soft-edge': 1.3, 'pool-tail': 1.3, flat: 1.3, deep: 0.7, margin: 1.5 }
	},
	{
		id: 'best',
		speaks: ({ waterC }) => Math.min(between(8, 9.5, waterC), between(16, 14, waterC)),
		factors: {
			'feeding-lane': 2.4,
			seam: 1.5,
			'pool-head': 1.5,
			'pool-tail': 1.3,
			'foam-line': 1.3,
			deep: 0.5,
			'back-eddy': 0.8,
			margin: 1.2,
			weed: 1.2
		}
	},
	{
		id: 'warm',
		speaks: ({ waterC }) => between(15, 17, waterC),
		factors: {
			pocket: 2.2,
			'pool-head': 2,
			shade: 2.2,
			spring: 2.5,
			'stream-mouth': 2,
			seam: 1.1,
			'feeding-lane': 1.1,
			flat: 0.4,
			'pool-tail': 0.5,
			'soft-edge': 0.6,
			'back-eddy': 0.5,
			margin: 0.5,
			'drop-off': 1.4,
			deep: 1.2
		}
	},
	{
		id: 'hot',
		speaks: ({ waterC }) => between(18, 20, waterC),
		factors: {
			spring: 10,
			'stream-mouth': 3,
			pocket: 1.2,
			'pool-head': 1,
			shade: 1.2,
			'feeding-lane': 0.5,
			seam: 0.6,
			flat: 0.4,
			'foam-line': 0.5,
			deep: 1.3,
			margin: 0.4,
			weed: 0.5
		}
	},
	{
		id: 'high',
		speaks: ({ level }) => given(level === 'high'),
		factors: {
			'soft-edge': 4,
			flooded: 12,
			seam: 1.5,
			'back-eddy': 2.5,
			undercut: 1.5,
			'feeding-lane': 0.2,
			'foam-line': 0.5,
			pocket: 0.4,
			'pool-tail': 0.4,
			'pool-head': 0.5,
			flat: 0.6,
			deep: 0.8
		}
	},
	{
		id: 'rising',
		speaks: ({ levelTrend }) => given(levelTrend === 'rising'),
		factors: {
			'soft-edge': 1.8,
			flooded: 2.5,
			'back-eddy': 1.3,
			'feeding-lane': 0.7,
			'pool-tail': 0.7,
			margin: 1.4
		}
	},
	{
		id: 'falling',
		speaks: ({ levelTrend, level }) => given(levelTrend === 'falling' && level !== 'low'),
		factors: { 'feeding-lane': 1.3, 'pool-tail': 1.4, seam: 1.2, flooded: 0.4 }
	},
	{
		id: 'low',
		speaks: ({ level }) => given(level === 'low'),
		factors: {
			'feeding-lane': 0.7,
			'foam-line': 2.4,
			deep: 2,
			shade: 1.6,
			undercut: 1.4,
			'pool-head': 1.5,
			pocket: 1.3,
			spring: 1.5,
			'soft-edge': 0.4,
			flat: 0.6,
			flooded: 0,
			'pool-tail': 0.7
		}
	},
	{
		id: 'coloured',
		speaks: ({ clarityM }) => between(1, 0.5, clarityM),
		factors: { 'soft-edge': 1.8, 'back-eddy': 1.4, 'feeding-lane': 0.7, margin: 1.4, flooded: 1.4 }
	},
	{
		id: 'bright',
		speaks: ({ bright, clarityM }) => given(bright) * (1 - between(1, 0.5, clarityM)),
		factors: {
			shade: 2.4,
			undercut: 2.2,
			deep: 1.4,
			pocket: 1.3,
			'pool-head': 1.2,
			'drop-off': 1.6,
			flat: 0.4,
			'pool-tail': 0.5,
			margin: 0.5,
			'soft-edge': 0.7
		}
	},
	{
		id: 'dim',
		speaks: ({ dim }) => given(dim),
		factors: {
			flat: 1.9,
			'pool-tail': 2,
			margin: 2.4,
			'soft-edge': 1.4,
			weed: 1.2,
			shade: 0.4,
			undercut: 0.7,
			deep: 0.7,
			'drop-off': 0.7
		}
	},
	{
		id: 'hatch',
		speaks: ({ hatch, waterC }) => given(hatch) * (1 - between(6, 4, waterC) / 2),
		factors: {
			'feeding-lane': 1.7,
			'foam-line': 2.2,
			'back-eddy': 1.6,
			flat: 1.5,
			'pool-tail': 1.7,
			seam: 1.3,
			'open-water': 1.6,
			weed: 1.4,
			deep: 0.5
		}
	},
	{
		id: 'land',
		speaks: ({ land }) => given(land),
		factors: { undercut: 3.5, shade: 1.4, 'soft-edge': 1.6, margin: 1.8 }
	},
	{
		id: 'wind-lake',
		speaks: ({ windMs }) => between(2, 4, windMs),
		factors: { margin: 1.7, 'drop-off': 1.1 }
	},
	{
		id: 'mild-lake',
		speaks: ({ airC, waterC }) =>
			airC === undefined || waterC === undefined ? 0 : between(2, 6, airC - waterC) * between(12, 8, waterC),
		factors: { margin: 1.8 }
	},
	{
		id: 'winter',
		speaks: ({ winter }) => given(winter),
		factors: { deep: 1.6, 'feeding-lane': 0.6, 'back-eddy': 1.2 }
	}
];

/** What a rule says, and how far it speaks on a day; those of lakes move nothing on a river. */
export const lieRulesOn = (day: LieDay): { says: Message; speaks: number; factors: LieRule['factors'] }[] =>
	RULES.map(({ id, speaks, factors }) => ({ says: says(id), speaks: speaks(day), factors })).filter(
		({ speaks }) => speaks > 0
	);
