import type { MarkId } from './mark';

/** What was seen of one mark; `unseen` when it could not be made out. */
export interface Answer {
	mark: MarkId;
	state: string;
	/** Where it was measured: how far the measurement speaks for each state, summing to 1, `state` the furthest. */
	shares?: Readonly<Record<string, number>>;
}
