import { ADVICE_TABLES } from '$lib/core/advice';
import { APPROACH_TABLES } from '$lib/core/approach';
import { ATLAS_TABLES } from '$lib/core/atlas';
import { DRIFT_TABLES } from '$lib/core/drift';
import { HATCH_TABLES } from '$lib/core/hatch';
import { LIKENESS_TABLES } from '$lib/core/likeness';
import { LOOK_TABLES } from '$lib/core/look';
import { MATCH_TABLES } from '$lib/core/match';
import type { Message } from '$lib/core/message';
import { READING_TABLES, valuesUnder, type WeighingId } from '$lib/core/reading';
import { RIG_TABLES } from '$lib/core/rig';
import { RISE_TABLES } from '$lib/core/rise';
import { shownTable, type NumberTable, type ShownTable } from '$lib/core/rule';
import { tableWords } from './table-words';
import words from './words';

export { QUARRELS } from './quarrels';

/** What judges what: every table of numbers, by what they decide. */
export const CHAPTERS: readonly { title: Message; tables: readonly NumberTable[] }[] = [
	{ title: words('reading'), tables: [...READING_TABLES, ...LOOK_TABLES] },
	{ title: words('hatch'), tables: [...ATLAS_TABLES, ...HATCH_TABLES] },
	{ title: words('rise'), tables: RISE_TABLES },
	{ title: words('likeness'), tables: LIKENESS_TABLES },
	{ title: words('match'), tables: MATCH_TABLES },
	{ title: words('rig'), tables: RIG_TABLES },
	{ title: words('advice'), tables: ADVICE_TABLES },
	{ title: words('approach'), tables: [...APPROACH_TABLES, ...DRIFT_TABLES] }
];

/** Every number by which Lacewing judges, laid out for a guide; those of the chosen school of weighing marked. */
export const shownChapters = (weighing: WeighingId): { title: Message; tables: ShownTable[] }[] =>
	CHAPTERS.map(({ title, tables }) => ({
		title,
		tables: tables.map((table) => shownTable(table, tableWords(table), valuesUnder(weighing, table)))
	}));
