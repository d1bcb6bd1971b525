import { isSurface, type ColumnZone, type LifeStage } from '../atlas';
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
	'shell',
	'ball',
	'claws',
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
		tail: 'none' | 'fibres' | 'splayed' | 'shuck' | 'claws';
		body: 'slim' | 'tapered' | 'thick' | 'foam' | 'waisted' | 'shell' | 'ball' | 'ribbon';
		bead: boolean;
	};
	/** Where the film runs: mm-free share of body length by which the shank lies above (+) or below (−) it. */
	ride: number;
	/** Degrees by which the rear hangs below the head. */
	tilt: number;
}

/** Colours of a wing post: pale shows in even light, dark on silver water. */
export const POSTS = ['pale', 'dark'] as const;
export type Post = (typeof POSTS)[number];

/** The hook a style is dressed on, by the table or as this guide's own hooks run. */
export const hookOf = (
	{ hook, longX, stages, zone }: Style,
	{ steps, dressShort, shortDries, pupaeUp }: HookCalibration = {}
): Hook => ({
	family: hook,
	longX,
	offsetSteps: steps?.[hook] ?? 0,
	dressShort: hook === 'nymph' ? dressShort !== false : shortDries === true && isSurface(zone),
	sizesUp: stages.pupa === Math.max(...Object.values(stages)) ? (pupaeUp ?? 0) : 0
});
