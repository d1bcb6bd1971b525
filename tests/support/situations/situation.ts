import type { Place } from '../../../src/lib/core/atlas';
import type { Hypothesis } from '../../../src/lib/core/likeness';
import { RIVER, Story } from '../story';

/** What a guide noted, and what an experienced one would say of it. */
export interface Situation {
	says: string;
	story: Story;
	/** Minutes after its beginning at which it is read. */
	after: number;
	/**
	 * What may be first, as `taxon/stage`, `group/stage`, `*` for any, `bed` for whatever is taken under the surface,
	 * `anything`, or the unseen of a group.
	 */
	first: readonly string[];
	/** Nobody would be sure here. */
	notSure?: boolean;
}

export const TAILWATER: Place = { ...RIVER, elevationM: 560, water: 'tailwater' };
const SOUTH = { latitude: -44.6, longitude: 169.2, elevationM: 380 } as const;
export const SOUTH_RIVER: Place = { ...SOUTH, water: 'freestone' };
export const SOUTH_LAKE: Place = { ...SOUTH, water: 'lake' };
const HOUR_MS = 3_600_000;

/** A story that begins on a day at an hour of the sun. */
export function on(
	place: Place,
	day: string,
	hour: number,
	fish: ConstructorParameters<typeof Story>[2] = {}
): Story {
	return new Story(
		place,
		new Date(Date.parse(`${day}T00:00:00Z`) + (hour - place.longitude / 15) * HOUR_MS),
		fish
	);
}

/** @param first what may be first */
export const situation = (
	says: string,
	story: Story,
	first: readonly string[],
	more: { after?: number; notSure?: boolean } = {}
): Situation => ({ says, story, first, after: 12, ...more });

/** Whether a hypothesis is one that a pattern names. */
export function isAmong(
	{ id, kind, group, stage, taking }: Hypothesis,
	patterns: readonly string[]
): boolean {
	return patterns.some((pattern) => {
		if (pattern === id) return true;
		if (kind !== 'natural') return false;
		if (pattern === 'bed') return taking === 'drift';
		const [what, when] = pattern.split('/');
		return (what === '*' || what === group || id.startsWith(`${what}/`)) && (when === '*' || when === stage);
	});
}
