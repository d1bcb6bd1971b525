import { names } from '../message';
import { findTaxon, groupOfUnnamed } from '../atlas';
import { localInstant } from '../units';
import type { HatchRecord, Precision } from '../record';

/** How long a share is held back from the circle. */
export const EMBARGOES = ['now', 'tonight', 'days-3', 'days-7', 'after-hatch'] as const;
export type Embargo = (typeof EMBARGOES)[number];

export const EMBARGO_NAMES = names('embargo', {
	now: 'At once',
	tonight: 'Tonight',
	'days-3': 'After three days',
	'days-7': 'After a week',
	'after-hatch': 'When the hatch is over'
} satisfies Record<Embargo, string>);

/** "Tonight" is when the last cars have left, local time. */
const TONIGHT_HOUR = 21;
const DAY_MS = 86_400_000;
/** A hatch goes on for at least so long after it was seen, whatever the table says. */
const LEAST_HATCH_DAYS = 7;
const UNNAMED_DAYS = 60;
/** A week more for each 150 m above this, m: longer than any season is moved by height. */
const TABLE_M = 500;

/**
 * When a share becomes visible to others.
 *
 * @param record its place's latitude says which half of the earth it is of, and so when its season is
 * @param at the moment of sharing
 * @param elevationM of the reach, which shifts the season too
 * @param precision how finely it is told: of what tells not even its day, nobody shall see at which moment it came
 */
export function appearsAt(
	record: Told,
	embargo: Embargo,
	at: Date,
	elevationM: number,
	precision: Precision
): Date {
	const when = endOf(embargo, record, at, elevationM);
	return precision === 'season' ? new Date(Math.ceil(when.getTime() / TOGETHER_MS) * TOGETHER_MS) : when;
}
type Told = Pick<HatchRecord, 'taxonId' | 'mostSeen' | 'timeZone'> & { place: { latitude: number } };

/** Shares that tell no day appear together, twice a day. */
const TOGETHER_MS = DAY_MS / 2;

function endOf(embargo: Embargo, record: Told, at: Date, elevationM: number): Date {
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

/** A hatch that was seen longer than this before its season is not that season's. */
const EARLY_DAYS = 45;
const HALF_YEAR_DAYS = 365.25 / 2;

function hatchEnds({ taxonId, mostSeen, place }: Told, elevationM: number): Date {
	// Of what has no name nobody knows a season: it is held as long as most seasons last.
	if (groupOfUnnamed(taxonId)) return new Date(mostSeen.getTime() + UNNAMED_DAYS * DAY_MS);
	const least = mostSeen.getTime() + LEAST_HATCH_DAYS * DAY_MS;
	const year = mostSeen.getUTCFullYear();
	const late = ((elevationM - TABLE_M) / 150) * 7 + (place.latitude < 0 ? HALF_YEAR_DAYS : 0);
	// A season of the south may have begun in the year before, and one shifted by height may end in the next.
	const ends = [-1, 0, 1].flatMap((years) =>
		(findTaxon(taxonId)?.seasons ?? [])
			// A brood of some waters alone is passed over: it would tell the kind of water, and end the hold sooner.
			.filter(({ waters }) => !waters)
			.map(({ begins, ends }) => {
				const day = (of: number) => Date.UTC(year + years, 0, 1) + (of + late) * DAY_MS;
				return { begins: day(begins), ends: day(ends) };
			})
			.filter(({ begins, ends }) => ends > least && begins - EARLY_DAYS * DAY_MS <= mostSeen.getTime())
			.map(({ ends }) => ends)
	);
	return new Date(ends.length > 0 ? Math.min(...ends) : least);
}
