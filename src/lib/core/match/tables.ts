import type { NumberTable } from '../rule';
import { CHOSEN, FIRST_BOX, PAIRED, PREFERRED, RETRIEVED, TWO_NYMPHS } from './choice-tables';
import { BELOW, WAY_NUMBERS } from './way-rules';
import { FITNESS_WATER, LOSSES, POST_SHOWS } from './fitness-rules';

/** Every table of numbers that flies are chosen by. */
export const MATCH_TABLES: readonly NumberTable[] = [
	LOSSES,
	FITNESS_WATER,
	POST_SHOWS,
	CHOSEN,
	PAIRED,
	PREFERRED,
	RETRIEVED,
	TWO_NYMPHS,
	BELOW,
	WAY_NUMBERS,
	FIRST_BOX
];
