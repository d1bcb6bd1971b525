import { REGION_NAMES } from '$lib/core/atlas';
import type { WrittenTables } from './written';

const PLACES = {
	anywhere: 'No region known',
	latitude: 'Degrees north',
	elevationM: 'Metres'
};

/** The words of the tables of what may hatch, and in which water, by their ids. */
export const ATLAS_WORDS: WrittenTables = {
	'atlas.references': {
		title: 'Where the seasons of the rows hold',
		reason: 'The place in each region for which first, most and last days are written.',
		lists: [REGION_NAMES],
		keys: PLACES
	},
	'atlas.seasons': {
		title: 'How a season moves with the place',
		reason:
			'Later in spring and earlier in autumn, by latitude and height; never by height below dams and springs.',
		keys: {
			daysPerDegree: 'Days for each degree of latitude',
			daysPerStep: 'Days for each step of height',
			stepM: 'A step, m',
			laterUntil: 'Later up to this day of the year',
			earlierFrom: 'Earlier from this day on',
			mostDays: 'At most, days',
			leastSpread: 'To its peak and after it, at least, days',
			tailDays: 'Sightings outside it scatter by, days',
			beyond: 'At its edge, of the peak',
			leftFrom: 'The eldest of several years have left from, of the way from peak to end',
			leftForDays: 'And so for, days after the end'
		}
	},
	'atlas.hours': {
		title: 'How the hours move with warmth and sun',
		reason:
			'From the hours of cold water to those of warm; evening windows keep with sunset, those of dawn with sunrise.',
		keys: {
			coldC: 'Cold water up to, °C',
			warmC: 'Warm water from, °C',
			dullKeeps: 'On dull days the warmth counts for',
			eveningFrom: 'A peak from this hour on is of the evening',
			dawnTo: 'A peak up to this hour is of dawn',
			tableSets: 'Sunset in the rows, h',
			tableRises: 'Sunrise in the rows, h',
			latestEvening: 'Evening at the latest, h',
			earliestDawn: 'Dawn at the earliest, h',
			tail: 'Outside a window it scatters by, h',
			beyond: 'At its edge, of the peak'
		}
	},
	'atlas.weather': {
		title: 'Sky, wind and air',
		reason:
			'What likes dull or mild weather under the other sky; flights in the wind; land insects by the warmth of the air.',
		keys: {
			dullInSun: 'What likes it dull, in the sun',
			mildWhenDull: 'What likes it mild, when dull',
			anySky: 'What minds neither',
			freelyToMs: 'Flies freely up to, m/s',
			notFromMs: 'Not from, m/s',
			blownInStill: 'Land insects in still air',
			blownAllFromMs: 'All of them from, m/s',
			antsOtherwise: 'Ants without rain before',
			landWhenCold: 'Land insects in the cold'
		}
	},
	'hatch.air': {
		title: 'The air of each region',
		reason: 'At sea level, °C: where nobody has noted it.',
		lists: [REGION_NAMES],
		keys: {
			...PLACES,
			'pacific-slope': 'Pacific slope',
			latitude: 'Degrees from the equator',
			yearMean: 'Mean of the year',
			swing: 'Half of what lies between warmest and coldest month',
			perDegree: 'Colder for a degree towards the pole',
			swingPerDegree: 'Wider for a degree'
		}
	},
	'hatch.air-course': {
		title: 'How the air changes',
		reason: 'With height, the day of the year and the hour.',
		keys: {
			lapsePerM: 'Colder for each metre, °C',
			warmestDay: 'Warmest day of the year',
			daySwing: 'Half of the swing of a day, °C',
			warmestHour: 'Warmest hour'
		}
	},
	'hatch.by-air': {
		title: 'Water by the air of the days before',
		reason: 'It does not fall below freezing, and evaporation holds it in the heat.',
		keys: {
			freestone: 'Freestone',
			lake: 'Lake, surface',
			least: 'Coldest, °C',
			most: 'Warmest, °C',
			steepestAirC: 'Rises fastest at air of, °C',
			slope: 'How fast',
			lagDays: 'Lag, days'
		}
	},
	'hatch.by-ground': {
		title: 'Springs and outflows',
		reason: 'At the yearly mean of the air, with some of the season.',
		keys: {
			spring: 'Spring creek',
			outflow: 'Below a dam',
			overMeanAirC: 'Over the mean of the air, °C',
			snowFromC: 'Snow keeps the ground warm under, °C',
			ofSnow: 'By so much of the difference',
			least: 'Coldest, °C',
			most: 'Warmest, °C',
			meanLeast: 'Mean of the year, at least, °C',
			ofSeason: 'Of the season of the air',
			lagDays: 'Lag, days'
		}
	},
	'hatch.in-the-day': {
		title: 'In the day, and in the depth',
		reason: 'How much the sun moves the water, and how a lake is layered (Wetzel 2001).',
		keys: {
			warmestHour: 'Warmest hour',
			freestone: 'Freestone, half the swing, °C',
			tailwater: 'Tailwater, °C',
			'spring-creek': 'Spring creek, °C',
			lake: 'Lake, °C',
			heldUnderC: 'Ice and meltwater hold it under, °C',
			densestC: 'Densest at, °C',
			deepFromM: 'Deep water from, m',
			ofSurface: 'Of the surface’s warmth',
			sharp: 'How sharp the layer is'
		}
	},
	'hatch.measured': {
		title: 'What a measured water says',
		reason: 'Of the weeks about it, and by how many days the year is late: by degree-days.',
		keys: {
			halfLifeDays: 'Half of it in, days',
			baseC: 'Growth is counted above, °C',
			rememberedDays: 'Over the last, days',
			mostDaysLate: 'At most, days',
			worthTellingC: 'Told from a difference of, °C'
		}
	}
};
