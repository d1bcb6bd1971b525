import { words, type Message } from '../message';
import { FIELD_RULE, numbers } from '../rule';
import type { Style, Post } from '../tackle';
import type { Light } from '../vocabulary';

const says = words('fitness', {
	drowns: 'Drowns in water this broken.',
	bushy: 'Bushy for a surface this smooth.',
	'hard-to-see': 'Hard for a guest to see here.',
	'lost-on-silver': 'A pale post is lost on silver water; a dark one shows.',
	drags: 'Drags easily in these currents.',
	wind: 'The wind takes a fly this bushy.',
	'too-small-for-guest': 'Smaller than this guest can see.',
	'small-in-poor-light': 'Small for fast water in poor light; a size up shows better.',
	'small-in-murk': 'Small for coloured water; a size up is easier to find.',
	'pale-in-murk': 'Pale for coloured water; darker shows better.',
	rides: 'Rides this broken water.',
	'dark-post': 'Its dark post shows on silver water.',
	'easy-to-see': 'Easy to see.',
	silver: 'Silver glare'
});

/** Where the rules begin, and how rough surfaces are. */
export const FITNESS_WATER = numbers(
	'match.water',
	{
		unit: 'weight',
		range: [0, 100],
		source: FIELD_RULE
	},
	{
		glassy: 0,
		rippled: 0.4,
		broken: 0.8,
		speedRoughens: 0.4,
		usualSpeed: 0.5,
		usualClarity: 1.5,
		usualLakeM: 4,
		ripplesMs: 1.5,
		smooth: 0.6,
		seenFrom: 0.25,
		seenMore: 0.5,
		seenDim: 0.15,
		dragLeast: 0.4,
		windFrom: 5,
		guestSees: 1.4,
		roughFrom: 0.8,
		smallOver: 14,
		smallInMurk: 12,
		smallSpan: 12,
		paleFrom: 45,
		paleSpan: 55,
		coloured: 0.5,
		standsUp: 0.5,
		worthSaying: 0.06,
		mostLost: 0.9,
		ridesFrom: 0.8,
		roughRides: 0.5,
		easyFrom: 0.7,
		freelyFrom: 2,
		freelyAll: 5,
		latelyMin: 5,
		forgives: 0.4
	}
);
const W = FITNESS_WATER.values;

/** What is seen of a post or a wing that stands up, by its colour and the light. */
export const POST_SHOWS = numbers(
	'match.post',
	{
		unit: 'share',
		range: [0, 2],
		source: FIELD_RULE
	},
	{
		even: { pale: 1, dark: 0.85 },
		silver: { pale: 0.5, dark: 1.1 },
		shade: { pale: 1, dark: 0.55 }
	} satisfies Record<Light, Record<Post, number>>
);

/** A fly on a water, as far as fitness hangs on it. */
export interface FlyOnWater {
	style: Style;
	hookSize: number;
	/** CIELAB lightness of the belly. */
	lightness: number;
	post: Post | undefined;
	floats: boolean;
	/** How rough the surface is, 0 glassy to 1 broken and fast. */
	rough: number;
	/** How well a guest sees it in this light, 0 to 1. */
	seen: number;
	dim: boolean;
	light: Light;
	windMs: number;
	clarityM: number;
	smallestSeen: number | undefined;
}

/** One rule of fitness: what it takes away for each whole step of its cause, when it applies, and what it says. */
export interface FitnessRule {
	id: string;
	/** Share of the fly’s fitness that a whole step of the cause takes away. */
	weight: number;
	applies: (fly: FlyOnWater) => boolean;
	/** Steps of the cause; nothing is lost at 0 and under. */
	cause: (fly: FlyOnWater) => number;
	says: (fly: FlyOnWater) => Message;
}

const floating = ({ floats }: FlyOnWater): boolean => floats;
const coloured = ({ clarityM }: FlyOnWater): boolean => clarityM < W.coloured;

/** The rules of docs/method.md, in the order in which they are told. */
export const FITNESS_RULES: readonly FitnessRule[] = [
	{
		id: 'drowns',
		weight: 0.7,
		applies: floating,
		cause: ({ rough, style }) => rough - style.buoyancy,
		says: () => says('drowns')
	},
	{
		id: 'bushy',
		weight: 0.35,
		applies: floating,
		cause: ({ rough, style }) => (W.smooth - rough) * style.bulk,
		says: () => says('bushy')
	},
	{
		id: 'hard-to-see',
		weight: 0.25,
		applies: floating,
		cause: ({ rough, dim, seen }) => W.seenFrom + W.seenMore * rough + (dim ? W.seenDim : 0) - seen,
		says: ({ light, style }) =>
			says(light === 'silver' && style.visibility >= W.standsUp ? 'lost-on-silver' : 'hard-to-see')
	},
	{
		id: 'drags',
		weight: 0.2,
		applies: floating,
		cause: ({ style, rough }) => style.drag * (W.dragLeast + (1 - W.dragLeast) * rough),
		says: () => says('drags')
	},
	{
		id: 'wind',
		weight: 0.03,
		applies: floating,
		cause: ({ windMs, style }) => (windMs - W.windFrom) * style.bulk,
		says: () => says('wind')
	},
	{
		id: 'too-small-for-guest',
		weight: 0.13,
		applies: ({ floats, smallestSeen }) => floats && smallestSeen !== undefined,
		cause: ({ hookSize, smallestSeen = hookSize, seen }) => (hookSize - smallestSeen) * (W.guestSees - seen),
		says: () => says('too-small-for-guest')
	},
	{
		id: 'small-in-poor-light',
		weight: 0.09,
		applies: ({ floats, rough, dim }) => floats && rough >= W.roughFrom && dim,
		cause: ({ hookSize }) => hookSize - W.smallOver,
		says: () => says('small-in-poor-light')
	},
	{
		id: 'small-in-murk',
		weight: 0.3,
		applies: coloured,
		cause: ({ hookSize }) => (hookSize - W.smallInMurk) / W.smallSpan,
		says: () => says('small-in-murk')
	},
	{
		id: 'pale-in-murk',
		weight: 0.25,
		applies: coloured,
		cause: ({ lightness }) => (lightness - W.paleFrom) / W.paleSpan,
		says: () => says('pale-in-murk')
	}
];

/** How much a fly loses for each whole step of a rule's cause, as the rules have it. */
export const LOSSES = numbers(
	'match.losses',
	{ unit: 'share', range: [0, 1], source: FIELD_RULE },
	Object.fromEntries(FITNESS_RULES.map(({ id, weight }) => [id, weight]))
);

/** What is said of a fly that loses nothing worth a line, the first that holds. */
export function praiseOf({ floats, rough, style, light, post, seen }: FlyOnWater): Message | undefined {
	if (!floats) return undefined;
	if (rough > W.roughRides && style.buoyancy >= W.ridesFrom) return says('rides');
	if (light === 'silver' && post === 'dark') return says('dark-post');
	return seen >= W.easyFrom ? says('easy-to-see') : undefined;
}
