import type { RigBody } from '../note';
import type { Message } from '../message';
import type { ChangeId, FlyMove, Position, Way } from '../vocabulary';
import type { Cause } from './tables';
import type { Setup } from './trials';

/** One thing to do differently, and what it promises. */
export interface Change {
	id: ChangeId;
	says: Message;
	because: Message[];
	/** Minutes that it costs before the fly is over the fish again. */
	minutes: number;
	/** Chance that the fish takes in the next few good drifts after it. */
	chance: number;
	/** Chance that it takes within ten minutes, of which the change costs its own. */
	inTenMinutes: number;
	/** The fly to tie on, where it is another. */
	fly?: { patternId: string; name: Message; hookSize: number; inBox?: number };
	tippetX?: number;
	tippetM?: number;
	from?: Position;
	/** How deep to fish, m. */
	depthM?: number;
	way?: Way;
	moved?: FlyMove;
	/** Greased to ride high, or plain to sit low. */
	dressed?: boolean;
	/** A fly to tie on behind the one that is on. */
	second?: NonNullable<RigBody['second']>;
}

/** A change with what it puts right, before it is weighed. */
export interface Candidate extends Omit<Change, 'chance' | 'inTenMinutes'> {
	/** For each cause, the chance that this change removes it. */
	fixes: Partial<Record<Cause, number>>;
	/** How much of a fly that was fine stays fine. */
	keeps: number;
	/** What the fishing would be after it; nothing when the setup stays. */
	setup?: Setup;
	/** Not to be offered again now. */
	done?: boolean;
}
