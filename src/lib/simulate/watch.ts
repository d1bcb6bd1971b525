import { findTaxon, type LifeStage, type Place, type WaterKind } from '$lib/core/atlas';
import { normal, pickWeighted, poisson, type Random } from '$lib/core/math';
import { usualWaterC } from '$lib/core/hatch';
import type { Lot, Note } from '$lib/core/note';
import { CLEAR_FORMS, type Lie, type RiseForm, type SampleMethod } from '$lib/core/vocabulary';
import { driftOf, feed, type Meal, type Prey, type RiverDay, type StandInFish } from './feeding';
import { simulatedNoteId, type Unwritten } from './outing';

/** A watch on a stand-in fish: the notes a guide made of it, and what it truly ate. */
export interface StandInWatch {
	place: Place;
	notes: Note[];
	watchId: string;
	endsAt: Date;
	truth: { taxonId: string; stage: LifeStage; share: number };
	/** Nothing in the notes showed the food itself. */
	unseen: boolean;
	/** Times of all rises that could be seen, for those who study rhythm. */
	meals: readonly Meal[];
	fish: StandInFish;
	drift: readonly Prey[];
	day: RiverDay;
}

const MINUTES = 15;
/** A guide misses so many rises, misnames so many, and takes one thing for another in a net. */
const MISSES = 0.15;
const MISNAMES = 0.12;
const MISTAKES = 0.06;
/** A fish is on something when it makes up so much of what it eats. */
const ON_SOMETHING = 0.5;

/**
 * Draws watches until one has a fish that rises and is on something. Place, day and hour are of any season; the
 * notes are what a guide would make in a quarter of an hour, with human error.
 */
export function standInWatch(random: Random): StandInWatch {
	for (;;) {
		const watch = tryWatch(random);
		if (watch) return watch;
	}
}

/** Some fish of the stand-in river. */
function someFish(random: Random): StandInFish {
	return {
		size: pickWeighted<StandInFish['size']>(random, [
			['small', 3],
			['middling', 4],
			['large', 2]
		]),
		depthM: 0.3 + 0.7 * random(),
		speedMs: 0.15 + 0.65 * random(),
		holding: random() < 0.8 ? 'on-station' : 'cruising',
		habit: pickWeighted<StandInFish['habit']>(random, [
			['steady', 5],
			['bursts', 3],
			['roaming', 1.5]
		])
	};
}

/** Whether a note tells of the food by its name. */
function isNamed(food: { taxonId: string; stage: LifeStage }, notes: readonly Note[]): boolean {
	return notes.some(
		({ kind, body }) =>
			(kind === 'sample' &&
				body.lots.some((lot) => lot.taxonId === food.taxonId && lot.stage === food.stage)) ||
			((kind === 'sighting' || kind === 'drifted') &&
				body.taxonId === food.taxonId &&
				body.stage === food.stage)
	);
}

function tryWatch(random: Random): StandInWatch | undefined {
	const water = pickWeighted<WaterKind>(random, [
		['freestone', 4],
		['tailwater', 3],
		['spring-creek', 3]
	]);
	const place: Place = { latitude: 47, longitude: 0, elevationM: Math.round(350 + 500 * random()), water };
	const begins = new Date(
		Date.UTC(2025, 0, Math.round(75 + 215 * random()), 0, Math.round(60 * (8.5 + 12 * random())))
	);
	const day: RiverDay = {
		place,
		at: begins,
		waterC: Math.max(3, usualWaterC(place, begins) + normal(random, 0, 1.3)),
		dull: random() < 0.45,
		windMs: Math.abs(normal(random, 1.6, 1.4))
	};
	if (day.waterC < 5) return undefined;
	const fish = someFish(random);
	const drift = driftOf(day, random);
	const { meals, passed } = feed(drift, fish, MINUTES, random);
	const seen = meals.filter(({ form }) => form);
	if (seen.length < 4) return undefined;
	const food = mostEaten(meals);
	if (!food || food.share < ON_SOMETHING) return undefined;
	const { notes, watchId } = writeDown(day, fish, drift, meals, passed, random);
	return {
		place,
		notes,
		watchId,
		endsAt: new Date(begins.getTime() + MINUTES * 60_000),
		truth: food,
		unseen: !isNamed(food, notes),
		meals,
		fish,
		drift,
		day
	};
}

function mostEaten(meals: readonly Meal[]): StandInWatch['truth'] | undefined {
	const counts = new Map<Prey, number>();
	for (const { prey } of meals) counts.set(prey, (counts.get(prey) ?? 0) + 1);
	const [best] = [...counts].sort((a, b) => b[1] - a[1]);
	return best && { taxonId: best[0].taxonId, stage: best[0].stage, share: best[1] / meals.length };
}

function writeDown(
	{ place, at, waterC, dull, windMs }: RiverDay,
	fish: StandInFish,
	drift: readonly Prey[],
	meals: readonly Meal[],
	passed: readonly { atS: number; prey: Prey }[],
	random: Random
): { notes: Note[]; watchId: string } {
	const notes: Note[] = [];
	const write = (atS: number, note: Unwritten): string => {
		const when = new Date(at.getTime() + atS * 1000);
		const id = simulatedNoteId(random, when);
		notes.push({ id, at: when, ...note });
		return id;
	};
	write(-900, {
		kind: 'conditions',
		body: {
			waterC: Math.round((waterC + normal(random, 0, 0.3)) * 10) / 10,
			sky: dull ? 'overcast' : 'broken',
			windMs: Math.round(windMs * 2) / 2
		}
	});
	if (random() < 0.25) write(-850, sampled('kick-net', drift, place, random, 14));
	if (random() < 0.6) write(-600 + 300 * random(), sampled('surface-net', drift, place, random, 9));
	if (random() < 0.4) look(drift, write, random);
	const watchId = write(0, {
		kind: 'watch',
		body: {
			event: 'begin',
			lie: pickWeighted<Lie>(random, [
				['seam', 3],
				['foam-lane', 2],
				['flat', 2],
				['edge', 2],
				['pocket', 1]
			]),
			holding: fish.holding,
			size: fish.size,
			speedMs: Math.round(fish.speedMs * 10) / 10,
			depthM: Math.round(fish.depthM * 10) / 10
		}
	});
	for (const { atS, prey, form } of meals) {
		if (!form || random() < MISSES) continue;
		write(atS, { kind: 'rise', body: { form: namedAs(form, random), watchId } });
		// Something that rides high and vanishes in a rise was seen to be taken, now and then.
		if (ridesHigh(prey) && random() < 0.3)
			write(atS + 1, { kind: 'drifted', body: { watchId, ...takenFor(prey, drift, random), fate: 'taken' } });
	}
	let followed = 0;
	for (const { atS, prey } of passed) {
		if (!ridesHigh(prey) || followed >= 14 || random() > 0.35) continue;
		followed++;
		write(atS, { kind: 'drifted', body: { watchId, ...takenFor(prey, drift, random), fate: 'passed' } });
	}
	return { notes, watchId };
}

const ridesHigh = ({ zone, lengthMm }: Prey): boolean => zone === 'on-film' && lengthMm > 5;

/** What the guide took it for: now and then something of the same look. */
function takenFor(prey: Prey, drift: readonly Prey[], random: Random): { taxonId: string; stage: LifeStage } {
	const like = drift.filter(
		(other) =>
			other.stage === prey.stage && findTaxon(other.taxonId)?.group === findTaxon(prey.taxonId)?.group
	);
	const one = random() < MISTAKES ? like[Math.floor(random() * like.length)] : prey;
	return { taxonId: (one ?? prey).taxonId, stage: (one ?? prey).stage };
}

function namedAs(form: RiseForm, random: Random): RiseForm {
	if (random() >= MISNAMES) return form;
	return random() < 0.3 ? 'unsure' : (CLEAR_FORMS[Math.floor(random() * CLEAR_FORMS.length)] ?? form);
}

/** Shares of what drifts at each height that a net holds, in so many minutes of drift. */
const CATCHES: Partial<Record<SampleMethod, Partial<Record<Prey['zone'], number>>>> = {
	'surface-net': { 'on-film': 0.8, 'in-film': 0.75, 'under-film': 0.3, drift: 0.08 },
	'kick-net': { drift: 0.5, bed: 1 }
};

function sampled(
	method: SampleMethod,
	drift: readonly Prey[],
	place: Place,
	random: Random,
	minutes: number
) {
	const lots = new Map<string, Lot>();
	for (const prey of drift) {
		const caught = CATCHES[method]?.[prey.zone] ?? 0;
		const bed = method === 'kick-net' ? 4 : 1;
		const count = poisson(random, prey.perMinute * caught * minutes * 0.35 * bed);
		if (count === 0) continue;
		const { taxonId, stage } = takenFor(prey, drift, random);
		const key = `${taxonId}/${stage}`;
		const about = Math.max(1, Math.round(count * Math.exp(normal(random, 0, 0.15))));
		const before = lots.get(key);
		if (before) before.count += about;
		else
			lots.set(key, {
				taxonId,
				stage,
				count: about,
				lengthMm: Math.round(prey.lengthMm * 2) / 2,
				measured: 'body'
			});
	}
	// Small ones are overlooked beside large ones.
	const kept = [...lots.values()].filter(({ lengthMm = 8 }) => lengthMm > 4 || random() < 0.7);
	return { kind: 'sample' as const, body: { method, lots: kept } };
}

function look(drift: readonly Prey[], write: (atS: number, note: Unwritten) => string, random: Random): void {
	const visible = drift.filter((prey) => ridesHigh(prey) && prey.perMinute > 0.3);
	for (const prey of visible.slice(0, 3)) {
		const abundance = prey.perMinute > 3 ? 'many' : prey.perMinute > 0.9 ? 'few' : 'single';
		write(-300 + 200 * random(), {
			kind: 'sighting',
			body: { ...takenFor(prey, drift, random), zone: 'on-film', abundance, sign: 'insects' }
		});
	}
}
