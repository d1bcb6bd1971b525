import type { AttemptBody } from './note';

/** Whether a note tells of a fly behind the first. */
export const isBehind = ({ which }: AttemptBody): boolean => which !== undefined && which !== 'first';

/** Whether an attempt tells of a fish that took, whatever became of it then. */
export const isTake = ({ outcome }: Pick<AttemptBody, 'outcome'>): boolean =>
	outcome === 'taken' || outcome === 'landed' || outcome === 'came-off';
