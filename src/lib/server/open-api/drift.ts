import * as v from 'valibot';
import { driftOf, longestFreeS, surfaceOf, wayOf } from '$lib/core/drift';
import { fault, words } from '$lib/core/message';
import { GroundSchema, within } from '$lib/core/note';
import { CASTS } from '$lib/core/vocabulary';

const says = words('open-api.drift', {
	'no-way': 'must fall away from the tip of the rod',
	short: 'is shorter than the way from tip to fly'
});

/** A point on the water: downstream, and from the left bank, m. */
const SpotSchema = v.object({ alongM: within(-100, 100, ' m'), acrossM: within(-50, 200, ' m') });

export const DriftRequestSchema = v.pipe(
	v.object({
		/** From the left bank on. */
		lanes: v.nonOptional(GroundSchema.pipe[0].entries.lanes),
		/** Over how much the speed changes from one lane to the next, m. */
		seamM: v.optional(within(0, 5, ' m')),
		/** The tip of the rod as the line comes down, and where the fly falls. */
		tip: SpotSchema,
		fly: SpotSchema,
		cast: v.optional(v.picklist(CASTS), 'straight'),
		leaderM: v.optional(within(0.5, 15, ' m')),
		/** All of the line from tip to fly, m; or slack beside what the cast lays. */
		lineM: v.optional(within(0.5, 150, ' m')),
		slackM: v.optional(within(0, 20, ' m')),
		/** Line held off the water from the tip on; how far the tip goes along with the fly, m. */
		heldM: v.optional(within(0, 150, ' m')),
		followM: v.optional(within(0, 200, ' m')),
		/** How long, in what steps and in how many pieces it is followed. */
		longestS: v.optional(within(0.1, 60, ' s')),
		stepS: v.optional(within(0.01, 0.5, ' s')),
		pieces: v.optional(v.pipe(within(2, 80), v.integer())),
		/** Answers where the line lies, every so many seconds. */
		everyS: v.optional(within(0.1, 10, ' s'))
	}),
	v.forward(
		v.partialCheck([['tip'], ['fly'], ['cast']], (laid) => wayOf(laid) > 0, fault(says('no-way'))),
		['fly']
	),
	v.forward(
		v.partialCheck(
			[['tip'], ['fly'], ['cast'], ['lineM']],
			(laid) => laid.lineM === undefined || laid.lineM >= wayOf(laid),
			fault(says('short'))
		),
		['lineM']
	)
);

export const DriftAnswerSchema = v.object({
	/** Until the fly moves otherwise than the water by 3 cm/s, s, and its way until then, m. */
	freeS: v.number(),
	freeM: v.number(),
	/** False where it never dragged as long as it was followed. */
	drags: v.boolean(),
	lineM: v.number(),
	/** With the tip held, all of the line off the water, and the current of the fly everywhere: √(L² − W²)/U. */
	heldFreeS: v.nullable(v.number()),
	frames: v.array(
		v.object({
			atS: v.number(),
			line: v.array(v.object({ alongM: v.number(), acrossM: v.number() }))
		})
	)
});

/** How long a fly drifts as the water does, for a program. */
export function answerDrift({
	lanes,
	seamM,
	longestS,
	stepS,
	pieces,
	everyS,
	...laid
}: v.InferOutput<typeof DriftRequestSchema>): v.InferInput<typeof DriftAnswerSchema> {
	const surface = surfaceOf(lanes, seamM);
	const drift = driftOf(laid, surface, { longestS, stepS, pieces, everyS });
	const speedMs = surface(laid.fly.acrossM);
	const acrossM = Math.hypot(laid.fly.alongM - laid.tip.alongM, laid.fly.acrossM - laid.tip.acrossM);
	return { ...drift, heldFreeS: speedMs > 0 ? longestFreeS(drift.lineM, acrossM, speedMs) : null };
}
