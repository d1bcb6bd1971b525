import { tell } from '../tell';
import { type Message } from '$lib/core/message';

/** Reasons for a program: as sentences in metric units, and by their ids in the catalogue, in the same order. */
export const reasonsTold = (messages: readonly Message[]): { because: string[]; codes: string[] } => ({
	because: messages.map((message) => tell(message)),
	codes: messages.map(({ id }) => id)
});
