import { words, within, type Message } from '../message';
import type { Outing } from '../outing';
import { FLY_MOVE_NAMES, type FlyMove } from '../vocabulary';
import { RETRIEVED } from './choice-tables';

const says = words('retrieve', {
	calm: 'Calm: give them a slow draw now and then, or none.',
	breeze: 'A breeze moves them enough: no retrieve, only tighten.',
	windy: 'Windy: a steady slow draw keeps the line straight.',
	took: '{takes, plural, one {One fish} other {# fish}} took {move}.'
});

/** Retrieves of still water. */
export const RETRIEVES = ['still', 'slow-draw', 'pull-and-pause'] as const satisfies readonly FlyMove[];
export type RetrieveMove = (typeof RETRIEVES)[number];

/** How flies are moved through still water: the best now, and what was tried. */
export interface Retrieve {
	move: RetrieveMove;
	because: Message;
	tried: { move: RetrieveMove; takes: number; effort: number }[];
}

/**
 * The retrieve with the most takes to be expected: takes to each are Poisson, and before any the wind says which
 * (conjugate gamma, worth so many draws).
 */
export function retrieveFor(outing: Outing, windMs: number): Retrieve {
	const { calmMs, windyMs, worthDraws, rate, likelier } = RETRIEVED.values;
	const weather = windMs > windyMs ? 'windy' : windMs > calmMs ? 'breeze' : 'calm';
	const usual = USUAL[weather];
	const tried = retrievesTried(outing);
	const expected = (move: RetrieveMove) => {
		const { takes = 0, effort = 0 } = tried.find((one) => one.move === move) ?? {};
		const prior = rate * (move === usual ? likelier : 1);
		return (takes + prior * worthDraws) / (effort + worthDraws);
	};
	const move = RETRIEVES.reduce((best, next) => (expected(next) > expected(best) ? next : best));
	const takes = tried.find((one) => one.move === move)?.takes ?? 0;
	return {
		move,
		because: takes > 0 ? says('took', { takes, move: within(FLY_MOVE_NAMES[move]) }) : says(weather),
		tried
	};
}

const USUAL = { calm: 'slow-draw', breeze: 'still', windy: 'slow-draw' } as const;

const isRetrieve = (move: FlyMove | undefined): move is RetrieveMove =>
	(RETRIEVES as readonly (FlyMove | undefined)[]).includes(move);

/** Takes and effort with each retrieve, as the rig was noted when they were fished. */
function retrievesTried({ live }: Outing): Retrieve['tried'] {
	const found = new Map<RetrieveMove, { takes: number; effort: number }>();
	let now: FlyMove | undefined;
	for (const { note } of live) {
		if (note.kind === 'rig') now = note.body.moved;
		if (note.kind !== 'attempt' || !isRetrieve(now)) continue;
		const { outcome, drifts = 0 } = note.body;
		if (outcome === 'tied-on' || outcome === 'lost') continue;
		const tally = found.get(now) ?? { takes: 0, effort: 0 };
		tally.effort += Math.max(1, drifts);
		if (outcome === 'taken' || outcome === 'missed' || outcome === 'short') tally.takes++;
		found.set(now, tally);
	}
	return [...found].map(([move, tally]) => ({ move, ...tally }));
}
