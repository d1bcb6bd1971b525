import type { Message } from './message';
import { sayMessage } from './say';

/** What somebody gave that can't be taken, and why: for a guide as a message, for a log in English. */
export class InputError extends RangeError {
	override name = 'InputError';

	constructor(readonly says: Message) {
		super(sayMessage(says));
	}
}
