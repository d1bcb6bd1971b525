import {
	dateOf,
	SCATTER_DAYS,
	referencePlace,
	traitsIn,
	WATER_KINDS,
	type RegionToSet,
	type Taxon,
	type WaterKind
} from '../atlas';
import { usualDegreeDays } from './water-temperature';

/** One brood of a taxon in a region, at its reference place in an ordinary year. */
export interface Brood {
	begins: Date;
	peaks: Date;
	ends: Date;
	/** Length of its animals against the table's. */
	size?: number;
	/** The kinds of water in which it comes, if not in all. */
	waters?: readonly WaterKind[];
	/** Degree-days that the water has usually gathered since the turn of its year; land insects, and broods that begin before it or run over it, have none. */
	gathered?: { whenItBegins: number; atItsMost: number };
}

/** The year of a taxon in a region. */
export interface YearOfTaxon {
	/** The kind of water that it is most at home in: the one whose warmth is told. */
	water: WaterKind;
	broods: readonly Brood[];
	/** By so many days each date of a brood may come sooner or later. */
	scatterDays: number;
	/** It is met all year, and has no brood worth a date. */
	allYear: boolean;
}

/** Longer than this a season is the whole year, days. */
const WHOLE_YEAR_DAYS = 330;
/** Degree-days are told in such steps: the climate behind them is not finer. */
const STEP = 10;

/**
 * When the broods of a taxon come in a region, and how much warmth its water has usually gathered by then.
 *
 * @param year whose dates are wanted
 */
export function yearOfTaxon(taxon: Taxon, region: RegionToSet, year: number): YearOfTaxon {
	const water = WATER_KINDS.reduce((best, kind) =>
		(taxon.waters[kind] ?? 0) > (taxon.waters[best] ?? 0) ? kind : best
	);
	const place = referencePlace(region, water);
	const seasons = traitsIn(taxon, place, 'seasons');
	return {
		water,
		scatterDays: SCATTER_DAYS,
		allYear:
			taxon.emergence === 'never' || seasons.some(({ begins, ends }) => ends - begins > WHOLE_YEAR_DAYS),
		broods: seasons.map(({ begins, peaks, ends, size, waters }) => {
			const home = waters?.[0] ? referencePlace(region, waters[0]) : place;
			const gathered = (day: number) => STEP * Math.round(usualDegreeDays(home, day) / STEP);
			const withinTheYear = begins > 1 && peaks <= 365;
			return {
				begins: dateOf(place, begins, year),
				peaks: dateOf(place, peaks, year),
				ends: dateOf(place, ends, year),
				...(size !== undefined && { size }),
				...(waters && { waters }),
				...(taxon.emergence !== 'land' &&
					withinTheYear && { gathered: { whenItBegins: gathered(begins), atItsMost: gathered(peaks) } })
			};
		})
	};
}
