import { isSurface } from '../atlas';
import { fishInHand, type Outing, type Watch, weatherOf } from '../outing';
import type { FishSize, Light } from '../vocabulary';
import type { Message } from '../message';
import type { Variant } from '../likeness';
import type { Post, Style } from '../tackle';
import { FITNESS_RULES, FITNESS_WATER, LOSSES, POST_SHOWS, praiseOf, type FlyOnWater } from './fitness-rules';

const W = FITNESS_WATER.values;

/** Water as far as it bears on which fly will do. */
export interface FlyWater {
	surface: 'glassy' | 'rippled' | 'broken';
	/** m/s. */
	speedMs: number;
	/** How deep one can see, m. */
	clarityM: number;
	dim: boolean;
	windMs: number;
	light: Light;
	/** How freely fish take, 0 to 1: many rises at everything, and exactness matters less. */
	hunger: number;
	/** °C, where it was measured. */
	waterC?: number | undefined;
	/** Trees or banks leave little room to cast, as the rig was noted. */
	tight?: boolean | undefined;
	/** Weed or snags beside the fish. */
	weed?: boolean | undefined;
	/** Still water, which flies are brought down in by the leader. */
	still?: boolean | undefined;
	/** Depth of the water, m, as the rig or the fish under watch was noted; of a lake nobody sounded a usual one. */
	depthM?: number | undefined;
	/** Size of the fish under watch, where there is one. */
	fish?: FishSize;
	/** The smallest fly the guest can see on the water, as a hook size. */
	smallestSeen?: number;
}

/** The water of an outing; unnoted, a rippled surface at a walking pace, clear to 1.5 m. */
export function flyWaterOf(outing: Outing, smallestSeen?: number): FlyWater {
	const { surface, speedMs, clarityM, light, waterC } = outing.conditions;
	const { tight, weed } = outing.rigs.at(-1)?.note.body ?? {};
	const watch = fishInHand(outing);
	const fish = watch?.fish;
	const { dull, windMs } = weatherOf(outing);
	const still = outing.place.water === 'lake';
	const depthM = depthNoted(outing, watch) ?? (still ? W.usualLakeM : undefined);
	return {
		surface: surface?.value ?? usualSurface(outing.place.water, windMs),
		...(still && { still }),
		speedMs: fish?.speedMs ?? speedMs?.value ?? (still ? 0 : W.usualSpeed),
		clarityM: clarityM?.value ?? W.usualClarity,
		dim: dull || light?.value === 'shade',
		windMs,
		light: light?.value ?? 'even',
		...(waterC && { waterC: waterC.value }),
		...(tight && { tight }),
		...(weed && { weed }),
		hunger: watch ? hungerOf(watch, outing.now) : 0,
		...(depthM !== undefined && { depthM }),
		...(fish?.size && { fish: fish.size }),
		...(smallestSeen !== undefined && { smallestSeen })
	};
}

/** The depth that was noted last: of the rig, or of a fish that came under watch after it. */
function depthNoted({ rigs }: Outing, watch: Watch | undefined): number | undefined {
	const rig = rigs.findLast(({ note }) => note.body.waterM !== undefined);
	const ofFish = watch?.fish.depthM;
	if (watch && ofFish !== undefined && (!rig || watch.begunAt > rig.observedAt)) return ofFish;
	return rig?.note.body.waterM;
}

/** Rivers ripple by themselves, lakes in the wind. */
function usualSurface(water: Outing['place']['water'], windMs: number): FlyWater['surface'] {
	const rippled = water === 'lake' ? windMs >= W.ripplesMs : water === 'freestone';
	return rippled ? 'rippled' : 'glassy';
}

function hungerOf({ rises, begunAt }: Watch, now: Date): number {
	const since = Math.max(now.getTime() - W.latelyMin * 60_000, begunAt.getTime());
	const lately = rises.filter(({ observedAt }) => observedAt.getTime() >= since).length;
	const perMinute = lately / Math.max(1, (now.getTime() - since) / 60_000);
	return Math.min(1, Math.max(0, (perMinute - W.freelyFrom) / (W.freelyAll - W.freelyFrom)));
}

/** How rough the surface is, 0 glassy to 1 broken and fast. */
const roughness = ({ surface, speedMs }: FlyWater): number =>
	Math.min(1, W[surface] + Math.max(0, speedMs - W.usualSpeed) * W.speedRoughens);

/** How well a guest sees a fly in this light, 0 to 1. */
export function visibilityIn({ visibility }: Style, post: Post | undefined, light: Light): number {
	return visibility < W.standsUp
		? visibility
		: Math.min(1, visibility * POST_SHOWS.values[light][post ?? 'pale']);
}

function onWater({ style, pattern, hookSize, belly }: Variant, water: FlyWater): FlyOnWater {
	return {
		style,
		hookSize,
		lightness: belly.l,
		post: pattern.post,
		floats: isSurface(style.zone),
		rough: roughness(water),
		seen: visibilityIn(style, pattern.post, water.light),
		dim: water.dim,
		light: water.light,
		windMs: water.windMs,
		clarityM: water.clarityM,
		smallestSeen: water.smallestSeen
	};
}

/** What one rule takes away, and how far it went. */
export interface Loss {
	rule: string;
	/** Share that is lost, 0 to 1. */
	lost: number;
	says: Message;
}

/**
 * How well a fly suits the water, whatever it imitates, 0 to 1: the product of what each rule leaves. Field rules of
 * docs/method.md; their numbers are in `LOSSES`.
 */
export function fitnessFor(variant: Variant, water: FlyWater): number {
	const fly = onWater(variant, water);
	let value = 1;
	for (const { id, applies, cause } of FITNESS_RULES) if (applies(fly)) value *= 1 - lostTo(id, cause(fly));
	return value;
}

/** What each rule takes away from a fly on this water, those that take nothing left out. */
export function lossesOf(variant: Variant, water: FlyWater): Loss[] {
	const fly = onWater(variant, water);
	return FITNESS_RULES.filter(({ applies }) => applies(fly))
		.map(({ id, cause, says }) => ({ rule: id, lost: lostTo(id, cause(fly)), says: says(fly) }))
		.filter(({ lost }) => lost > 0);
}

/** Why a fly suits the water as it does, in words: what it loses, or else what is good about it. */
export function fitnessReasons(variant: Variant, water: FlyWater): Message[] {
	const told = lossesOf(variant, water).filter(({ lost }) => lost > W.worthSaying);
	if (told.length > 0) return told.map(({ says }) => says);
	const praise = praiseOf(onWater(variant, water));
	return praise ? [praise] : [];
}

const lostTo = (rule: string, steps: number): number =>
	Math.min(W.mostLost, Math.max(0, (LOSSES.values[rule] ?? 0) * steps));
