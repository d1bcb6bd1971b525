import { warmWater } from '../hatch';
import type { RigBody } from '../note';
import { fishInHand, type Outing, type Watch } from '../outing';
import type { Reading } from '../reading';
import { rhythmOf, riseTimes } from '../rise';
import { PATIENCE, seenBy, tippetLedger, type PatienceSchool, type Seen, type TippetLedger } from '../rig';
import { words, type Message } from '../message';
import { flyWaterOf, rigFor, shortlist, type ShortlistOptions } from '../match';
import { SCHOOL, SCHOOLS, variantOf } from '../likeness';
import { customsOn, patternFor, type Pattern } from '../tackle';
import type { ChangeId } from '../vocabulary';
import { causesAfter, causesBefore, type Situation } from './causes';
import type { Change } from './change';
import { depthsFor } from './depths';
import { firstCastOf } from './first-cast';
import { chanceOfTake, changesFor } from './changes';
import {
	BEFORE,
	CAUSE_NAMES,
	CAUSES,
	FINE_THOUGH_SEEN,
	JUDGED,
	REFUSED,
	type Cause,
	type RefusedSchool
} from './tables';
import { FISH_FIRST, FISHED_FROM, STRIKING, type FishedFrom, type FishFirst, type Striking } from './schools';
import { trialsOf, type Tally } from './trials';

export interface AdviceOptions extends ShortlistOptions {
	refused?: RefusedSchool;
	patience?: PatienceSchool;
	/** Tippet that each change of fly uses up, m. */
	perKnotM?: number;
	fishFirst?: FishFirst;
	striking?: Striking;
	fishedFrom?: FishedFrom;
	/** Depth of the water, m, where a guide just said it. */
	waterM?: number | undefined;
	/** Changes that cannot be made from here: the next best is told. */
	declined?: readonly ChangeId[];
}

/** What may be wrong with the fly over the fish in hand, and the one thing to change. */
export interface Advice {
	/** The fly on the line. */
	fly: { pattern: Pattern; hookSize: number };
	/** Likeliest first; probabilities sum to 1. None after a take: nothing is wrong then. */
	causes: { cause: Cause; name: Message; probability: number }[];
	/** Good drifts since the fly was tied on, and whether the fish has really seen it. */
	seen: Seen & {
		goodDrifts: number;
		dragged: number;
		/** The fish itself has shown it. */ answered: boolean;
	};
	/** Fish that the fly on the line took since it was tied on. */
	tally: Tally;
	/** A fish has just taken: the same fly goes to the next. */
	works: boolean;
	/** The single next change, or nothing to change but to stay; then the others, best first. */
	next: Change;
	others: Change[];
	/** How the first cast over this fish is laid; empty once anything was tried over it. */
	firstCast: Change[];
	/**
	 * Another fish would be better than anything that can be done about this one, which has had a fair number of
	 * chances.
	 */
	leave: boolean;
	/** Chance of a take in the next ten minutes: of this fish, with what is best done; of the next one, with this fly. */
	tenMinutes: { here: number; next: number };
	tippet: TippetLedger & { x: number; wantedX: number; changes: number };
	cautions: Message[];
}

const says = words('caution', { eyes: 'Glasses on, hook barbless; look behind before the back-cast.' });

const SHOWN = 4;
/** Flies of the shortlist that a change is looked for among. */
const FLIES_TRIED = 60;
const USUAL_KNOT_M = 0.1;

/**
 * What next, from everything tried so far: the causes that remain with their probabilities, and the one change
 * with the greatest chance of a take for each minute. Undefined while no fly is on.
 *
 * @param reading the reading of the fish in hand, or of the reach
 */
export function adviceFor(outing: Outing, reading: Reading, options: AdviceOptions = {}): Advice | undefined {
	const { school = SCHOOL.usual, refused = REFUSED.usual, patience = PATIENCE.usual } = options;
	const inHand = situationOf(outing, reading, options);
	if (!inHand) return undefined;
	const { situation, pattern, hookSize, tippet, shown } = inHand;
	const { tally, worked } = situation;
	const causes = causesAfter(situation);
	const flies = shortlist(outing, reading, { ...options, most: FLIES_TRIED });
	const changes = changesFor(situation, causes, flies, {
		school,
		refused,
		patience,
		...(options.declined && { declined: options.declined })
	});
	const [next, ...others] = changes;
	if (!next) return undefined;
	return {
		fly: { pattern, hookSize },
		causes: worked
			? []
			: CAUSES.filter((cause) => causes[cause] > 0)
					.map((cause) => ({
						cause,
						name: cause === 'fine' && shown.answered ? FINE_THOUGH_SEEN : CAUSE_NAMES[cause],
						probability: causes[cause]
					}))
					.sort((a, b) => b.probability - a.probability),
		seen: { ...situation.seen, ...shown },
		tally,
		works: worked,
		next,
		others: others.slice(0, SHOWN),
		firstCast: firstCastOf(situation, causes),
		...stayOrGo(situation, changes, patience),
		tippet,
		cautions: cautionsFor(outing)
	};
}

/** What stands between the guide and the fish in hand, with the fly on the line; nothing while none is on. */
function situationOf(outing: Outing, reading: Reading, options: AdviceOptions) {
	const watch = fishInHand(outing);
	const ways = {
		fishFirst: options.fishFirst ?? FISH_FIRST.usual,
		striking: options.striking ?? STRIKING.usual,
		fishedFrom: options.fishedFrom ?? FISHED_FROM.usual
	};
	const { trials, fly, setup, tally, worked, tookIn } = trialsOf(
		outing,
		watch,
		FISHED_FROM.choices[ways.fishedFrom].from
	);
	const pattern = fly && patternFor(fly);
	if (!fly || !pattern || !setup) return undefined;
	const hooks = customsOn(outing.place.water, options.hooks);
	const variant = variantOf(pattern, fly.hookSize, hooks);
	const water = flyWaterOf(outing, options.smallestSeen);
	const rig = rigFor(variant, water, options);
	const wantedM = rig.parts.at(-1)?.lengthM ?? BEFORE.values.tippetShowsShort;
	const tippet = ledgerOf(outing, wantedM, rig.tippetX, options.perKnotM);
	const own = trials.filter(
		({ setup: then, before }) =>
			!before && then.patternId === setup.patternId && then.hookSize === setup.hookSize
	);
	const goodDrifts = own.reduce((sum, { drifts }) => sum + drifts, 0);
	const rhythm = watch && rhythmOf(riseTimes(watch, outing.now));
	const byDrifts = seenBy(goodDrifts, { lie: watch?.fish.lie, holding: watch?.fish.holding, rhythm });
	// A take, a short take, a missed strike and a refusal leave no doubt; one that only turned aside may not have.
	const answered = worked || own.some(({ answer }) => answer !== undefined && answer !== 'early');
	const situation: Situation = {
		outing,
		watch,
		reading,
		variant,
		water,
		setup,
		trials,
		tally,
		worked,
		tookIn,
		flyState: fly.state,
		depths: depthsFor(outing, variant, setup, options.waterM),
		wantedX: rig.tippetX,
		tippetShort: tippet.short,
		seen: answered ? { ...byDrifts, chance: 1, until80: 0 } : byDrifts,
		medianS: rhythm?.medianS ?? meanWait(watch),
		school: SCHOOLS[options.school ?? SCHOOL.usual],
		ways,
		inBox: (patternId, hookSize) =>
			options.box &&
			(options.box.find((boxed) => boxed.patternId === patternId && boxed.hookSize === hookSize)?.count ?? 0),
		hooks
	};
	const dragged = own.reduce((sum, one) => sum + one.dragged, 0);
	return { situation, pattern, hookSize: fly.hookSize, tippet, shown: { answered, goodDrifts, dragged } };
}

/**
 * Whether to go on to the next fish: by what ten minutes promise here and there, and never before this one has met the
 * fly a fair number of times; by the school of thirty drifts, not before those.
 */
function stayOrGo(
	situation: Situation,
	changes: readonly Change[],
	patience: PatienceSchool
): Pick<Advice, 'leave' | 'tenMinutes'> {
	const { hereMin, walkMin, proofMinutes, fairMeetings, leaveUnder } = JUDGED.values;
	const { perDrift } = situation.seen;
	const best = Math.max(...changes.map(({ inTenMinutes }) => inTenMinutes));
	const next = chanceOfTake(STAYS, causesBefore(situation), perDrift, (hereMin - walkMin) / proofMinutes);
	const own = situation.trials.filter(({ before }) => !before);
	const good = own.reduce((sum, one) => sum + one.drifts, 0);
	const met = good * perDrift + own.filter(({ answer }) => answer).length;
	const fair = met >= fairMeetings && good >= PATIENCE.choices[patience].leaveFromDrifts;
	return {
		leave:
			!situation.worked &&
			fair &&
			best < leaveUnder * FISH_FIRST.choices[situation.ways.fishFirst].leaveUnder * next,
		tenMinutes: { here: best, next }
	};
}
const STAYS = { fixes: {}, keeps: 1 } as const;

/** Mean seconds between the few rises that were seen; too few for a rhythm. */
function meanWait(watch: Watch | undefined): number | undefined {
	const [first, last] = [watch?.rises[0]?.observedAt, watch?.rises.at(-1)?.observedAt];
	const count = watch?.rises.length ?? 0;
	return first && last && count > 1 ? (last.getTime() - first.getTime()) / 1000 / (count - 1) : undefined;
}

/** What the changes of fly have left of the tippet as it was last tied on. */
function ledgerOf(
	outing: Outing,
	wantedM: number,
	wantedX: number,
	perKnotM = USUAL_KNOT_M
): Advice['tippet'] {
	// A note of the depth, or of where one stands, ties no tippet on.
	const built = outing.rigs.findLast(({ note }) => !note.body.sameTippet) ?? outing.rigs[0];
	const body: Pick<RigBody, 'tippetM' | 'tippetX'> = built?.note.body ?? {
		tippetM: wantedM,
		tippetX: wantedX
	};
	const since = outing.attempts.filter(
		({ note, observedAt }) =>
			(note.body.outcome === 'tied-on' || note.body.outcome === 'lost') &&
			(!built || observedAt > built.observedAt)
	).length;
	// The first fly on a new tippet costs nothing of it.
	const changes = built ? since : Math.max(0, since - 1);
	// A hand's breadth under the plan does not show yet.
	return {
		...tippetLedger(body.tippetM, changes, perKnotM, BEFORE.values.tippetShowsShort * wantedM),
		x: body.tippetX,
		wantedX,
		changes
	};
}

/** What to mind as a fly is fished: eyes and hooks always; fine tippet and long fights in warm water. */
function cautionsFor({ conditions: { waterC } }: Outing): Message[] {
	const cautions = [says('eyes')];
	const warm = waterC && warmWater(waterC.value);
	if (warm) cautions.push(warm.says);
	return cautions;
}
