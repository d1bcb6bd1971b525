import { traitsIn } from './phenology';
import type { Place } from './place';
import { shareAt } from './range';
import { hourWeight, seasonWeight, temperatureWeight } from './season';
import type { Taxon } from './taxon';

/** Weather as far as insects mind it. */
export interface Weather {
	waterC: number;
	dull: boolean;
	windMs: number;
	/** As usual for the water, if nobody noted it. */
	airC?: number;
	/** Whether the day before was wet and this one is not, where that is known: ants wait for it. */
	afterRain?: boolean;
	/** Days by which the year is late by its water (`lateness`), negative where it is early. */
	daysLate?: number;
}

/** How strongly a taxon is emerging and flying at a moment, each 0 to 1. */
export interface Activity {
	season: number;
	emerging: number;
	flying: number;
}

/** Wind, m/s: spinners, egg-layers and swarms fly freely up to the first and not from the second on (field rule). */
const STILL = { freelyTo: 3, notFrom: 8 } as const;
/** What lives in the grass and the trees comes with the wind: this share in still air, all from so many m/s. */
const BLOWN = { still: 0.5, allFrom: 6 } as const;
/** Liking of the sky: what is left of it under the other sky. */
const LIKING = { dullInSun: 0.55, mildWhenDull: 0.7, any: 0.9 } as const;
/** A warm day after rain brings ants out: on other days this share of it. */
const ANTS_OTHERWISE = 0.75;

/**
 * What a taxon is doing at a place and moment, from its range, season, hours, temperature band and weather liking.
 * Spinners, egg-layers and swarming ants need still, mild air; what lives in the grass and the trees goes by the warmth
 * of the air, and is blown onto the water by the wind (field rules).
 *
 * @param leastSeason how far into its season it is at least, 0 to 1: above 0 for what was seen to be about here
 */
export function activityOf(
	taxon: Taxon,
	place: Place,
	at: Date,
	weather: Weather,
	leastSeason = 0
): Activity {
	const season = Math.max(
		leastSeason,
		seasonWeight(taxon, place, at, weather.daysLate) * shareAt(taxon, place)
	);
	if (season === 0) return { season: 0, emerging: 0, flying: 0 };
	const likes = traitsIn(taxon, place, 'likes');
	const liking =
		likes === 'dull'
			? weather.dull
				? 1
				: LIKING.dullInSun
			: likes === 'mild'
				? weather.dull
					? LIKING.mildWhenDull
					: 1
				: LIKING.any;
	const warmth = warmthFor(taxon, weather);
	const keeps = likes === 'dull' && weather.dull;
	const calm = clamp((STILL.notFrom - weather.windMs) / (STILL.notFrom - STILL.freelyTo));
	const ofWind = taxon.group === 'terrestrial' ? broughtBy(weather.windMs) : calm;
	const swarms = taxon.emergence === 'land' ? ofWind * antsAfterRain(taxon, weather) : 1;
	const hourOf = (what: 'emergenceHours' | 'flightHours') =>
		hourWeight(traitsIn(taxon, place, what), place, at, weather.waterC, keeps);
	return {
		season,
		emerging: season * warmth * liking * swarms * hourOf('emergenceHours'),
		flying: season * warmth * ofWind * antsAfterRain(taxon, weather) * hourOf('flightHours')
	};
}

/** Water goes for what lives in it; the air for what lives on land, where its warmth is known. */
function warmthFor({ airC: needs, waterC }: Taxon, weather: Weather): number {
	if (!needs || weather.airC === undefined) return temperatureWeight(waterC, weather.waterC);
	return clamp((weather.airC - needs.least) / (needs.best - needs.least));
}

const antsAfterRain = ({ group }: Taxon, { afterRain }: Weather): number =>
	group === 'ant' && afterRain === false ? ANTS_OTHERWISE : 1;

const broughtBy = (windMs: number): number =>
	BLOWN.still + (1 - BLOWN.still) * Math.min(1, windMs / BLOWN.allFrom);

const clamp = (x: number): number => Math.min(1, Math.max(0, x));
