import type { CurrentConditions } from '../outing';
import type { Hypothesis } from '../likeness';
import type { Sky } from '../vocabulary';
import { WEIGHTS, type Weights } from './weights';

/**
 * What water and air do to what is within reach, beyond what moves the insects themselves: coloured or rising water
 * hides the surface and brings worms, cold air keeps spinners from falling.
 *
 * @returns a factor of the weight before, 1 where nothing is known
 */
export function conditionFactor(
	{ kind, group, stage, taking }: Hypothesis,
	{ clarityM, levelM, level, levelTrend, airC, sky }: CurrentConditions,
	{ conditions: table }: Weights = WEIGHTS
): number {
	if (kind === 'anything') return 1;
	const coloured = clarityM !== undefined && clarityM.value < table.colouredUnderM;
	const high = level?.value === 'high' || (levelM?.value ?? 0) >= table.highFromM;
	const rising = levelTrend?.value === 'rising' && high;
	let factor = 1;
	if (coloured || rising) {
		if (group === 'worm') factor *= table.wormsWhenHigh;
		else if (taking !== 'drift') factor *= table.surfaceWhenHigh;
	}
	if (airC !== undefined && stage === 'spinner' && airC.value < table.spinnersColdC)
		factor *= table.spinnersWhenCold;
	// They fall in mild, dry, still air; rain and snow keep them in the trees, and land insects in the grass.
	const wet = sky?.value === 'rain' || sky?.value === 'snow';
	if (wet && (stage === 'spinner' || stage === 'egg-laying')) factor *= table.spinnersInRain;
	if (wet && (group === 'ant' || group === 'terrestrial')) factor *= table.landInRain;
	// Duns whose wings dry slowly ride longer within reach.
	if (stage === 'dun' && holdsDuns(airC?.value, sky?.value)) factor *= table.dunsHeld;
	return factor;
}

/** Cold or damp air, in which duns stay on the film. */
const holdsDuns = (airC: number | undefined, sky: Sky | undefined): boolean =>
	sky === 'drizzle' ||
	sky === 'rain' ||
	sky === 'snow' ||
	(airC !== undefined && airC < WEIGHTS.conditions.dunsColdC);
