import { variantOf } from '../likeness';
import { middleOf, type Lane } from '../drift';
import { daylightOf } from '../hatch';
import type { GroundBody } from '../note';
import { fishInHand, type Outing, type Watch } from '../outing';
import { leadForM } from '../rig';
import { fishesBelow, inWater, patternFor, tippetMm } from '../tackle';
import type { Lie } from '../vocabulary';
import { dayOf, maySpawn } from './day';
import { earlierFrom } from './earlier';
import { fishInTurn, type FishInTurn } from './fish-first';
import { groundOf, type Ground } from './ground';
import { hiddenStances, type HiddenStance } from './hidden';
import { landingPoint, type LandingPoint } from './landing';
import { lanesWorth } from './lanes-worth';
import { liesOf, type LieChance } from './lies';
import type { SeenThrough } from './optics';
import type { StanceFor } from './stance-weighs';
import { shadeOf, sunAt, sunSays, type Shade, type Sun } from './sun';
import { BELOW, POSTURES_M, USUAL_PLACE } from './tables';
import { wadingCaution, type WadingCaution } from './wading';
import { windOn, type WindOnWater } from './wind';
import type { Message } from '../message';

const MINUTE_MS = 60_000;

/** What a guide says of a place, where it is not as noted or usual; m and m/s. */
export interface SaidOfPlace {
	depthM?: number | undefined;
	bankM?: number | undefined;
	wadeM?: number | undefined;
	/** The current where the fish lies, and where somebody would wade. */
	speedMs?: number | undefined;
	wadeSpeedMs?: number | undefined;
	/** The lane in which the fish lies, from 1 at the left bank. */
	lane?: number | undefined;
	/** Where the casts fall so far, m above the ring. */
	castM?: number | undefined;
}

/** How a guide likes to go about it. */
export interface WaysOfApproach {
	fishFirst?: 'nearest' | 'best' | undefined;
	fishedFrom?: 'from-below' | 'from-above' | undefined;
	hand?: 'right' | 'left' | undefined;
	/** Of this reach from earlier outings, or from its line on the map; what is noted today goes before it. */
	known?: GroundBody | undefined;
	/** Nobody wades here. */
	dry?: boolean | undefined;
}

/** Where to look, where to stand and how to lay the fly, by the notes of an outing. */
export interface Approach {
	ground: Ground;
	through: SeenThrough;
	/** Of the fish: its lane, from 0, and m from the left bank; 0 where nothing flows. */
	lane: number;
	acrossM: number;
	speedMs: number;
	bankM: number;
	stances: HiddenStance[];
	because: Message[];
	wading?: WadingCaution;
	landing: LandingPoint;
	wind: WindOnWater;
	sun: Sun;
	/** Of glare and shadows. */
	sunSays: Message[];
	shade: Shade[];
	lies: LieChance[];
	/** The two lanes, from 1 at the left bank, that are worth most to a fish; where there are more. */
	bestLanes?: { first: number; second: number };
	/** The fish under watch that have not been let go, in the order in which they are best fished. */
	inTurn: FishInTurn[];
	/** What ranking stances asks for; undefined where nothing flows over the fish. */
	asked?: StanceFor;
}

/** From where the fish in hand can be approached and fished, and what speaks of it, by the notes of the outing. */
export function approachOf(outing: Outing, at: Date, said: SaidOfPlace, ways: WaysOfApproach = {}): Approach {
	const watch = fishInHand(outing) ?? outing.watches.at(-1);
	const { waterC, windMs, windFromDeg, airC } = outing.conditions;
	const ground = groundHere(outing, said, ways.known);
	const { lanes } = ground;
	const fish = fishHere(outing, watch, lanes, said);
	const { through, acrossM, speedMs } = fish;
	const bankM = bankHere(outing, said);
	const wades = wadingHere(outing, at);
	const landing = landingPoint({
		depthM: through.depthM,
		speedMs,
		castM: said.castM,
		leadM: weightedLead(outing, through.depthM, speedMs, lanes[fish.lane])
	});
	const wind = windOn(ground, { windMs: windMs?.value, windFromDeg: windFromDeg?.value, airC: airC?.value });
	const sun = sunAt(outing.place, at);
	const open = outing.watches.filter(({ endedAt }) => !endedAt);
	return {
		...hiddenStances({ ...through, bankM, wadeM: said.wadeM }),
		ground,
		...fish,
		bankM,
		...(said.wadeM !== undefined && {
			wading: wadingCaution({
				depthM: said.wadeM,
				speedMs: said.wadeSpeedMs ?? watch?.fish.speedMs ?? USUAL_PLACE.values.speedMs,
				...wades
			})
		}),
		landing,
		wind,
		sun,
		sunSays: sunSays(ground, sun, POSTURES_M.values.standing + bankM),
		shade: shadeOf(ground, outing.place, at),
		lies: liesOf(ground.kind, dayOf(outing, at)),
		...bestOf(lanes, waterC?.value),
		inTurn: fishInTurn(
			open.map((one) => fishThere(one, lanes)),
			ways.fishFirst ?? 'nearest'
		),
		...(lanes.length > 0 &&
			landing.neededS > 0 && {
				asked: {
					ground,
					acrossM,
					through,
					landing,
					wind,
					sun,
					...stoodBy(outing, watch, ways),
					others: othersBeside(watch, open, lanes),
					wading: wades
				}
			})
	};
}

/** Who fishes there and how, and what came of it so far. */
const stoodBy = (
	outing: Outing,
	watch: Watch | undefined,
	{ hand, fishedFrom, dry }: WaysOfApproach
): Pick<StanceFor, 'hand' | 'school' | 'dry' | 'earlier' | 'leaderM'> => ({
	hand,
	school: fishedFrom,
	dry,
	earlier: earlierFrom(outing, watch),
	leaderM: outing.rigs.at(-1)?.note.body.leaderM
});

/** How high the bank stands above the water, m. */
function bankHere({ ground: { left, right } }: Outing, said: SaidOfPlace): number {
	return said.bankM ?? left?.heightM ?? right?.heightM ?? USUAL_PLACE.values.bankM;
}

function bestOf(lanes: readonly Lane[], waterC: number | undefined): Pick<Approach, 'bestLanes'> {
	const [first, second, third] = lanesWorth(lanes, waterC)
		.map((worth, i) => ({ worth, lane: i + 1 }))
		.sort((a, b) => b.worth - a.worth);
	return first && second && third ? { bestLanes: { first: first.lane, second: second.lane } } : {};
}

/** The water one stands at: what is noted today before what is known from earlier days. */
function groundHere(
	{ ground, conditions, place }: Outing,
	{ bankM }: SaidOfPlace,
	known: GroundBody = {}
): Ground {
	const here = groundOf(
		{
			...known,
			...ground,
			left: { ...known.left, ...ground.left },
			right: { ...known.right, ...ground.right }
		},
		{ still: place.water === 'lake', level: conditions.level?.value }
	);
	return bankM === undefined ? here : { ...here, banks: withHeight(here, bankM) };
}

/** The fish: where it lies, how deep, and how quick the water is there. */
function fishHere(
	{ conditions: { surface, clarityM }, place }: Outing,
	watch: Watch | undefined,
	lanes: readonly Lane[],
	said: SaidOfPlace
): Pick<Approach, 'through' | 'lane' | 'acrossM' | 'speedMs'> {
	const fish = watch?.fish;
	const usual = USUAL_PLACE.values;
	const lane = laneOf(lanes, said.lane === undefined ? fish : { lane: said.lane });
	const own = lanes[lane];
	const still = place.water === 'lake';
	return {
		lane,
		acrossM: lanes.length > 0 ? middleOf(lanes, lane) : 0,
		speedMs: said.speedMs ?? fish?.speedMs ?? own?.speedMs ?? (still ? 0 : usual.speedMs),
		through: {
			depthM: said.depthM ?? fish?.depthM ?? (own ? Math.min(usual.depthM, own.depthM) : usual.depthM),
			surface: surface?.value,
			clarityM: clarityM?.value
		}
	};
}

function wadingHere({ conditions: { waterC, levelTrend }, place }: Outing, at: Date) {
	const { sunset } = daylightOf(place, at);
	return {
		waterC: waterC?.value,
		rising: levelTrend?.value === 'rising',
		spawning: maySpawn(place, at),
		lightMin: sunset ? Math.max(0, (sunset.getTime() - at.getTime()) / MINUTE_MS) : undefined
	};
}

/** The other fish under watch, against the one that is fished, as far as it was noted where they lie. */
function othersBeside(watch: Watch | undefined, open: readonly Watch[], lanes: readonly Lane[]) {
	const from = watch?.fish.upM;
	return open.flatMap(({ id, fish }) =>
		id === watch?.id || fish.upM === undefined || from === undefined
			? []
			: [{ upM: fish.upM - from, acrossM: middleOf(lanes, laneOf(lanes, fish)) }]
	);
}

const withHeight = ({ banks: { left, right } }: Ground, heightM: number): Ground['banks'] => ({
	left: { ...left, heightM },
	right: { ...right, heightM }
});

const fishThere = ({ id, fish }: Watch, lanes: readonly Lane[]) => ({
	id,
	size: fish.size,
	lengthMm: fish.lengthMm,
	holding: fish.holding,
	wary: fish.wary,
	upM: fish.upM,
	...(lanes.length > 0 && { acrossM: middleOf(lanes, laneOf(lanes, fish)) })
});

/** The lane in which a fish lies: as it was noted, or the likeliest by its lie and current. */
export function laneOf(
	lanes: readonly Lane[],
	fish: { lane?: number | undefined; lie?: Lie | undefined; speedMs?: number | undefined } | undefined
): number {
	const last = Math.max(0, lanes.length - 1);
	if (fish?.lane !== undefined) return Math.min(last, fish.lane - 1);
	const byFit = (fit: (lane: Lane, index: number) => number): number =>
		lanes.reduce((best, lane, index) => {
			const before = lanes[best];
			return before && fit(lane, index) > fit(before, best) ? index : best;
		}, 0);
	const { speedMs, lie } = fish ?? {};
	if (speedMs !== undefined) return byFit((lane) => -Math.abs(lane.speedMs - speedMs));
	if (lie === undefined) return Math.floor(last / 2);
	if (lie === 'edge' || lie === 'margin' || lie === 'eddy') return last;
	// Slow beside quick.
	if (lie === 'seam' || lie === 'pocket')
		return byFit((lane, i) =>
			Math.max(...[lanes[i - 1], lanes[i + 1]].map((next) => (next ? next.speedMs - lane.speedMs : 0)))
		);
	if (lie === 'foam-lane') return byFit((lane) => lane.speedMs);
	return Math.floor(last / 2);
}

/** How far above the lie the weighted fly on the line must fall; undefined without one, null where it never gets down. */
function weightedLead(
	outing: Outing,
	depthM: number,
	speedMs: number,
	lane: Lane | undefined
): number | null | undefined {
	const rig = outing.rigs.at(-1)?.note.body;
	const fly = outing.attempts.findLast(({ note }) => !note.body.which || note.body.which === 'first')?.note
		.body;
	const pattern = fly && patternFor(fly);
	if (!rig || !fly || !pattern || speedMs === 0) return undefined;
	const { style, dressedMm } = variantOf(pattern, fly.hookSize);
	if (!fishesBelow(pattern)) return undefined;
	const waterM = Math.max(depthM, rig.waterM ?? lane?.depthM ?? depthM);
	return (
		leadForM(
			{
				...inWater(style, dressedMm, rig.beadMm === undefined ? {} : { beadMm: rig.beadMm }),
				tippetMm: tippetMm(rig.tippetX),
				lineM: Math.max(rig.depthM ?? 0, BELOW.values.hung * depthM),
				surfaceMs: speedMs,
				waterM
			},
			Math.min(depthM, BELOW.values.deepest * waterM)
		) ?? null
	);
}
