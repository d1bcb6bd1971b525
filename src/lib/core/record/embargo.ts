import { findTaxon } from '../atlas';
import { localDay, localInstant } from '../units';
import type { HatchRecord } from './record';

/** How long a share is held back from the circle. */
export const EMBARGOES = ['now', 'tonight', 'days-3', 'days-7', 'after-hatch'] as const;
export type Embargo = (typeof EMBARGOES)[number];

export const EMBARGO_NAMES: Record<Embargo, string> = {
	now: 'At once',
	tonight: 'Tonight',
	'days-3': 'After three days',
	'days-7': 'After a week',
	'after-hatch': 'When the hatch is over'
};

/** "Tonight" is when the last cars have left, local time. */
const TONIGHT_HOUR = 21;
const DAY_MS = 86_400_000;
/** A hatch goes on for at least so long after it was seen, whatever the table says. */
const LEAST_HATCH_DAYS = 7;
/** Seasons come a week later for each 150 m above this, m (docs/method.md). */
const TABLE_M = 500;

/**
 * When a share becomes visible to others.
 *
 * @param at the moment of sharing; @param elevationM of the reach, which shifts the season
 */
export function appearsAt(
	record: Pick<HatchRecord, 'taxonId' | 'mostSeen' | 'timeZone'>,
	embargo: Embargo,
	at: Date,
	elevationM: number
): Date {
	switch (embargo) {
		case 'now':
			return at;
		case 'tonight': {
			const tonight = localInstant(at, record.timeZone, TONIGHT_HOUR);
			return tonight > at ? tonight : at;
		}
		case 'days-3':
			return new Date(at.getTime() + 3 * DAY_MS);
		case 'days-7':
			return new Date(at.getTime() + 7 * DAY_MS);
		case 'after-hatch':
			return new Date(Math.max(at.getTime(), nextHalfMonth(hatchEnds(record, elevationM)).getTime()));
	}
}

/** The end of a hatch depends on the height of its reach; told to the day, it would tell the height. */
function nextHalfMonth(at: Date): Date {
	const [year, month] = [at.getUTCFullYear(), at.getUTCMonth()];
	return new Date(at.getUTCDate() < 16 ? Date.UTC(year, month, 16) : Date.UTC(year, month + 1, 1));
}

function hatchEnds(
	{ taxonId, mostSeen, timeZone }: Pick<HatchRecord, 'taxonId' | 'mostSeen' | 'timeZone'>,
	elevationM: number
): Date {
	const least = mostSeen.getTime() + LEAST_HATCH_DAYS * DAY_MS;
	const year = Number(localDay(mostSeen, timeZone).slice(0, 4));
	const late = ((elevationM - TABLE_M) / 150) * 7;
	const ends = (findTaxon(taxonId)?.seasons ?? [])
		.map((season) => Date.UTC(year, 0, 1) + (season.ends + late) * DAY_MS)
		.filter((end) => end > least);
	return new Date(ends.length > 0 ? Math.min(...ends) : least);
}
