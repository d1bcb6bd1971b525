import { dayOfYear, type Place } from './place';
import { regionOf, type Region, type Whereabouts } from './region';
import type { RegionalTraits, Season, Taxon, WaterKind } from './taxon';

/** Where the seasons of the tables hold: degrees from the equator, and metres. */
export interface Reference {
	latitude: number;
	elevationM: number;
}

/** Where most of each region's guides fish, and its books were written (field rule). */
export const REFERENCES: Readonly<Record<Region | 'anywhere', Reference>> = {
	'british-isles': { latitude: 53, elevationM: 100 },
	'western-europe': { latitude: 47, elevationM: 500 },
	'northern-europe': { latitude: 61, elevationM: 200 },
	mediterranean: { latitude: 42, elevationM: 500 },
	'eastern-na': { latitude: 41.5, elevationM: 300 },
	'western-na': { latitude: 45, elevationM: 1200 },
	'new-zealand': { latitude: 43, elevationM: 300 },
	australia: { latitude: 37, elevationM: 600 },
	patagonia: { latitude: 41, elevationM: 700 },
	japan: { latitude: 37, elevationM: 500 },
	anywhere: { latitude: 47, elevationM: 500 }
};

/** Hopkins' bioclimatic law: so many days for each degree of latitude and each so many metres of height. */
const HOPKINS = { daysPerDegree: 4, daysPerStep: 4, stepM: 122 } as const;
/** Later up to here in the year, earlier from there on, in days as north of the equator (Hopkins 1920). */
const LATER_UNTIL = 150;
const EARLIER_FROM = 262;
/** No insect is moved further: past that another one has its place. */
const MOST_DAYS = 60;
const YEAR_DAYS = 365.25;

/** Waters whose warmth is made elsewhere: height says nothing of them. */
const OWN_WARMTH: ReadonlySet<WaterKind> = new Set<WaterKind>(['tailwater', 'spring-creek']);

/**
 * How many days later than at the region's reference place spring comes to a place, and how many earlier autumn does:
 * four for each degree of latitude and each 122 m (Hopkins, A. D. 1920, Periodical events and natural law as guides to
 * agricultural research and practice, Monthly Weather Review, Supplement 9). Not by height where the water's warmth is
 * made elsewhere, below dams and springs.
 *
 * @returns days, from −60 to 60
 */
export function daysLater(place: Place): number {
	const reference = REFERENCES[regionOf(place) ?? 'anywhere'];
	const polewards = HOPKINS.daysPerDegree * (Math.abs(place.latitude) - reference.latitude);
	const upwards = OWN_WARMTH.has(place.water)
		? 0
		: (HOPKINS.daysPerStep * (place.elevationM - reference.elevationM)) / HOPKINS.stepM;
	return Math.min(MOST_DAYS, Math.max(-MOST_DAYS, polewards + upwards));
}

/** How far a day of the tables moves with the place: 1 in spring, −1 in autumn, between them in summer. */
export function senseOf(day: number): number {
	const within = ((day % YEAR_DAYS) + YEAR_DAYS) % YEAR_DAYS;
	if (within <= LATER_UNTIL) return 1;
	if (within >= EARLIER_FROM) return -1;
	return 1 - (2 * (within - LATER_UNTIL)) / (EARLIER_FROM - LATER_UNTIL);
}

/** A brood as it comes at a place, in days as north of the equator. Its order stays: it ends after it began. */
export function broodAt({ begins, peaks, ends }: Season, later: number): Season {
	const peak = peaks + later * senseOf(peaks);
	return {
		begins: Math.min(begins + later * senseOf(begins), peak - LEAST_SPREAD),
		peaks: peak,
		ends: Math.max(ends + later * senseOf(ends), peak + LEAST_SPREAD)
	};
}
/** However short a mountain summer is, a brood takes as many days to its peak, and after it. */
const LEAST_SPREAD = 8;

/** The day of the year as the tables count it: south of the equator half a year on. */
export const tableDay = (place: Place, at: Date): number =>
	dayOfYear(place, at) - (place.latitude < 0 ? YEAR_DAYS / 2 : 0);

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
