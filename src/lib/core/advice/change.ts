import type { Position } from '../vocabulary';
import type { Phrase } from '../units';
import type { Cause } from './tables';
import type { Setup } from './trials';

/** Schools of what to do when a fly is refused: smaller, or larger in murk, fast water and as half-emerged. */
export const REFUSED_SCHOOLS = ['smaller', 'larger'] as const;
export type RefusedSchool = (typeof REFUSED_SCHOOLS)[number];

export const CHANGE_IDS = [
	'stay',
	'next-fish',
	'mend',
	'finer',
	'position',
	'smaller',
	'larger',
	'posture',
	'stage',
	'insect',
	'rest',
	'outrageous'
] as const;
export type ChangeId = (typeof CHANGE_IDS)[number];

/** One thing to do differently, and what it promises. */
export interface Change {
	id: ChangeId;
	says: Phrase;
	because: Phrase[];
	/** Minutes that it costs before the fly is over the fish again. */
	minutes: number;
	/** Chance that the fish takes in the next few good drifts after it. */
	chance: number;
	/** The fly to tie on, where it is another. */
	fly?: { patternId: string; name: string; hookSize: number; inBox?: number };
	tippetX?: number;
	from?: Position;
}

/** A change with what it puts right, before it is weighed. */
export interface Candidate extends Omit<Change, 'chance'> {
	/** For each cause, the chance that this change removes it. */
	fixes: Partial<Record<Cause, number>>;
	/** How much of a fly that was fine stays fine. */
	keeps: number;
	/** What the fishing would be after it; nothing when the setup stays. */
	setup?: Setup;
	/** Not to be offered again now. */
	done?: boolean;
}
