import { findTaxon, TAXA, type LifeStage, type Taxon } from '$lib/core/atlas';
import { normal, type Random } from '$lib/core/math';
import type { Note } from '$lib/core/note';
import { CLEAR_FORMS, type ClearForm } from '$lib/core/vocabulary';
import { driftOfTaxon, feed, formChance, type Meal, type Prey, type StandInFish } from './feeding';
import { abundanceOf, inSight, meanCaught, NET_MINUTES, OVERLOOKED, ridesHigh } from './looking';
import {
	FOLLOWED,
	HABITS,
	LEAST_RISES,
	LOOKS_AGAIN,
	MANNER_SAYS,
	MINUTES,
	MISSES,
	mostEaten,
	ON_SOMETHING,
	someFish,
	SWITCHED_FOR_MIN,
	THERMOMETER_C,
	turned,
	type StandInWatch
} from './watch';

/** What a fish may be on, and how likely that is. */
export interface Known {
	taxonId: string;
	stage: LifeStage;
	probability: number;
}

/** How many rivers are drawn of each kind that was met, of each that was not, and how many of all together. */
export interface Draws {
	met: number;
	unmet: number;
	together: number;
}
const DRAWS: Draws = { met: 600, unmet: 120, together: 500 };

/**
 * What a reader would say who knows every rule of the stand-in river and of its guides, but of this day nothing
 * beyond what was noted: rivers are drawn by those rules, each kind's in proportion to how likely it makes what nets
 * and eyes showed of it, a fish is fed on each, and those weigh that make the notes of the fish likely (importance
 * sampling; Robert & Casella 2004, Monte Carlo statistical methods, ch. 3 and 14). More draws only come nearer to what
 * such a reader could say.
 */
export function oneWhoKnows(watch: StandInWatch, random: Random, draws: Draws = DRAWS): Known[] {
	const { notes, startsAt, endsAt, kind } = watch;
	const before = notes.filter(({ at }) => at < startsAt);
	const long = endsAt.getTime() - startsAt.getTime() > (MINUTES + 1) * MINUTE_MS;
	const turnsAt = startsAt.getTime() + MINUTES * MINUTE_MS;
	const first = ofFish(notes, startsAt.getTime(), long ? turnsAt : Infinity);
	const later = long ? ofFish(notes, turnsAt, Infinity) : undefined;
	const candidates = TAXA.map((taxon) => candidatesOf(taxon, watch, before, random, draws));
	const sampling = candidates.filter(({ rivers }) => rivers.some((river) => river.length > 0));
	const sight = sightOf(before, HABITS[kind].eye);

	const weights = new Map<string, Known>();
	const logs: { log: number; food: { taxonId: string; stage: LifeStage } }[] = [];
	for (let i = 0; i < draws.together || (logs.length < LEAST_KEPT && i < MOST_TIMES * draws.together); i++) {
		const drift = sampling.flatMap((one) => one.likely(random));
		const { habit, looksUp, manner } = someFish(random);
		const fish = { ...watch.fish, habit, looksUp, manner };
		let log = sight(drift) + (kind === 'groups' ? groupTotals(before, drift) : 0);
		const eaten = feed(drift, fish, MINUTES, random);
		if (!holds(eaten.meals, kind)) continue;
		log += likelihood(first, eaten, fish, HABITS[kind].follows);
		let food = mostEaten(eaten.meals);
		if (later) {
			const turns = random() < 0.5;
			const other = turns
				? turned(
						drift,
						sampling.flatMap((one) => one.any(random)),
						random
					)
				: drift;
			const after = feed(other, fish, SWITCHED_FOR_MIN, random);
			if (!holds(after.meals, kind)) continue;
			log +=
				likelihood(later, after, fish, 1) +
				nets(later.notes, other) +
				sightOf(later.notes, LOOKS_AGAIN.eye)(other);
			food = mostEaten(after.meals);
		}
		if (food && food.share >= ON_SOMETHING) logs.push({ log, food });
	}
	const most = Math.max(...logs.map(({ log }) => log));
	let all = 0;
	for (const { log, food } of logs) {
		const key = `${food.taxonId}/${food.stage}`;
		const own = weights.get(key) ?? { taxonId: food.taxonId, stage: food.stage, probability: 0 };
		own.probability += Math.exp(log - most);
		all += Math.exp(log - most);
		weights.set(key, own);
	}
	return [...weights.values()].map((one) => ({ ...one, probability: one.probability / all }));
}

/** So many rivers with a fish that could have been watched there are at least, as far as so many times the draws find them. */
const LEAST_KEPT = 40;
const MOST_TIMES = 12;

const MINUTE_MS = 60_000;

/** A stand-in watch is kept when its fish is seen to rise often enough, but in winter. */
const holds = (meals: readonly Meal[], kind: StandInWatch['kind']): boolean =>
	kind === 'winter' || meals.filter(({ form }) => form).length >= LEAST_RISES;

interface Candidates {
	rivers: Prey[][];
	/** One of them, by what was noted of it before the watch. */
	likely: (random: Random) => Prey[];
	any: (random: Random) => Prey[];
}

function candidatesOf(
	taxon: Taxon,
	{ day }: StandInWatch,
	before: readonly Note[],
	random: Random,
	draws: Draws
): Candidates {
	const isMet = before.some(
		({ kind, body }) =>
			(kind === 'sample' && body.lots.some(({ taxonId }) => taxonId === taxon.id)) ||
			(kind === 'sighting' && body.taxonId === taxon.id)
	);
	const rivers = Array.from({ length: isMet ? draws.met : draws.unmet }, () =>
		driftOfTaxon(taxon, { ...day, waterC: day.waterC + normal(random, 0, THERMOMETER_C) }, random)
	);
	const logs = rivers.map((river) => ofTaxon(taxon, river, before));
	const most = Math.max(...logs);
	let sum = 0;
	const cumulative = logs.map((log) => (sum += Math.exp(log - most)));
	return {
		rivers,
		likely: (draw) => {
			const at = draw() * sum;
			return rivers[cumulative.findIndex((upTo) => upTo >= at)] ?? [];
		},
		any: (draw) => rivers[Math.floor(draw() * rivers.length)] ?? []
	};
}

/** Mistakes happen to everyone: nothing is impossible. */
const MISTAKEN = 0.003;

/** How likely a count is that guides write down, who are out by some 15 in 100, when so many are caught on average. */
function countChance(count: number, mean: number): number {
	if (mean <= 0) return count === 0 ? 1 : MISTAKEN;
	const off = count === 0 ? [1] : [0.83, 1, 1.2];
	const chance = off.reduce((total, by) => total + poissonChance(count, mean * by), 0) / off.length;
	return (1 - MISTAKEN) * chance + MISTAKEN / (1 + count);
}

function poissonChance(count: number, mean: number): number {
	let log = -mean + count * Math.log(mean);
	for (let k = 2; k <= count; k++) log -= Math.log(k);
	return Math.exp(log);
}

/** How likely a river of one taxon makes what nets held and eyes saw of it. */
function ofTaxon(taxon: Taxon, river: readonly Prey[], notes: readonly Note[]): number {
	let log = nets(notes, river, taxon);
	const sighted = notes.filter((note) => note.kind === 'sighting');
	for (const { stage } of taxon.stages) {
		const prey = river.find((one) => one.stage === stage);
		const seen = sighted.find(({ body }) => body.taxonId === taxon.id && body.stage === stage);
		if (seen) log += Math.log(prey && abundanceOf(prey) === seen.body.abundance ? 1 : MISTAKEN * 10);
	}
	return log;
}

/** How likely the nets among some notes are, by one taxon's river or by all that drifts by. */
function nets(notes: readonly Note[], drift: readonly Prey[], taxon?: Taxon): number {
	let log = 0;
	for (const { kind, body } of notes) {
		if (kind !== 'sample') continue;
		const { method } = body;
		if (!(method in NET_MINUTES)) continue;
		const mean = (prey: Prey | undefined) =>
			prey ? meanCaught(prey, method as keyof typeof NET_MINUTES) : 0;
		const stages = taxon
			? taxon.stages.map(({ stage }) => ({ taxonId: taxon.id, stage }))
			: [...drift, ...body.lots.filter((lot) => !drift.some((prey) => isSame(prey, lot)))];
		for (const one of stages) {
			const prey = drift.find((other) => isSame(other, one));
			const m = mean(prey);
			const lots = body.unnamed?.filter(
				(lot) =>
					lot.group === findTaxon(one.taxonId)?.group &&
					lot.stage === one.stage &&
					prey !== undefined &&
					Math.abs((lot.lengthMm ?? prey.lengthMm) - prey.lengthMm) < ALIKE * prey.lengthMm
			);
			if (body.unnamed) {
				log += Math.log(Math.max(countChance(0, m), ...(lots ?? []).map((lot) => countChance(lot.count, m))));
				continue;
			}
			const count = body.lots.find((lot) => isSame(lot, one))?.count ?? 0;
			const overlooked = count === 0 && prey && prey.lengthMm <= OVERLOOKED.toMm ? OVERLOOKED.share : 0;
			log += Math.log((1 - overlooked) * countChance(count, m) + overlooked);
		}
	}
	return log;
}
const ALIKE = 0.25;
const isSame = (a: { taxonId: string; stage: string }, b: { taxonId: string; stage: string }): boolean =>
	a.taxonId === b.taxonId && a.stage === b.stage;

/** Of a net whose animals are known by group alone, how likely its sums are. */
function groupTotals(notes: readonly Note[], drift: readonly Prey[]): number {
	let log = 0;
	for (const { kind, body } of notes) {
		if (kind !== 'sample' || !body.unnamed) continue;
		const sums = new Map<string, { mean: number; count: number }>();
		const of = (key: string) => {
			const sum = sums.get(key) ?? { mean: 0, count: 0 };
			sums.set(key, sum);
			return sum;
		};
		for (const prey of drift)
			of(`${findTaxon(prey.taxonId)?.group}/${prey.stage}`).mean += meanCaught(
				prey,
				body.method as keyof typeof NET_MINUTES
			);
		for (const lot of body.unnamed) of(`${lot.group}/${lot.stage}`).count += lot.count;
		for (const { mean, count } of sums.values()) log += Math.log(countChance(count, mean));
	}
	return log;
}

/** How likely what an eye saw is, of all that rides high: the three commonest, or that nobody looked. */
function sightOf(notes: readonly Note[], looks: number): (drift: readonly Prey[]) => number {
	const named = notes.flatMap((note) => (note.kind === 'sighting' ? [note.body] : []));
	const grouped = notes.flatMap((note) => (note.kind === 'unnamed' ? [note.body] : []));
	const seen = named.length + grouped.length;
	return (drift) => {
		const visible = inSight(drift);
		if (seen === 0) return Math.log(1 - looks + (visible.length === 0 ? looks : 0) + MISTAKEN);
		let log = visible.length === seen ? 0 : Math.log(MISTAKEN * 10);
		for (const prey of visible) {
			const group = findTaxon(prey.taxonId)?.group;
			const told = [...named, ...grouped.filter((one) => one.group === group)].some(
				(one) =>
					one.stage === prey.stage &&
					one.abundance === abundanceOf(prey) &&
					(!('taxonId' in one) || one.taxonId === prey.taxonId)
			);
			if (!told) log += Math.log(MISTAKEN * 20);
		}
		return log;
	};
}

interface OfFish {
	notes: Note[];
	rises: Extract<Note, { kind: 'rise' }>[];
	drifted: Extract<Note, { kind: 'drifted' }>[];
}

function ofFish(notes: readonly Note[], from: number, to: number): OfFish {
	const own = notes.filter(({ at }) => at.getTime() >= from && at.getTime() < to);
	return {
		notes: own,
		rises: own.filter((note) => note.kind === 'rise'),
		drifted: own.filter((note) => note.kind === 'drifted')
	};
}

/** How likely a fish that ate so makes what was noted of it: so many rises, of such forms, and what was taken and passed. */
function likelihood(
	{ rises, drifted }: OfFish,
	{ meals, passed }: ReturnType<typeof feed>,
	fish: StandInFish,
	follows: number
): number {
	const shown = meals.filter(({ form }) => form);
	let log = Math.log(countChance(rises.length, shown.length * (1 - MISSES)));
	const kinds = new Map<Prey, number>();
	for (const { prey } of shown) kinds.set(prey, (kinds.get(prey) ?? 0) + 1);
	const forms = new Map<ClearForm, number>();
	for (const clear of CLEAR_FORMS) {
		const count = rises.filter(({ body }) => body.form === clear).length;
		if (count > 0) forms.set(clear, count);
	}
	// Its own manner is unknown: rises of one fish are Dirichlet-multinomial about the mean fish's.
	let all = 0;
	for (const [form, count] of forms) {
		let chance = MISTAKEN;
		for (const [prey, times] of kinds) chance += (times / shown.length) * formChance(prey, fish, form);
		for (let k = 0; k < count; k++) log += Math.log((MANNER_SAYS * chance + k) / (MANNER_SAYS + all++));
	}
	const tallies = new Map<string, { taken: number; passed: number; takes: number; passes: number }>();
	const of = ({ taxonId, stage }: { taxonId: string; stage: string }) => {
		const key = `${taxonId}/${stage}`;
		const tally = tallies.get(key) ?? { taken: 0, passed: 0, takes: 0, passes: 0 };
		tallies.set(key, tally);
		return tally;
	};
	for (const { prey } of shown) if (ridesHigh(prey)) of(prey).takes += 1 - MISSES;
	for (const { prey } of passed) if (ridesHigh(prey)) of(prey).passes++;
	const followed = drifted.filter(({ body }) => body.fate === 'passed').length;
	const most = [...tallies.values()].reduce((sum, { passes }) => sum + passes, 0) * FOLLOWED.passed * follows;
	const upTo = followed >= FOLLOWED.most ? Math.min(1, FOLLOWED.most / Math.max(1, most)) : 1;
	for (const { body } of drifted) of(body)[body.fate === 'taken' ? 'taken' : 'passed']++;
	if (follows > 0)
		for (const { taken, passed: went, takes, passes } of tallies.values()) {
			log += Math.log(countChance(taken, takes * FOLLOWED.taken * follows));
			log += Math.log(countChance(went, passes * FOLLOWED.passed * follows * upTo));
		}
	return log;
}
