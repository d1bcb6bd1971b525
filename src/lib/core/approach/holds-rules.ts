import type { ReachKind } from '../vocabulary';

/** Where fish hold: on a river, and on a lake. */
export const HOLDS = [
	'feeding-lane',
	'seam',
	'foam-line',
	'deep',
	'pool-head',
	'pool-tail',
	'pocket',
	'soft-edge',
	'flooded',
	'undercut',
	'shade',
	'spring',
	'back-eddy',
	'flat',
	'margin',
	'drop-off',
	'weed',
	'stream-mouth',
	'open-water'
] as const;
export type Hold = (typeof HOLDS)[number];

/** What is usual in each kind of reach: how many of its fish hold where, before anything is known of the day. */
export const HOLDS_OF: Readonly<Record<ReachKind, Partial<Record<Hold, number>>>> = {
	riffle: {
		'feeding-lane': 3,
		seam: 2,
		pocket: 2,
		'soft-edge': 1.5,
		undercut: 0.7,
		shade: 0.7,
		spring: 0.3,
		flooded: 0.1
	},
	run: {
		'feeding-lane': 2.5,
		seam: 3,
		deep: 1.5,
		'foam-line': 1.2,
		'soft-edge': 1.2,
		undercut: 0.8,
		shade: 0.8,
		spring: 0.3,
		flooded: 0.15,
		pocket: 0.5
	},
	pool: {
		'pool-head': 2.5,
		deep: 2.5,
		'pool-tail': 2,
		seam: 1.5,
		'foam-line': 1.5,
		'back-eddy': 1,
		'soft-edge': 0.8,
		undercut: 0.6,
		shade: 0.8,
		spring: 0.3,
		flooded: 0.15
	},
	'pocket-water': { pocket: 5, seam: 2, 'soft-edge': 1.2, deep: 1, shade: 0.6, spring: 0.3, flooded: 0.1 },
	glide: {
		'feeding-lane': 2,
		flat: 2,
		'foam-line': 1.5,
		undercut: 1.2,
		seam: 1.2,
		'soft-edge': 1,
		shade: 1,
		deep: 0.8,
		spring: 0.4,
		flooded: 0.15,
		'pool-tail': 1
	},
	braid: {
		seam: 2.5,
		'feeding-lane': 1.5,
		'soft-edge': 1.5,
		pocket: 0.8,
		undercut: 0.8,
		deep: 1,
		shade: 0.5,
		spring: 0.5,
		flooded: 0.1
	},
	eddy: {
		'back-eddy': 3.5,
		seam: 3,
		'foam-line': 2,
		deep: 1,
		'soft-edge': 0.6,
		shade: 0.4,
		spring: 0.2,
		flooded: 0.1
	},
	weir: {
		seam: 2.5,
		'pool-head': 2,
		deep: 2,
		'back-eddy': 1.5,
		'foam-line': 1,
		'soft-edge': 1,
		shade: 0.4,
		spring: 0.1,
		flooded: 0.1
	},
	bay: {
		margin: 2,
		weed: 2,
		'drop-off': 1.2,
		'open-water': 1,
		shade: 0.5,
		spring: 0.3,
		deep: 0.6,
		'stream-mouth': 0.6
	},
	'drop-off': { 'drop-off': 3.5, deep: 1.5, margin: 1, weed: 1, 'open-water': 1, spring: 0.2 },
	'weed-edge': { weed: 4, margin: 1.2, 'drop-off': 1.2, 'open-water': 1, deep: 0.5, spring: 0.2 },
	inflow: { 'stream-mouth': 4, margin: 1.2, 'drop-off': 1.5, weed: 0.8, 'open-water': 0.8, deep: 0.7 }
};
