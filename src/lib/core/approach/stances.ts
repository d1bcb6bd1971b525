import { driftOf, laneAt, LINE_ON_WATER, surfaceOf, widthOf, type Laid } from '../drift';
import type { StanceBody } from '../note';
import { CASTS, STANCES, type BankSide } from '../vocabulary';
import { hiddenFromM } from './optics';
import {
	flyFor,
	judge,
	SEEN_ENOUGH,
	sigmoid,
	type Drifted,
	type StanceFor,
	type StanceFound,
	type There,
	type Tried
} from './stance-weighs';
import { DIRECTIONS, STANCE } from './stance-tables';
import { LANDING, POSTURES_M } from './tables';
import { wadingCaution } from './wading';

const S = STANCE.values;
const L = LINE_ON_WATER.values;
const DEGREE = Math.PI / 180;

/** A drift is followed for so many times what is needed. */
const FOLLOWED = 1.8;
const FINE = 50;
const CHUNK = 40;

/** How far a search has come, 0 to 1, and the stances found so far, the best first. */
export interface StanceSearch {
	share: number;
	found: StanceFound[];
}

/**
 * Stances for a fish, the best of each kind, the best first: every place from which it can be reached, each with every
 * cast, the drift of all of them roughly and of the best fifty finely. Comes piece by piece, so that who asks can show
 * how far it is and give it up.
 *
 * @throws RangeError where nothing flows: a lake has no lanes
 */
export function* searchStances(asked: StanceFor): Generator<StanceSearch, StanceFound[]> {
	const { ground, landing } = asked;
	if (ground.lanes.length === 0 || !(landing.neededS > 0))
		throw new RangeError('Stances are ranked where water flows in lanes, over the fish too.');
	const surface = surfaceOf(ground.lanes);
	const there = new Map<string, There | undefined>();
	const tried = placesFor(asked);
	const rough: { tried: Tried; chance: number }[] = [];
	for (const [i, one] of tried.entries()) {
		const key = `${one.at.alongM.toFixed(2)} ${one.at.acrossM.toFixed(2)}`;
		if (!there.has(key)) there.set(key, standing(asked, one));
		const stood = there.get(key);
		if (stood)
			rough.push({
				tried: one,
				chance: judge(asked, one, stood, driftFrom(asked, one, surface, false)).chance
			});
		if (i % CHUNK === CHUNK - 1) yield { share: (0.8 * i) / tried.length, found: [] };
	}
	rough.sort((a, b) => b.chance - a.chance);
	const best: StanceFound[] = [];
	for (const [i, { tried: one }] of shortlist(rough).entries()) {
		const stood = there.get(`${one.at.alongM.toFixed(2)} ${one.at.acrossM.toFixed(2)}`);
		if (stood) best.push(judge(asked, one, stood, driftFrom(asked, one, surface, true)));
		if (i % CHUNK === CHUNK - 1) yield { share: 0.8 + (0.2 * i) / FINE, found: bestOfEach(best) };
	}
	return bestOfEach(best);
}

/** All of `searchStances` at once. */
export function stancesFor(asked: StanceFor): StanceFound[] {
	const search = searchStances(asked);
	for (;;) {
		const next = search.next();
		if (next.done) return next.value;
	}
}

/** The best fifty, and the best few of each kind, whatever the others are. */
function shortlist(rough: readonly { tried: Tried; chance: number }[]): { tried: Tried }[] {
	const few = FINE / STANCES.length / 2;
	const each = STANCES.flatMap((stance) =>
		rough.filter(({ tried }) => tried.stance === stance).slice(0, few)
	);
	return [...new Set([...each, ...rough])].slice(0, FINE);
}

function bestOfEach(found: readonly StanceFound[]): StanceFound[] {
	const sorted = [...found].sort((a, b) => b.chance - a.chance);
	return STANCES.flatMap((stance) => sorted.find((one) => one.stance === stance) ?? []).sort(
		(a, b) => b.chance - a.chance
	);
}

/** Every place from which a fish can be reached, with every cast. */
function placesFor({ ground, acrossM, dry }: StanceFor): Tried[] {
	const widthM = widthOf(ground.lanes);
	const tried: Tried[] = [];
	const distancesM: number[] = [];
	for (let far: number = S.nearestM; far <= S.furthestM; far *= S.apart)
		distancesM.push(Math.round(2 * far) / 2);
	for (const stance of STANCES)
		for (const aboutDeg of Object.values(DIRECTIONS.values[stance]))
			for (const side of aboutDeg === 0 ? [1] : [-1, 1])
				for (const distanceM of distancesM) {
					const at = {
						alongM: distanceM * Math.cos(aboutDeg * DEGREE),
						acrossM: acrossM + side * distanceM * Math.sin(aboutDeg * DEGREE)
					};
					if (at.acrossM < -S.backM || at.acrossM > widthM + S.backM) continue;
					if (dry && at.acrossM > 0 && at.acrossM < widthM) continue;
					for (const cast of CASTS) tried.push({ stance, cast, at, distanceM, aboutDeg });
				}
	return tried;
}

/** How one stands there; undefined where nobody should. */
function standing(asked: StanceFor, { at, distanceM, aboutDeg }: Tried): There | undefined {
	const { ground, through, heightM = POSTURES_M.values.standing } = asked;
	const widthM = widthOf(ground.lanes);
	const near = aboutDeg <= S.behindDeg ? S.behind : 1;
	const seenAt = (headM: number) => {
		const hiddenM = hiddenFromM(headM, through) * near;
		return { headM, hiddenM, seen: hiddenM === 0 ? 0 : sigmoid((hiddenM - distanceM) / S.seenM) };
	};
	if (at.acrossM > 0 && at.acrossM < widthM) {
		const lane = ground.lanes[laneAt(ground.lanes, at.acrossM)];
		if (!lane) return undefined;
		const caution = wadingCaution({ ...asked.wading, ...lane, heightM });
		if (caution.word === 'out') return undefined;
		return {
			posture: 'wading',
			...seenAt(Math.max(0, heightM - lane.depthM)),
			wading: { depthM: lane.depthM, caution }
		};
	}
	const bank: BankSide = at.acrossM <= 0 ? 'left' : 'right';
	const tall = heightM / POSTURES_M.values.standing;
	const ways = (['standing', 'kneeling', 'crouching'] as const).map((posture) => ({
		posture,
		bank,
		...seenAt(POSTURES_M.values[posture] * tall + ground.banks[bank].heightM)
	}));
	// As upright as one may: who kneels casts worse.
	return ways.find(({ seen }) => seen < SEEN_ENOUGH) ?? ways.at(-1);
}

function laidFor(asked: StanceFor, { at, cast }: Tried): Laid {
	const fly = flyFor(asked);
	const wayM = Math.hypot(fly.alongM - at.alongM, fly.acrossM - at.acrossM);
	const reach = Math.min(L.tipM, wayM / 2) / wayM;
	return {
		tip: {
			alongM: at.alongM + (fly.alongM - at.alongM) * reach,
			acrossM: at.acrossM + (fly.acrossM - at.acrossM) * reach
		},
		fly,
		cast,
		leaderM: asked.leaderM
	};
}

function driftFrom(
	asked: StanceFor,
	tried: Tried,
	surface: (acrossM: number) => number,
	fine: boolean
): Drifted {
	const laid = laidFor(asked, tried);
	const { freeS, freeM, drags, lineM } = driftOf(laid, surface, {
		fine,
		longestS: Math.min(L.longestS, FOLLOWED * asked.landing.neededS)
	});
	const { tip, fly } = laid;
	return {
		freeS,
		freeM,
		drags,
		slackM: lineM - Math.hypot(tip.alongM - fly.alongM, tip.acrossM - fly.acrossM)
	};
}

/** What is noted of a stance that is taken up: seconds to a tenth. */
export function stanceNote(
	{ stance, posture, cast, distanceM, wadeM, driftS, needsS }: StanceFound,
	watchId: string | undefined
): StanceBody {
	const tenth = (seconds: number) => Math.min(LONGEST_NOTED_S, Math.round(TENTHS * seconds) / TENTHS);
	return {
		...(watchId !== undefined && { watchId }),
		stance,
		posture,
		cast,
		distanceM,
		...(wadeM !== undefined && { wadeM }),
		driftS: tenth(driftS),
		needsS: tenth(needsS)
	};
}
const TENTHS = 10;
const LONGEST_NOTED_S = 3600;

/** Where the line lies from moment to moment of one stance, to be shown. */
export function shownDrift(
	asked: StanceFor,
	{ stance, cast, at, distanceM }: Pick<StanceFound, 'stance' | 'cast' | 'at' | 'distanceM'>,
	everyS = 0.1
): ReturnType<typeof driftOf> {
	return driftOf(
		laidFor(asked, { stance, cast, at, distanceM, aboutDeg: 0 }),
		surfaceOf(asked.ground.lanes),
		{
			everyS,
			longestS: asked.landing.neededS + LANDING.values.decidesS
		}
	);
}
