import { tell } from '../tell';
import * as v from 'valibot';
import { leaderFor, LEADER, lineFor, planDepth, stillLeaderM, TIPPET, type Rig } from '$lib/core/rig';
import { FISH_SIZES, SURFACES } from '$lib/core/vocabulary';
import { within } from '$lib/core/note';
import { reasonsTold } from './said';

export const RigRequestSchema = v.object({
	hookSize: within(2, 28),
	clarityM: v.optional(within(0, 20, ' m')),
	surface: v.optional(v.picklist(SURFACES)),
	speedMs: v.optional(within(0, 5, ' m/s')),
	windMs: v.optional(within(0, 25, ' m/s')),
	fish: v.optional(v.picklist(FISH_SIZES)),
	rodM: v.optional(within(1.5, 5, ' m')),
	waterC: v.optional(within(-1, 35, ' °C')),
	bulky: v.optional(v.boolean()),
	/** Trees or banks leave little room to cast. */
	tight: v.optional(v.boolean()),
	/** Weed or snags that a hooked fish would reach. */
	weed: v.optional(v.boolean()),
	school: v.optional(v.picklist(TIPPET.ids)),
	leader: v.optional(v.picklist(LEADER.ids)),
	/** What tippet of 5X breaks at as its spool says. */
	fiveXBreaksN: v.optional(within(5, 60, ' N')),
	second: v.optional(v.picklist(['flush', 'hanging', 'nymph'])),
	/** Running water at the lie: a nymph under a dry fly hangs by it. */
	waterM: v.optional(within(0.1, 30, ' m')),
	/** Still water: its depth, to hang a fly above the bed. */
	depthM: v.optional(within(0.5, 15, ' m')),
	flies: v.optional(within(1, 4))
});

export const RigPartSchema = v.object({
	lengthM: v.number(),
	parts: v.array(v.object({ name: v.string(), lengthM: v.number(), diameterMm: v.number() })),
	tippetX: v.number(),
	tippetMm: v.number(),
	strengthN: v.array(v.number()),
	secondM: v.optional(v.object({ least: v.number(), most: v.number() })),
	knots: v.array(v.string()),
	because: v.array(v.string()),
	codes: v.array(v.string())
});

export const RigAnswerSchema = v.object({
	...RigPartSchema.entries,
	depth: v.optional(
		v.object({
			leaderM: v.number(),
			depthsM: v.array(v.number()),
			countdownS: v.record(v.string(), v.number()),
			/** The line for this depth and wind, and seconds to count where it sinks. */
			line: v.string(),
			lineCountdownS: v.optional(v.number()),
			because: v.array(v.string()),
			codes: v.array(v.string())
		})
	)
});

const USUAL_WIND_MS = 2;

/** The leader for a fly and a water, for a program. */
export function answerRig({
	depthM,
	flies,
	...given
}: v.InferOutput<typeof RigRequestSchema>): v.InferInput<typeof RigAnswerSchema> {
	const depth = depthM === undefined ? undefined : planDepth(depthM, flies);
	if (depthM === undefined || !depth) return rigAnswer(leaderFor(given));
	const windMs = given.windMs ?? USUAL_WIND_MS;
	const line = lineFor(depth.leaderM, windMs);
	return {
		...rigAnswer(leaderFor({ ...given, stillM: stillLeaderM(depthM, windMs) })),
		depth: {
			...depth,
			line: line.line,
			...(line.countdownS !== undefined && { lineCountdownS: line.countdownS }),
			...reasonsTold([...depth.because, ...line.because])
		}
	};
}

/** A leader for a program; reasons in metric units. */
export function rigAnswer(rig: Rig): v.InferInput<typeof RigPartSchema> {
	return {
		...rig,
		parts: rig.parts.map(({ name, ...part }) => ({ name: tell(name), ...part })),
		knots: rig.knots.map((knot) => tell(knot)),
		strengthN: [...rig.strengthN],
		...reasonsTold(rig.because)
	};
}
