import type { Message } from '$lib/core/message';
import type { NumberTable, TableWords } from '$lib/core/rule';
import { ADVICE_WORDS } from './written/advice';
import { APPROACH_WORDS } from './written/approach';
import { ATLAS_WORDS } from './written/atlas';
import { LIKENESS_WORDS } from './written/likeness';
import { LOOK_WORDS } from './written/look';
import { MATCH_WORDS } from './written/match';
import { READING_WORDS } from './written/reading';
import { RIG_WORDS } from './written/rig';
import { RISE_WORDS } from './written/rise';
import type { Names, WrittenTables } from './written/written';

/** The words of every table of numbers, by its id. Loaded by the page that shows them alone. */
const WRITTEN: WrittenTables = {
	...READING_WORDS,
	...LOOK_WORDS,
	...ATLAS_WORDS,
	...RISE_WORDS,
	...LIKENESS_WORDS,
	...MATCH_WORDS,
	...RIG_WORDS,
	...ADVICE_WORDS,
	...APPROACH_WORDS
};

/**
 * The words of a table.
 *
 * @throws RangeError for a table that has none
 */
export function tableWords({ id }: NumberTable): TableWords {
	const written = WRITTEN[id];
	if (!written) throw new RangeError(`The table ${id} has no words.`);
	const says = (key: string, text: string): Message => ({ id: `table.${id}.${key}`, text });
	return {
		title: says('title', written.title),
		reason: says('reason', written.reason),
		keys: Object.assign(
			{},
			...(written.lists ?? []),
			Object.fromEntries(Object.entries(written.keys ?? {}).map(([key, text]) => [key, says(key, text)]))
		) as Names
	};
}
