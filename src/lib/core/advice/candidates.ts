import { COLUMN_ZONES, withArticle } from '../atlas';
import { hypothesisPhrase, variantOf, type Variant } from '../likeness';
import type { Position } from '../vocabulary';
import { HOOK_SIZES, targetMm, tippetMm, patternWords } from '../tackle';
import type { FlyChoice } from '../match';
import { mismatchOf, type Causes, type Mismatch, type Situation } from './causes';
import type { Candidate, ChangeId, RefusedSchool } from './change';
import { ADVICE, type Cause } from './tables';

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
		finer(situation),
		...moves(situation),
		...sizes(situation, refused),
		...otherFlies(situation, flies),
		rest(situation, causes),
		...outrageous(situation, flies)
	];
}

function stay({ seen, trials: all }: Situation): Candidate {
	const trials = all.filter(({ before }) => !before);
	return {
		id: 'stay',
		says:
			trials.length === 0
				? {
						say: `Fish it. About {drifts} good ${driftsWord(seen.until80)} until it has seen the fly, four times in five.`,
						with: { drifts: { count: seen.until80 } }
					}
				: seen.until80 > 0
					? {
							say: `Stay with it: {drifts} more good ${driftsWord(seen.until80)} until it has seen the fly, four times in five.`,
							with: { drifts: { count: seen.until80 } }
						}
					: { say: 'Stay with it.' },
		because: [
			{
				say:
					trials.length === 0
						? 'Nothing has been tried yet, so nothing is wrong yet.'
						: 'Change nothing: one drift more costs least.'
			}
		],
		minutes: 0,
		fixes: {},
		keeps: 1
	};
}

const driftsWord = (count: number): string => (count === 1 ? 'drift' : 'drifts');

/** After a take nothing is to be changed. */
function nextFish({ tally, variant, outing }: Situation): Candidate {
	const { hooked, landed, cameOff } = tally;
	const floats = COLUMN_ZONES.indexOf(variant.style.zone) <= COLUMN_ZONES.indexOf('in-film');
	const still = outing.place.water === 'lake';
	return {
		id: 'next-fish',
		says: {
			say: still
				? 'It works: the same fly again, at the same depth and pace.'
				: 'It works: the same fly to the next fish in this lie.'
		},
		because: [
			{
				say: `On this fly: {hooked} hooked, {landed} landed${cameOff > 0 ? ', {cameOff} came off' : ''}.`,
				with: { hooked: { count: hooked }, landed: { count: landed }, cameOff: { count: cameOff } }
			},
			{
				say: floats
					? 'Rinse the fly, dry it and dress it again; feel along the last of the tippet and the point of the hook.'
					: 'Rinse the fly; feel along the last of the tippet and the point of the hook.'
			}
		],
		minutes: 1,
		fixes: {},
		keeps: 1
	};
}

function mend({ trials, setup, outing }: Situation): Candidate {
	const still = outing.place.water === 'lake';
	const dragged = trials
		.filter(({ setup: then }) => then.from === setup.from)
		.reduce((sum, trial) => sum + trial.dragged, 0);
	return {
		id: 'mend',
		says: {
			say: still
				? 'Let it hang: slack off until the wind no longer draws it, or cast again with the wind behind.'
				: 'Mend the drift: more slack, land it higher, mend at once; or a step to where fewer currents lie between.'
		},
		because: [
			dragged > 0
				? dragged === 1
					? { say: 'It dragged once.' }
					: { say: 'It dragged in {count} drifts.', with: { count: { count: dragged } } }
				: { say: 'Drag too small to see refuses more flies than the wrong insect.' }
		],
		minutes: 0.5,
		fixes: { drag: 0.6 },
		keeps: 1,
		setup: { ...setup, mending: true },
		done: setup.mending
	};
}

const FINEST_X = 8;

function finer({ setup, wantedX, tippetShort }: Situation): Candidate {
	const now = setup.tippetX ?? wantedX;
	const x = Math.min(
		FINEST_X,
		now > wantedX || (now === wantedX && !tippetShort) ? now + 1 : Math.max(wantedX, now)
	);
	const longer = x === now;
	return {
		id: 'finer',
		says: longer
			? { say: 'A new tippet, as long as the rig asks.' }
			: { say: 'A finer tippet, longer by a hand: {tippet}.', with: { tippet: { tippetMm: tippetMm(x) } } },
		because: [
			{
				say: tippetShort
					? 'Changes of fly have shortened it.'
					: 'It shows less, and lets the fly go with the water.'
			}
		],
		minutes: 2.5,
		fixes: { tippet: 0.75, drag: 0.25 },
		keeps: 1,
		tippetX: x,
		setup: { ...setup, tippetX: x },
		done: !longer && x === now
	};
}

function moves({ setup, outing }: Situation): Candidate[] {
	const still = outing.place.water === 'lake';
	const to: Position = setup.from === 'below' ? 'side' : setup.from === 'side' ? 'above' : 'below';
	return [
		{
			id: 'position',
			says: {
				say: still
					? 'Move along the bank, low and far off, and lay the fly where it is going.'
					: {
							side: 'Go round to the side, low, and cast the fly first.',
							above: 'Go above, far off, and let the fly come first.',
							below: 'Go below and behind it, low.'
						}[to]
			},
			because: [
				{
					say: still
						? 'Neither line nor shadow over the fish. Wait two minutes.'
						: 'Fewer currents between, and neither line nor shadow over the fish. Wade slowly; wait two minutes.'
				}
			],
			minutes: 5,
			fixes: { position: 0.7, drag: 0.4 },
			keeps: 1,
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
		if (variant.dressedMm > targetMm(hypothesis.lengthMm, variant)) tooLarge += wrong;
		else tooSmall += wrong;
	}
	const late = trials.some(({ answer }) => answer === 'late');
	const murk = water.clarityM < 0.6 || water.speedMs > 0.8 || (water.dim && water.surface === 'broken');
	// What the reading can't tell, the conditions must: fish in clear slow water are finicky, others must find it.
	const prior = { smaller: murk ? 0.2 : late ? 0.6 : 0.45, larger: murk ? 0.6 : 0.2 };
	const known = tooLarge + tooSmall;
	const share = (wrong: number, before: number) => (wrong + 0.15 * before) / (known + 0.15);
	return (['smaller', 'larger'] as const).flatMap((id) => {
		const next = neighbour(setup.hookSize, id, variant.pattern.sizes, (size) => inBox(setup.patternId, size));
		if (next === undefined) return [];
		const steps = Math.abs(HOOK_SIZES.indexOf(next) - HOOK_SIZES.indexOf(setup.hookSize));
		const carried = inBox(setup.patternId, next);
		const fits = id === 'smaller' ? share(tooLarge, prior.smaller) : share(tooSmall, prior.larger);
		return [
			{
				id,
				says: {
					say: `The same fly ${steps === 1 ? 'a size' : 'two sizes'} ${id === 'smaller' ? 'down' : 'up'}, {hook}.`,
					with: { hook: { hookSize: next } }
				},
				because: [
					{
						say:
							id === 'smaller'
								? late
									? 'Refused at the last moment, in water clear enough to count its legs.'
									: 'Most flies are too large for what they stand for.'
								: murk
									? 'In coloured, fast or dim water a larger one is found.'
									: 'A larger one passes for half emerged.'
					},
					{
						say: `Your school goes ${refused} when refused${refused === id ? '.' : '; the conditions say otherwise here.'}`
					}
				],
				minutes: 1.5,
				fixes: { size: Math.min(0.9, fits), posture: 0.05 },
				keeps: 0.75,
				fly: {
					patternId: setup.patternId,
					name: variant.pattern.name,
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
	const found = new Map<ChangeId, { candidate: Candidate; worth: number }>();
	for (const fly of flies) {
		if (fly.pattern.id === setup.patternId) continue;
		const other = variantOf(fly.pattern, fly.hookSize, situation.hooks);
		const { fixes, keeps } = exchanged(situation, other);
		const [id, worth] = (['posture', 'stage', 'insect'] as const).reduce<[ChangeId, number]>(
			(best, cause) => {
				const gain = (fixes[cause] ?? 0) * fly.fitness;
				return gain > best[1] ? [cause, gain] : best;
			},
			['posture', 0]
		);
		// The best of each kind, as the shortlist has them: what serves a wider share of the reading first.
		const ranked = worth * fly.score * (fly.inBox === 0 ? NOT_CARRIED : 1);
		if (ranked <= (found.get(id)?.worth ?? 0)) continue;
		found.set(id, {
			worth: ranked,
			candidate: {
				id,
				says: {
					say: `${{ posture: 'A fly that sits otherwise', stage: 'Another stage', insect: 'Another insect' }[id as 'posture' | 'stage' | 'insect']}: {fly}, {hook}.`,
					with: { fly: { text: patternWords(fly.pattern) }, hook: { hookSize: fly.hookSize } }
				},
				because: [{ say: `It passes for ${withArticle(hypothesisPhrase(fly.passesFor))}.` }],
				minutes: 2,
				fixes,
				keeps: keeps * Math.min(1, 0.4 + fly.fitness * 0.6),
				fly: {
					patternId: fly.pattern.id,
					name: fly.pattern.name,
					hookSize: fly.hookSize,
					...(fly.inBox !== undefined && { inBox: fly.inBox })
				},
				setup: { ...setup, patternId: fly.pattern.id, hookSize: fly.hookSize }
			}
		});
	}
	return [...found.values()].map(({ candidate }) => candidate);
}

/** Of each kind of change, a fly that is carried goes before one that is not, unless it hardly serves. */
const NOT_CARRIED = 0.2;

/** How far another fly is right where the one on the line is wrong, by cause, and right where that was right. */
function exchanged(
	{ reading, variant, school }: Situation,
	other: Variant
): { fixes: Partial<Record<Cause, number>>; keeps: number } {
	const wrong: Record<Mismatch, number> = { right: 0, posture: 0, size: 0, stage: 0, insect: 0 };
	const mended: Record<Mismatch, number> = { ...wrong };
	for (const { hypothesis, probability } of reading.beliefs) {
		const before = mismatchOf(variant, hypothesis, school);
		const { right } = mismatchOf(other, hypothesis, school);
		for (const [what, share] of Object.entries(before) as [Mismatch, number][]) {
			wrong[what] += probability * share;
			mended[what] += probability * share * right;
		}
	}
	const share = (what: Mismatch) => (wrong[what] > 0.01 ? mended[what] / wrong[what] : 0);
	return {
		fixes: { posture: share('posture'), size: share('size'), stage: share('stage'), insect: share('insect') },
		// How well it does where the first was right: what the change may spoil.
		keeps: Math.max(0.3, share('right'))
	};
}

/** Minutes of rest for a fish that was put down, that two bad drifts disturbed, and for one between two rhythms. */
export const REST_MIN = { putDown: 10, badDrifts: 4 } as const;

function rest({ trials, outing, medianS }: Situation, causes: Causes): Candidate {
	const minutes =
		causes['put-down'] > 0.5
			? REST_MIN.putDown
			: Math.round(Math.max(REST_MIN.badDrifts, Math.min(8, (3 * (medianS ?? 60)) / 60)));
	const last = trials.at(-1);
	const restedMin = last ? (outing.now.getTime() - last.at.getTime()) / 60_000 : 0;
	return {
		id: 'rest',
		says: { say: 'Rest it for {minutes} minutes, and watch.', with: { minutes: { count: minutes } } },
		because: [
			{
				say:
					causes['put-down'] > causes['not-feeding']
						? 'Bad drifts put fish down; one that rises again has forgotten.'
						: 'It may only be between two rhythms.'
			}
		],
		minutes,
		fixes: { 'put-down': 0.75, 'not-feeding': 0.4, position: 0.1 },
		keeps: 1,
		done: trials.length === 0 || restedMin >= minutes
	};
}

/** At last something outrageous: the fly least like what was tried, that shows. */
function outrageous({ setup, trials }: Situation, flies: readonly FlyChoice[]): Candidate[] {
	if (trials.length < 3) return [];
	const large = [...flies]
		.filter(
			({ pattern, zone }) => pattern.id !== setup.patternId && (zone === 'on-film' || zone === 'under-film')
		)
		.sort((a, b) => Number(a.inBox === 0) - Number(b.inBox === 0) || b.dressedMm - a.dressedMm)[0];
	if (!large) return [];
	const share = ADVICE.outrageous;
	return [
		{
			id: 'outrageous',
			says: {
				say: 'Something outrageous: {fly}, {hook}.',
				with: { fly: { text: patternWords(large.pattern) }, hook: { hookSize: large.hookSize } }
			},
			because: [
				{ say: 'When all that is sensible has failed, something large and alive now and then wakes a fish.' }
			],
			minutes: 2,
			fixes: { posture: share, size: share, stage: share, insect: share, 'not-feeding': share / 2 },
			keeps: 0.5,
			fly: {
				patternId: large.pattern.id,
				name: large.pattern.name,
				hookSize: large.hookSize,
				...(large.inBox !== undefined && { inBox: large.inBox })
			},
			setup: { ...setup, patternId: large.pattern.id, hookSize: large.hookSize }
		}
	];
}
