import { traitsIn } from './phenology';
import type { Place } from './place';
import { shareAt } from './range';
import { broodNow, hourWeight, temperatureWeight } from './season';
import { WEATHER } from './tables';
import type { Taxon } from './taxon';

/** Weather as far as insects mind it. */
export interface Weather {
	waterC: number;
	airC: number;
	dull: boolean;
	windMs: number;
	/** Whether it has rained before, and does no more: ants wait for it. */
	afterRain?: boolean;
	/** Days by which the year is late by its water (`lateness`), negative where it is early. */
	daysLate?: number;
}

/** How strongly a taxon is emerging and flying at a moment, each 0 to 1. */
export interface Activity {
	season: number;
	emerging: number;
	flying: number;
	/** How long the animals of the brood that is about are, against the table of stages. */
	size: number;
}

const {
	dullInSun,
	mildWhenDull,
	anySky,
	freelyToMs,
	notFromMs,
	blownInStill,
	blownAllFromMs,
	antsOtherwise,
	landWhenCold
} = WEATHER.values;

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
	const share = shareAt(taxon, place);
	if (share === 0 && leastSeason === 0) return { season: 0, emerging: 0, flying: 0, size: 1 };
	const { brood, weight } = broodNow(taxon, place, at, weather.daysLate);
	const season = Math.max(leastSeason, weight * share);
	const size = brood?.size ?? 1;
	if (season === 0) return { season: 0, emerging: 0, flying: 0, size };
	const likes = traitsIn(taxon, place, 'likes');
	const keeps = likes === 'dull' && weather.dull;
	const hourOf = (what: 'emergenceHours' | 'flightHours') =>
		hourWeight(traitsIn(taxon, place, what), place, at, weather.waterC, keeps);
	const inAir = season * warmthFor(taxon, weather) * airFor(taxon, weather);
	const leaving =
		taxon.emergence === 'land' ? inAir : season * temperatureWeight(taxon.waterC, weather.waterC);
	return {
		season,
		emerging: leaving * liking(likes, weather) * hourOf('emergenceHours'),
		flying: inAir * hourOf('flightHours'),
		size
	};
}

function liking(likes: Taxon['likes'], { dull }: Weather): number {
	if (likes === 'any') return anySky;
	if (likes === 'dull') return dull ? 1 : dullInSun;
	return dull ? mildWhenDull : 1;
}

/** Water goes for what lives in it, the air for what lives on land. */
function warmthFor({ airC: needs, waterC }: Taxon, weather: Weather): number {
	if (!needs) return temperatureWeight(waterC, weather.waterC);
	const warmth = clamp((weather.airC - needs.least) / (needs.best - needs.least));
	return landWhenCold + (1 - landWhenCold) * warmth;
}

/** What the wind brings or keeps down, and for ants the rain before. */
function airFor({ group }: Taxon, { windMs, afterRain }: Weather): number {
	if (group === 'terrestrial')
		return blownInStill + (1 - blownInStill) * Math.min(1, windMs / blownAllFromMs);
	const calm = clamp((notFromMs - windMs) / (notFromMs - freelyToMs));
	return group === 'ant' && !afterRain ? antsOtherwise * calm : calm;
}

const clamp = (x: number): number => Math.min(1, Math.max(0, x));
