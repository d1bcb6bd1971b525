import type { Lie } from '../vocabulary';

/** What may keep a fish from taking the fly, in the order in which it is put right. */
export const CAUSES = [
	'fine',
	'drag',
	'tippet',
	'position',
	'posture',
	'size',
	'stage',
	'insect',
	'not-feeding',
	'put-down'
] as const;
export type Cause = (typeof CAUSES)[number];

export const CAUSE_NAMES: Record<Cause, string> = {
	fine: 'Nothing is wrong: it may not have met the fly yet',
	drag: 'The fly drags, seen or unseen',
	tippet: 'The tippet shows or holds the fly',
	position: 'It feels line, shadow or guest',
	posture: 'The fly sits wrong',
	size: 'The size is off',
	stage: 'Another stage is taken',
	insect: 'Another insect is taken',
	'not-feeding': 'It does not feed just now',
	'put-down': 'It was put down'
};

/** What the name of no cause at all is once the fish has shown that it saw the fly. */
export const FINE_THOUGH_SEEN = 'Nothing is wrong: now and then a good fly is turned away or missed';

/** What a fish that meets the fly does: no answer, turns away late, turns away early, takes short, takes. */
export const RESPONSES = ['none', 'late', 'early', 'short', 'take'] as const;
export type Response = (typeof RESPONSES)[number];

/**
 * What a fish does that meets the fly, by what is wrong with it. Rows sum to 1. Field rules of docs/method.md:
 * drag and tippet are noticed at the last moment, so is a size; a wrong stage or insect is hardly looked at; a
 * fish that is put down does nothing at all.
 */
export const RESPONSE: Record<Cause, Record<Response, number>> = {
	fine: { none: 0.12, late: 0.06, early: 0.06, short: 0.08, take: 0.68 },
	drag: { none: 0.55, late: 0.33, early: 0.07, short: 0.03, take: 0.02 },
	tippet: { none: 0.5, late: 0.36, early: 0.08, short: 0.03, take: 0.03 },
	position: { none: 0.85, late: 0.07, early: 0.06, short: 0.01, take: 0.01 },
	posture: { none: 0.46, late: 0.12, early: 0.32, short: 0.06, take: 0.04 },
	size: { none: 0.36, late: 0.4, early: 0.12, short: 0.08, take: 0.04 },
	stage: { none: 0.68, late: 0.08, early: 0.2, short: 0.02, take: 0.02 },
	insect: { none: 0.75, late: 0.05, early: 0.17, short: 0.01, take: 0.02 },
	'not-feeding': { none: 0.96, late: 0.01, early: 0.02, short: 0.005, take: 0.005 },
	'put-down': { none: 0.985, late: 0.005, early: 0.005, short: 0.0025, take: 0.0025 }
};

/** How contrary the currents are between rod and lie, 0 to 1: where drag comes from. Field rule. */
export const CONTRARY: Record<Lie, number> = {
	seam: 0.8,
	'foam-lane': 0.55,
	'pool-tail': 0.95,
	pocket: 0.9,
	flat: 0.45,
	edge: 0.4,
	eddy: 1,
	margin: 0.35
};

/** Numbers of the advice, with their reasons. */
export const ADVICE = {
	/** Before anything is tried: a fly drags about so often, more with the style and with contrary currents, and half as often with slack and mends. */
	drag: { least: 0.1, style: 0.35, mended: 0.5 },
	/** The tippet: always a little; more for each X stouter than the rig asks, and then on clear slow glass; and when it is short. */
	tippet: { least: 0.04, eachX: 0.07, glass: 0.07, short: 0.08 },
	/** Where the guest stands: more on glass, less from the side and from above with the fly first. */
	position: { least: 0.04, glass: 0.08, otherThanBelow: 0.4 },
	/** Even a fly that the reading finds right may be wrong in each of these: no reading is sure of everything. */
	evenSo: { posture: 0.03, size: 0.05, stage: 0.03, insect: 0.03 },
	notFeeding: 0.04,
	putDown: 0.02,
	/** A share of the drifts drags in any case; of a fly that is refused for drag, so many are seen to. */
	seenToDrag: { usual: 0.12, whenDrag: 0.5 },
	/** Each drift that dragged over the fish puts it down with this chance. */
	dragPutsDown: 0.06,
	/** A style serves a stage from this posture on. */
	serves: 0.5,
	/** A size or colour less like than this is that of another insect. */
	another: 0.3,
	/** Rises since the fly was last over it: a fish that is put down, or does not feed, rises so seldom. */
	risesAnyway: 0.15,
	/** Silence speaks, but fish pause by themselves: its logarithm counts this much. */
	silence: 0.4,
	/** Good drifts in which a change is to prove itself, and minutes for each. */
	proof: { drifts: 8, minutesEach: 0.5 },
	/** What is left of a fly that was fine when it is changed for another. */
	outrageous: 0.12,
	/** Under this chance of a take in the next drifts after the best change, another fish is better. */
	leaveUnder: 0.06,
	/** What was noted longer ago than this is of another mood, min. */
	stateLastsMin: 20
} as const;
