import { isSurface } from '../atlas';
import { onGlass, type Causes, type Situation } from './causes';
import type { Candidate, Change } from './change';
import { says } from './change-words';
import { chanceOfTake, toldOf } from './changes';
import { fixed, isStill } from './fixing';
import { STRIKING } from './schools';
import { CONTRARY, FIRST_CAST, FIXES, LONG_TIPPET } from './tables';

const F = FIXES.values;
const C = FIRST_CAST.values;

/**
 * How the first cast over a fish is laid: what would be changed anyway once it was refused, and costs nothing before it
 * has seen a fly. Slack and a mend where currents are contrary; a longer tippet on glass and across currents, where wind
 * and room allow; when to strike. Best first; empty once anything was tried over it.
 */
export function firstCastOf(situation: Situation, causes: Causes): Change[] {
	if (situation.worked || situation.trials.some(({ before }) => !before)) return [];
	const { perDrift } = situation.seen;
	const asItIs = chanceOfTake({ fixes: {}, keeps: 1 }, causes, perDrift);
	return [...slack(situation), ...longer(situation), ...strike(situation)]
		.map((candidate) => ({ candidate, chance: chanceOfTake(candidate, causes, perDrift) }))
		.filter(({ chance }) => chance - asItIs >= C.leastGain)
		.sort((a, b) => b.chance - a.chance)
		.map(({ candidate, chance }) => ({ ...toldOf(candidate), chance, inTenMinutes: chance }));
}

/** How contrary the currents are in the fish's lie. */
const contraryOf = ({ watch, outing }: Situation): number =>
	CONTRARY.values[isStill(outing) ? 'still' : (watch?.fish.lie ?? 'unknown')];

function slack(situation: Situation): Candidate[] {
	if (situation.setup.mending || isStill(situation.outing)) return [];
	return [
		{
			id: 'mend',
			says: says('first.mend'),
			because: [says('first.currents')],
			...fixed(F.mend),
			setup: { ...situation.setup, mending: true }
		}
	];
}

function longer(situation: Situation): Candidate[] {
	const { setup, water, variant } = situation;
	const glass = onGlass(water);
	const turnsOver = water.windMs < C.longToWindMs && !water.tight;
	if (setup.long || !turnsOver || !isSurface(variant.style.zone)) return [];
	if (!glass && contraryOf(situation) < C.longFromContrary) return [];
	const { tiedM } = LONG_TIPPET.values;
	return [
		{
			id: 'longer',
			says: says('longer', { tippet: { distanceM: tiedM } }),
			because: [says('lands-slack')],
			...fixed(F.longer),
			tippetM: tiedM,
			setup: { ...setup, long: true }
		}
	];
}

/** Of a fly on the film: when to lift, before the first strike is lost. */
function strike({ variant, water, setup, ways }: Situation): Candidate[] {
	if (!isSurface(variant.style.zone)) return [];
	const unseen = water.dim || water.light === 'silver';
	return [
		{
			id: 'strike',
			says: unseen
				? says('first.unseen')
				: setup.from === 'above'
					? says('first.above')
					: STRIKING.choices[ways.striking].first,
			because: [],
			...fixed(F.strike)
		}
	];
}
