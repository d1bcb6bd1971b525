import type { Outing, Watch } from '../outing';
import type { Reading } from '../reading';
import type { Seen } from '../rig';
import type { HookCalibration } from '../tackle';
import { COLUMN_ZONES } from '../atlas';
import type { FlyWater } from '../match';
import { isParticular, likenessOf, type Variant, type School } from '../likeness';
import { BEFORE, CAUSES, CONTRARY, JUDGED, RESPONSE, type Cause, type Response } from './tables';

import type { Depths } from './depths';
import type { FishedFrom, FishFirst, Striking } from './schools';
import type { DriftPart, FlyState } from '../vocabulary';
import type { Setup, Tally, Trial } from './trials';

const B = BEFORE.values;
const J = JUDGED.values;

/** Everything the causes hang on. */
export interface Situation {
	outing: Outing;
	watch: Watch | undefined;
	reading: Reading;
	/** The fly on the line. */
	variant: Variant;
	water: FlyWater;
	setup: Setup;
	trials: readonly Trial[];
	/** What the fly on the line took since it was tied on. */
	tally: Tally;
	/** A fish has just taken. */
	worked: boolean;
	/** In what state the fly came back last, where that was noted. */
	flyState?: FlyState | undefined;
	/** In which part of the drift the last one took. */
	tookIn?: DriftPart | undefined;
	/** For a fly below the film: how deep it fishes, and where else fish may be. */
	depths?: Depths | undefined;
	/** X that the rig asks for this fly here. */
	wantedX: number;
	/** The tippet has grown too short. */
	tippetShort: boolean;
	seen: Seen;
	/** Usual seconds between two rises of this fish. */
	medianS: number | undefined;
	school: School;
	/** How the strike is made, where fish are fished from, and which first. */
	ways: WaysOfFishing;
	/** How many of a fly in a size are carried; undefined where the box is not known. */
	inBox: (patternId: string, hookSize: number) => number | undefined;
	/** The guide's own hooks against the table. */
	hooks: HookCalibration | undefined;
}

/** Answers to what practitioners quarrel about in fishing for one fish. */
export interface WaysOfFishing {
	fishFirst: FishFirst;
	striking: Striking;
	fishedFrom: FishedFrom;
}

export type Causes = Record<Cause, number>;

/** How a fly can be wrong for one natural. */
export type Mismatch = 'right' | 'posture' | 'size' | 'stage' | 'insect';

/** The main thing that is wrong with a fly if this is what fish eat, with how right the rest is. */
export function mismatchOf(
	variant: Variant,
	hypothesis: Parameters<typeof likenessOf>[1],
	school: School
): Record<Mismatch, number> {
	const none = { right: 0, posture: 0, size: 0, stage: 0, insect: 0 };
	// A fish on nothing in particular finds nothing wrong with a fair fly; nor does one that does not feed.
	if (!isParticular(hypothesis)) return { ...none, right: 1 };
	const { posture, size, colour } = likenessOf(variant, hypothesis, school);
	const apart = Math.abs(COLUMN_ZONES.indexOf(variant.style.zone) - COLUMN_ZONES.indexOf(hypothesis.zone));
	const serves = (variant.style.stages[hypothesis.stage] ?? 0) >= J.serves && apart <= 1;
	const far = size < J.another || colour < J.another;
	if (!serves) return { ...none, [far ? 'insect' : 'stage']: 1 };
	if (far) return { ...none, insect: 1 };
	const wrongPosture = (1 - posture) * J.mismatch;
	const wrongSize = (1 - wrongPosture) * (1 - size) * J.mismatch;
	return { ...none, posture: wrongPosture, size: wrongSize, right: 1 - wrongPosture - wrongSize };
}

/** What the reading says is wrong with a fly. A reading that is open says little: it is no word against the insect. */
function mismatches(reading: Reading, variant: Variant, school: School): Record<Mismatch, number> {
	const of: Record<Mismatch, number> = { right: 0, posture: 0, size: 0, stage: 0, insect: 0 };
	for (const { hypothesis, probability } of reading.beliefs)
		for (const [what, share] of Object.entries(mismatchOf(variant, hypothesis, school)))
			of[what as Mismatch] += probability * share;
	const open = Math.max(0, 1 - reading.certainty.top / J.sureTop);
	for (const what of ['stage', 'insect'] as const) {
		const doubted = of[what] * open * (1 - J.openCounts);
		of[what] -= doubted;
		of.right += doubted;
	}
	return of;
}

/** How far the water hides what is wrong with fly and tippet, 0 in clear to 1 in murk; flow and poor light add to it. */
export function murkOf({ clarityM, speedMs, dim }: FlyWater): number {
	const seenM = clarityM * (1 - J.murkFast * Math.min(1, speedMs / J.murkFastMs)) * (dim ? 1 - J.murkDim : 1);
	return Math.min(1, Math.max(0, (J.murkFromM - seenM) / (J.murkFromM - J.murkAllM)));
}

/** How contrary the currents are in the fish's lie, 0 to 1. */
export const contraryOf = ({ watch, outing }: Situation): number =>
	CONTRARY.values[outing.place.water === 'lake' ? 'still' : (watch?.fish.lie ?? 'unknown')];

/** Probability of each cause before anything was tried: what the reading says of the fly, and what the water does. */
export function causesBefore(situation: Situation): Causes {
	const { reading, variant, water, setup, wantedX, tippetShort, school } = situation;
	const of = mismatches(reading, variant, school);
	const glass = onGlass(water);
	const own = {
		hooking: B.hooking,
		depth: depthBefore(situation),
		drag:
			contraryOf(situation) *
			(B.dragLeast + B.dragStyle * variant.style.drag) *
			(setup.drifts === undefined
				? setup.mending
					? B.dragMended
					: 1
				: setup.drifts < 1
					? B.dragShort
					: B.dragLong),
		tippet:
			(1 - J.murkHides * murkOf(water)) *
			(B.tippetLeast +
				B.tippetEachX * Math.max(0, wantedX - (setup.tippetX ?? wantedX)) +
				(glass && (setup.tippetX ?? wantedX) < wantedX ? B.tippetGlass : 0) +
				(tippetShort ? B.tippetShort : 0)),
		position:
			(B.positionLeast + (glass ? B.positionGlass : 0)) * (setup.from === 'below' ? 1 : B.positionOther)
	};
	const state = { 'not-feeding': B.notFeeding, 'put-down': B.putDown };
	const evenSo = { posture: B.posture, size: B.size, stage: B.stage, insect: B.insect };
	const given = Object.values({ ...own, ...state, ...evenSo }).reduce((a, b) => a + b, 0);
	const left = Math.max(B.leastLeft, 1 - given);
	return normalised({
		fine: left * of.right,
		...own,
		posture: evenSo.posture + left * of.posture,
		size: evenSo.size + left * of.size,
		stage: evenSo.stage + left * of.stage,
		insect: evenSo.insect + left * of.insect,
		...state
	});
}

/** A fly on the film is at the right depth; one below it is where a fish took already, or may be anywhere. */
function depthBefore({ depths }: Situation): number {
	if (!depths) return 0;
	return depths.took ? B.depthTook : B.depth;
}

/**
 * Probability of each cause after all that was tried over the fish, by Bayes: each good drift meets the fish with
 * the chance of `seen`, and then it answers as the table has it for that cause. What was tried with another
 * setup speaks of the causes that both share; silence and rises speak of the fish.
 */
export function causesAfter(situation: Situation): Causes {
	const { trials, seen } = situation;
	const prior = causesBefore(situation);
	const usual = Object.fromEntries(
		(Object.keys(RESPONSE.values.fine) as Response[]).map((response) => [
			response,
			CAUSES.reduce((sum, cause) => sum + prior[cause] * RESPONSE.values[cause][response], 0)
		])
	) as Record<Response, number>;
	const logs = new Map<Cause, number>(
		// What cannot be, such as a wrong depth of a fly that floats, stays out.
		CAUSES.map((cause) => [cause, Math.log(prior[cause])])
	);
	const add = (cause: Cause, log: number) => logs.set(cause, (logs.get(cause) ?? 0) + log);
	const s = seen.perDrift;
	let draggedSoFar = 0;
	for (const trial of trials)
		for (const cause of CAUSES) {
			// What another fish did says nothing of how this one feels.
			if (trial.before && (cause === 'not-feeding' || cause === 'put-down')) continue;
			const row = sharedBy(cause, trial, situation) ? RESPONSE.values[cause] : usual;
			add(cause, trial.drifts * Math.log(1 - s + s * row.none));
			if (trial.answer) add(cause, Math.log(answered(row, trial.answer)));
			const drags = cause === 'drag' ? J.draggedForDrag : J.draggedUsually;
			add(cause, J.dragTold * (trial.dragged * Math.log(drags) + trial.drifts * Math.log(1 - drags)));
		}
	for (const trial of trials) draggedSoFar += trial.dragged;
	const state = fishState(situation, draggedSoFar);
	for (const cause of CAUSES) add(cause, state[cause]);
	const most = Math.max(...logs.values());
	return normalised(
		Object.fromEntries(CAUSES.map((cause) => [cause, Math.exp((logs.get(cause) ?? 0) - most)])) as Causes
	);
}

const answered = (row: Readonly<Record<Response, number>>, answer: NonNullable<Trial['answer']>): number =>
	answer === 'refused' ? row.late + row.early : row[answer];

/** Slow, clear water without a ripple, where fish see everything. */
export const onGlass = ({ surface, speedMs, clarityM }: FlyWater): boolean =>
	surface === 'glassy' && speedMs < B.glassMs && clarityM >= B.glassClearM;

/** Whether an earlier trial was fished so that this cause of now would have stood in its way too. */
function sharedBy(cause: Cause, { setup: then, at }: Trial, { setup: now, outing }: Situation): boolean {
	switch (cause) {
		case 'position':
			return then.from === now.from;
		case 'drag':
			// What still drags on a long tippet dragged on a short one too; not the other way.
			return then.from === now.from && then.mending === now.mending && (!then.long || now.long);
		case 'tippet':
			return (then.tippetX ?? 0) <= (now.tippetX ?? 0) && (!then.long || now.long);
		case 'hooking':
			return true;
		case 'depth':
			return then.depthM === undefined || now.depthM === undefined
				? then.depthM === now.depthM
				: Math.abs(then.depthM - now.depthM) < J.sameDepthM;
		case 'size':
			return then.patternId === now.patternId && then.hookSize === now.hookSize;
		case 'posture':
			return then.patternId === now.patternId && then.dressed === now.dressed;
		case 'fine':
		case 'stage':
		case 'insect':
			return then.patternId === now.patternId;
		case 'not-feeding':
		case 'put-down':
			return outing.now.getTime() - at.getTime() < J.stateLastsMin * 60_000;
	}
}

/** What rises and silence since say of the fish, as log likelihoods by cause. */
function fishState({ watch, outing, trials, medianS }: Situation, dragged: number): Record<Cause, number> {
	const logs = Object.fromEntries(CAUSES.map((cause) => [cause, 0])) as Record<Cause, number>;
	const last = trials.filter(({ before }) => !before).at(-1);
	if (!last) return logs;
	const lately = trials.filter(({ at }) => outing.now.getTime() - at.getTime() < J.stateLastsMin * 60_000);
	const scared = lately.some(({ putDown }) => putDown) ? J.toldPutDown : 0;
	const draggedAway = 1 - (1 - J.dragPutsDown) ** dragged;
	logs['put-down'] += scared + Math.log((B.putDown + draggedAway) / B.putDown);
	if (!watch) return logs;
	const after = watch.rises.filter(({ observedAt }) => observedAt > last.at).length;
	const asleep = after * Math.log(J.risesAnyway);
	logs['put-down'] += asleep - (after > 0 ? scared : 0);
	logs['not-feeding'] += asleep;
	const lastRise = watch.rises.at(-1)?.observedAt;
	const silentS = (outing.now.getTime() - (lastRise ?? watch.begunAt).getTime()) / 1000;
	if (medianS !== undefined && silentS > medianS) {
		// A fish that still feeds would have risen by now with a chance that grows with the silence.
		const log = (-J.silence * (silentS - medianS)) / medianS;
		for (const cause of CAUSES)
			if (cause !== 'put-down' && cause !== 'not-feeding') logs[cause] += Math.max(J.silenceLeast, log);
	}
	return logs;
}

function normalised(causes: Causes): Causes {
	const sum = Object.values(causes).reduce((a, b) => a + b, 0);
	return Object.fromEntries(Object.entries(causes).map(([cause, p]) => [cause, p / sum])) as Causes;
}
