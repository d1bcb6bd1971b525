import type { ColumnZone } from '../atlas';
import { variantOf, type Variant } from '../likeness';
import { words, type Message } from '../message';
import type { RigBody } from '../note';
import type { Outing } from '../outing';
import {
	currentAt,
	depthAtLieM,
	depthPosterior,
	leadForM,
	type DepthBelief,
	type DepthTried,
	type Sinking
} from '../rig';
import { BEADS_MM, inWater, STYLES, usualWeighting, type HookCalibration, type Pattern } from '../tackle';
import type { Way } from '../vocabulary';
import { depthsTried } from './tried';
import { flyWaterOf, type FlyWater } from './fitness';
import { BELOW, WAY_NUMBERS, WAY_RULES, type BelowWater } from './way-rules';

const says = words('below', {
	bead: '{bead, number, ::.0} mm bead, lead {lead} upstream, {depth} deep at the lie.',
	plain: 'No bead, lead {lead} upstream, {depth} deep at the lie.',
	held: '{bead, plural, =0 {No bead} other {{beadMm, number, ::.0} mm bead}}: it swings {depth} deep.',
	short: 'It comes no deeper than {depth} here: heavier, finer, or slower water.',
	line: '{line} from {way, select, dry {the dry fly} indicator {the indicator} other {where it enters the water}} to the fly.',
	took: 'Fish took at {depth}.',
	zone: 'What it stands for is met {where}.',
	'where-bed': 'at the bed',
	'where-drift': 'in the lower half',
	'where-film': 'just under the film'
});

/** How a fly below the film is rigged and cast so that it is at the right depth where the fish lies. */
export interface BelowPlan {
	way: Way;
	/** 0 for none. */
	beadMm: number;
	/** From the float, or from where it enters the water, to the fly, m. */
	lineM: number;
	/** How far upstream of the lie it has to fall, m; none where it is held and swings. */
	leadM?: number;
	/** At the lie, m. */
	depthM: number;
	/** The depth that is wanted there, m. */
	wantedM: number;
	told: Message;
	because: Message[];
}

const B = BELOW.values;

/** The ways on running water. */
const RUNNING_WAYS = ['under-dry', 'indicator', 'tight-line', 'swung'] as const satisfies readonly Way[];

/** What a fly below the film is asked for. */
export interface BelowFly {
	pattern: Pattern;
	hookSize: number;
	tippetMm: number;
	/** As tied on, where it is known. */
	beadMm?: number | undefined;
}

export interface BelowOptions {
	hooks?: HookCalibration | undefined;
	smallestSeen?: number | undefined;
	/** Depth of the water at the lie, m; as noted, else that of the fish, else a usual one. */
	waterM?: number | undefined;
	/** Held up by a dry fly that carries so much (`traitsOf`); a bushy one unless said. */
	carries?: number | undefined;
}

/** Depth of the water at the lie, m: as it was noted, else a usual one. */
export const waterDepthOf = (outing: Outing): number => flyWaterOf(outing).depthM ?? B.usualWaterM;

/**
 * The ways in which a fly below the film can be brought to the fish, the best first: with which bead, how much line, how
 * far upstream it has to fall, and how deep it is then at the lie.
 *
 * @throws RangeError for a depth of water outside its range
 */
export function belowPlans(outing: Outing, fly: BelowFly, options: BelowOptions = {}): BelowPlan[] {
	const { waterM = waterDepthOf(outing), hooks, smallestSeen, carries = B.usualCarries } = options;
	const variant = variantOf(fly.pattern, fly.hookSize, hooks);
	const water = flyWaterOf(outing, smallestSeen);
	const { wantedM, took } = wantedDepths(outing, variant.style.zone, waterM);
	const beads = beadsFor(variant.style.parts.bead, variant.dressedMm, fly.beadMm);
	const lie: Lie = { water, waterM, wantedM, took, variant, tippetMm: fly.tippetMm, beads, carries };
	return RUNNING_WAYS.map((way) => planFor(way, lie))
		.sort((a, b) => b.score - a.score)
		.map(({ plan }) => plan);
}

/** What a plan for any way hangs on. */
interface Lie {
	water: FlyWater;
	waterM: number;
	wantedM: number;
	took: number | undefined;
	variant: Variant;
	tippetMm: number;
	beads: readonly number[];
	carries: number;
}

function planFor(way: (typeof RUNNING_WAYS)[number], lie: Lie): { score: number; plan: BelowPlan } {
	const { water, waterM, wantedM, took, variant } = lie;
	const mostM = way === 'tight-line' ? B.nearestM : B.farthestM;
	const beadMm = lightest(lie, way, way === 'swung' ? Infinity : mostM);
	const sinking = sinkingOf(lie, way, beadMm);
	const leadM = way === 'swung' ? undefined : Math.min(mostM, leadForM(sinking, wantedM) ?? mostM);
	const depthM = depthAtLieM(sinking, leadM ?? 0);
	const given: BelowWater = {
		water,
		waterM,
		style: variant.style,
		heldUp: sinking.submergedN <= lie.carries * B.heldUpN
	};
	const rules = WAY_RULES.filter((rule) => rule.way === way && rule.applies(given));
	const score = rules.reduce((sum, { id }) => sum + WAY_NUMBERS.values[id], 0);
	const short = depthM < B.shortOf * wantedM;
	const line = { distanceM: sinking.lineM };
	return {
		score: score - (short ? 1 : 0),
		plan: {
			way,
			beadMm,
			lineM: sinking.lineM,
			...(leadM !== undefined && { leadM }),
			depthM,
			wantedM,
			told: toldOf(beadMm, leadM, depthM),
			because: [
				...rules.map((rule) => rule.says),
				says('line', { line, way: way === 'under-dry' ? 'dry' : way }),
				took === undefined
					? says('zone', { where: WHERE[variant.style.zone] })
					: says('took', { depth: { distanceM: took } }),
				...(short ? [says('short', { depth: { distanceM: depthM } })] : [])
			]
		}
	};
}

/** A fly with a bead on the line that goes with a way. */
function sinkingOf(
	{ water: { speedMs }, waterM, wantedM, variant, tippetMm }: Lie,
	way: Way,
	beadMm: number
): Sinking {
	const led = way === 'tight-line' || way === 'swung';
	return {
		...inWater(variant.style, variant.dressedMm, { beadMm }),
		tippetMm,
		lineM: way === 'swung' ? B.swungM : Math.max(B.leastLineM, (led ? B.led : B.hung) * wantedM),
		surfaceMs: speedMs,
		waterM,
		...(way === 'swung' && { carriedMs: 0 }),
		...(way === 'tight-line' && { carriedMs: currentAt(wantedM / 2, { surfaceMs: speedMs, waterM }) })
	};
}

const WHERE: Record<ColumnZone, Message> = {
	air: says('where-film'),
	'on-film': says('where-film'),
	'in-film': says('where-film'),
	'under-film': says('where-film'),
	drift: says('where-drift'),
	bed: says('where-bed')
};

function toldOf(beadMm: number, leadM: number | undefined, depthM: number): Message {
	const depth = { distanceM: depthM };
	if (leadM === undefined) return says('held', { bead: beadMm > 0 ? 1 : 0, beadMm, depth });
	const lead = { distanceM: leadM };
	return beadMm > 0 ? says('bead', { bead: beadMm, lead, depth }) : says('plain', { lead, depth });
}

/** The beads that a fly of this length can wear, lightest first; as it is tied, where that is known. */
function beadsFor(hasBead: boolean, dressedMm: number, tiedMm: number | undefined): readonly number[] {
	if (tiedMm !== undefined) return [tiedMm];
	if (!hasBead) return [0];
	const fit = BEADS_MM.filter((mm) => mm >= B.beadFrom * dressedMm && mm <= B.beadTo * dressedMm);
	return fit.length > 0 ? fit : [usualWeighting({ parts: WITH_BEAD }, dressedMm).beadMm ?? 0];
}
const WITH_BEAD = STYLES['case-nymph'].parts;

/** The lightest bead that is down in time; where none is, the heaviest. */
function lightest(lie: Lie, way: Way, mostM: number): number {
	const enough = lie.beads.find((beadMm) => {
		const leadM = leadForM(sinkingOf(lie, way, beadMm), lie.wantedM);
		return leadM !== undefined && leadM <= mostM;
	});
	return enough ?? lie.beads.at(-1) ?? 0;
}

/** Where a fly of a zone is wanted, by that and by the depths that were fished and what took there, m. */
export function wantedDepths(
	outing: Outing,
	zone: ColumnZone,
	waterM: number
): { wantedM: number; took: number | undefined; beliefs: DepthBelief[]; tried: DepthTried[] } {
	const middle = zoneDepthM(zone, waterM);
	const spread = B.spread * waterM;
	const tried = depthsTried(outing, waterM);
	const beliefs = depthPosterior(waterM, tried, (layer) =>
		Math.max(B.leastPrior, Math.exp(-(((layer - middle) / spread) ** 2) / 2))
	);
	if (tried.length === 0) return { wantedM: middle, took: undefined, beliefs, tried };
	const best = beliefs.reduce((one, other) => (other.probability > one.probability ? other : one));
	const took = [...tried].sort((a, b) => b.takes - a.takes)[0];
	return {
		wantedM: best.depthM,
		took: took && took.takes > 0 ? took.depthM : undefined,
		beliefs,
		tried
	};
}

/** Depth at which what lives in a zone of running water is met, m. */
export function zoneDepthM(zone: ColumnZone, waterM: number): number {
	switch (zone) {
		case 'bed':
			return Math.max(waterM / 2, waterM - B.aboveBedM);
		case 'drift':
			return B.drift * waterM;
		default:
			return Math.min(B.underFilmM, waterM / 2);
	}
}

/** A plan as the note of the rig has it, in whole decimetres. */
export const asRigged = (
	{ way, depthM, beadMm }: BelowPlan,
	waterM: number
): { way: Way; depthM: number; waterM: number; beadMm: number } => ({
	way,
	depthM: decimetres(depthM),
	waterM: decimetres(waterM),
	beadMm
});
const decimetres = (m: number): number => Math.round(m * DECIMETRES) / DECIMETRES;
const DECIMETRES = 10;

/** Whether a fly is rigged and fished already as a plan has it. */
export const isRiggedSo = (rig: RigBody | undefined, plan: BelowPlan, waterM: number): boolean =>
	Object.entries(asRigged(plan, waterM)).every(([field, value]) => rig?.[field as keyof RigBody] === value);
