import type { Message } from '../message';

/** The log likelihood of one note under each hypothesis, up to a constant that they share. */
export interface Evidence {
	noteId: string;
	/** In place of what the note says, where several together say something else. */
	says?: Message;
	logLikelihoods: Float64Array;
}
