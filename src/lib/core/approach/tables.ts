import { FIELD_RULE, numbers, type NumberTable } from '../rule';
import { DIRECTIONS, EARLIER, FALLS, SILT, STANCE, STRIKES } from './stance-tables';

/** What a trout sees above the water: from what elevation on, by how smooth the film is. */
export const SEEN = numbers(
	'approach.seen',
	{
		unit: 'weight',
		range: [0, 60],
		source: `Lythgoe, J. N. (1979). The ecology of vision. Clarendon Press, for contrast lost in water; ${FIELD_RULE} for the elevations`
	},
	{
		/** Degrees above the horizon under which what stands there is lost, in clear water. */
		glassy: 10,
		rippled: 13,
		broken: 18,
		/** What is left of contrast at the distance called visibility. */
		contrastLeft: 0.02,
		/** Water that is clear to less than this hides a guide by its colour. */
		colouredUnderM: 3
	}
);

/** How high above the ground a guide's head is, m. */
export const POSTURES_M = numbers(
	'approach.postures',
	{ unit: 'm', range: [0.3, 2.2], source: FIELD_RULE },
	{ standing: 1.75, kneeling: 1.15, crouching: 0.9 }
);

/** A place of which nothing was noted: depth of the fish and height of the bank, m, and the current, m/s. */
export const USUAL_PLACE = numbers(
	'approach.usual-place',
	{ unit: 'weight', range: [0, 5], source: FIELD_RULE },
	{ depthM: 0.5, bankM: 0.3, speedMs: 0.4 }
);

/** What current takes a wading person off their feet. */
export const WADING = numbers(
	'approach.wading',
	{
		unit: 'weight',
		range: [0, 2000],
		source:
			'Abt, S. R. et al. (1989). Human stability in a high flood hazard zone. Water Resources Bulletin 25, 881–890; Jonkman, S. N. & Penning-Rowsell, E. (2008). Human instability in flood flows. Journal of the American Water Resources Association 44, 1208–1218; field rule for the shares'
	},
	{
		/** Toppled at a product of depth and speed of `product · exp(perKgM · kg · m + offset)²`, m²/s. */
		product: 0.0929,
		perKgM: 0.001906,
		offset: 1.09,
		/** Slid away when the push on the legs is more than the friction of the soles. */
		friction: 0.4,
		drag: 1.1,
		breadthM: 0.35,
		density: 1000,
		/** Share of a body's weight that each share of its height under water takes off. */
		buoyed: 0.95,
		/** Share of what lifts people from which a staff is wanted, and from which nobody should go. */
		staffFrom: 0.3,
		outFrom: 0.6,
		/** Factors of that share where the water rises, is cold, or the light goes. */
		rising: 1.3,
		cold: 1.2,
		dark: 1.3,
		coldUnderC: 8,
		darkUnderMin: 45,
		/** Deeper than so much of a person's height nobody wades. */
		deepest: 0.6
	}
);

/** Lanes of a reach that nobody sketched, from the left bank on: width, depth, m, and speed, m/s. */
export const USUAL_LANES = numbers(
	'approach.lanes',
	{ unit: 'weight', range: [0, 20], source: FIELD_RULE },
	{
		riffle: lanes([2, 0.2, 0.4], [3, 0.35, 0.8], [3, 0.4, 0.9], [2, 0.25, 0.5]),
		run: lanes([1.5, 0.3, 0.25], [2.5, 0.6, 0.55], [3, 0.8, 0.75], [2.5, 0.6, 0.5], [1.5, 0.3, 0.2]),
		pool: lanes([2, 0.4, 0.1], [3, 1.1, 0.25], [3, 1.6, 0.4], [3, 1, 0.25], [2, 0.4, 0.08]),
		'pocket-water': lanes([1.5, 0.3, 0.3], [2, 0.5, 1], [1.5, 0.6, 0.35], [2, 0.5, 1.1], [1.5, 0.3, 0.3]),
		glide: lanes([2, 0.35, 0.2], [3, 0.6, 0.35], [4, 0.75, 0.42], [3, 0.6, 0.33], [2, 0.35, 0.15]),
		braid: lanes([1, 0.2, 0.3], [2, 0.45, 0.7], [1, 0.25, 0.35]),
		eddy: lanes([2.5, 0.8, 0.08], [1.5, 0.9, 0.25], [3, 1, 0.8], [2, 0.5, 0.4]),
		weir: lanes([2, 0.5, 0.2], [2.5, 1.1, 0.7], [3, 1.3, 0.9], [2.5, 1, 0.6], [2, 0.5, 0.15])
	}
);

/** Depth and speed of usual lanes by the level. */
export const LEVEL_LANES = numbers(
	'approach.level-lanes',
	{ unit: 'factor', range: [0.5, 2], source: FIELD_RULE },
	{ low: { depth: 0.75, speed: 0.8 }, usual: { depth: 1, speed: 1 }, high: { depth: 1.35, speed: 1.35 } }
);

/** Lanes by the letters that a cross-section is read by, from the left bank on. */
function lanes(...rows: (readonly [widthM: number, depthM: number, speedMs: number])[]) {
	return Object.fromEntries(
		rows.map(([widthM, depthM, speedMs], i) => [`lane-${i + 1}`, { widthM, depthM, speedMs }])
	);
}

/** What wind does on a reach. */
export const WIND = numbers(
	'approach.wind',
	{ unit: 'weight', range: [0, 60], source: FIELD_RULE },
	{
		/** Across the water it fills a bank from so much on; land insects are blown on from so much, m/s. */
		fillsMs: 1.5,
		blownMs: 4,
		ruffledMs: 3,
		/** The lee of a bank with trees is so many times as wide as they are high, and at least so wide, m. */
		leePerM: 2,
		leeLeastM: 1,
		/** Air that sends fish and insects to the shade, or to the sheltered side, °C. */
		hotC: 25,
		coolC: 9,
		/** A cast against so much falls short; with so much behind it no slack stays in it. */
		againstMs: 4,
		behindMs: 2.5,
		/** From the side of the casting arm, the line comes over the caster from so much on. */
		shoulderMs: 3,
		/** A breeze from ahead, up to so much, helps a pile to fall. */
		breezeMs: 3
	}
);

/** Sun on the water. */
export const SUN = numbers(
	'approach.sun',
	{ unit: 'weight', range: [0, 90], source: FIELD_RULE },
	{
		/** Looking within so many degrees of the sun, and it lower than that, the water glares. */
		glareDeg: 50,
		glareUnderDeg: 50,
		/** Shadows of a rod longer than this frighten nobody any more, m. */
		longestShadowM: 25,
		/** The rod stands so high over a head, m. */
		rodM: 1.2,
		/** A shadow that passes so near a fish is seen, m. */
		nearM: 1.2,
		/** Minutes between two looks at the shade of a day. */
		everyMin: 15
	}
);

/** From the ring back to the lie, and on to where the fly must fall. */
export const LANDING = numbers(
	'approach.landing',
	{ unit: 'weight', range: [0, 5], source: FIELD_RULE },
	{
		/** A fish rises at such a speed, m/s, and looks at a fly for so long first, s. */
		riseMs: 0.28,
		decidesS: 1,
		/** Casts that fall so much short of the landing point are told, m. */
		shortM: 0.3
	}
);

/** When to lift, s after the fish takes. */
export const STRIKE = numbers(
	'approach.strike',
	{ unit: 's', range: [0, 10], source: FIELD_RULE },
	{
		nose: 0.9,
		'head-back-tail': 1,
		bulge: 0.5,
		splash: 0.1,
		crash: 0.2,
		leap: 0.2,
		weaving: 0.4,
		'broke-film': 0.6,
		lifted: 0.5,
		unsure: 0.6,
		/** Longer from upstream, since the strike pulls out of the mouth; and for large slow fish. */
		fromAbove: 0.5,
		large: 0.3,
		small: 0.3,
		/** Of the wait, by those who strike at once. */
		atOnce: 0.35,
		/** A strike takes up so much slack in a second, m. */
		takesUpMs: 6
	}
);

/** Which of several fish first. */
export const FIRST_FISH = numbers(
	'approach.first-fish',
	{ unit: 'weight', range: [0, 500], source: FIELD_RULE },
	{
		/** What a fish is worth, by size. */
		small: 0.6,
		middling: 1,
		large: 2,
		/** Length to which a middling fish comes, mm, and the power of a length against it. */
		middlingMm: 320,
		power: 1.6,
		/** One that is hooked disturbs those within so far above it, and below, m. */
		aboveM: 7,
		belowM: 4,
		/** One casts from so far below, and passes fish within so far, m. */
		castM: 8,
		passesM: 5
	}
);

/** Chance of a take, by how a fish holds, and that by how wary it is. */
export const TAKES = numbers(
	'approach.takes',
	{ unit: 'factor', range: [0, 2], source: FIELD_RULE },
	{ 'on-station': 0.35, cruising: 0.18, calm: 1.2, wary: 1, 'very-wary': 0.7 }
);

/** The schools of which fish first: by what power they weigh worth, and by what share those whom it disturbs. */
export const BY_SCHOOL = numbers(
	'approach.first-by-school',
	{ unit: 'weight', range: [0, 3], source: FIELD_RULE },
	{ best: { worth: 1.5, cost: 0.5 }, nearest: { worth: 0.3, cost: 1 } }
);

/** What lanes are worth to a fish that holds in one. */
export const LANE_WORTH = numbers(
	'approach.lane-worth',
	{
		unit: 'weight',
		range: [0, 20],
		source:
			'Hughes, N. F. & Dill, L. M. (1990). Position choice by drift-feeding salmonids. Canadian Journal of Fisheries and Aquatic Sciences 47, 2039–2048; Fausch, K. D. (1984). Profitable stream positions for salmonids. Canadian Journal of Zoology 62, 441–451; field rule for the sizes'
	},
	{
		/** Temperature at which fish feed best, °C, and how much sooner current beats them in the cold. */
		usualC: 12,
		coldSlows: 0.6,
		/** Half of what it sees is caught at so much current, m/s, and how sharply that falls. */
		halfMs: 0.75,
		spreadMs: 0.12,
		/** It reaches so far up and down, and has cover from so much depth on, m. */
		reachM: 0.9,
		coverM: 0.45,
		/** Share that it has of a better lane beside its own. */
		beside: 0.5,
		/** Cost of holding, by speed. */
		cost: 0.02,
		costPerMs: 2.2,
		/** In the cold: rest in what is deep and slower than this, m/s. */
		rest: 0.6,
		restMs: 0.25,
		least: 0.005
	}
);

/** What of the notes is a day on which fish hold otherwise. */
export const DAY = numbers(
	'approach.day',
	{ unit: 'weight', range: [0, 90], source: FIELD_RULE },
	{
		/** What was seen so many hours ago still counts, and so many rises in them are a hatch. */
		hatchH: 1,
		risesAsHatch: 3,
		/** The sun at such heights makes a bright day under a clear sky, and a dim one under any, degrees. */
		brightDeg: 30,
		dimDeg: 8,
		/** Two measurements at least so far apart tell how the water warms, h. */
		warmingFromH: 0.5
	}
);

/** A weighted fly over a fish: how long its line is against the depth, and how near to the bed it gets. */
export const BELOW = numbers(
	'approach.below',
	{ unit: 'share', range: [0, 3], source: FIELD_RULE },
	{ hung: 1.5, deepest: 0.9 }
);

export const APPROACH_TABLES: readonly NumberTable[] = [
	SEEN,
	POSTURES_M,
	USUAL_PLACE,
	WADING,
	USUAL_LANES,
	LEVEL_LANES,
	WIND,
	SUN,
	LANDING,
	DIRECTIONS,
	FALLS,
	STRIKES,
	STANCE,
	SILT,
	EARLIER,
	STRIKE,
	FIRST_FISH,
	TAKES,
	BY_SCHOOL,
	LANE_WORTH,
	DAY,
	BELOW
];
