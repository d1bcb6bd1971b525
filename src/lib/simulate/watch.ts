import { findTaxon, type LifeStage, type Place, type WaterKind } from '$lib/core/atlas';
import { normal, pickWeighted, type Random } from '$lib/core/math';
import { usualWaterC } from '$lib/core/hatch';
import type { Note } from '$lib/core/note';
import { CLEAR_FORMS, type ClearForm, type Lie, type RiseForm } from '$lib/core/vocabulary';
import { driftOf, feed, type Meal, type Prey, type RiverDay, type StandInFish } from './feeding';
import { asKnown, look, ridesHigh, sampled, takenFor, type Write } from './looking';
import { simulatedNoteId } from './outing';

/**
 * Kinds of day and of guide, each with its own difficulty: the usual; one who only looks and never nets; one who knows
 * groups and no taxa; one who counts rises and nothing else; one in haste; still water; winter; dusk; a fish that
 * switches to something else in the middle.
 */
export const WATCH_KINDS = [
	'usual',
	'looker',
	'groups',
	'counter',
	'hasty',
	'lake',
	'winter',
	'dusk',
	'switching'
] as const;
export type WatchKind = (typeof WATCH_KINDS)[number];

/** A watch on a stand-in fish: the notes a guide made of it, and what it truly ate. */
export interface StandInWatch {
	place: Place;
	notes: Note[];
	watchId: string;
	/** When it began, and when it ended. */
	startsAt: Date;
	endsAt: Date;
	truth: { taxonId: string; stage: LifeStage; share: number };
	kind: WatchKind;
	/** For a fish that switches: when, and from what it ate most of to what. */
	switchedAt?: Date;
	turned?: { from: Prey; to: Prey };
	/** Nothing in the notes showed the food itself. */
	unseen: boolean;
	/** Times of all rises that could be seen, for those who study rhythm. */
	meals: readonly Meal[];
	fish: StandInFish;
	drift: readonly Prey[];
	day: RiverDay;
}

export const MINUTES = 15;
/** A guide misses so many rises, and misnames so many. */
export const MISSES = 0.15;
const MISNAMES = 0.12;
/** A fish that rises more seldom is not watched, but in winter. */
export const LEAST_RISES = 4;
/** A fish is on something when it makes up so much of what it eats. */
export const ON_SOMETHING = 0.5;

/**
 * Draws watches until one has a fish that rises and is on something. Place, day and hour are of any season; the
 * notes are what a guide would make in a quarter of an hour, with human error.
 */
export function standInWatch(random: Random, kind: WatchKind = 'usual'): StandInWatch {
	for (;;) {
		const watch = tryWatch(random, kind);
		if (watch) return watch;
	}
}

/** Some fish of the stand-in river. */
export function someFish(random: Random): StandInFish {
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
		]),
		looksUp: Math.exp(normal(random, 0, 0.35)),
		manner: mannerOf(random)
	};
}

/** How one fish rises, against the mean fish. */
const mannerOf = (random: Random): StandInFish['manner'] =>
	Object.fromEntries(
		CLEAR_FORMS.map((form) => [form, Math.exp(normal(random, 0, 0.5))])
	) as StandInFish['manner'];
/** To one who does not know the fish, its rises together say as much as so many that each said all they can. */
export const MANNER_SAYS = 12;

/** Whether a note tells of the food by its name. */
function isNamed(food: { taxonId: string; stage: LifeStage }, notes: readonly Note[]): boolean {
	const group = findTaxon(food.taxonId)?.group;
	const isGroup = (one: { group: string; stage: LifeStage }) =>
		one.group === group && one.stage === food.stage;
	return notes.some(
		({ kind, body }) =>
			(kind === 'unnamed' && isGroup(body)) ||
			(kind === 'sample' && body.unnamed?.some(isGroup)) ||
			(kind === 'sample' &&
				body.lots.some((lot) => lot.taxonId === food.taxonId && lot.stage === food.stage)) ||
			((kind === 'sighting' || kind === 'drifted') &&
				body.taxonId === food.taxonId &&
				body.stage === food.stage)
	);
}

/** Where and when: any season's day but where the kind of watch has its own. */
function somewhere(random: Random, kind: WatchKind): RiverDay | undefined {
	const water =
		kind === 'lake'
			? 'lake'
			: pickWeighted<WaterKind>(random, [
					['freestone', 4],
					['tailwater', 3],
					['spring-creek', 3]
				]);
	const place: Place = { latitude: 47, longitude: 0, elevationM: Math.round(350 + 500 * random()), water };
	const dayOfYear = kind === 'winter' ? Math.round(310 + 110 * random()) : Math.round(75 + 215 * random());
	const hour =
		kind === 'dusk' ? 19 + 3 * random() : kind === 'winter' ? 10 + 5 * random() : 8.5 + 12 * random();
	const at = new Date(Date.UTC(2025, 0, dayOfYear, 0, Math.round(60 * hour)));
	const waterC = Math.max(kind === 'winter' ? 1 : 3, usualWaterC(place, at) + normal(random, 0, 1.3));
	const day = { place, at, waterC, dull: random() < 0.45, windMs: Math.abs(normal(random, 1.6, 1.4)) };
	return waterC < 5 && kind !== 'winter' ? undefined : day;
}

/** By how much a guide's thermometer is out, °C. */
export const THERMOMETER_C = 0.3;

/** Minutes before its end at which a fish that switches changed. */
export const SWITCHED_FOR_MIN = 9;

function tryWatch(random: Random, kind: WatchKind): StandInWatch | undefined {
	const day = somewhere(random, kind);
	if (!day) return undefined;
	const fish = someFish(random);
	const before = driftOf(day, random);
	const eaten = feed(before, fish, MINUTES, random);
	// Half of the fish that may turn to something else do.
	const switches = kind === 'switching' && random() < 0.5;
	const drift = switches ? turned(before, driftOf(day, random), random) : before;
	const later = switches ? feed(drift, fish, SWITCHED_FOR_MIN, random) : eaten;
	const seen = (switches ? [eaten, later] : [eaten]).map(
		({ meals }) => meals.filter(({ form }) => form).length
	);
	if (kind !== 'winter' && seen.some((rises) => rises < LEAST_RISES)) return undefined;
	const food = mostEaten(later.meals);
	if (!food || food.share < ON_SOMETHING) return undefined;
	if (switches) {
		const first = mostEaten(eaten.meals);
		if (!first || first.share < ON_SOMETHING) return undefined;
		if (first.stage === food.stage && first.taxonId === food.taxonId) return undefined;
	}
	const { notes, watchId } = writeDown(day, fish, before, eaten, random, kind);
	const endsAt = new Date(day.at.getTime() + (MINUTES + (switches ? SWITCHED_FOR_MIN : 0)) * 60_000);
	const switchedAt = new Date(day.at.getTime() + MINUTES * 60_000);
	if (switches) {
		notes.push(...notesOfFish(switchedAt, watchId, drift, later, random));
		const write = writer(notes, switchedAt, random);
		if (random() < LOOKS_AGAIN.eye) look(drift, write, random, true, 120 + 200 * random());
		if (random() < LOOKS_AGAIN.net) write(200 + 200 * random(), sampled('surface-net', drift, random));
	}
	return {
		place: day.place,
		notes,
		watchId,
		startsAt: day.at,
		endsAt,
		truth: food,
		kind,
		...(switches && { switchedAt, turned: { from: commonest(eaten.meals), to: commonest(later.meals) } }),
		unseen: !isNamed(food, notes),
		meals: later.meals,
		fish,
		drift,
		day
	};
}

/** How often a guide looks about and nets anew when a fish has changed. */
export const LOOKS_AGAIN = { eye: 0.6, net: 0.3 };

/** What drifts by once something else has come on, a hatch or a fall, and what was there thins out. */
export function turned(before: readonly Prey[], other: readonly Prey[], random: Random): Prey[] {
	const most = Math.max(...before.map(({ perMinute }) => perMinute));
	const coming = pickWeighted(
		random,
		other.filter(({ zone }) => zone !== 'bed').map((prey) => [prey, prey.perMinute] as const)
	);
	const key = ({ taxonId, stage }: Prey) => `${taxonId}/${stage}`;
	return [
		...before
			.filter((prey) => key(prey) !== key(coming))
			.map((prey) => ({ ...prey, perMinute: prey.perMinute * (0.3 + 0.4 * random()) })),
		{ ...coming, perMinute: Math.max(coming.perMinute, most * (1 + random())) }
	];
}

function commonest(meals: readonly Meal[]): Prey {
	const [best] = [...preysOf(meals)].sort((a, b) => b[1] - a[1]);
	if (!best) throw new RangeError('it ate nothing');
	return best[0];
}

function preysOf(meals: readonly Meal[]): Map<Prey, number> {
	const counts = new Map<Prey, number>();
	for (const { prey } of meals) counts.set(prey, (counts.get(prey) ?? 0) + 1);
	return counts;
}

export function mostEaten(meals: readonly Meal[]): StandInWatch['truth'] | undefined {
	if (meals.length === 0) return undefined;
	const best = commonest(meals);
	const eaten = meals.filter(({ prey }) => prey === best).length;
	return { taxonId: best.taxonId, stage: best.stage, share: eaten / meals.length };
}

type Eaten = ReturnType<typeof feed>;

const writer =
	(notes: Note[], at: Date, random: Random): Write =>
	(atS, note) => {
		const when = new Date(at.getTime() + atS * 1000);
		const id = simulatedNoteId(random, when);
		notes.push({ id, at: when, ...note });
		return id;
	};

/** How much of what can be noted each kind of guide notes. */
export const HABITS: Record<WatchKind, { kick: number; net: number; eye: number; follows: number }> = {
	usual: { kick: 0.25, net: 0.6, eye: 0.4, follows: 1 },
	looker: { kick: 0, net: 0, eye: 1, follows: 0.6 },
	groups: { kick: 0.25, net: 0.6, eye: 0.6, follows: 0 },
	counter: { kick: 0, net: 0, eye: 0, follows: 0 },
	hasty: { kick: 0, net: 0.25, eye: 0.25, follows: 0.2 },
	lake: { kick: 0, net: 0.5, eye: 0.5, follows: 0.6 },
	winter: { kick: 0.7, net: 0.3, eye: 0.4, follows: 0.5 },
	dusk: { kick: 0.1, net: 0.5, eye: 0.4, follows: 0.3 },
	switching: { kick: 0.25, net: 0.6, eye: 0.4, follows: 1 }
};

function writeDown(
	{ at, waterC, dull, windMs }: RiverDay,
	fish: StandInFish,
	drift: readonly Prey[],
	eaten: Eaten,
	random: Random,
	kind: WatchKind
): { notes: Note[]; watchId: string } {
	const notes: Note[] = [];
	const write = writer(notes, at, random);
	const habits = HABITS[kind];
	write(-900, {
		kind: 'conditions',
		body: {
			waterC: Math.round((waterC + normal(random, 0, THERMOMETER_C)) * 10) / 10,
			sky: dull ? 'overcast' : 'broken',
			windMs: Math.round(windMs * 2) / 2
		}
	});
	const named = kind !== 'groups';
	if (random() < habits.kick) write(-850, asKnown(sampled('kick-net', drift, random), named));
	if (random() < habits.net)
		write(-600 + 300 * random(), asKnown(sampled('surface-net', drift, random), named));
	if (random() < habits.eye) look(drift, write, random, named);
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
	notes.push(...notesOfFish(at, watchId, drift, eaten, random, habits.follows));
	const rising = eaten.meals.filter(({ form }) => form).length;
	if (kind === 'counter' || (kind === 'winter' && rising === 0))
		write(MINUTES * 60 - 1, {
			kind: 'looked',
			body: { rising: rising === 0 ? 0 : 1 + Math.floor(4 * random()), minutes: MINUTES }
		});
	return { notes, watchId };
}

/** How much of what rides high is followed with the eye: of what vanishes in a rise, and of what drifts by. */
export const FOLLOWED = { taken: 0.3, passed: 0.35, most: 14 };

/** What a guide notes of a fish from some time on: its rises, and what drifts over it. */
function notesOfFish(
	at: Date,
	watchId: string,
	drift: readonly Prey[],
	{ meals, passed }: Eaten,
	random: Random,
	follows = 1
): Note[] {
	const notes: Note[] = [];
	const write = writer(notes, at, random);
	for (const { atS, prey, form } of meals) {
		if (!form || random() < MISSES) continue;
		write(atS, { kind: 'rise', body: { form: namedAs(form, random), watchId } });
		// Something that rides high and vanishes in a rise was seen to be taken, now and then.
		if (ridesHigh(prey) && random() < FOLLOWED.taken * follows)
			write(atS + 1, { kind: 'drifted', body: { watchId, ...takenFor(prey, drift, random), fate: 'taken' } });
	}
	let followed = 0;
	for (const { atS, prey } of passed) {
		if (!ridesHigh(prey) || followed >= FOLLOWED.most || random() > FOLLOWED.passed * follows) continue;
		followed++;
		write(atS, { kind: 'drifted', body: { watchId, ...takenFor(prey, drift, random), fate: 'passed' } });
	}
	return notes;
}

function namedAs(form: ClearForm, random: Random): RiseForm {
	if (random() >= MISNAMES) return form;
	return random() < 0.3 ? 'unsure' : (CLEAR_FORMS[Math.floor(random() * CLEAR_FORMS.length)] ?? form);
}
