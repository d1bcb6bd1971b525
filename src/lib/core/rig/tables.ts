import type { NumberTable } from '../rule';
import { WEIGHT } from '../tackle';
import { LEADER_LIMITS, LEADER_M, TIPPET_X } from './leader-rules';
import { DEPTH, LINE_DRAG, SECOND_M, SINKING, STILL, WINTER } from './line-tables';
import { LANE, LOOKS } from './seen-tables';

/** Every table of numbers that leaders, lines and patience go by. */
export const RIG_TABLES: readonly NumberTable[] = [
	LEADER_M,
	TIPPET_X,
	LEADER_LIMITS,
	SECOND_M,
	SINKING,
	STILL,
	DEPTH,
	WINTER,
	WEIGHT,
	LINE_DRAG,
	LANE,
	LOOKS
];
