import type { AttemptBody, Outing, Position, Watch } from '../../note';
import type { Response } from './tables';

/** How the fly was fished: everything of it that a change can change. */
export interface Setup {
	patternId: string;
	hookSize: number;
	tippetX: number | undefined;
	from: Position;
	/** Slack and mends, as asked for. */
	mending: boolean;
}

/** One note of how the fish answered. */
export interface Trial {
	setup: Setup;
	at: Date;
	/** Good drifts without an answer. */
	drifts: number;
	dragged: number;
	/** How the last drift was answered, where it was. */
	answer?: Exclude<Response, 'none'>;
	putDown: boolean;
}

export const keyOf = ({ patternId, hookSize, tippetX, from, mending }: Setup): string =>
	`${patternId} ${hookSize} ${tippetX ?? ''} ${from} ${mending}`;

/** What was tried over the fish in hand, or without one over the reach: in order, each with how it was fished. */
export function trialsOf(
	outing: Outing,
	watch: Watch | undefined
): { trials: Trial[]; fly: AttemptBody | undefined; setup: Setup | undefined } {
	const trials: Trial[] = [];
	let fly: AttemptBody | undefined;
	let tippetX: number | undefined;
	let from: Position = 'below';
	let mending = false;
	let setup: Setup | undefined;
	for (const { note, observedAt } of outing.live) {
		if (note.kind === 'rig') {
			tippetX = note.body.tippetX;
			from = note.body.from ?? from;
			mending = note.body.mending ?? mending;
		} else if (note.kind === 'attempt') {
			fly = note.body;
			// A fish that was taken is done with: what went before is of another.
			const { outcome, watchId } = note.body;
			if (!watch && (outcome === 'taken' || outcome === 'landed')) trials.length = 0;
			else if (watchId === watch?.id || !watch) {
				const trial = trialOf(note.body, { ...flyOf(fly), tippetX, from, mending }, observedAt);
				if (trial) trials.push(trial);
			}
		} else continue;
		setup = fly && { ...flyOf(fly), tippetX, from, mending };
	}
	return { trials, fly, setup };
}

const flyOf = ({ patternId, hookSize }: AttemptBody) => ({ patternId, hookSize });

function trialOf(body: AttemptBody, setup: Setup, at: Date): Trial | undefined {
	const { outcome, dragged = 0, lastMoment } = body;
	const answer = answerOf(outcome, lastMoment);
	const drifts = body.drifts ?? (outcome === 'drifted' ? 1 : 0);
	if (!answer && drifts + dragged === 0 && outcome !== 'put-down') return undefined;
	return { setup, at, drifts, dragged, ...(answer && { answer }), putDown: outcome === 'put-down' };
}

function answerOf(outcome: AttemptBody['outcome'], lastMoment = false): Trial['answer'] {
	switch (outcome) {
		case 'refused':
			return lastMoment ? 'late' : 'early';
		case 'short':
			return 'short';
		case 'missed':
		case 'taken':
		case 'landed':
			return 'take';
		case 'tied-on':
		case 'drifted':
		case 'put-down':
		case 'lost':
			return undefined;
	}
}
