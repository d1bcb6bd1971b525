import { isBehind, isTake, type AttemptBody, type RigBody, type StanceBody } from '../note';
import type { Outing, Watch } from '../outing';
import type { DriftPart, FlyMove, Position, Stance, Way } from '../vocabulary';
import { LONG_TIPPET, type Response } from './tables';

/** How the fly was fished: everything of it that a change can change. */
export interface Setup {
	patternId: string;
	hookSize: number;
	tippetX: number | undefined;
	from: Position;
	/** Slack and mends, as asked for. */
	mending: boolean;
	/** A tippet longer than usual. */
	long: boolean;
	/** How deep it fished, m, where that was noted. */
	depthM?: number | undefined;
	/** How it was brought to the fish, and moved. */
	way?: Way | undefined;
	moved?: FlyMove | undefined;
	/** Greased, or plain, where that was noted. */
	dressed?: boolean | undefined;
	/** A second fly was on. */
	two?: boolean | undefined;
	/** How long the fly drifts freely from where one stands, as a share of how long it has to. */
	drifts?: number | undefined;
}

/** One note of how the fish answered. */
export interface Trial {
	setup: Setup;
	at: Date;
	/** Good drifts without an answer. */
	drifts: number;
	dragged: number;
	/** How the last drift was answered, where it was. */
	answer?: Exclude<Response, 'none'> | 'refused';
	/** It was a fish before this one, which took: it tells of the fly and how it was fished, not of this fish. */
	before?: true;
	putDown: boolean;
}

/** Fish that a fly took: hooked, of those landed and come off; the rest are still on. */
export interface Tally {
	hooked: number;
	landed: number;
	cameOff: number;
}

export const keyOf = (setup: Setup): string => {
	const { patternId, hookSize, tippetX, from, mending, long, depthM, way, moved, dressed, two } = setup;
	const told = [depthM?.toFixed(1), way, moved, dressed, two ? 'two' : undefined].map((part) =>
		String(part ?? '')
	);
	return `${patternId} ${hookSize} ${tippetX ?? ''} ${from} ${mending} ${long} ${told.join(' ')}`;
};

/**
 * What was tried over the fish in hand, or without one over the reach: in order, each with how it was fished. A fish
 * that took is done with: what went before the take was of another.
 */
export function trialsOf(
	outing: Outing,
	watch: Watch | undefined,
	/** Where fish are fished from until somebody notes otherwise. */
	usualFrom: Position = 'below'
): {
	trials: Trial[];
	fly: AttemptBody | undefined;
	setup: Setup | undefined;
	/** What the fly on the line took since it was tied on. */
	tally: Tally;
	/** A fish has just taken, and nothing was tried since. */
	worked: boolean;
	/** In which part of the drift the last one took, where that was noted. */
	tookIn: DriftPart | undefined;
} {
	let trials: Trial[] = [];
	let tally: Tally = { hooked: 0, landed: 0, cameOff: 0 };
	/** A fish that took and was neither landed yet nor came off. */
	let on = false;
	let worked = false;
	let fly: AttemptBody | undefined;
	let brought: Omit<Setup, 'patternId' | 'hookSize'> = {
		tippetX: undefined,
		from: usualFrom,
		mending: false,
		long: false
	};
	let tookIn: DriftPart | undefined;
	let setup: Setup | undefined;
	for (const { note, observedAt } of outing.live) {
		if (note.kind === 'rig') {
			brought = riggedAs(note.body, brought);
		} else if (note.kind === 'stance') {
			brought = stoodAs(note.body, brought);
		} else if (note.kind === 'attempt') {
			const { outcome, watchId } = note.body;
			// What befell a fly behind the first speaks of that one: the first stays the fly on the line.
			const behind = isBehind(note.body) && fly !== undefined;
			const another =
				!behind && (fly?.patternId !== note.body.patternId || fly.hookSize !== note.body.hookSize);
			if (another) {
				tally = { hooked: 0, landed: 0, cameOff: 0 };
				brought = { ...brought, dressed: undefined };
			}
			if (another || !isTake(note.body)) on = false;
			if (!behind) fly = note.body;
			const trial = trialOf(note.body, setupOf(note.body, brought), observedAt);
			worked = isTake(note.body);
			if (isTake(note.body)) {
				// Of one fish the part may be told when it takes or once it is landed.
				tookIn = note.body.part ?? (on ? tookIn : undefined);
				if (!behind) {
					tally = tallied(tally, outcome, on);
					on = outcome === 'taken';
				}
				trials = trial ? [{ ...trial, drifts: 0, dragged: 0, before: true }] : [];
			} else if (trial && (watchId === watch?.id || !watch)) trials.push(trial);
		} else continue;
		setup = fly && setupOf(fly, brought);
	}
	return { trials, fly, setup, tally, worked, tookIn };
}

/** How the fly is fished from a note of the rig on; what a note leaves out of where and mending stays. */
function riggedAs(
	{ tippetX, tippetM, from, mending, depthM, way, moved, dressed, second }: RigBody,
	before: Omit<Setup, 'patternId' | 'hookSize'>
): Omit<Setup, 'patternId' | 'hookSize'> {
	return {
		tippetX,
		from: from ?? before.from,
		mending: mending ?? before.mending,
		long: tippetM >= LONG_TIPPET.values.fromM,
		depthM,
		way,
		moved,
		dressed,
		two: second !== undefined,
		drifts: from === undefined && mending === undefined ? before.drifts : undefined
	};
}

const FROM = {
	below: 'below',
	'below-and-across': 'below',
	across: 'side',
	'above-and-across': 'above',
	above: 'above'
} as const satisfies Record<Stance, Position>;

/** How the fly is fished from where somebody stands from now on. */
function stoodAs(
	{ stance, cast, driftS, needsS }: StanceBody,
	before: Omit<Setup, 'patternId' | 'hookSize'>
): Omit<Setup, 'patternId' | 'hookSize'> {
	return {
		...before,
		from: FROM[stance],
		mending: cast !== 'straight',
		drifts: driftS === undefined || !needsS ? undefined : driftS / needsS
	};
}

const setupOf = (fly: AttemptBody, brought: Omit<Setup, 'patternId' | 'hookSize'>): Setup => ({
	...flyOf(fly),
	...brought,
	depthM: fly.depthM ?? brought.depthM
});

function tallied(before: Tally, outcome: AttemptBody['outcome'], on: boolean): Tally {
	return {
		hooked: before.hooked + (on && outcome !== 'taken' ? 0 : 1),
		landed: before.landed + (outcome === 'landed' ? 1 : 0),
		cameOff: before.cameOff + (outcome === 'came-off' ? 1 : 0)
	};
}

const flyOf = ({ patternId, hookSize }: AttemptBody) => ({ patternId, hookSize });

function trialOf(body: AttemptBody, setup: Setup, at: Date): Trial | undefined {
	const { outcome, dragged = 0 } = body;
	const answer = answerOf(body);
	const drifts = body.drifts ?? (outcome === 'drifted' ? 1 : 0);
	if (!answer && drifts + dragged === 0 && outcome !== 'put-down') return undefined;
	return { setup, at, drifts, dragged, ...(answer && { answer }), putDown: outcome === 'put-down' };
}

/** When a fish turned away is known where the guide said how; a plain refusal may have been early or late. */
function answerOf({ outcome, lastMoment, how }: AttemptBody): Trial['answer'] {
	switch (outcome) {
		case 'refused':
			if (lastMoment || how === 'sank' || how === 'bumped') return 'late';
			return lastMoment === false || how === 'turned-away' ? 'early' : 'refused';
		case 'short':
			return 'short';
		case 'missed':
			return 'missed';
		case 'taken':
		case 'landed':
		case 'came-off':
			return 'take';
		case 'tied-on':
		case 'drifted':
		case 'put-down':
		case 'lost':
			return undefined;
	}
}
