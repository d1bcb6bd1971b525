import { isSurface } from '../atlas';
import { names, words, type Message } from '../message';
import { quarrel } from '../rule';
import type { Style } from './style';

const says = words('dressing', {
	wet: 'Wet it through before the first cast.',
	gel: 'Gel on hackle and hair, sparingly, before it is wet.',
	'soft-dressed': 'Soft feathers: powder or oil made for them, never gel, which clots them.',
	'soft-dry': 'Soft feathers: nothing on them; squeeze dry and false-cast once or twice.',
	foam: 'Foam floats by itself.',
	wings: 'A touch of powder on the wings; the body lies wet in the film.',
	'in-film': 'Only what stays above the film: what hangs must sink through it.',
	twists: 'It spins when cast: a stouter tippet, or short casts.',
	frail: 'Soon spoiled by fish and water: have several.',
	'hooks-poorly': 'Its build stands before the point: some takes are missed.',
	'floats-low': 'Floats low and soon drowns: dry it often.'
});

export type Material = 'soft-feather' | 'stiff-hackle' | 'hair' | 'foam' | 'bead';
export const MATERIAL_NAMES = names('material', {
	'soft-feather': 'soft feather',
	'stiff-hackle': 'stiff hackle',
	hair: 'hair',
	foam: 'foam',
	bead: 'bead'
} satisfies Record<Material, string>);

/** Schools of soft feathers: dressed with their own powder or oil, or left dry as they are. */
export const SOFT_FEATHERS = quarrel(
	'softFeathers',
	{ asks: 'Soft feathers', usual: 'dress' },
	{
		dress: { name: 'Dress them', consequence: 'with their own powder or oil', advice: says('soft-dressed') },
		never: {
			name: 'Never dress them',
			consequence: 'they float by themselves, for a while',
			advice: says('soft-dry')
		}
	}
);
export type SoftFeatherSchool = (typeof SOFT_FEATHERS.ids)[number];

/** What follows from how a style is built: how it sinks, what it carries, how it wears. */
export interface BuildTraits {
	materials: Material[];
	/** Sinks at about so many m/s when it is wet through; 0 for what floats. */
	sinkMs: number;
	/** Holds up a second fly beneath it: 0 nothing, 1 a heavy nymph. */
	carries: number;
	/** How it turns fine tippet into a corkscrew when cast, 0 to 1. */
	twist: number;
	/** How soon it is spoiled by fish and water, 0 to 1. */
	frailty: number;
	/** How well the point takes hold, 0 to 1: wings and stiff bodies before it turn a fish away. */
	hooks: number;
}

const SINKS = { beadBed: 0.14, bead: 0.1, wet: 0.035, film: 0.01 } as const;

/** How far each kind of wing stands before the point of the hook, for a bushy fly. */
const STANDS_BEFORE: Record<Style['parts']['wing'], number> = {
	none: 0.1,
	post: 0.2,
	stub: 0.15,
	'soft-pair': 0.4,
	pair: 0.4,
	fan: 0.6,
	spent: 0.5,
	tent: 0.35,
	flat: 0.35
};

/** From where a trait is worth a word at tie-on. */
const TOLD = { twist: 0.28, frailty: 0.75, hooks: 0.58, low: 0.42 } as const;

/** What to mind of how a fly is built, as it is tied on: nothing for one without faults. */
export function buildWords(style: Style): Message[] {
	const { twist, frailty, hooks } = traitsOf(style);
	const floats = style.zone === 'on-film';
	return [
		...(twist >= TOLD.twist ? [says('twists')] : []),
		...(frailty >= TOLD.frailty ? [says('frail')] : []),
		...(hooks <= TOLD.hooks ? [says('hooks-poorly')] : []),
		...(floats && style.buoyancy <= TOLD.low ? [says('floats-low')] : [])
	];
}

/** Field rules of docs/method.md, worked out from the parts of the style, so that a guide's own fly has them too. */
export function traitsOf({ parts, zone, buoyancy, bulk }: Style): BuildTraits {
	const { hackle, wing, body, bead } = parts;
	const materials: Material[] = [];
	if (hackle === 'soft' || wing === 'soft-pair' || wing === 'stub') materials.push('soft-feather');
	if (hackle === 'collar' || hackle === 'parachute' || hackle === 'palmer') materials.push('stiff-hackle');
	if (wing === 'tent' || wing === 'fan' || (wing === 'flat' && body !== 'slim')) materials.push('hair');
	if (body === 'foam') materials.push('foam');
	if (bead) materials.push('bead');
	const floats = isSurface(zone);
	return {
		materials,
		sinkMs: bead
			? zone === 'bed'
				? SINKS.beadBed
				: SINKS.bead
			: floats
				? 0
				: zone === 'under-film'
					? SINKS.film
					: SINKS.wet,
		carries: floats ? Math.max(0, buoyancy - 0.35) * (body === 'foam' ? 1.6 : 1.2) : 0,
		twist: Math.min(1, bulk * (wing === 'fan' || wing === 'pair' || wing === 'spent' ? 0.8 : 0.35)),
		frailty:
			wing === 'soft-pair' ? 0.8 : materials.includes('soft-feather') ? 0.55 : body === 'foam' ? 0.15 : 0.35,
		hooks: Math.max(
			0,
			1 - bulk * STANDS_BEFORE[wing] - (hackle === 'palmer' ? 0.25 : 0) - (body === 'foam' ? 0.15 : 0)
		)
	};
}

/** How to dress a fly so that it floats, by what it is made of; guides quarrel about soft feathers. */
export function dressingAdvice(style: Style, school: SoftFeatherSchool = 'dress'): Message[] {
	if (!isSurface(style.zone)) return [says('wet')];
	const { materials } = traitsOf(style);
	const advice: Message[] = [];
	if (materials.includes('stiff-hackle') || materials.includes('hair')) advice.push(says('gel'));
	if (materials.includes('soft-feather')) advice.push(SOFT_FEATHERS.choices[school].advice);
	if (materials.includes('foam')) advice.push(says('foam'));
	if (advice.length === 0) advice.push(says('wings'));
	if (style.zone === 'in-film') advice.push(says('in-film'));
	return advice;
}
