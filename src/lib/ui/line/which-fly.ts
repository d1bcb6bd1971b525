import type { AttemptBody, RigBody } from '$lib/core/note';
import { depthsOnRig } from '$lib/core/match';
import type { Outing } from '$lib/core/outing';
import { WENT_FOR_IT } from '$lib/core/reading';
import type { WhichFly } from '$lib/core/vocabulary';

/** A fly on the leader, wherever on it. */
export type FlyOnLeader = Omit<NonNullable<RigBody['second']>, 'distanceM'>;

/** The flies of which a fish went for one, and what a note says once the guide has said which. */
export interface AskedWhich {
	flies: { first: FlyOnLeader; second: FlyOnLeader; third?: FlyOnLeader | undefined };
	/** The one that was named last. */
	named: WhichFly;
	/** The note that does not say it yet. */
	replaces: string;
	telling: (which: WhichFly) => AttemptBody | undefined;
}

/** The flies of which a fish just went for one, or refused one, until the guide has said which. */
export function askedWhich({ attempts }: Outing, rig: RigBody | undefined): AskedWhich | undefined {
	const last = attempts.at(-1)?.note;
	const { second, third } = rig ?? {};
	if (!last || !second || last.body.which) return undefined;
	const { outcome } = last.body;
	if (outcome !== 'refused' && !WENT_FOR_IT.has(outcome)) return undefined;
	const flies = { first: last.body, second, third };
	return {
		flies,
		named: attempts.findLast(({ note }) => note.body.which)?.note.body.which ?? 'first',
		replaces: last.id,
		telling: (which) => {
			const fly = flies[which];
			if (!fly) return undefined;
			const { patternId, hookSize, dressing } = fly;
			// How deep was said of the lowest, before it was said which.
			const { depthM } = last.body;
			return {
				...last.body,
				patternId,
				hookSize,
				dressing,
				which,
				...(depthM !== undefined && { depthM: depthsOnRig(depthM, rig)[which] ?? depthM })
			};
		}
	};
}
