/**
 * The first fly of the shortlist and the advice that follows, against three other ways of going about it, on
 * stand-in fish that take flies by rules of their own. SEED and FISH choose others. Seeded; `npm run trial -- tie-on`.
 */
import { adviceFor, type Change } from '../../src/lib/core/advice';
import { likenessOf, SCHOOLS, variantOf, type Hypothesis } from '../../src/lib/core/likeness';
import { flyWaterOf, rigFor, shortlist } from '../../src/lib/core/match';
import { seededRandom, type Random } from '../../src/lib/core/math';
import type { Note } from '../../src/lib/core/note';
import { fishInHand, foldOuting, type Outing } from '../../src/lib/core/outing';
import { readWater } from '../../src/lib/core/reading';
import { PATTERNS } from '../../src/lib/core/tackle';
import {
	simulatedNoteId,
	standInTarget,
	standInWatch,
	type Presentation,
	type StandInWatch
} from '../../src/lib/simulate';
import { count, median, percent, quantile, table } from './print';

const FISH = Number(process.env['FISH'] ?? 1000);
const SEED = Number(process.env['SEED'] ?? 23_000);
/** Casts after which a guide goes on to another fish, and seconds for each. */
const MOST_CASTS = 80;
const CAST_S = 30;
/** Quiet casts after which each way thinks again. */
const BATCH = 6;

/** What a way does after an answer, or a batch of quiet casts: changes how it fishes, or rests for so many minutes. */
interface Way {
	begin(outing: Outing, watch: StandInWatch): Presentation;
	/** How the first cast is laid, with the fly tied on. */
	first?(outing: Outing, now: Presentation): Presentation;
	next(given: { outing: Outing; watch: StandInWatch; now: Presentation; step: number; random: Random }): {
		now: Presentation;
		restMin?: number;
	};
}

const readingOf = (outing: Outing) => readWater(outing, fishInHand(outing)?.id);

function rigged(outing: Outing, patternId: string, hookSize: number): Presentation {
	const pattern = PATTERNS.find(({ id }) => id === patternId);
	if (!pattern) throw new Error(patternId);
	const { tippetX } = rigFor(variantOf(pattern, hookSize), flyWaterOf(outing));
	return { pattern, hookSize, tippetX, from: 'below', mending: false };
}

function best(outing: Outing, index = 0): Presentation {
	const flies = shortlist(outing, readingOf(outing), { most: index + 1 });
	const fly = flies[index] ?? flies[0];
	if (!fly) throw new Error('no fly');
	return rigged(outing, fly.pattern.id, fly.hookSize);
}

/** The fly most like one natural, whatever else may be eaten. */
function matchOf(outing: Outing, hypothesis: Hypothesis): Presentation {
	let most = { like: -1, patternId: '', hookSize: 0 };
	for (const pattern of PATTERNS)
		for (const hookSize of pattern.sizes) {
			const like = likenessOf(variantOf(pattern, hookSize), hypothesis, SCHOOLS['posture-first']).total;
			if (like > most.like) most = { like, patternId: pattern.id, hookSize };
		}
	return rigged(outing, most.patternId, most.hookSize);
}

function mostAbundant(outing: Outing): Hypothesis | undefined {
	const counts = new Map<string, number>();
	for (const { note } of outing.samples)
		if (note.body.method === 'surface-net')
			for (const lot of note.body.lots)
				counts.set(
					`${lot.taxonId}/${lot.stage}`,
					(counts.get(`${lot.taxonId}/${lot.stage}`) ?? 0) + lot.count
				);
	for (const { note } of outing.sightings)
		counts.set(
			`${note.body.taxonId}/${note.body.stage}`,
			(counts.get(`${note.body.taxonId}/${note.body.stage}`) ?? 0) + 1
		);
	const [first] = [...counts].sort((a, b) => b[1] - a[1]);
	const { beliefs } = readingOf(outing);
	return (beliefs.find(({ hypothesis }) => hypothesis.id === first?.[0]) ?? beliefs[0])?.hypothesis;
}

const smaller = (now: Presentation): Presentation => {
	const size = now.pattern.sizes.find((s) => s > now.hookSize);
	return size ? { ...now, hookSize: size } : now;
};

function follow(now: Presentation, change: Change): { now: Presentation; restMin?: number } {
	switch (change.id) {
		case 'mend':
			return { now: { ...now, mending: true } };
		case 'longer':
			return { now: { ...now, long: true } };
		case 'strike':
			return { now: { ...now, waits: true } };
		case 'rest':
			return { now, restMin: change.minutes };
		case 'stay':
			return { now };
		default: {
			const pattern = PATTERNS.find(({ id }) => id === change.fly?.patternId) ?? now.pattern;
			return {
				now: {
					...now,
					pattern,
					hookSize: change.fly?.hookSize ?? now.hookSize,
					tippetX: change.tippetX ?? now.tippetX,
					from: change.from ?? now.from
				}
			};
		}
	}
}

const LAID_WELL = { mending: true, long: true, waits: true } as const;
const FINEST_X = 7;

/** What the fish truly eats, as long as it is. */
function truthOf(outing: Outing, { truth, drift }: StandInWatch): Hypothesis {
	const isTruth = (one: { taxonId: string; stage: string }) =>
		one.taxonId === truth.taxonId && one.stage === truth.stage;
	const prey = drift.find(isTruth);
	const { beliefs } = readingOf(outing);
	const hypothesis = (beliefs.find(({ hypothesis: one }) => isTruth(one)) ?? beliefs[0])?.hypothesis;
	if (!hypothesis || !prey) throw new Error('no truth');
	return { ...hypothesis, lengthMm: prey.lengthMm };
}

type Rung = (now: Presentation, outing: Outing) => { now: Presentation; restMin?: number };
const rungs = {
	mend: (now) => ({ now: { ...now, mending: true } }),
	finer: (now) => ({ now: { ...now, tippetX: Math.min(8, now.tippetX + 1) } }),
	side: (now) => ({ now: { ...now, from: 'side' } }),
	smaller: (now) => ({ now: smaller(now) })
} satisfies Record<string, Rung>;
const flyOf =
	(place: number): Rung =>
	(now, outing) => {
		const { pattern, hookSize } = best(outing, place);
		return { now: { ...now, pattern, hookSize } };
	};

/** Begins with the first of the shortlist, and goes from one rung to the next whatever the fish does. */
const ladder = (laid: Partial<Presentation>, all: readonly Rung[]): Way => ({
	begin: (outing) => ({ ...best(outing), ...laid }),
	next: ({ outing, now, step }) => all[step % all.length]?.(now, outing) ?? { now }
});

const WAYS: Record<string, Way> = {
	'Shortlist, then What next': {
		begin: (outing) => best(outing),
		first: (outing, now) =>
			(adviceFor(outing, readingOf(outing))?.firstCast ?? []).reduce(
				(so, change) => follow(so, change).now,
				now
			),
		next: ({ outing, now }) => {
			const advice = adviceFor(outing, readingOf(outing));
			return advice ? follow(now, advice.next) : { now };
		}
	},
	'Knows the fish': {
		begin: (outing, watch) => ({
			...matchOf(outing, truthOf(outing, watch)),
			...LAID_WELL,
			from: 'above',
			tippetX: FINEST_X
		}),
		next: ({ now }) => ({ now })
	},
	'Most abundant insect only': {
		begin: (outing) => {
			const hypothesis = mostAbundant(outing);
			return hypothesis ? matchOf(outing, hypothesis) : best(outing);
		},
		next: ({ now }) => ({ now })
	},
	'Shortlist, random changes': {
		begin: (outing) => best(outing),
		next: ({ outing, now, random }) => {
			const pick = Math.floor(random() * 6);
			if (pick === 0) return { now: { ...now, mending: true } };
			if (pick === 1) return { now: { ...now, tippetX: Math.min(8, now.tippetX + 1) } };
			if (pick === 2) return { now: { ...now, from: random() < 0.5 ? 'side' : 'above' } };
			if (pick === 3) return { now: smaller(now) };
			if (pick === 4) return { now, restMin: 5 };
			const { pattern, hookSize } = best(outing, Math.floor(random() * 12));
			return { now: { ...now, pattern, hookSize } };
		}
	},
	'Shortlist, ladder with a longer tippet': ladder({}, [
		rungs.mend,
		(now) => ({ now: { ...now, long: true, waits: true } }),
		rungs.finer,
		rungs.side,
		rungs.smaller,
		flyOf(1),
		flyOf(2),
		flyOf(3)
	]),
	'Shortlist, ladder that begins well': ladder(LAID_WELL, [
		rungs.finer,
		rungs.side,
		rungs.smaller,
		flyOf(1),
		flyOf(2),
		flyOf(3)
	]),
	'Shortlist, fixed ladder': ladder({}, [
		rungs.mend,
		rungs.finer,
		rungs.side,
		rungs.smaller,
		flyOf(1),
		flyOf(2),
		(now) => ({ now, restMin: 6 }),
		flyOf(3)
	])
};
/** Casts until the fish is hooked, or more than the most; and minutes. */
function fishTo(
	way: Way,
	watch: StandInWatch,
	seed: number
): { casts: number; minutes: number; hooked: boolean } {
	const random = seededRandom(seed);
	const prey = watch.drift.find(
		({ taxonId, stage }) => taxonId === watch.truth.taxonId && stage === watch.truth.stage
	);
	const begun = watch.notes.find((note) => note.kind === 'watch' && note.body.event === 'begin');
	if (!prey || begun?.kind !== 'watch' || begun.body.event !== 'begin') throw new Error('no prey');
	// Its temper is the same for every way.
	const target = standInTarget(watch.fish, begun.body.lie, prey, seededRandom(seed + 1));
	const notes: Note[] = [...watch.notes];
	const outingAt = (seconds: number) =>
		foldOuting(notes, watch.place, new Date(watch.endsAt.getTime() + seconds * 1000));
	let seconds = 0;
	const write = (note: object) => {
		const at = new Date(watch.endsAt.getTime() + seconds * 1000);
		notes.push({ id: simulatedNoteId(random, at), at, ...note } as Note);
	};
	let now = way.begin(outingAt(0), watch);
	const attempt = (outcome: string, more: object = {}) =>
		write({
			kind: 'attempt',
			body: { patternId: now.pattern.id, hookSize: now.hookSize, outcome, watchId: watch.watchId, ...more }
		});
	const rig = () =>
		write({
			kind: 'rig',
			body: {
				leaderM: 3.6,
				tippetX: now.tippetX,
				tippetM: now.long ? 1.6 : 1,
				from: now.from,
				mending: now.mending
			}
		});
	rig();
	attempt('tied-on');
	const laid = way.first?.(outingAt(1), now) ?? now;
	if (laid !== now) {
		now = laid;
		seconds += 60;
		rig();
	}
	let [quiet, dragged, step] = [0, 0, 0];
	const rises = (fromS: number, toS: number) => {
		if (target.risesWithin(fromS, toS))
			write({ kind: 'rise', body: { form: 'unsure', watchId: watch.watchId } });
	};
	for (let casts = 1; casts <= MOST_CASTS; casts++) {
		seconds += CAST_S;
		const seen = target.cast(now, seconds);
		rises(seconds - CAST_S, seconds);
		if (seen.dragged) dragged++;
		else quiet++;
		if (seen.answer === 'taken') return { casts, minutes: seconds / 60, hooked: true };
		if (!seen.answer && quiet + dragged < BATCH && dragged < 2) continue;
		const answer = seen.answer;
		const counts = { drifts: quiet, dragged };
		if (!answer) attempt('drifted', counts);
		else if (answer === 'late' || answer === 'early')
			attempt('refused', { ...counts, lastMoment: answer === 'late' });
		else attempt(answer, counts);
		[quiet, dragged] = [0, 0];
		const before = now;
		const { now: after, restMin } = way.next({ outing: outingAt(seconds), watch, now, step: step++, random });
		now = after;
		if (restMin) {
			for (let m = 0; m < restMin; m++) {
				seconds += 60;
				rises(seconds - 60, seconds);
			}
		} else if (now !== before) {
			seconds += now.pattern.id !== before.pattern.id || now.hookSize !== before.hookSize ? 100 : 60;
			if (
				now.tippetX !== before.tippetX ||
				now.from !== before.from ||
				now.mending !== before.mending ||
				now.long !== before.long
			)
				rig();
			if (now.pattern.id !== before.pattern.id || now.hookSize !== before.hookSize) attempt('tied-on');
		}
	}
	return { casts: MOST_CASTS + 1, minutes: seconds / 60, hooked: false };
}

const results = new Map(Object.keys(WAYS).map((name) => [name, [] as ReturnType<typeof fishTo>[]]));
const random = seededRandom(SEED);
for (let i = 0; i < FISH; i++) {
	const watch = standInWatch(random);
	for (const [name, way] of Object.entries(WAYS))
		results.get(name)?.push(fishTo(way, watch, SEED * 7 + 2 * i));
}
/** Median with a 95 % interval from 500 seeded bootstrap samples. */
function medianWithin(values: readonly number[]): string {
	const draw = seededRandom(3);
	const medians = Array.from({ length: 500 }, () =>
		median(values.map(() => values[Math.floor(draw() * values.length)] ?? 0))
	);
	return `${count(median(values))} (${count(quantile(medians, 0.025))} to ${count(quantile(medians, 0.975))})`;
}
console.log(
	`Tie on: ${FISH} stand-in fish, seed ${SEED}; at most ${MOST_CASTS} casts for each, one every ${CAST_S} s. Median casts to a hooked fish with 95 % interval.\n`
);
console.log(
	table(
		['', 'Casts', 'Minutes', 'Hooked in 20', 'Hooked in 40', 'Hooked at all'],
		[...results].map(([name, all]) => [
			name,
			medianWithin(all.map(({ casts }) => casts)),
			medianWithin(all.map(({ minutes }) => minutes)),
			percent(all.filter(({ casts }) => casts <= 20).length / FISH),
			percent(all.filter(({ casts }) => casts <= 40).length / FISH),
			percent(all.filter(({ hooked }) => hooked).length / FISH)
		])
	)
);
const [own, ...rest] = [...results.values()];
console.log('\nOf the fish that the two ways did not hook after as many casts, the first needed fewer in:');
for (const [i, name] of [...results.keys()].slice(1).entries()) {
	const other = rest[i] ?? [];
	const differ = (own ?? [])
		.map((mine, k) => [mine.casts, other[k]?.casts ?? 0] as const)
		.filter(([a, b]) => a !== b);
	console.log(
		`  ${name}: ${percent(differ.filter(([a, b]) => a < b).length / Math.max(1, differ.length))} of ${differ.length}`
	);
}
