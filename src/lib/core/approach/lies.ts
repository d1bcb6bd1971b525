import { names, type Message } from '../message';
import type { ReachKind } from '../vocabulary';
import { HOLDS, HOLDS_OF, type Hold } from './holds-rules';
import { lieRulesOn, type LieDay } from './lies-rules';

const HOLD_NAMES = names('hold', {
	'feeding-lane': 'The feeding lanes, mid-river',
	seam: 'Seams, slow beside quick',
	'foam-line': 'Foam and bubble lines',
	deep: 'The deep slow part',
	'pool-head': 'The head of the pool',
	'pool-tail': 'The tail of the pool',
	pocket: 'Pockets by boulders, broken water',
	'soft-edge': 'Soft edges by the bank',
	flooded: 'Flooded bushes and grass',
	undercut: 'Under bushes and undercut banks',
	shade: 'Shaded water',
	spring: 'Springs and side streams',
	'back-eddy': 'Eddies',
	flat: 'The flat',
	margin: 'The margin',
	'drop-off': 'The drop-off',
	weed: 'Along the weed',
	'stream-mouth': 'The mouth of the stream',
	'open-water': 'Open water, near the top'
} satisfies Record<Hold, string>);

/** Where fish may hold, how likely, and which rules say so. */
export interface LieChance {
	hold: Hold;
	name: Message;
	/** Of the fish of the reach, 0 to 1. */
	chance: number;
	because: Message[];
}

/** A rule that makes a lie so much likelier is told with it. */
const TOLD_FROM = 1.15;
const MOST_TOLD = 3;

/**
 * Where the fish of a reach hold, the likeliest first: what is usual in a reach of its kind, changed by what the day
 * says, and the rules that say so.
 *
 * @returns chances that sum to 1
 */
export function liesOf(kind: ReachKind, day: LieDay): LieChance[] {
	const rules = lieRulesOn(day);
	const usual = HOLDS_OF[kind];
	const weighed = HOLDS.flatMap((hold) => {
		const before = usual[hold] ?? 0;
		if (before === 0) return [];
		let weight = before;
		const because: { says: Message; by: number }[] = [];
		for (const { says, speaks, factors } of rules) {
			const by = (factors[hold] ?? 1) ** speaks;
			weight *= by;
			if (by >= TOLD_FROM) because.push({ says, by });
		}
		because.sort((a, b) => b.by - a.by);
		return [{ hold, weight, because: because.slice(0, MOST_TOLD).map(({ says }) => says) }];
	});
	const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
	return weighed
		.map(({ hold, weight, because }) => ({ hold, name: HOLD_NAMES[hold], chance: weight / total, because }))
		.sort((a, b) => b.chance - a.chance);
}
