import { words, within, type Message } from '../message';
import type { Outing } from '../outing';
import { FLY_MOVE_NAMES, type FlyMove } from '../vocabulary';
import { RETRIEVED } from './choice-tables';
import { triedBy, type Tried } from './tried';

const says = words('retrieve', {
	calm: 'Calm: give them a slow draw now and then, or none.',
	breeze: 'A breeze moves them enough: no retrieve, only tighten.',
	windy: 'Windy: a steady slow draw keeps the line straight.',
	took: '{takes, plural, one {One fish} other {# fish}} took it {move}.'
});

/** Retrieves of still water. */
export const RETRIEVES = ['still', 'slow-draw', 'pull-and-pause'] as const satisfies readonly FlyMove[];
export type RetrieveMove = (typeof RETRIEVES)[number];

/** How flies are moved through still water: the best now, and what was tried. */
export interface Retrieve {
	move: RetrieveMove;
	because: Message;
	tried: ({ move: RetrieveMove } & Tried)[];
}

/**
 * The retrieve with the most takes to be expected: takes to each are Poisson, and before any the wind says which
 * (conjugate gamma, worth so many draws).
 */
export function retrieveFor(outing: Outing, windMs: number): Retrieve {
	const { calmMs, windyMs, worthDraws, rate, likelier } = RETRIEVED.values;
	const weather = windMs > windyMs ? 'windy' : windMs > calmMs ? 'breeze' : 'calm';
	const usual = USUAL[weather];
	const tried = triedBy(outing, (_, rig) => (isRetrieve(rig?.moved) ? [rig.moved] : []));
	const expected = (move: RetrieveMove) => {
		const { takes = 0, effort = 0 } = tried.get(move) ?? {};
		const prior = rate * (move === usual ? likelier : 1);
		return (takes + prior * worthDraws) / (effort + worthDraws);
	};
	const move = RETRIEVES.reduce((best, next) => (expected(next) > expected(best) ? next : best));
	const takes = tried.get(move)?.takes ?? 0;
	return {
		move,
		because: takes > 0 ? says('took', { takes, move: within(FLY_MOVE_NAMES[move]) }) : says(weather),
		tried: [...tried].map(([move, tally]) => ({ move, ...tally }))
	};
}

const USUAL = { calm: 'slow-draw', breeze: 'still', windy: 'slow-draw' } as const;

const isRetrieve = (move: FlyMove | undefined): move is RetrieveMove =>
	(RETRIEVES as readonly (FlyMove | undefined)[]).includes(move);
