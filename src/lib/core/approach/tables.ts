import { FIELD_RULE, numbers, type NumberTable } from '../rule';

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

export const APPROACH_TABLES: readonly NumberTable[] = [SEEN, POSTURES_M, USUAL_PLACE, WADING];
