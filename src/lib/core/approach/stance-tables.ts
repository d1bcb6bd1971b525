import { FIELD_RULE, numbers } from '../rule';

/** Directions from the fish to the guide that are tried for each stance, degrees from straight downstream. */
export const DIRECTIONS = numbers(
	'approach.directions',
	{ unit: 'weight', range: [0, 180], source: FIELD_RULE },
	{
		below: { first: 0, second: 8, third: 18 },
		'below-and-across': { first: 30, second: 45, third: 60 },
		across: { first: 75, second: 90, third: 105 },
		'above-and-across': { first: 120, second: 135, third: 150 },
		above: { first: 165, second: 170, third: 175 }
	}
);

/** How well each cast falls where it is wanted. */
export const FALLS = numbers(
	'approach.falls',
	{ unit: 'chance', range: [0, 1], source: FIELD_RULE },
	{ straight: 0.95, reach: 0.88, pile: 0.7, wiggle: 0.78, mend: 0.82 }
);

/** How sure a strike is from each stance. */
export const STRIKES = numbers(
	'approach.strikes',
	{ unit: 'chance', range: [0, 1], source: FIELD_RULE },
	{ below: 1, 'below-and-across': 1, across: 0.95, 'above-and-across': 0.88, above: 0.75 }
);

/** How stances are ranked. */
export const STANCE = numbers(
	'approach.stance',
	{ unit: 'weight', range: [0, 180], source: FIELD_RULE },
	{
		/** Distances that are tried: from here on, each so many times the one before, up to there, m. */
		nearestM: 4,
		apart: 1.18,
		furthestM: 15,
		/** Nobody stands further back from the edge of the water, m. */
		backM: 5,
		/** A drift as long as is needed is one in two; so much more, as a share of it, changes the odds by e. */
		driftShare: 0.22,
		/** So much nearer than one is hidden changes the odds of being seen by e, m. */
		seenM: 0.9,
		/** From behind, within so many degrees of straight below, one may come so much nearer. */
		behindDeg: 25,
		behind: 0.7,
		/** A cast of so many m loses an e-th of its aim, by its square. */
		aimM: 15,
		/** Line, or a leader, that falls across the fish. */
		lined: 0.35,
		leadered: 0.8,
		/** Wind: against the cast, from the arm's side, behind a slack cast; a breeze ahead of one. */
		against: 0.6,
		shoulder: 0.75,
		behindSlack: 0.75,
		breeze: 1.1,
		/** Wading at all, and with a staff. */
		wades: 0.92,
		staff: 0.6,
		/** Silt that drifts down on the fish, a shadow over it, and a fly lost in glare. */
		silt: 0.55,
		shadow: 0.5,
		glare: 0.85,
		/** Another fish in between, or on the way. */
		between: 0.7,
		/** What the two schools make of stances. */
		favoured: 1.2,
		unfavoured: 0.85,
		/** On glassy water the fly must come before the line. */
		flatFromAbove: 1.25
	}
);

/** Silt that wading feet stir up. */
export const SILT = numbers(
	'approach.silt',
	{
		unit: 'weight',
		range: [0, 60],
		source:
			'Fischer, H. B., List, E. J., Koh, R. C. Y., Imberger, J. & Brooks, N. H. (1979). Mixing in Inland and Coastal Waters. Academic Press, New York; field rule for how far it is seen'
	},
	{
		/** Across a natural river, as a share of depth × shear velocity; and that velocity as a share of the current. */
		mixing: 0.6,
		shear: 0.1,
		/** To each side of the feet at once, and how far down it matters, m. */
		feetM: 0.3,
		lastsM: 25
	}
);

/** What came of casts from a side, for the next from there. */
export const EARLIER = numbers(
	'approach.earlier',
	{ unit: 'weight', range: [0, 20], source: FIELD_RULE },
	{
		/** For each good drift that was left, and no less than that for all of them. */
		left: 0.95,
		leftLeast: 0.6,
		/** Where at least so many dragged, and more than half of all. */
		draggedFrom: 2,
		dragged: 0.7,
		putDown: 0.6,
		took: 1.1
	}
);
