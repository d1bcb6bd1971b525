import type { Place } from './place';
import { dayOfYear } from './solar-time';
import { regionOf, type RegionToSet, type Whereabouts } from './region';
import { REFERENCES, SEASONS } from './tables';
import type { RegionalTraits, Season, Taxon, WaterKind } from './taxon';

const { daysPerDegree, daysPerStep, stepM, laterUntil, earlierFrom, mostDays, leastSpread } = SEASONS.values;
const YEAR_DAYS = 365.25;

/** The place for which a region's seasons were written, with a kind of water. */
export function referencePlace(region: RegionToSet, water: WaterKind): Place {
	return { ...REFERENCES.values[region], longitude: 0, water, region };
}

/** Waters whose warmth is made elsewhere: height says nothing of them. */
const OWN_WARMTH: ReadonlySet<WaterKind> = new Set<WaterKind>(['tailwater', 'spring-creek']);

/**
 * How many days later than at the region's reference place spring comes to a place, and how many earlier autumn does:
 * four for each degree of latitude and each 122 m (Hopkins, A. D. 1920, Periodical events and natural law as guides to
 * agricultural research and practice, Monthly Weather Review, Supplement 9). Not by height where the water's warmth is
 * made elsewhere, below dams and springs.
 *
 * @returns days, negative where it is earlier
 */
export function daysLater(place: Place): number {
	const reference = REFERENCES.values[regionOf(place) ?? 'anywhere'];
	const polewards = daysPerDegree * (Math.abs(place.latitude) - Math.abs(reference.latitude));
	const upwards = OWN_WARMTH.has(place.water)
		? 0
		: (daysPerStep * (place.elevationM - reference.elevationM)) / stepM;
	return Math.min(mostDays, Math.max(-mostDays, polewards + upwards));
}

/** How far a day of the tables moves with the place: 1 in spring, −1 in autumn, between them in summer. */
export function senseOf(day: number): number {
	const within = ((day % YEAR_DAYS) + YEAR_DAYS) % YEAR_DAYS;
	if (within <= laterUntil) return 1;
	if (within >= earlierFrom) return -1;
	return 1 - (2 * (within - laterUntil)) / (earlierFrom - laterUntil);
}

/**
 * A brood as it comes at a place, in days as north of the equator. However short a mountain summer is, it takes some
 * days to its peak, and after it.
 */
export function broodAt({ begins, peaks, ends }: Season, later: number): Season {
	const peak = peaks + later * senseOf(peaks);
	return {
		begins: Math.min(begins + later * senseOf(begins), peak - leastSpread),
		peaks: peak,
		ends: Math.max(ends + later * senseOf(ends), peak + leastSpread)
	};
}

/** The broods of a taxon that come at a place: those of its region, in that kind of water. */
export const broodsIn = (
	taxon: Taxon,
	place: Whereabouts & { readonly water: WaterKind }
): readonly Season[] => {
	const all = traitsIn(taxon, place, 'seasons');
	return all.some(({ waters }) => waters)
		? all.filter(({ waters }) => !waters || waters.includes(place.water))
		: all;
};

/** The day of the year as the tables count it: south of the equator half a year on. */
export const tableDay = (place: Place, at: Date): number => dayOfYear(place, at) - halfAYearOn(place);

/** The date of a day of the tables at a place, in a year. */
export const dateOf = (place: Pick<Place, 'latitude'>, day: number, year: number): Date =>
	new Date(Date.UTC(year, 0, 1) + (day - 1 + halfAYearOn(place)) * 86_400_000);

const halfAYearOn = ({ latitude }: Pick<Place, 'latitude'>): number => (latitude < 0 ? YEAR_DAYS / 2 : 0);

/** What a taxon does in a region: its own traits there before those of its row. */
export function traitsIn<K extends keyof RegionalTraits>(
	taxon: Taxon,
	place: Whereabouts,
	trait: K
): Taxon[K] {
	if (!taxon.there) return taxon[trait];
	const region = regionOf(place);
	return (region && taxon.there[region]?.[trait]) ?? taxon[trait];
}

/** Days from a peak, around the year, −183 to 183. */
export function circular(days: number): number {
	const wrapped = ((days % YEAR_DAYS) + YEAR_DAYS) % YEAR_DAYS;
	return wrapped > YEAR_DAYS / 2 ? wrapped - YEAR_DAYS : wrapped;
}
