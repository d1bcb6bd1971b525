import type { ColumnZone, LifeStage } from '../atlas';
import type { Hook, HookCalibration, HookFamily } from './hook';

/** Silhouettes as a fish meets them. */
export const OUTLINES = [
	'mayfly-upright',
	'mayfly-low',
	'mayfly-spent',
	'hanging',
	'tent',
	'flat-wing',
	'waisted',
	'pupa',
	'slim-nymph',
	'stout-nymph',
	'grub',
	'scud',
	'lump',
	'ribbon',
	'fish'
] as const;
export type Outline = (typeof OUTLINES)[number];

/** How a fly is built and sits: everything about a pattern but its size and colours. */
export interface Style {
	name: string;
	/** The height at which it fishes. */
	zone: ColumnZone;
	hook: HookFamily;
	longX: number;
	outline: Outline;
	/** How well its posture passes for each stage, 0 to 1. */
	stages: Partial<Record<LifeStage, number>>;
	/** 0 sparse to 1 bushy. */
	bulk: number;
	/** 0 sinks at once to 1 rides anything. */
	buoyancy: number;
	/** How well a guest sees it, 0 to 1. */
	visibility: number;
	/** How easily the current makes it drag, 0 to 1. */
	drag: number;
	/** How its posture looks, for the reasons. */
	sits: string;
	/** Parts of its drawing. */
	parts: {
		hackle: 'none' | 'collar' | 'parachute' | 'palmer' | 'soft';
		wing: 'none' | 'pair' | 'post' | 'soft-pair' | 'fan' | 'tent' | 'flat' | 'spent' | 'stub';
		tail: 'none' | 'fibres' | 'splayed' | 'shuck';
		body: 'slim' | 'tapered' | 'thick' | 'foam' | 'waisted';
		bead: boolean;
	};
	/** Where the film runs: mm-free share of body length by which the shank lies above (+) or below (−) it. */
	ride: number;
	/** Degrees by which the rear hangs below the head. */
	tilt: number;
}

const style = (given: Style): Style => given;

/**
 * The styles of docs/method.md, by posture. Numbers are field judgements on one scale: what is written of
 * each style there, put in order and spread over 0 to 1.
 */
export const STYLES = {
	'collar-dun': style({
		name: 'collar-hackle dun',
		zone: 'on-film',
		hook: 'dry',
		longX: 0,
		outline: 'mayfly-upright',
		stages: { dun: 0.8, adult: 0.45, emerger: 0.15, cripple: 0.2, spinner: 0.25 },
		bulk: 0.75,
		buoyancy: 0.8,
		visibility: 0.6,
		drag: 0.5,
		sits: 'stands high, like a dun about to leave',
		parts: { hackle: 'collar', wing: 'pair', tail: 'fibres', body: 'tapered', bead: false },
		ride: 0.22,
		tilt: 0
	}),
	'parachute-dun': style({
		name: 'parachute dun',
		zone: 'on-film',
		hook: 'dry',
		longX: 0,
		outline: 'mayfly-upright',
		stages: { dun: 0.9, cripple: 0.55, emerger: 0.5, spinner: 0.45, adult: 0.35 },
		bulk: 0.45,
		buoyancy: 0.7,
		visibility: 0.9,
		drag: 0.3,
		sits: 'body in the film under a post that shows',
		parts: { hackle: 'parachute', wing: 'post', tail: 'fibres', body: 'tapered', bead: false },
		ride: 0.02,
		tilt: 0
	}),
	'soft-wing-dun': style({
		name: 'soft high-wing dun',
		zone: 'on-film',
		hook: 'dry',
		longX: 0,
		outline: 'mayfly-upright',
		stages: { dun: 1, cripple: 0.4, emerger: 0.3, spinner: 0.2 },
		bulk: 0.15,
		buoyancy: 0.4,
		visibility: 0.45,
		drag: 0.8,
		sits: 'truest dun: its wing comes into the window first',
		parts: { hackle: 'none', wing: 'soft-pair', tail: 'splayed', body: 'slim', bead: false },
		ride: 0.03,
		tilt: 0
	}),
	'fan-wing-shuck': style({
		name: 'fan-wing dun with trailing shuck',
		zone: 'in-film',
		hook: 'dry',
		longX: 0,
		outline: 'mayfly-low',
		stages: { dun: 0.75, emerger: 0.8, cripple: 0.85 },
		bulk: 0.4,
		buoyancy: 0.65,
		visibility: 0.65,
		drag: 0.35,
		sits: 'low in the film; passes for dun and emerger',
		parts: { hackle: 'none', wing: 'fan', tail: 'shuck', body: 'tapered', bead: false },
		ride: 0,
		tilt: 4
	}),
	'hanging-parachute': style({
		name: 'hanging parachute emerger',
		zone: 'in-film',
		hook: 'curved',
		longX: 0,
		outline: 'hanging',
		stages: { emerger: 1, cripple: 0.75, pupa: 0.6, dun: 0.3 },
		bulk: 0.3,
		buoyancy: 0.55,
		visibility: 0.75,
		drag: 0.3,
		sits: 'abdomen hangs through the film, the post stays up',
		parts: { hackle: 'parachute', wing: 'post', tail: 'none', body: 'tapered', bead: false },
		ride: 0,
		tilt: 48
	}),
	'film-emerger': style({
		name: 'flush stub-wing emerger',
		zone: 'in-film',
		hook: 'dry',
		longX: 0,
		outline: 'mayfly-low',
		stages: { emerger: 0.95, cripple: 0.7, dun: 0.35, nymph: 0.3 },
		bulk: 0.15,
		buoyancy: 0.35,
		visibility: 0.3,
		drag: 0.35,
		sits: 'flat in the film with a bud of wing',
		parts: { hackle: 'none', wing: 'stub', tail: 'shuck', body: 'slim', bead: false },
		ride: -0.04,
		tilt: 14
	}),
	cripple: style({
		name: 'wing-up cripple',
		zone: 'in-film',
		hook: 'dry',
		longX: 0,
		outline: 'mayfly-low',
		stages: { cripple: 1, emerger: 0.8, dun: 0.6, spinner: 0.3 },
		bulk: 0.35,
		buoyancy: 0.55,
		visibility: 0.7,
		drag: 0.35,
		sits: 'wings up, rear hanging in its skin',
		parts: { hackle: 'collar', wing: 'fan', tail: 'shuck', body: 'tapered', bead: false },
		ride: 0,
		tilt: 24
	}),
	'spent-wing': style({
		name: 'spent-wing spinner',
		zone: 'on-film',
		hook: 'dry',
		longX: 0,
		outline: 'mayfly-spent',
		stages: { spinner: 1, 'egg-laying': 0.3, cripple: 0.3, dun: 0.25, adult: 0.3, terrestrial: 0.2 },
		bulk: 0.1,
		buoyancy: 0.35,
		visibility: 0.2,
		drag: 0.3,
		sits: 'flush, wings flat and tails splayed',
		parts: { hackle: 'none', wing: 'spent', tail: 'splayed', body: 'slim', bead: false },
		ride: 0,
		tilt: 0
	}),
	'hair-wing-caddis': style({
		name: 'hair-wing caddis',
		zone: 'on-film',
		hook: 'dry',
		longX: 0,
		outline: 'tent',
		stages: { adult: 0.95, 'egg-laying': 0.85, pupa: 0.2 },
		bulk: 0.7,
		buoyancy: 0.9,
		visibility: 0.7,
		drag: 0.3,
		sits: 'rides high, can be skated',
		parts: { hackle: 'palmer', wing: 'tent', tail: 'none', body: 'tapered', bead: false },
		ride: 0.1,
		tilt: 0
	}),
	'flush-caddis': style({
		name: 'flush tent-wing caddis',
		zone: 'on-film',
		hook: 'dry',
		longX: 0,
		outline: 'tent',
		stages: { adult: 0.85, 'egg-laying': 1, pupa: 0.35 },
		bulk: 0.25,
		buoyancy: 0.5,
		visibility: 0.4,
		drag: 0.35,
		sits: 'low, like an egg-layer spent under her wings',
		parts: { hackle: 'none', wing: 'tent', tail: 'none', body: 'slim', bead: false },
		ride: 0,
		tilt: 0
	}),
	'foam-stonefly': style({
		name: 'foam flat-wing stonefly',
		zone: 'on-film',
		hook: 'dry',
		longX: 2,
		outline: 'flat-wing',
		stages: { adult: 0.95, 'egg-laying': 0.9 },
		bulk: 0.7,
		buoyancy: 1,
		visibility: 0.8,
		drag: 0.3,
		sits: 'heavy and low; carries a dropper',
		parts: { hackle: 'none', wing: 'flat', tail: 'fibres', body: 'foam', bead: false },
		ride: 0.04,
		tilt: 0
	}),
	'slim-stonefly': style({
		name: 'slim flat-wing stonefly',
		zone: 'on-film',
		hook: 'dry',
		longX: 1,
		outline: 'flat-wing',
		stages: { adult: 0.95, 'egg-laying': 0.9 },
		bulk: 0.3,
		buoyancy: 0.55,
		visibility: 0.4,
		drag: 0.4,
		sits: 'low, wings rolled along the back',
		parts: { hackle: 'palmer', wing: 'flat', tail: 'none', body: 'slim', bead: false },
		ride: 0.05,
		tilt: 0
	}),
	'palmered-midge': style({
		name: 'palmered midge',
		zone: 'on-film',
		hook: 'dry',
		longX: 0,
		outline: 'flat-wing',
		stages: { adult: 0.85, dun: 0.3, spinner: 0.25, terrestrial: 0.3 },
		bulk: 0.5,
		buoyancy: 0.7,
		visibility: 0.55,
		drag: 0.45,
		sits: 'stands on its hackle; one or a small cluster',
		parts: { hackle: 'palmer', wing: 'none', tail: 'none', body: 'slim', bead: false },
		ride: 0.16,
		tilt: 0
	}),
	'waisted-ant': style({
		name: 'waisted ant',
		zone: 'on-film',
		hook: 'dry',
		longX: 0,
		outline: 'waisted',
		stages: { terrestrial: 1, adult: 0.6 },
		bulk: 0.3,
		buoyancy: 0.55,
		visibility: 0.35,
		drag: 0.4,
		sits: 'two lumps and a waist, low in the film',
		parts: { hackle: 'soft', wing: 'none', tail: 'none', body: 'waisted', bead: false },
		ride: 0,
		tilt: 0
	}),
	'hanging-pupa': style({
		name: 'hanging pupa',
		zone: 'in-film',
		hook: 'curved',
		longX: 0,
		outline: 'pupa',
		stages: { pupa: 1, emerger: 0.55, larva: 0.25 },
		bulk: 0.1,
		buoyancy: 0.35,
		visibility: 0.25,
		drag: 0.25,
		sits: 'hangs from a tuft at the film',
		parts: { hackle: 'none', wing: 'stub', tail: 'none', body: 'slim', bead: false },
		ride: -0.05,
		tilt: 62
	}),
	'swimming-pupa': style({
		name: 'swimming pupa',
		zone: 'under-film',
		hook: 'curved',
		longX: 0,
		outline: 'pupa',
		stages: { pupa: 0.95, emerger: 0.35, larva: 0.3 },
		bulk: 0.4,
		buoyancy: 0.1,
		visibility: 0.1,
		drag: 0.2,
		sits: 'just under, rising on a lifted rod',
		parts: { hackle: 'soft', wing: 'none', tail: 'none', body: 'thick', bead: false },
		ride: -0.7,
		tilt: 12
	}),
	'soft-hackle-wet': style({
		name: 'soft-hackle wet',
		zone: 'under-film',
		hook: 'dry',
		longX: 0,
		outline: 'slim-nymph',
		stages: { emerger: 0.5, pupa: 0.7, nymph: 0.55, cripple: 0.3 },
		bulk: 0.2,
		buoyancy: 0.15,
		visibility: 0.15,
		drag: 0.2,
		sits: 'just under the film, its soft legs moving',
		parts: { hackle: 'soft', wing: 'none', tail: 'none', body: 'slim', bead: false },
		ride: -0.6,
		tilt: 6
	}),
	'film-nymph': style({
		name: 'film nymph',
		zone: 'in-film',
		hook: 'dry',
		longX: 0,
		outline: 'slim-nymph',
		stages: { emerger: 0.75, nymph: 0.7, cripple: 0.45 },
		bulk: 0.2,
		buoyancy: 0.4,
		visibility: 0.2,
		drag: 0.3,
		sits: 'a nymph held in the film',
		parts: { hackle: 'none', wing: 'stub', tail: 'fibres', body: 'tapered', bead: false },
		ride: -0.12,
		tilt: 10
	}),
	'slim-nymph': style({
		name: 'slim nymph',
		zone: 'drift',
		hook: 'nymph',
		longX: 0,
		outline: 'slim-nymph',
		stages: { nymph: 1, emerger: 0.3, larva: 0.3 },
		bulk: 0.3,
		buoyancy: 0,
		visibility: 0,
		drag: 0.2,
		sits: 'drifts above the bed',
		parts: { hackle: 'none', wing: 'none', tail: 'fibres', body: 'tapered', bead: true },
		ride: -1.2,
		tilt: 0
	}),
	'stout-nymph': style({
		name: 'weighted stout nymph',
		zone: 'bed',
		hook: 'nymph',
		longX: 2,
		outline: 'stout-nymph',
		stages: { nymph: 1, larva: 0.4 },
		bulk: 0.6,
		buoyancy: 0,
		visibility: 0,
		drag: 0.15,
		sits: 'ticks along the bed',
		parts: { hackle: 'soft', wing: 'none', tail: 'fibres', body: 'thick', bead: true },
		ride: -1.4,
		tilt: 0
	}),
	scud: style({
		name: 'shell-back scud',
		zone: 'bed',
		hook: 'curved',
		longX: 0,
		outline: 'scud',
		stages: { crustacean: 1, larva: 0.4, nymph: 0.3 },
		bulk: 0.4,
		buoyancy: 0,
		visibility: 0,
		drag: 0.15,
		sits: 'drifts among the weed, legs down',
		parts: { hackle: 'soft', wing: 'none', tail: 'none', body: 'thick', bead: false },
		ride: -1.3,
		tilt: 0
	}),
	'foam-beetle': style({
		name: 'foam beetle',
		zone: 'on-film',
		hook: 'dry',
		longX: 0,
		outline: 'lump',
		stages: { terrestrial: 0.95, adult: 0.3, aquatic: 0.3 },
		bulk: 0.5,
		buoyancy: 0.85,
		visibility: 0.5,
		drag: 0.4,
		sits: 'a dark lump, low in the film',
		parts: { hackle: 'none', wing: 'none', tail: 'none', body: 'foam', bead: false },
		ride: 0.02,
		tilt: 0
	}),
	'foam-hopper': style({
		name: 'foam hopper',
		zone: 'on-film',
		hook: 'dry',
		longX: 2,
		outline: 'flat-wing',
		stages: { terrestrial: 0.9, adult: 0.6 },
		bulk: 0.75,
		buoyancy: 1,
		visibility: 0.8,
		drag: 0.35,
		sits: 'heavy on the film; lands with a plop',
		parts: { hackle: 'none', wing: 'flat', tail: 'none', body: 'foam', bead: false },
		ride: 0.05,
		tilt: 0
	}),
	'rowing-bug': style({
		name: 'rowing bug',
		zone: 'under-film',
		hook: 'dry',
		longX: 0,
		outline: 'lump',
		stages: { aquatic: 1, nymph: 0.2 },
		bulk: 0.4,
		buoyancy: 0.1,
		visibility: 0.1,
		drag: 0.2,
		sits: 'darts to the film and down again',
		parts: { hackle: 'soft', wing: 'none', tail: 'none', body: 'thick', bead: false },
		ride: -0.7,
		tilt: 0
	}),
	leech: style({
		name: 'undulating leech',
		zone: 'bed',
		hook: 'nymph',
		longX: 3,
		outline: 'ribbon',
		stages: { aquatic: 0.95, fry: 0.4 },
		bulk: 0.5,
		buoyancy: 0,
		visibility: 0,
		drag: 0.2,
		sits: 'undulates near the bed',
		parts: { hackle: 'none', wing: 'none', tail: 'shuck', body: 'thick', bead: true },
		ride: -1.3,
		tilt: 0
	}),
	'slim-fry': style({
		name: 'slim fry',
		zone: 'under-film',
		hook: 'nymph',
		longX: 3,
		outline: 'fish',
		stages: { fry: 1, aquatic: 0.2 },
		bulk: 0.4,
		buoyancy: 0.1,
		visibility: 0.2,
		drag: 0.3,
		sits: 'darts and stops below the film',
		parts: { hackle: 'none', wing: 'flat', tail: 'fibres', body: 'slim', bead: false },
		ride: -0.8,
		tilt: 0
	}),
	'bent-larva': style({
		name: 'bent larva',
		zone: 'bed',
		hook: 'curved',
		longX: 0,
		outline: 'grub',
		stages: { larva: 1, pupa: 0.3 },
		bulk: 0.4,
		buoyancy: 0,
		visibility: 0,
		drag: 0.15,
		sits: 'curled, along the bed',
		parts: { hackle: 'none', wing: 'none', tail: 'none', body: 'thick', bead: true },
		ride: -1.4,
		tilt: 0
	})
} as const;

export type StyleId = keyof typeof STYLES;
export const STYLE_IDS = Object.keys(STYLES) as StyleId[];

/** Colours of a wing post: pale shows in even light, dark on silver water. */
export const POSTS = ['pale', 'dark'] as const;
export type Post = (typeof POSTS)[number];

/** The hook a style is dressed on, by the table or as this guide's own hooks run. */
export const hookOf = ({ hook, longX }: Style, { steps, dressShort }: HookCalibration = {}): Hook => ({
	family: hook,
	longX,
	offsetSteps: steps?.[hook] ?? 0,
	dressShort: hook === 'nymph' && dressShort !== false
});
