import { FIELD_RULE, numbers } from '../rule';

/**
 * The air of each region at sea level, °C: the year's mean at a latitude, half of what lies between the warmest and the
 * coldest month, and how both change for a degree towards the pole. Fitted by eye to station normals; good to about
 * 2 °C in a month, worse in valleys with lakes of cold air.
 */
export const AIR = numbers(
	'hatch.air',
	{
		unit: 'weight',
		range: [-1, 90],
		source:
			'New, M., Lister, D., Hulme, M. & Makin, I. (2002). A high-resolution data set of surface climate over global land areas. Climate Research 21, 1–25.'
	},
	{
		'british-isles': { latitude: 53, yearMean: 10, swing: 6, perDegree: 0.5, swingPerDegree: 0 },
		'western-europe': { latitude: 47, yearMean: 12, swing: 9.5, perDegree: 0.5, swingPerDegree: 0 },
		'northern-europe': { latitude: 61, yearMean: 6, swing: 11, perDegree: 0.75, swingPerDegree: 0.45 },
		mediterranean: { latitude: 42, yearMean: 16, swing: 9, perDegree: 0.8, swingPerDegree: 0 },
		'eastern-na': { latitude: 41.5, yearMean: 11, swing: 12.5, perDegree: 0.95, swingPerDegree: 0 },
		'western-na': { latitude: 45, yearMean: 13.5, swing: 12, perDegree: 0.55, swingPerDegree: 0 },
		'pacific-slope': { latitude: 44.5, yearMean: 12.3, swing: 7.5, perDegree: 0.6, swingPerDegree: 0 },
		'new-zealand': { latitude: 43, yearMean: 12, swing: 5.5, perDegree: 0.7, swingPerDegree: 0 },
		australia: { latitude: 37, yearMean: 17, swing: 7.2, perDegree: 0.75, swingPerDegree: 0 },
		patagonia: { latitude: 41, yearMean: 13, swing: 6, perDegree: 0.55, swingPerDegree: 0 },
		japan: { latitude: 37, yearMean: 14.5, swing: 11.5, perDegree: 0.95, swingPerDegree: 0 },
		anywhere: { latitude: 47, yearMean: 12, swing: 9.5, perDegree: 0.5, swingPerDegree: 0 }
	}
);

/** How the air changes with height, the day of the year and the hour. */
export const AIR_COURSE = numbers(
	'hatch.air-course',
	{ unit: 'weight', range: [0, 366], source: FIELD_RULE },
	{ lapsePerM: 0.006, warmestDay: 201, daySwing: 5, warmestHour: 15 }
);

/** Water by the air of some days before: a logistic. */
export const BY_AIR = numbers(
	'hatch.by-air',
	{
		unit: 'weight',
		range: [0, 40],
		source:
			'Mohseni, O., Stefan, H. G. & Erickson, T. R. (1998). A nonlinear regression model for weekly stream temperatures. Water Resources Research 34, 2685–2692.'
	},
	{
		freestone: { least: 0, most: 22, steepestAirC: 13, slope: 0.145, lagDays: 9 },
		lake: { least: 0.5, most: 25, steepestAirC: 10.5, slope: 0.17, lagDays: 12 }
	}
);

/** Springs, which run at the yearly mean of the air, and what a dam lets out of its depth. */
export const BY_GROUND = numbers(
	'hatch.by-ground',
	{
		unit: 'weight',
		range: [0, 60],
		source: 'Ward, J. V. & Stanford, J. A. (eds) (1979). The ecology of regulated streams. Plenum.'
	},
	{
		spring: { overMeanAirC: 1.3, snowFromC: 8, ofSnow: 0.4, least: 5, ofSeason: 0.38, lagDays: 12 },
		outflow: { overMeanAirC: 1, meanLeast: 6.5, least: 3.8, most: 16, ofSeason: 0.36, lagDays: 42 }
	}
);

/** How much water warms in the day, and how a lake is layered. */
export const IN_THE_DAY = numbers(
	'hatch.in-the-day',
	{ unit: 'weight', range: [0, 24], source: FIELD_RULE },
	{
		warmestHour: 15.5,
		freestone: 1.6,
		tailwater: 0.5,
		'spring-creek': 1.2,
		lake: 0.6,
		heldUnderC: 5,
		densestC: 4,
		deepFromM: 8,
		ofSurface: 0.2,
		sharp: 1.2
	}
);

/** What a measured water says of the weeks about it, and of how late the year is. */
export const MEASURED = numbers(
	'hatch.measured',
	{
		unit: 'weight',
		range: [0, 60],
		source:
			'Ward, J. V. & Stanford, J. A. (1982). Thermal responses in the evolutionary ecology of aquatic insects. Annual Review of Entomology 27, 97–117.'
	},
	{ halfLifeDays: 9, baseC: 2, rememberedDays: 21, mostDaysLate: 21, worthTellingC: 1.5 }
);

export const HATCH_TABLES = [AIR, AIR_COURSE, BY_AIR, BY_GROUND, IN_THE_DAY, MEASURED];
