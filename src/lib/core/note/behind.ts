import type { AttemptBody } from './note';

/** Whether a note tells of a fly behind the first. */
export const isBehind = ({ which }: AttemptBody): boolean => which !== undefined && which !== 'first';
