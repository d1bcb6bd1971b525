import { FIELD_RULE, numbers } from '../rule';

/** Where the seasons of the rows hold in each region: degrees north, and metres. */
export const REFERENCES = numbers(
	'atlas.references',
	{ unit: 'weight', range: [-60, 3000], source: FIELD_RULE },
	{
		'british-isles': { latitude: 53, elevationM: 100 },
		'western-europe': { latitude: 47, elevationM: 500 },
		'northern-europe': { latitude: 61, elevationM: 200 },
		mediterranean: { latitude: 42, elevationM: 500 },
		'eastern-na': { latitude: 41.5, elevationM: 300 },
		'western-na': { latitude: 45, elevationM: 1200 },
		'new-zealand': { latitude: -43, elevationM: 300 },
		australia: { latitude: -37, elevationM: 600 },
		patagonia: { latitude: -41, elevationM: 700 },
		japan: { latitude: 37, elevationM: 500 },
		anywhere: { latitude: 47, elevationM: 500 }
	}
);

/** How a brood's days move with the place, and how its hill is shaped. */
export const SEASONS = numbers(
	'atlas.seasons',
	{
		unit: 'weight',
		range: [0, 400],
		source:
			'Hopkins, A. D. (1920). Periodical events and natural law as guides to agricultural research and practice. Monthly Weather Review, Supplement 9.'
	},
	{
		daysPerDegree: 4,
		daysPerStep: 4,
		stepM: 122,
		laterUntil: 150,
		earlierFrom: 262,
		mostDays: 60,
		leastSpread: 8,
		tailDays: 10,
		beyond: 0.12,
		leftFrom: 0.7,
		leftForDays: 100
	}
);

/** How a window of the day moves with the warmth of the water and with the sun. */
export const HOURS = numbers(
	'atlas.hours',
	{ unit: 'weight', range: [0, 24], source: FIELD_RULE },
	{
		coldC: 8,
		warmC: 15,
		dullKeeps: 0.7,
		eveningFrom: 17,
		dawnTo: 8,
		tableSets: 19.8,
		tableRises: 4.2,
		latestEvening: 21.7,
		earliestDawn: 2.3,
		tail: 1,
		beyond: 0.2
	}
);

/** What the sky, the wind and the air do to what emerges and flies. */
export const WEATHER = numbers(
	'atlas.weather',
	{ unit: 'weight', range: [0, 40], source: FIELD_RULE },
	{
		dullInSun: 0.55,
		mildWhenDull: 0.7,
		anySky: 0.9,
		freelyToMs: 3,
		notFromMs: 8,
		blownInStill: 0.5,
		blownAllFromMs: 6,
		antsOtherwise: 0.75,
		landWhenCold: 0.04
	}
);

export const ATLAS_TABLES = [REFERENCES, SEASONS, HOURS, WEATHER];
