import { COLUMN_ZONES, isSurface } from '../atlas';
import { variantOf } from '../likeness';
import { flyBehind, type FlyChoice } from '../match';
import { believed } from '../reading';
import { SECOND_M } from '../rig';
import { patternWords } from '../tackle';
import type { Situation } from './causes';
import type { Candidate } from './change';
import { says } from './change-words';
import { exchanged, fixed, isStill } from './fixing';
import { FIXES, JUDGED } from './tables';

const F = FIXES.values;
const J = JUDGED.values;

/** What can be changed in how a fly is brought to the fish: its depth, its movement, and another fly behind it. */
export const broughtOtherwise = (situation: Situation, flies: readonly FlyChoice[]): Candidate[] => [
	...clean(situation),
	...depths(situation),
	...swing(situation),
	...twitch(situation),
	...greased(situation),
	...twoFlies(situation, flies)
];

/** A fly that came back weeded, worn or tipping over is put right before anything else is judged by it. */
function clean({ flyState }: Situation): Candidate[] {
	if (!flyState || flyState === 'fresh') return [];
	return [
		{
			id: 'clean',
			says: says(`clean.${flyState}`),
			because: [says('tells-nothing')],
			...fixed(F.clean)
		}
	];
}

/** Another depth, for a fly below the film: the likeliest one beneath and above, by what was fished and what took. */
function depths({ depths: at, setup, trials }: Situation): Candidate[] {
	if (!at) return [];
	const drifts = trials.filter(({ before }) => !before).reduce((sum, { drifts: own }) => sum + own, 0);
	return (['deeper', 'shallower'] as const).flatMap((id) => {
		const next = at[id];
		if (!next) return [];
		const { keeps, minutes } = F[id];
		return [
			{
				id,
				says: says(id, { depth: { distanceM: next.depthM } }),
				because: [
					drifts > 0 ? says('no-take-here', { drifts, depth: { distanceM: at.nowM } }) : says('depth-of-food')
				],
				fixes: { depth: next.chance },
				keeps,
				minutes,
				depthM: next.depthM,
				setup: { ...setup, depthM: next.depthM }
			} satisfies Candidate
		];
	});
}

/** Lets a fly below the film swing: where what comes up is taken, or the last fish took it so. */
function swing({ variant, setup, reading, outing, tookIn }: Situation): Candidate[] {
	const { zone } = variant.style;
	if (isStill(outing) || (zone !== 'under-film' && zone !== 'drift')) return [];
	const tookSo = tookIn === 'swinging' || tookIn === 'rising';
	const rising = believed(reading, ({ stage }) => stage === 'pupa' || stage === 'emerger');
	if (!tookSo && rising < J.movesFrom) return [];
	const { tookSo: share, ...row } = F.swing;
	const { fixes, keeps, minutes } = fixed(row);
	return [
		{
			id: 'swing',
			says: says('swing'),
			because: [says(tookSo ? 'took-so' : 'comes-up')],
			fixes: tookSo ? { ...fixes, depth: share } : fixes,
			keeps,
			minutes,
			way: 'swung',
			// On a swing it goes as deep as the current lets it.
			setup: { ...setup, way: 'swung', depthM: undefined },
			done: setup.way === 'swung'
		}
	];
}

/** Moves a fly on the film: where what flutters or runs is about. */
function twitch({ variant, setup, reading, watch }: Situation): Candidate[] {
	if (variant.style.zone !== 'on-film') return [];
	const flutters = believed(
		reading,
		({ stage, group }) => stage === 'egg-laying' || (stage === 'adult' && group !== 'true-fly')
	);
	const chased = watch?.rises.some(({ note }) => note.body.form === 'splash' || note.body.form === 'crash');
	if (flutters < J.movesFrom && !chased) return [];
	return [
		{
			id: 'twitch',
			says: says('twitch'),
			because: [says('flutters')],
			...fixed(F.twitch),
			moved: 'twitched',
			setup: { ...setup, moved: 'twitched' },
			done: setup.moved === 'twitched' || setup.moved === 'skated'
		}
	];
}

/** The same fly plain or dressed: lower where what hangs in the film is taken, higher where it stands on it. */
function greased({ variant, setup, reading }: Situation): Candidate[] {
	const { zone, buoyancy } = variant.style;
	if (!isSurface(zone)) return [];
	const low = believed(reading, (natural) => natural.zone === 'in-film');
	const high = believed(reading, (natural) => natural.zone === 'on-film' && natural.stage !== 'spinner');
	const one = (dressed: boolean): Candidate => ({
		id: dressed ? 'dressed' : 'plain',
		says: says(dressed ? 'dressed' : 'plain'),
		because: [says(dressed ? 'stands-high' : 'half-out')],
		...fixed(F[dressed ? 'dressed' : 'plain']),
		dressed,
		setup: { ...setup, dressed },
		done: setup.dressed === dressed
	});
	// A fly is dressed before it is first cast: to dress it is a change once it was left plain, or sits low by build.
	const sitsLow = setup.dressed === false || (zone === 'on-film' && buoyancy < J.floatsLow);
	return [
		...(zone === 'on-film' && low >= J.movesFrom ? [one(false)] : []),
		...(sitsLow && high >= J.movesFrom ? [one(true)] : [])
	];
}

/** A second fly that serves what the first does not; or the second off again, where it drags. */
function twoFlies(situation: Situation, flies: readonly FlyChoice[]): Candidate[] {
	const { setup, variant, trials } = situation;
	if (setup.two)
		return [
			{
				id: 'one-fly',
				says: says('one-fly'),
				because: [says('one-drags-less')],
				...fixed(F['one-fly']),
				setup: { ...setup, two: false },
				done: !trials.some(({ dragged, answer }) => dragged > 0 || answer === 'late')
			}
		];
	// Where one food is likely, another fly is that fly, and needs no second.
	if (situation.reading.certainty.top >= J.sureTop) return [];
	const { keeps, minutes, counts } = F.second;
	let best: Candidate | undefined;
	let most = 0;
	for (const fly of flies) {
		if (fly.pattern.id === setup.patternId || fly.inBox === 0) continue;
		const other = variantOf(fly.pattern, fly.hookSize, situation.hooks);
		// What floats leads; what follows lies lower or hangs.
		if (COLUMN_ZONES.indexOf(fly.zone) <= COLUMN_ZONES.indexOf(variant.style.zone)) continue;
		const { fixes } = exchanged(situation, other);
		const worth = ((fixes.stage ?? 0) + (fixes.insect ?? 0)) * fly.score;
		if (worth <= most) continue;
		most = worth;
		best = {
			id: 'second',
			says: says('second', { fly: patternWords(fly.pattern), hook: { hookSize: fly.hookSize } }),
			because: [says('both-asked')],
			minutes,
			keeps,
			fixes: { stage: counts * (fixes.stage ?? 0), insect: counts * (fixes.insect ?? 0) },
			second: behind(fly),
			setup: { ...setup, two: true }
		};
	}
	return best ? [best] : [];
}

/** A fly as the second on the leader, as far behind as it fishes best. */
function behind(fly: FlyChoice): NonNullable<Candidate['second']> {
	const { least, most } = SECOND_M.values[isSurface(fly.zone) ? 'flush' : 'hanging'];
	return flyBehind(fly, (least + most) / 2);
}
