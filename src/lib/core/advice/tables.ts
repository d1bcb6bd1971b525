import { names, words } from '../message';
import { FIELD_RULE, numbers, quarrel, type NumberTable } from '../rule';
import { SCHOOL_IDS, SCHOOLS } from '../likeness';
import { type ChangeId, type Lie } from '../vocabulary';

/** What may keep a fish from taking the fly, in the order in which it is put right. */
export const CAUSES = [
	'fine',
	'drag',
	'tippet',
	'position',
	'hooking',
	'depth',
	'posture',
	'size',
	'stage',
	'insect',
	'not-feeding',
	'put-down'
] as const;
export type Cause = (typeof CAUSES)[number];

export const CAUSE_NAMES = names('cause', {
	fine: 'Nothing is wrong: it may not have met the fly yet',
	drag: 'The fly drags, seen or unseen',
	tippet: 'The tippet shows or holds the fly',
	position: 'It feels line, shadow or guest',
	hooking: 'It takes, and the strike misses it',
	depth: 'It is fished too high or too deep',
	posture: 'The fly sits wrong',
	size: 'The size is off',
	stage: 'Another stage is taken',
	insect: 'Another insect is taken',
	'not-feeding': 'It does not feed just now',
	'put-down': 'It was put down'
} satisfies Record<Cause, string>);

/** Schools of what to do when a fly is refused: smaller, or larger in murk, fast water and as half-emerged. */
export const REFUSED = quarrel<'smaller' | 'larger', { sooner: Partial<Record<ChangeId, number>> }>(
	'refused',
	{ asks: 'When a fly is refused', usual: 'smaller' },
	{
		smaller: {
			name: 'Smaller',
			consequence: 'most flies are too large',
			sooner: { smaller: 1.3, larger: 0.8 }
		},
		larger: {
			name: 'Larger',
			consequence: 'in murk, fast water, and as half emerged',
			sooner: { larger: 1.3, smaller: 0.8 }
		}
	}
);
export type RefusedSchool = (typeof REFUSED.ids)[number];

const says = words('advice-table', {
	'fine-though-seen': 'Nothing is wrong: now and then a good fly is turned away or missed'
});

/** What the name of no cause at all is once the fish has shown that it saw the fly. */
export const FINE_THOUGH_SEEN = says('fine-though-seen');

/**
 * What a fish that meets the fly does: no answer, turns away late, turns away early, takes short, takes and is missed,
 * takes and is hooked.
 */
export type Response = 'none' | 'late' | 'early' | 'short' | 'missed' | 'take';

/** What a fish does that meets the fly, by what is wrong with it. */
export const RESPONSE = numbers(
	'advice.response',
	{
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		rowsSumTo1: true
	},
	{
		fine: { none: 0.12, late: 0.06, early: 0.06, short: 0.08, missed: 0.1, take: 0.58 },
		drag: { none: 0.55, late: 0.33, early: 0.07, short: 0.03, missed: 0.005, take: 0.015 },
		tippet: { none: 0.5, late: 0.36, early: 0.08, short: 0.03, missed: 0.005, take: 0.025 },
		position: { none: 0.85, late: 0.07, early: 0.06, short: 0.01, missed: 0.003, take: 0.007 },
		hooking: { none: 0.12, late: 0.06, early: 0.06, short: 0.16, missed: 0.5, take: 0.1 },
		depth: { none: 0.9, late: 0.02, early: 0.06, short: 0.005, missed: 0.005, take: 0.01 },
		posture: { none: 0.46, late: 0.12, early: 0.32, short: 0.06, missed: 0.01, take: 0.03 },
		size: { none: 0.36, late: 0.4, early: 0.12, short: 0.08, missed: 0.01, take: 0.03 },
		stage: { none: 0.68, late: 0.08, early: 0.2, short: 0.02, missed: 0.005, take: 0.015 },
		insect: { none: 0.75, late: 0.05, early: 0.17, short: 0.01, missed: 0.005, take: 0.015 },
		'not-feeding': { none: 0.96, late: 0.01, early: 0.02, short: 0.005, missed: 0.001, take: 0.004 },
		'put-down': { none: 0.985, late: 0.005, early: 0.005, short: 0.0025, missed: 0.0005, take: 0.002 }
	} satisfies Record<Cause, Record<Response, number>>
);

/** How contrary the currents are between rod and lie, 0 to 1. */
export const CONTRARY = numbers(
	'advice.contrary',
	{
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE
	},
	{
		seam: 0.8,
		'foam-lane': 0.55,
		'pool-tail': 0.95,
		pocket: 0.9,
		flat: 0.45,
		edge: 0.4,
		eddy: 1,
		margin: 0.35,
		still: 0.1,
		unknown: 0.6
	} satisfies Record<Lie | 'still' | 'unknown', number>
);

/** Probability of each cause before anything was tried. */
export const BEFORE = numbers(
	'advice.before',
	{
		unit: 'weight',
		range: [0, 5],
		source: FIELD_RULE
	},
	{
		dragLeast: 0.1,
		dragStyle: 0.35,
		dragMended: 0.5,
		/** Where the drift from the chosen stance was told: too short, or long enough. */
		dragShort: 1.6,
		dragLong: 0.5,
		tippetLeast: 0.04,
		tippetEachX: 0.07,
		tippetGlass: 0.07,
		tippetShort: 0.08,
		tippetShowsShort: 0.7,
		positionLeast: 0.04,
		positionGlass: 0.08,
		positionOther: 0.4,
		hooking: 0.04,
		depth: 0.3,
		depthTook: 0.06,
		posture: 0.03,
		size: 0.05,
		stage: 0.03,
		insect: 0.03,
		notFeeding: 0.04,
		putDown: 0.02,
		leastLeft: 0.1,
		glassMs: 0.4,
		glassClearM: 1.2
	}
);

/** How notes of the fish are judged, and when to leave it. */
export const JUDGED = numbers(
	'advice.judged',
	{
		unit: 'weight',
		range: [-10, 100],
		source: FIELD_RULE
	},
	{
		draggedUsually: 0.12,
		draggedForDrag: 0.5,
		dragTold: 0.5,
		dragPutsDown: 0.06,
		serves: 0.5,
		another: 0.3,
		mismatch: 0.8,
		risesAnyway: 0.15,
		silence: 0.4,
		silenceLeast: -4,
		toldPutDown: 6,
		proofDrifts: 8,
		proofMinutes: 0.5,
		fairMeetings: 3,
		hereMin: 10,
		walkMin: 4,
		leaveUnder: 0.6,
		stateLastsMin: 20,
		sizePrior: 0.15,
		smallerMurk: 0.2,
		smallerLate: 0.6,
		smallerElse: 0.45,
		largerMurk: 0.6,
		largerElse: 0.2,
		mostFixed: 0.9,
		sureTop: 0.45,
		openCounts: 0.5,
		notCarried: 0.2,
		keepsLeast: 0.3,
		keepsBase: 0.4,
		mistaken: 0.01,
		murkFromM: 1.2,
		murkAllM: 0.4,
		murkFastMs: 0.8,
		murkFast: 0.3,
		murkDim: 0.2,
		murkTold: 0.5,
		endsFrom: 0.5,
		murkHides: 0.8,
		outrageousAfter: 3,
		sameDepthM: 0.25,
		depthStep: 0.15,
		movesFrom: 0.2,
		floatsLow: 0.5
	}
);

/** What each change puts right, by cause; what it keeps of a fly that was fine; the minutes that it costs. */
export const FIXES = numbers(
	'advice.fixes',
	{
		unit: 'weight',
		range: [0, 30],
		source: FIELD_RULE
	},
	{
		stay: { keeps: 1, minutes: 0 },
		'next-fish': { keeps: 1, minutes: 1 },
		mend: { drag: 0.6, keeps: 1, minutes: 0.5 },
		longer: { tippet: 0.4, drag: 0.35, keeps: 1, minutes: 2.5 },
		finer: { tippet: 0.75, drag: 0.25, keeps: 1, minutes: 2.5 },
		strike: { hooking: 0.65, keeps: 1, minutes: 0.3 },
		position: { position: 0.7, drag: 0.4, keeps: 1, minutes: 5 },
		deeper: { keeps: 0.95, minutes: 1, leastChance: 0.05 },
		shallower: { keeps: 0.95, minutes: 1, leastChance: 0.05 },
		swing: { depth: 0.2, stage: 0.2, posture: 0.1, keeps: 0.8, minutes: 0.5, tookSo: 0.6 },
		twitch: { posture: 0.25, stage: 0.12, 'not-feeding': 0.1, keeps: 0.8, minutes: 0.3 },
		second: { keeps: 0.95, minutes: 3, counts: 0.5 },
		'one-fly': { drag: 0.3, position: 0.15, keeps: 0.9, minutes: 1 },
		clean: { posture: 0.5, drag: 0.2, keeps: 1, minutes: 0.5 },
		plain: { posture: 0.2, stage: 0.12, keeps: 0.85, minutes: 0.3 },
		dressed: { posture: 0.3, stage: 0.1, keeps: 0.9, minutes: 0.7 },
		smaller: { posture: 0.05, keeps: 0.75, minutes: 1.5 },
		larger: { posture: 0.05, keeps: 0.75, minutes: 1.5 },
		other: { minutes: 2 },
		rest: { 'put-down': 0.75, 'not-feeding': 0.4, position: 0.1, keeps: 1 },
		outrageous: {
			posture: 0.12,
			size: 0.12,
			stage: 0.12,
			insect: 0.12,
			'not-feeding': 0.06,
			keeps: 0.5,
			minutes: 2
		}
	}
);

/** A tippet as long as this, m, is a long one; a longer one is tied on as long as that. */
export const LONG_TIPPET = numbers(
	'advice.long-tippet',
	{
		unit: 'm',
		range: [0.3, 4],
		source: FIELD_RULE
	},
	{ fromM: 1.4, tiedM: 1.6 }
);

/** How the first cast is laid: from what gain in the chance of a take it is told, and where a long tippet turns over. */
export const FIRST_CAST = numbers(
	'advice.first-cast',
	{
		unit: 'weight',
		range: [0, 20],
		source: FIELD_RULE
	},
	{ leastGain: 0.003, longToWindMs: 5, longFromContrary: 0.5 }
);

/** Minutes of rest. */
export const RESTS = numbers(
	'advice.rests',
	{
		unit: 'count',
		range: [0, 600],
		source: FIELD_RULE
	},
	{ putDown: 10, badDrifts: 4, most: 8, waits: 3, usualS: 60, surelyDown: 0.5 }
);

const sooner: Record<string, Record<string, number>> = {
	usual: { clean: 3, mend: 1.4, longer: 1.25, finer: 1.2, strike: 1.2 },
	// Fussy fish: the drift, the length of the tippet, the place, a size down; stage and insect last.
	glass: {
		mend: 1.9,
		longer: 1.9,
		finer: 0.95,
		position: 1.4,
		smaller: 1.1,
		larger: 0.6,
		stage: 0.9,
		insect: 0.8
	},
	...Object.fromEntries(SCHOOL_IDS.map((id) => [id, SCHOOLS[id].sooner]))
};
/** Factors on the gain of a change: what all schools put first, and each school’s own. */
export const SOONER = numbers(
	'advice.sooner',
	{
		unit: 'factor',
		range: [0, 5],
		source: FIELD_RULE
	},
	sooner
);

/** Every table of numbers that advice goes by. */
export const ADVICE_TABLES: readonly NumberTable[] = [
	RESPONSE,
	CONTRARY,
	BEFORE,
	JUDGED,
	FIXES,
	LONG_TIPPET,
	FIRST_CAST,
	RESTS,
	SOONER
];
