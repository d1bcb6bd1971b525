import { words, type Message } from '../message';
import { FIELD_RULE, numbers } from '../rule';
import type { Style } from '../tackle';
import type { Way } from '../vocabulary';
import type { FlyWater } from './fitness';

const says = words('way-rule', {
	'shallow-float': 'Shallow enough to hang under a dry fly, which may be taken too.',
	'quiet-float': 'Quiet, clear water: a dry fly alarms no fish, an indicator may.',
	'too-heavy': 'Too heavy for a dry fly to hold up.',
	'too-deep-for-dry': 'Too deep to hang under a dry fly.',
	'near-and-fast': 'Fast and uneven: a tight line from near by drifts at the pace of the bed.',
	'too-wide': 'Slow and clear: fish feel who stands so near.',
	windy: 'The wind bows a line that is held up.',
	'deep-and-even': 'Deep or even water: an indicator keeps it at one depth for a long drift.',
	rises: 'What comes up in the water is taken as it comes up: let it swing.',
	'bed-animals': 'What lives on the bed does not swim across the current.'
});

/** Where the rules of the ways begin, and how much each counts. */
export const WAY_NUMBERS = numbers(
	'match.ways',
	{ unit: 'weight', range: [-5, 10], source: FIELD_RULE },
	{
		shallowM: 0.8,
		dryMostM: 1.2,
		tightMostM: 1.4,
		fastMs: 0.35,
		slowMs: 0.3,
		windyMs: 5,
		deepM: 1,
		'shallow-float': 1,
		'quiet-float': 0.7,
		'too-heavy': -3,
		'too-deep-for-dry': -3,
		'near-and-fast': 1.2,
		'too-wide': -1,
		windy: -0.6,
		'deep-and-even': 1,
		rises: 1,
		'bed-animals': -1.5
	}
);
const N = WAY_NUMBERS.values;
type RuleId = keyof typeof N & keyof typeof says.texts;

export const BELOW = numbers(
	'match.below',
	{ unit: 'weight', range: [0, 30], source: FIELD_RULE },
	{
		/** Height above the bed at which a bed fly is wanted, m, and where in the water the others are. */
		aboveBedM: 0.1,
		drift: 0.7,
		underFilmM: 0.25,
		spread: 0.18,
		usualWaterM: 1,
		/** Line for the depth: under a dry fly or an indicator, and led by hand. */
		hung: 1.5,
		led: 1.25,
		swungM: 3,
		farthestM: 4,
		nearestM: 2.5,
		/** Beads for the length of a fly, from and to. */
		beadFrom: 0.18,
		beadTo: 0.5,
		/** Weight under water that a dry fly holds up which carries 1, N. */
		heldUpN: 0.004,
		/** What a bushy dry fly carries. */
		usualCarries: 0.55,
		leastLineM: 0.3,
		/** Too shallow under this share of the depth that is wanted. */
		shortOf: 0.85,
		/** Fish are as likely as this at any depth, beside the likeliest. */
		leastPrior: 0.02
	}
);

/** A fly that is to be brought down to fish, and the water. */
export interface BelowWater {
	water: FlyWater;
	waterM: number;
	style: Style;
	/** A dry fly that is carried holds it up. */
	heldUp: boolean;
}

/** One rule: for which way it speaks, when, how much (`WAY_NUMBERS`), and what it says. */
export interface WayRule {
	id: RuleId;
	way: Way;
	applies: (given: BelowWater) => boolean;
	says: Message;
}

const quiet = ({ surface, clarityM, speedMs }: FlyWater): boolean =>
	surface === 'glassy' && clarityM >= 1 && speedMs < N.fastMs;

export const WAY_RULES: readonly WayRule[] = [
	rule('shallow-float', 'under-dry', ({ waterM }) => waterM <= N.shallowM),
	rule('quiet-float', 'under-dry', ({ water, waterM }) => quiet(water) && waterM <= N.dryMostM),
	rule('too-heavy', 'under-dry', ({ heldUp }) => !heldUp),
	rule('too-deep-for-dry', 'under-dry', ({ waterM }) => waterM > N.dryMostM),
	rule(
		'near-and-fast',
		'tight-line',
		({ water, waterM, style }) =>
			style.zone !== 'under-film' &&
			water.speedMs >= N.fastMs &&
			water.surface !== 'glassy' &&
			waterM <= N.tightMostM
	),
	rule('too-wide', 'tight-line', ({ water }) => water.speedMs < N.slowMs || quiet(water)),
	rule('windy', 'tight-line', ({ water }) => water.windMs > N.windyMs),
	rule(
		'deep-and-even',
		'indicator',
		({ water, waterM, style }) =>
			style.zone !== 'under-film' && waterM > N.deepM && (water.surface !== 'broken' || waterM > N.tightMostM)
	),
	rule('rises', 'swung', ({ style }) => style.zone === 'under-film'),
	rule('bed-animals', 'swung', ({ style }) => style.zone === 'bed')
];

function rule(id: RuleId, way: Way, applies: WayRule['applies']): WayRule {
	return { id, way, applies, says: says(id) };
}
