import { isSurface } from '../atlas';
import { withArticle, within } from '../message';
import { hypothesisWords, variantOf, wantedMm } from '../likeness';
import { DRIFT_PART_NAMES, type ChangeId, type Position } from '../vocabulary';
import { HOOK_SIZES, patternName, patternWords, tippetMm } from '../tackle';
import type { FlyChoice } from '../match';
import { FINEST_TIPPET_X } from '../rig';
import { mismatchOf, murkOf, type Causes, type Situation } from './causes';
import { broughtOtherwise } from './brought';
import type { Candidate } from './change';
import { says } from './change-words';
import { exchanged, fixed, isStill } from './fixing';
import { FIXES, JUDGED, LONG_TIPPET, RESTS, type RefusedSchool } from './tables';
import { FISH_FIRST, FISHED_FROM, STRIKING } from './schools';
import { keyOf, type Trial } from './trials';

const F = FIXES.values;
const J = JUDGED.values;

/** Everything that could be done differently, with what each would put right; not yet weighed. */
export function candidates(
	situation: Situation,
	causes: Causes,
	flies: readonly FlyChoice[],
	{ refused }: { refused: RefusedSchool }
): Candidate[] {
	if (situation.worked) return [nextFish(situation)];
	return [
		stay(situation),
		mend(situation),
		longer(situation),
		finer(situation),
		...strikes(situation),
		...moves(situation),
		...broughtOtherwise(situation, flies),
		...sizes(situation, refused),
		...otherFlies(situation, flies),
		rest(situation, causes),
		...outrageous(situation, flies)
	];
}

function stay({ seen, trials: all }: Situation): Candidate {
	const untried = all.every(({ before }) => before);
	return {
		id: 'stay',
		says: untried
			? says('fish', { drifts: seen.until80 })
			: seen.until80 > 0
				? says('stay.unseen', { drifts: seen.until80 })
				: says('stay'),
		because: [says(untried ? 'nothing-tried' : 'costs-least')],
		...fixed(F.stay)
	};
}

/** After a take nothing is to be changed. */
function nextFish({ tally, variant, outing, reading, tookIn, ways }: Situation): Candidate {
	const ends = reading.beliefs.some(
		({ hypothesis, probability }) => hypothesis.kind === 'fading' && probability > J.endsFrom
	);
	const floats = isSurface(variant.style.zone);
	return {
		id: 'next-fish',
		says:
			tookIn && !ends
				? says('works.part', { part: within(DRIFT_PART_NAMES[tookIn]) })
				: says(ends ? 'works.fading' : isStill(outing) ? 'works.still' : 'works'),
		because: [
			says('tally', { ...tally }),
			FISH_FIRST.choices[ways.fishFirst].advice,
			says(floats ? 'rinse.floats' : 'rinse')
		],
		...fixed(F['next-fish'])
	};
}

function mend({ trials, setup, outing }: Situation): Candidate {
	const dragged = trials
		.filter(({ setup: then }) => then.from === setup.from)
		.reduce((sum, trial) => sum + trial.dragged, 0);
	return {
		id: 'mend',
		says: says(isStill(outing) ? 'mend.still' : 'mend'),
		because: [says('dragged', { count: dragged })],
		...fixed(F.mend),
		setup: { ...setup, mending: true },
		// Where nothing dragged and no fish turned away, there is nothing to mend.
		done: setup.mending || (dragged === 0 && !trials.some(turnedAway))
	};
}

/** It came and did not take: what speaks of drag and tippet. */
const turnedAway = ({ answer }: Trial): boolean =>
	answer !== undefined && answer !== 'take' && answer !== 'missed';

export function longer({ setup }: Situation): Candidate {
	const { tiedM } = LONG_TIPPET.values;
	return {
		id: 'longer',
		says: says('longer', { tippet: { distanceM: tiedM } }),
		because: [says('lands-slack')],
		...fixed(F.longer),
		tippetM: tiedM,
		setup: { ...setup, long: true },
		done: setup.long
	};
}

/** What holds of a strike: where the fly is not seen, from above, or by the guide's school. */
export const struckAs = <Said>(
	{ water, setup }: Pick<Situation, 'water' | 'setup'>,
	unseen: Said,
	above: Said,
	bySchool: Said
): Said => (water.dim || water.light === 'silver' ? unseen : setup.from === 'above' ? above : bySchool);

/** Strikes that missed are a fault of timing: the same fly again, struck otherwise. */
function strikes({ trials, setup, water, ways }: Situation): Candidate[] {
	const own = trials.filter(({ before }) => !before);
	const missed = own.filter(({ answer }) => answer === 'missed').length;
	if (own.at(-1)?.answer !== 'missed') return [];
	return [
		{
			id: 'strike',
			says: struckAs(
				{ water, setup },
				says('strike.unseen'),
				says('strike.above'),
				STRIKING.choices[ways.striking].advice
			),
			because: [says('missed', { count: missed })],
			...fixed(F.strike)
		}
	];
}

function finer({ setup, wantedX, tippetShort }: Situation): Candidate {
	const now = setup.tippetX ?? wantedX;
	const wanted = now > wantedX || (now === wantedX && !tippetShort) ? now + 1 : Math.max(wantedX, now);
	// One that is finer than any rule asks for stays on.
	const x = Math.max(now, Math.min(FINEST_TIPPET_X, wanted));
	const longer = x === now;
	return {
		id: 'finer',
		says: longer ? says('new-tippet') : says('finer', { tippet: { tippetMm: tippetMm(x) } }),
		because: [says(tippetShort ? 'shortened' : 'shows-less')],
		...fixed(F.finer),
		tippetX: x,
		setup: { ...setup, tippetX: x },
		done: !longer && x === now
	};
}

function moves({ setup, outing, ways }: Situation): Candidate[] {
	const still = isStill(outing);
	const { from, then } = FISHED_FROM.choices[ways.fishedFrom];
	const last: Position = from === 'below' ? 'above' : 'below';
	const to = setup.from === from ? then : setup.from === then ? last : from;
	return [
		{
			id: 'position',
			says: says(still ? 'move.still' : `move.${to}`),
			because: [says(still ? 'unseen.still' : 'unseen')],
			...fixed(F.position),
			from: to,
			setup: { ...setup, from: to }
		}
	];
}

/** Smaller or larger, decided by the conditions; both with their reasons. */
function sizes(
	{ variant, setup, reading, water, trials, school, inBox }: Situation,
	refused: RefusedSchool
): Candidate[] {
	let [tooLarge, tooSmall] = [0, 0];
	for (const { hypothesis, probability } of reading.beliefs) {
		const wrong = mismatchOf(variant, hypothesis, school).size * probability;
		if (variant.dressedMm > wantedMm(hypothesis, variant)) tooLarge += wrong;
		else tooSmall += wrong;
	}
	const late = trials.some(({ answer }) => answer === 'late');
	const murk = murkOf(water);
	const between = (clear: number, hidden: number) => clear + murk * (hidden - clear);
	// What the reading can't tell, the conditions must: fish in clear slow water are finicky, others must find it.
	const prior = {
		smaller: between(late ? J.smallerLate : J.smallerElse, J.smallerMurk),
		larger: between(J.largerElse, J.largerMurk)
	};
	const known = tooLarge + tooSmall;
	const share = (wrong: number, before: number) => (wrong + J.sizePrior * before) / (known + J.sizePrior);
	return (['smaller', 'larger'] as const).flatMap((id) => {
		const next = neighbour(setup.hookSize, id, variant.pattern.sizes, (size) => inBox(setup.patternId, size));
		if (next === undefined) return [];
		const steps = Math.abs(HOOK_SIZES.indexOf(next) - HOOK_SIZES.indexOf(setup.hookSize));
		const carried = inBox(setup.patternId, next);
		const fits = id === 'smaller' ? share(tooLarge, prior.smaller) : share(tooSmall, prior.larger);
		return [
			{
				id,
				says: says(id, { steps, hook: { hookSize: next } }),
				because: [
					says(
						id === 'smaller'
							? late
								? 'refused-late'
								: 'too-large'
							: murk > J.murkTold
								? 'found-in-murk'
								: 'half-emerged'
					),
					says(refused === id ? `school.${refused}` : `school.${refused}.otherwise`)
				],
				...fixed(F[id]),
				fixes: { ...fixed(F[id]).fixes, size: Math.min(J.mostFixed, fits) },
				fly: {
					patternId: setup.patternId,
					name: patternName(variant.pattern),
					hookSize: next,
					...(carried !== undefined && { inBox: carried })
				},
				setup: { ...setup, hookSize: next }
			} satisfies Candidate
		];
	});
}

/** The next size that is carried, at most two away; else the next that the pattern is tied in. */
function neighbour(
	size: number,
	way: 'smaller' | 'larger',
	tied: readonly number[],
	inBox: (size: number) => number | undefined
): number | undefined {
	const at = HOOK_SIZES.indexOf(size);
	if (at < 0) return undefined;
	const near = [1, 2].map((steps) => HOOK_SIZES[way === 'smaller' ? at - steps : at + steps]);
	const sizes = near.filter((next): next is number => next !== undefined && tied.includes(next));
	return sizes.find((next) => inBox(next) !== 0) ?? sizes[0];
}

/** The best fly that sits otherwise, serves another stage, or another insect. */
function otherFlies(situation: Situation, flies: readonly FlyChoice[]): Candidate[] {
	const { setup } = situation;
	const found = new Map<Exchange, { candidate: Candidate; worth: number }>();
	for (const fly of flies) {
		if (fly.pattern.id === setup.patternId) continue;
		const other = variantOf(fly.pattern, fly.hookSize, situation.hooks);
		const { fixes, keeps } = exchanged(situation, other);
		const [id, worth] = EXCHANGES.reduce<[Exchange, number]>(
			(best, cause) => {
				const gain = (fixes[cause] ?? 0) * fly.fitness;
				return gain > best[1] ? [cause, gain] : best;
			},
			['posture', 0]
		);
		// The best of each kind, as the shortlist has them: what serves a wider share of the reading first.
		const ranked = worth * fly.score * (fly.inBox === 0 ? J.notCarried : 1);
		if (ranked <= (found.get(id)?.worth ?? 0)) continue;
		found.set(id, {
			worth: ranked,
			candidate: {
				id,
				says: says(id, { fly: patternWords(fly.pattern), hook: { hookSize: fly.hookSize } }),
				because: [says('passes-for', { natural: withArticle(hypothesisWords(fly.passesFor)) })],
				minutes: F.other.minutes,
				fixes,
				keeps: keeps * Math.min(1, J.keepsBase + fly.fitness * (1 - J.keepsBase)),
				fly: {
					patternId: fly.pattern.id,
					name: patternName(fly.pattern),
					hookSize: fly.hookSize,
					...(fly.inBox !== undefined && { inBox: fly.inBox })
				},
				setup: { ...setup, patternId: fly.pattern.id, hookSize: fly.hookSize }
			}
		});
	}
	return [...found.values()].map(({ candidate }) => candidate);
}

/** What another fly can put right. */
const EXCHANGES = ['posture', 'stage', 'insect'] as const satisfies readonly ChangeId[];
type Exchange = (typeof EXCHANGES)[number];

function rest({ trials, outing, medianS }: Situation, causes: Causes): Candidate {
	const { putDown, badDrifts, most, waits, usualS, surelyDown } = RESTS.values;
	const minutes =
		causes['put-down'] > surelyDown
			? putDown
			: Math.round(Math.max(badDrifts, Math.min(most, (waits * (medianS ?? usualS)) / 60)));
	const last = trials.at(-1);
	const restedMin = last ? (outing.now.getTime() - last.at.getTime()) / 60_000 : 0;
	return {
		id: 'rest',
		says: says('rest', { minutes }),
		because: [says(causes['put-down'] > causes['not-feeding'] ? 'put-down' : 'between-rhythms')],
		...fixed(F.rest),
		minutes,
		done: trials.length === 0 || restedMin >= minutes
	};
}

/** At last something outrageous: the fly least like what was tried, that shows. */
function outrageous({ setup, trials }: Situation, flies: readonly FlyChoice[]): Candidate[] {
	// What is sensible comes first, however often it is the same that failed.
	const ways = new Set(trials.filter(({ before }) => !before).map(({ setup: then }) => keyOf(then)));
	if (ways.size < J.outrageousAfter) return [];
	const large = [...flies]
		.filter(
			({ pattern, zone }) => pattern.id !== setup.patternId && (zone === 'on-film' || zone === 'under-film')
		)
		.sort((a, b) => Number(a.inBox === 0) - Number(b.inBox === 0) || b.dressedMm - a.dressedMm)[0];
	if (!large) return [];
	return [
		{
			id: 'outrageous',
			says: says('outrageous', { fly: patternWords(large.pattern), hook: { hookSize: large.hookSize } }),
			because: [says('wakes')],
			...fixed(F.outrageous),
			fly: {
				patternId: large.pattern.id,
				name: patternName(large.pattern),
				hookSize: large.hookSize,
				...(large.inBox !== undefined && { inBox: large.inBox })
			},
			setup: { ...setup, patternId: large.pattern.id, hookSize: large.hookSize }
		}
	];
}
