import { isParticular, type Hypothesis } from '../likeness';
import type { LifeStage } from '../atlas';
import { words, type Message } from '../message';
import { type LiveNote, type Outing, type Watch, weatherOf } from '../outing';
import { lastChange } from '../rise';
import { ANYTHING } from './hypothesis';
import { usualWays } from './ways';
import { minutesLooked, noneRisesNear, WENT_FOR_IT } from './silence';
import type { Weights } from './weights';

/** How one note moved a state: the natural logarithm of its odds. */
export interface StateEvidence {
	noteId: string;
	says?: Message;
	weight: number;
}

/** That a fish does not feed, or that the hatch is ending: its probability, and what was seen of it. */
export interface State {
	hypothesis: Hypothesis;
	probability: number;
	evidence: StateEvidence[];
}

const says = words('state', {
	cruising: 'It cruises without a rise',
	'not-risen': 'It has not risen',
	slowed: 'It rises more slowly than before',
	wandering: 'Slow rises after a heavy hatch',
	thinned: 'Fewer than before',
	'fewer-rising': 'Fewer fish rise than before',
	holds: 'No fewer than before'
});

/**
 * What stands beside the food: that a fish does not feed, or gathers what a hatch that ends has left. Each is weighed by
 * what is seen of it alone, not against a single insect, and takes its part from all of them.
 *
 * @param foods with how likely each is for a fish that feeds
 * @param watchId the fish to read; left out, all count
 */
export function statesOf(
	outing: Outing,
	foods: readonly Hypothesis[],
	probabilities: readonly number[],
	watchId: string | undefined,
	weights: Weights
): State[] {
	const watches = outing.watches.filter(({ id }) => watchId === undefined || id === watchId);
	const idle = notFeeding(outing, watches, weights);
	const fading = hatchFading(outing, watches, weights);
	const ofHatch = foods.reduce((sum, food, i) => (isOfHatch(food) ? sum + (probabilities[i] ?? 0) : sum), 0);
	const odds = [idle, fading].map((state) => (state ? oddsOf(state.before, state.evidence) : 0));
	const [idleOdds = 0, fadingOdds = 0] = odds;
	const all = 1 + idleOdds + fadingOdds * ofHatch;
	return [
		{ hypothesis: NOT_FEEDING, probability: idleOdds / all, evidence: idle.evidence },
		...(fading
			? [{ hypothesis: FADES, probability: (fadingOdds * ofHatch) / all, evidence: fading.evidence }]
			: [])
	].filter(({ probability }) => probability >= weights.expected.worthHaving);
}

const oddsOf = (before: number, evidence: readonly StateEvidence[]): number =>
	before * Math.exp(evidence.reduce((sum, { weight }) => sum + weight, 0));

const HATCHING: ReadonlySet<LifeStage> = new Set(['emerger', 'cripple', 'dun', 'pupa', 'adult']);
const isOfHatch = (food: Hypothesis): boolean => isParticular(food) && HATCHING.has(food.stage);

/** A fish that neither rises nor takes may not feed; one that cruises about is looking for it to begin. */
function notFeeding(
	outing: Outing,
	watches: readonly Watch[],
	{ feeding: table }: Weights
): { before: number; evidence: StateEvidence[] } {
	const { waterC } = weatherOf(outing);
	const hard = waterC < table.coldC || waterC > table.warmC;
	const evidence = watches.flatMap((watch): StateEvidence[] => {
		const fed = [
			...watch.rises,
			...watch.drifted.filter(({ note }) => note.body.fate === 'taken'),
			...watch.attempts.filter(({ note }) => WENT_FOR_IT.has(note.body.outcome))
		];
		if (fed.length > 0) {
			const each = Math.max(table.rose, table.roseMost / fed.length);
			return fed.map(({ note }) => ({ noteId: note.id, weight: each }));
		}
		const minutes = minutesLooked(watch, watch.endedAt ?? outing.now);
		// In still water all fish cruise.
		const cruises = watch.fish.holding === 'cruising' && outing.place.water !== 'lake';
		return [
			{
				noteId: watch.id,
				says: says(cruises ? 'cruising' : 'not-risen'),
				weight:
					Math.min(table.silentMost, table.silentMin * minutes) +
					(cruises ? Math.min(table.cruisingMost, table.cruisingMin * minutes) : 0)
			}
		];
	});
	for (const { note, observedAt } of outing.looked) {
		const { rising, minutes } = note.body;
		if (rising > 0) evidence.push({ noteId: note.id, weight: table.rose });
		else if (noneRisesNear(outing, observedAt, minutes))
			evidence.push({ noteId: note.id, weight: Math.min(table.silentMost, table.silentMin * minutes) });
	}
	const strays = watches.length === 0 ? outing.rises : [];
	for (const { note } of strays)
		evidence.push({ noteId: note.id, weight: Math.max(table.rose, table.roseMost / strays.length) });
	return { before: table.notFeeding * (hard ? table.hardTimes : 1), evidence };
}

/**
 * A hatch that ends shows in rises that slow down, in fish that wander, in nets and eyes that meet with fewer. Undefined
 * where nothing tells of a hatch, or of its end.
 */
function hatchFading(
	outing: Outing,
	watches: readonly Watch[],
	weights: Weights
): { before: number; evidence: StateEvidence[] } | undefined {
	const { fading: table } = weights;
	const met = metOfHatches(outing, weights);
	const heavy = met.some(({ count }) => count >= table.hatchFrom);
	const evidence: StateEvidence[] = [];
	let rising = false;
	for (const { rises, fish, attempts } of watches) {
		if (rises.length >= table.risesFrom) rising = true;
		const last = rises.at(-1);
		const change = lastChange(rises, usualWays(fish.size, weights));
		const pace = change?.paceS;
		// A fish that was cast over may slow down for that.
		const castOver = change && attempts.some(({ observedAt }) => observedAt <= change.at);
		if (!last) continue;
		if (change && pace && pace.after > pace.before && !castOver)
			evidence.push({
				noteId: last.note.id,
				says: says('slowed'),
				weight: table.slowed * change.probability
			});
		const slow = pace ? pace.after >= table.slowPaceS : isSlow(rises, table.slowPaceS);
		if (heavy && slow && fish.holding === 'cruising')
			evidence.push({ noteId: last.note.id, says: says('wandering'), weight: table.wandering });
	}
	evidence.push(...thinning(met, table));
	const said = outing.trends.at(-1);
	if (said) evidence.push({ noteId: said.note.id, weight: table[said.note.body.trend] });
	evidence.push(...fewerRising(outing, table));
	const told = evidence.reduce((sum, { weight }) => sum + weight, 0);
	return (heavy || rising || said) && told > 0 ? { before: table.before, evidence } : undefined;
}

/** Fish that rise now against the most that did before, by those who counted. */
function fewerRising({ looked }: Outing, table: Weights['fading']): StateEvidence[] {
	const last = looked.at(-1);
	if (!last || looked.length === 1) return [];
	const most = Math.max(...looked.slice(0, -1).map(({ note }) => note.body.rising));
	return most > 0 && last.note.body.rising <= table.thinnedTo * most
		? [{ noteId: last.note.id, says: says('fewer-rising'), weight: table.thinned }]
		: [];
}

/** Animals of a stage that hatches, as they were met with one after the other in one way of looking. */
interface Met {
	noteId: string;
	/** What is compared: the same kind by the same way of looking. */
	by: string;
	count: number;
	at: Date;
}

function metOfHatches(outing: Outing, { abundance }: Weights): Met[] {
	const seen = outing.sightings
		.filter(({ note }) => note.body.sign === 'insects' && HATCHING.has(note.body.stage))
		.map(({ note, observedAt }) => ({
			noteId: note.id,
			by: `eye ${note.body.taxonId}/${note.body.stage}`,
			count: abundance[note.body.abundance],
			at: observedAt
		}));
	const netted = outing.samples
		.filter(({ note }) => note.body.method === 'surface-net')
		.map(({ note, observedAt }) => ({
			noteId: note.id,
			by: 'net',
			count: [...note.body.lots, ...(note.body.unnamed ?? [])].reduce(
				(sum, { stage, count }) => (HATCHING.has(stage) ? sum + count : sum),
				0
			),
			at: observedAt
		}));
	return [...seen, ...netted].sort((a, b) => a.at.getTime() - b.at.getTime());
}

/** The last of each way of looking against the most before it. */
function thinning(met: readonly Met[], table: Weights['fading']): StateEvidence[] {
	const ways = new Map<string, Met[]>();
	for (const one of met) ways.set(one.by, [...(ways.get(one.by) ?? []), one]);
	return [...ways.values()].flatMap((same): StateEvidence[] => {
		const last = same.at(-1);
		const most = Math.max(...same.slice(0, -1).map(({ count }) => count));
		if (!last || same.length === 1 || Math.max(most, last.count) < table.hatchFrom) return [];
		if (last.count <= table.thinnedTo * most)
			return [{ noteId: last.noteId, says: says('thinned'), weight: table.thinned }];
		return last.count >= most ? [{ noteId: last.noteId, says: says('holds'), weight: table.holds }] : [];
	});
}

/** Fewer have no pace. */
const SOME_RISES = 3;

function isSlow(rises: readonly LiveNote<'rise'>[], slowPaceS: number): boolean {
	const [first, last] = [rises[0], rises.at(-1)];
	if (!first || !last || rises.length < SOME_RISES) return false;
	const seconds = (last.observedAt.getTime() - first.observedAt.getTime()) / 1000;
	return seconds / (rises.length - 1) >= slowPaceS;
}

/** Fish that do not feed lie deep; what a hatch leaves lies in the film. */
const NOT_FEEDING: Hypothesis = { ...ANYTHING, id: 'not-feeding', kind: 'not-feeding', zone: 'bed' };
const FADES: Hypothesis = { ...ANYTHING, id: 'fading', kind: 'fading', zone: 'in-film' };
