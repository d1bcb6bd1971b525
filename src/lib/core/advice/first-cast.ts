import { isSurface } from '../atlas';
import { longer, struckAs } from './candidates';
import { contraryOf, onGlass, type Causes, type Situation } from './causes';
import type { Candidate, Change } from './change';
import { says } from './change-words';
import { chanceOfTake, promised, toldOf } from './changes';
import { fixed, isStill } from './fixing';
import { STRIKING } from './schools';
import { FIRST_CAST, FIXES } from './tables';

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
	return [...slack(situation), ...longTippet(situation), ...strike(situation)]
		.map((candidate) => ({ candidate, chance: chanceOfTake(candidate, causes, perDrift) }))
		.filter(({ chance }) => chance - asItIs >= C.leastGain)
		.sort((a, b) => b.chance - a.chance)
		.map(({ candidate }) => ({ ...toldOf(candidate), ...promised(candidate, causes, perDrift) }));
}

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

function longTippet(situation: Situation): Candidate[] {
	const { setup, water, variant } = situation;
	const glass = onGlass(water);
	const turnsOver = water.windMs < C.longToWindMs && !water.tight;
	if (setup.long || !turnsOver || !isSurface(variant.style.zone)) return [];
	if (!glass && contraryOf(situation) < C.longFromContrary) return [];
	return [longer(situation)];
}

/** Of a fly on the film: when to lift, before the first strike is lost. */
function strike(situation: Situation): Candidate[] {
	const { variant, ways } = situation;
	if (!isSurface(variant.style.zone)) return [];
	return [
		{
			id: 'strike',
			says: struckAs(
				situation,
				says('first.unseen'),
				says('first.above'),
				STRIKING.choices[ways.striking].first
			),
			because: [],
			...fixed(F.strike)
		}
	];
}
