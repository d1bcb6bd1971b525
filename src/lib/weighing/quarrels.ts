import { FISH_FIRST, FISHED_FROM, REFUSED, STRIKING } from '$lib/core/advice';
import { SCHOOL } from '$lib/core/likeness';
import { FROM_TRAY, NOTHING_RISING, STONEFLY } from '$lib/core/match';
import { WEIGHING } from '$lib/core/reading';
import { LEADER, PATIENCE, TIPPET } from '$lib/core/rig';
import { SOFT_FEATHERS } from '$lib/core/tackle';

/**
 * The questions on which practitioners quarrel, each answered by a setting of the same name. Adding an answer is a row
 * of its table; adding a question is a table, and its name here.
 */
export const QUARRELS = {
	school: SCHOOL,
	weighing: WEIGHING,
	tippetSchool: TIPPET,
	leaderSchool: LEADER,
	refused: REFUSED,
	patience: PATIENCE,
	fishFirst: FISH_FIRST,
	fishedFrom: FISHED_FROM,
	striking: STRIKING,
	nothingRising: NOTHING_RISING,
	fromTray: FROM_TRAY,
	stonefly: STONEFLY,
	softFeathers: SOFT_FEATHERS
} as const;
