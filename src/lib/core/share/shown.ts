import { leastOfWord, type Message } from '../message';
import { dayTold } from './board';
import type { SharedPlace, SharedRecord } from '../record';

/** What a colleague's page shows of a shared record: what it does not show is not sent. */
export interface ShownRecord extends Pick<
	SharedRecord,
	| 'taxonId'
	| 'stage'
	| 'day'
	| 'timeZone'
	| 'firstSeen'
	| 'mostSeen'
	| 'lastSeen'
	| 'abundance'
	| 'naming'
	| 'lengthMm'
	| 'hookSize'
	| 'taken'
	| 'flies'
	| 'words'
	| 'place'
> {
	conditions: Pick<SharedRecord['conditions'], 'waterC' | 'sky'>;
}

/** A shared record as a colleague's page shows it: that fish took it as one word, flies only if fish told of them. */
export function shownOf(record: SharedRecord): ShownRecord {
	const { taxonId, stage, day, timeZone, firstSeen, mostSeen, lastSeen, abundance, place } = record;
	const { naming, lengthMm, hookSize, words } = record;
	const { waterC, sky } = record.conditions;
	const took = record.flies.filter(({ outcome }) => outcome === 'taken' || outcome === 'landed');
	return {
		...{ taxonId, stage, day, timeZone, firstSeen, mostSeen, lastSeen, abundance, place },
		...(naming && { naming }),
		...(lengthMm !== undefined && { lengthMm }),
		...(hookSize !== undefined && { hookSize }),
		...(words !== undefined && { words }),
		taken: leastOfWord(record.taken),
		flies: took.length > 0 ? took : record.flies,
		conditions: { ...(waterC !== undefined && { waterC }), ...(sky && { sky }) }
	};
}

/** What a public board shows of a record. */
export interface BoardRecord extends Pick<SharedRecord, 'taxonId' | 'stage' | 'lengthMm' | 'abundance'> {
	place: SharedPlace | { precision: 'water'; water: string };
	/** The day, as finely as it is told. */
	when: Message;
}

/** A shared record as a public board shows it: the water without its basin, the day without the hour. */
export function onBoard(record: SharedRecord): BoardRecord {
	const { taxonId, stage, lengthMm, abundance, place } = record;
	return {
		...{ taxonId, stage, abundance },
		...(lengthMm !== undefined && { lengthMm }),
		place: place.precision === 'water' ? { precision: place.precision, water: place.water } : place,
		when: dayTold(record)
	};
}
