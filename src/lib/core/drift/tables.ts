import { FIELD_RULE, numbers, type NumberTable } from '../rule';

/** How a line and what is on it lie in the current. */
export const LINE_ON_WATER = numbers(
	'drift.line',
	{
		unit: 'weight',
		range: [0, 30],
		source: `Müller, M. et al. (2007). Position based dynamics. Journal of Visual Communication and Image Representation 18, 109–118; Jakobsen, T. (2001). Advanced character physics. Game Developers Conference; ${FIELD_RULE} for the sizes`
	},
	{
		/** A fly that moves otherwise than the water by so much drags, m/s. */
		dragsMs: 0.03,
		/** Diameters, mm: what the current takes hold of. */
		lineMm: 1,
		leaderMm: 0.35,
		tippetMm: 0.15,
		/** Length of the tippet, m, and of line on which the current pulls as on the fly. */
		tippetM: 1,
		flyM: 0.04,
		/** Reach of the rod's tip before the guide, and line held off the water from it, along the water, m. */
		tipM: 1.8,
		heldM: 2,
		/** The tip goes along with the fly, downstream of where it was, m. */
		followM: 1.2,
		/** Between two lanes the speed changes over so much, m. */
		seamM: 0.3,
		leaderM: 3.2,
		/** No drift is followed for longer, s. */
		longestS: 15
	}
);

/** How far each cast lays more line than the way to the fly is long, and where. */
export const CAST_SHAPES = numbers(
	'drift.casts',
	{ unit: 'weight', range: [0, 5], source: FIELD_RULE },
	{
		/** Line beyond what the straight way wants, shares of that way: all along, and in the leader. */
		straight: { slack: 0.03, leader: 0.05, reachM: 0, bellyM: 0 },
		reach: { slack: 0.04, leader: 0.08, reachM: 1.8, bellyM: 0 },
		pile: { slack: 0.05, leader: 0.8, reachM: 0, bellyM: 0 },
		wiggle: { slack: 0.16, leader: 0.16, reachM: 0, bellyM: 0 },
		mend: { slack: 0.05, leader: 0.08, reachM: 0, bellyM: 1.2 }
	}
);

/** How finely a drift is followed. */
export const DRIFT_STEPS = numbers(
	'drift.steps',
	{ unit: 'weight', range: [0, 100], source: 'halving the step changes the answer by less than 3 %' },
	{
		/** Pieces of line, and seconds of a step. */
		coarse: { pieces: 10, stepS: 0.1 },
		fine: { pieces: 36, stepS: 0.025 }
	}
);

export const DRIFT_TABLES: readonly NumberTable[] = [LINE_ON_WATER, CAST_SHAPES, DRIFT_STEPS];
