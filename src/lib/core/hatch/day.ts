import {
	activityOf,
	findTaxon,
	livesAt,
	solarHour,
	TAXA,
	taxonName,
	type EmergenceWay,
	type Place,
	type Weather
} from '../atlas';
import { words, type Message } from '../message';
import { usualAirC } from './climate';
import { lateness, waterCurve, type MeasuredWater } from './water-temperature';

/** One expected hatch or spinner fall on a day: how strong it should be at each sampled instant, 0 to 1. */
export interface Ribbon {
	taxonId: string;
	what: 'emerging' | 'flying';
	strength: number[];
	/** Instant at which it should be strongest. */
	peakAt: Date;
}

export interface ExpectedDay {
	instants: Date[];
	waterC: number[];
	/** Strongest first. */
	ribbons: Ribbon[];
}

const WORTH_WAITING_FOR: Record<EmergenceWay, readonly Ribbon['what'][]> = {
	'open-water': ['emerging', 'flying'],
	'crawls-out': ['flying'],
	land: ['flying'],
	never: []
};

/** Below this no guide would plan for it. */
const WORTH_SHOWING = 0.18;

/**
 * What to expect between two instants of a day: water temperature and the hatches and spinner falls worth
 * waiting for, from season, hour and temperature alone.
 *
 * @param weather sky and wind now
 * @param measured temperatures of this water, today's and those of the weeks before; none where nobody measured
 * @param most how many ribbons at the most
 */
export function expectDay(
	place: Place,
	from: Date,
	to: Date,
	weather: Omit<Weather, 'airC' | 'waterC'>,
	measured: readonly MeasuredWater[],
	{ most = 5, steps = 97 }: { most?: number; steps?: number } = {}
): ExpectedDay {
	const instants = Array.from(
		{ length: steps },
		(_, i) => new Date(from.getTime() + ((to.getTime() - from.getTime()) * i) / (steps - 1))
	);
	const daysLate = lateness(place, from, ...measured);
	const waterC = waterCurve(place, measured);
	const moments = instants.map((at) => ({
		at,
		weather: {
			...weather,
			daysLate,
			waterC: waterC(at),
			airC: usualAirC(place, at, solarHour(place, at))
		}
	}));
	const ribbons: Ribbon[] = [];
	for (const taxon of TAXA) {
		if (!livesAt(taxon, place)) continue;
		const activities = moments.map(({ at, weather }) => activityOf(taxon, place, at, weather));
		// Crawlers and land insects make no rise of their own when they change skins: only their flights show.
		const kinds = WORTH_WAITING_FOR[taxon.emergence];
		for (const what of kinds) {
			const strength = activities.map((activity) => activity[what]);
			const peak = Math.max(...strength);
			if (peak < WORTH_SHOWING) continue;
			ribbons.push({ taxonId: taxon.id, what, strength, peakAt: instants[strength.indexOf(peak)] ?? from });
		}
	}
	ribbons.sort((a, b) => Math.max(...b.strength) - Math.max(...a.strength));
	return { instants, waterC: moments.map(({ weather }) => weather.waterC), ribbons: ribbons.slice(0, most) };
}

const says = words('hatch', { spinners: '{name} spinners', several: '{name}s', flights: '{name} flights' });

/** "olive", for its hatch; "olive spinners", "grannom flights", "hoppers". */
export function ribbonName(ribbon: Ribbon): Message {
	const taxon = findTaxon(ribbon.taxonId);
	const name = taxonName(ribbon.taxonId);
	if (ribbon.what === 'emerging') return name;
	return says(taxon?.group === 'mayfly' ? 'spinners' : taxon?.emergence === 'land' ? 'several' : 'flights', {
		name
	});
}
