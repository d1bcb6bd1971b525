import { tell } from '../tell';
import * as v from 'valibot';
import { hiddenStances, wadingCaution, windowRadiusM } from '$lib/core/approach';
import { within } from '$lib/core/note';
import { SURFACES } from '$lib/core/vocabulary';
import { reasonsTold } from './said';

export const ApproachRequestSchema = v.object({
	/** Depth of the fish, m. */
	depthM: within(0.05, 15, ' m'),
	surface: v.optional(v.picklist(SURFACES)),
	clarityM: v.optional(within(0.05, 20, ' m')),
	/** Of the bank above the water, m. */
	bankM: v.optional(within(0, 30, ' m')),
	/** The guide's own height, m, and mass, kg. */
	heightM: v.optional(within(1, 2.2, ' m')),
	massKg: v.optional(within(25, 200, ' kg')),
	/** Where somebody wades: depth of the water, m, and its speed. */
	wadeM: v.optional(within(0, 3, ' m')),
	speedMs: v.optional(within(0, 5, ' m/s')),
	waterC: v.optional(within(-1, 35, ' °C')),
	rising: v.optional(v.boolean()),
	/** Minutes of light that are left. */
	lightMin: v.optional(within(0, 1440, ' min'))
});

export const ApproachAnswerSchema = v.object({
	/** Radius of the fish's window, m. */
	windowM: v.number(),
	/** The ways to stand, the tallest first; 0 m where the water hides everybody. */
	stances: v.array(
		v.object({ posture: v.string(), heightM: v.number(), hiddenFromM: v.number(), says: v.string() })
	),
	because: v.array(v.string()),
	codes: v.array(v.string()),
	/** Where depth and speed of the water to wade are given. */
	wading: v.optional(
		v.object({
			word: v.picklist(['fine', 'staff', 'out']),
			/** Share of what takes a person off their feet. */
			share: v.number(),
			says: v.string(),
			because: v.array(v.string()),
			codes: v.array(v.string())
		})
	)
});

/** From where a fish can be approached unseen, and what speaks of wading there, for a program. */
export function answerApproach({
	massKg,
	speedMs,
	waterC,
	rising,
	lightMin,
	...place
}: v.InferOutput<typeof ApproachRequestSchema>): v.InferInput<typeof ApproachAnswerSchema> {
	const { stances, because } = hiddenStances(place);
	const { heightM, wadeM } = place;
	const wading =
		wadeM === undefined || speedMs === undefined
			? undefined
			: wadingCaution({ depthM: wadeM, speedMs, waterC, rising, lightMin, heightM, massKg });
	return {
		windowM: windowRadiusM(place.depthM),
		stances: stances.map(({ posture, heightM: headM, hiddenFromM, says }) => ({
			posture,
			heightM: headM,
			hiddenFromM,
			says: tell(says)
		})),
		...reasonsTold(because),
		...(wading && {
			wading: {
				word: wading.word,
				share: wading.share,
				says: tell(wading.says),
				...reasonsTold(wading.because)
			}
		})
	};
}
