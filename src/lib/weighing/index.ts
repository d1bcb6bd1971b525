import { ADVICE_TABLES, REFUSED } from '$lib/core/advice';
import { LIKENESS_TABLES, SCHOOL } from '$lib/core/likeness';
import { MATCH_TABLES } from '$lib/core/match';
import type { Message } from '$lib/core/message';
import { READING_TABLES, valuesUnder, WEIGHING, type WeighingId } from '$lib/core/reading';
import { PATIENCE, RIG_TABLES, TIPPET } from '$lib/core/rig';
import { shownTable, type NumberTable, type ShownTable } from '$lib/core/rule';
import { SOFT_FEATHERS } from '$lib/core/tackle';
import words from './words';

/**
 * The questions on which practitioners quarrel, each answered by a setting of the same name. Adding an answer is a row
 * of its table; adding a question is a table, and its name here.
 */
export const QUARRELS = {
	school: SCHOOL,
	weighing: WEIGHING,
	tippetSchool: TIPPET,
	refused: REFUSED,
	patience: PATIENCE,
	softFeathers: SOFT_FEATHERS
} as const;

/** What judges what: every table of numbers, by what they decide. */
export const CHAPTERS: readonly { title: Message; tables: readonly NumberTable[] }[] = [
	{ title: words('reading'), tables: READING_TABLES },
	{ title: words('likeness'), tables: LIKENESS_TABLES },
	{ title: words('match'), tables: MATCH_TABLES },
	{ title: words('rig'), tables: RIG_TABLES },
	{ title: words('advice'), tables: ADVICE_TABLES }
];

/** Every number by which Lacewing judges, laid out for a guide; those of the chosen school of weighing marked. */
export const shownChapters = (weighing: WeighingId): { title: Message; tables: ShownTable[] }[] =>
	CHAPTERS.map(({ title, tables }) => ({
		title,
		tables: tables.map((table) => shownTable(table, valuesUnder(weighing, table)))
	}));
