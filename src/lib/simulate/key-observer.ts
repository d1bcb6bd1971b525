import {
	broodsIn,
	coloursOf,
	dateOf,
	referencePlace,
	zoneOf,
	type Lab,
	type Region,
	type StageTraits,
	type Taxon,
	type WaterKind
} from '$lib/core/atlas';
import { normal, type Random } from '$lib/core/math';
import {
	identify,
	measuredAnswers,
	MARKS,
	stateChances,
	type Answer,
	type Finding,
	type Identification,
	type MarkId
} from '$lib/core/key';
import { methodsReaching } from '$lib/core/reading';

/** How a simulated guide looks at an animal. */
export interface ObserverHabits {
	/** Share of answers that are wrong, 0 to 1. */
	wrong: number;
	/** Share of marks that can't be made out, 0 to 1. */
	cantSee: number;
	/** Always this order, in place of the key's own proposals. */
	order?: readonly MarkId[];
	/** Give up after so many questions. */
	most: number;
}

export interface KeySession {
	/** Questions asked until it was good enough to fish, or until there were no more. */
	asked: number;
	/** Whether it came to be good enough. */
	enough: boolean;
	/** Seconds of looking up to there. */
	effortS: number;
	/** Where the key stood when it was good enough. */
	stopped: Identification;
	/** Where it stood when every useful question had been answered. */
	carriedOn: Identification;
}

/**
 * A seeded guide who works through the key with one animal in hand, erring now and then: wrong answers are drawn
 * evenly from the other states, whatever the key assumes of errors.
 */
export function useKey(
	taxon: Taxon,
	traits: StageTraits,
	finding: Finding,
	{ wrong, cantSee, order, most }: ObserverHabits,
	random: Random,
	known: readonly Answer[] = []
): KeySession {
	const answers: Answer[] = [...known];
	let effortS = 0;
	let stop: Omit<KeySession, 'carriedOn'> | undefined;
	let now = identify(answers, finding);
	while (answers.length - known.length < most) {
		const mark = order ? order[answers.length - known.length] : now.questions[0]?.mark;
		if (!mark) break;
		effortS += MARKS[mark].effortS;
		answers.push({ mark, state: answerOf(taxon, traits, mark, wrong, cantSee, random) });
		now = identify(answers, finding);
		if (now.enough.yes)
			stop ??= { asked: answers.length - known.length, enough: true, effortS, stopped: now };
	}
	return {
		...(stop ?? { asked: answers.length - known.length, enough: false, effortS, stopped: now }),
		carriedOn: now
	};
}

/** A guide's measurement of a length is off by so much, one standard deviation of its logarithm. */
const MEASURES_WITHIN = 0.05;

/** A colour that the bench measured is off by so much in each of L*, a* and b*, one standard deviation. */
const COLOUR_WITHIN = 2;
const offBy = ({ l, a, b }: Lab, random: Random): Lab => ({
	l: l + normal(random, 0, COLOUR_WITHIN),
	a: a + normal(random, 0, COLOUR_WITHIN),
	b: b + normal(random, 0, COLOUR_WITHIN)
});

/** What the photo bench tells of one such animal before a question is asked: its length, and the colours of belly and back. */
export function benchAnswers(traits: StageTraits, random: Random): Answer[] {
	const { least, typical, most } = traits.lengthMm;
	const drawn = typical * Math.exp(normal(random, 0, Math.log(most / least) / 4));
	const lengthMm = Math.min(most, Math.max(least, drawn)) * Math.exp(normal(random, 0, MEASURES_WITHIN));
	const { belly, back } = coloursOf(traits);
	return measuredAnswers({ lengthMm, belly: offBy(belly, random), back: offBy(back, random) });
}

/**
 * Where, when and how a guide would have met this animal.
 *
 * @param region in which; one of those where it lives unless said
 */
export function findingOf(taxon: Taxon, traits: StageTraits, random: Random, region?: Region): Finding {
	const home = region ?? taxon.lives[Math.floor(random() * taxon.lives.length)] ?? 'anywhere';
	const waters = Object.entries(taxon.waters) as [WaterKind, number][];
	let pick = random() * waters.reduce((sum, [, share]) => sum + share, 0);
	const water = waters.find(([, share]) => (pick -= share) < 0)?.[0] ?? waters[0]?.[0] ?? 'freestone';
	const place = referencePlace(home, water);
	const seasons = broodsIn(taxon, place);
	const season = seasons[Math.floor(random() * seasons.length)] ?? seasons[0];
	const spread = season ? season.peaks + (random() - 0.5) * 0.6 * (season.ends - season.begins) : 150;
	const methods = methodsReaching(zoneOf(taxon, traits));
	const method = methods[0];
	return {
		place,
		at: new Date(dateOf(place, Math.round(spread), 2026).getTime() + 13 * 3_600_000),
		...(method && { method })
	};
}

function answerOf(
	taxon: Taxon,
	traits: StageTraits,
	mark: MarkId,
	wrong: number,
	cantSee: number,
	random: Random
): string {
	const chances = stateChances(taxon, traits)[mark];
	const states = Object.keys(MARKS[mark].states);
	if (!chances || random() < cantSee) return 'unseen';
	const truth = trueState(chances, random);
	if (random() >= wrong) return truth;
	// Lengths lie in a row: one is taken for the next.
	const at = states.indexOf(truth);
	const others =
		mark === 'length'
			? states.filter((_, i) => Math.abs(i - at) === 1)
			: states.filter((state) => state !== truth);
	return others[Math.floor(random() * others.length)] ?? truth;
}

/** A state as it is: lengths and colour words vary within a kind, the other marks don't. */
function trueState(chances: Readonly<Record<string, number>>, random: Random): string {
	const sorted = Object.entries(chances).sort(([, a], [, b]) => b - a);
	const clear = sorted.filter(([, p]) => p > 0.2);
	let pick = random() * clear.reduce((sum, [, p]) => sum + p, 0);
	return clear.find(([, p]) => (pick -= p) < 0)?.[0] ?? sorted[0]?.[0] ?? 'unseen';
}
