import { FIELD_RULE, numbers } from '../rule';

/** Distances between two flies, m. */
export const SECOND_M = numbers(
	'rig.second',
	{
		unit: 'm',
		range: [0.1, 2],
		source: FIELD_RULE
	},
	{
		flush: { least: 0.3, most: 0.6 },
		hanging: { least: 0.6, most: 0.75 },
		nymph: { least: 0.25, most: 0.35 }
	}
);

/** Sink rates of lines, m/s. */
export const SINKING = numbers(
	'rig.sinking',
	{
		unit: 'm/s',
		range: [0.01, 0.5],
		source: FIELD_RULE
	},
	{ intermediate: 0.045, 'slow-sink': 0.065, 'fast-sink': 0.14 }
);

export const STILL = numbers(
	'rig.still',
	{
		unit: 'weight',
		range: [0, 20],
		source:
			'Wu, J. (1975), Journal of Fluid Mechanics 68, for the drift of the surface; field rule for the rest'
	},
	{
		underDry: 1.5,
		underDryMostM: 2.5,
		give: 0.1,
		aboveBedM: 0.3,
		leastM: 2.4,
		sunkM: 2.7,
		hangsToM: 6,
		breezeMs: 3,
		windyMs: 6,
		slowSinkM: 3,
		fastSinkM: 9,
		surfaceShare: 0.03
	}
);

export const DEPTH = numbers(
	'rig.depth',
	{
		unit: 'weight',
		range: [0, 100],
		source: FIELD_RULE
	},
	{ layers: 12, spread: 0.12, towardsBed: 0.5, rate: 0.1, background: 0.02 }
);

export const WINTER = numbers(
	'rig.winter',
	{
		unit: 'weight',
		range: [-10, 24],
		source: FIELD_RULE
	},
	{
		wintry: 8,
		calm: 1,
		'warm-hours': 1,
		warming: 1,
		'light-enough': 0.5,
		'clear-enough': 0.5,
		naturalsFrom: 0.9,
		calmMs: 5,
		fromH: 11.5,
		toH: 14.5,
		warmingC: 0.5,
		clearM: 0.8,
		galeMs: 9,
		frostC: -4,
		murkM: 0.4
	}
);

export const LINE_DRAG = numbers(
	'rig.line-drag',
	{
		unit: 'weight',
		range: [0, 10],
		source:
			'Hoerner, S. F. (1965), Fluid-Dynamic Drag, for cylinders across and along the flow; the seventh-root profile of Prandtl for the current; field rule for the rest'
	},
	{ across: 1.2, along: 0.02, profile: 1 / 7, straightens: 4e-4, atTheBed: 0.97 }
);
