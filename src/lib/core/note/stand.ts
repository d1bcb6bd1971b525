import * as v from 'valibot';
import { fault } from '../message';
import { CASTS, LANES, POSTURES, REACH_KINDS, STANCES } from '../vocabulary';
import faults from './fault-words';
import { IdSchema, within } from './fields';
import { listOf } from './list';

/** The watch that a note belongs to: the id of the note that began it. */
export const WatchIdSchema = v.optional(IdSchema);

/** A bank: how high it stands above the water, and what grows or rises on it, m. */
const BankSchema = v.object({
	heightM: v.optional(within(0, 30, ' m')),
	/** Trees or a cliff, above the bank. */
	treesM: v.optional(within(0, 150, ' m'))
});

/** A lane of current: its width and depth, and its speed at the surface. */
const LaneSchema = v.object({
	widthM: within(0.2, 100, ' m'),
	depthM: within(0.05, 30, ' m'),
	speedMs: within(0, 5, ' m/s')
});

/** The water one stands at: which way it flows, what kind it is, its lanes, and its banks; each as last noted counts. */
export const GroundSchema = v.pipe(
	v.object({
		/** Bearing that the water flows to. */
		flowDeg: v.optional(within(0, 360, '°')),
		reachKind: v.optional(v.picklist(REACH_KINDS)),
		/** From the left bank to the right, as one looks downstream. */
		lanes: v.optional(v.pipe(listOf(LaneSchema, LANES.most), v.minLength(1, fault(faults('no-lanes'))))),
		left: v.optional(BankSchema),
		right: v.optional(BankSchema)
	}),
	v.check(
		(body) => Object.values(body).some((value: unknown) => value !== undefined),
		fault(faults('nothing'))
	)
);
export type GroundBody = v.InferOutput<typeof GroundSchema>;

/** From where a fish is fished from now on, and what was told of the drift there. */
export const StanceSchema = v.object({
	watchId: WatchIdSchema,
	stance: v.picklist(STANCES),
	posture: v.picklist(POSTURES),
	cast: v.picklist(CASTS),
	/** From the guide to the fish, m. */
	distanceM: within(0.5, 60, ' m'),
	/** Depth of the water that is waded there, m. */
	wadeM: v.optional(within(0, 3, ' m')),
	/** How long the fly drifts as the water does, and has to, s. */
	driftS: v.optional(within(0, 3600, ' s')),
	needsS: v.optional(within(0, 3600, ' s'))
});
export type StanceBody = v.InferOutput<typeof StanceSchema>;
