import type { StanceFound } from '$lib/core/approach';

/** Is told how far a search for stances has come, 0 to 1, and the best so far. */
export type DriftProgress = (share: number, found: readonly StanceFound[]) => void;
