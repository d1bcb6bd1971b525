import type { Place } from './place';
import { hourWeight, seasonWeight, temperatureWeight } from './season';
import type { Taxon } from './taxon';

/** Weather as far as insects mind it. */
export interface Weather {
	waterC: number;
	dull: boolean;
	windMs: number;
}

/** How strongly a taxon is emerging and flying at a moment, each 0 to 1. */
export interface Activity {
	season: number;
	emerging: number;
	flying: number;
}

/**
 * What a taxon is doing at a place and moment, from its season, hours, temperature band and weather liking.
 * Spinners, egg-layers and swarming ants need still, mild air: flight falls off above 3 m/s and is over by 8 m/s. What
 * lives in the grass and the trees is blown onto the water by the wind (field rules).
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
	const season = Math.max(leastSeason, seasonWeight(taxon, place, at) * (taxon.waters[place.water] ?? 0));
	if (season === 0) return { season: 0, emerging: 0, flying: 0 };
	const warmth = temperatureWeight(taxon.waterC, weather.waterC);
	const liking =
		taxon.likes === 'dull'
			? weather.dull
				? 1
				: 0.55
			: taxon.likes === 'mild'
				? weather.dull
					? 0.7
					: 1
				: 0.9;
	const calm = Math.min(1, Math.max(0, (8 - weather.windMs) / 5));
	const blown = 0.5 + 0.5 * Math.min(1, weather.windMs / 6);
	const swarms = taxon.emergence === 'land' ? calm : 1;
	return {
		season,
		emerging: season * warmth * liking * swarms * hourWeight(taxon.emergenceHours, place, at, weather.waterC),
		flying:
			season *
			warmth *
			(taxon.group === 'terrestrial' ? blown : calm) *
			hourWeight(taxon.flightHours, place, at, weather.waterC)
	};
}
