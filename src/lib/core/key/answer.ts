import type { MarkId } from './mark';

/** What was seen of one mark; `unseen` when it could not be made out. */
export interface Answer {
	mark: MarkId;
	state: string;
}
