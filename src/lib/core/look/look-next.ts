import { entropyBits } from '../math';
import { hypothesisWords, type Hypothesis } from '../likeness';
import type { Message } from '../message';
import type { Outing } from '../outing';
import { CANDIDATES, type Candidate, type LookNextOptions } from './candidates';
import { LOOKING } from './tables';
import type { Belief, Reading } from '../reading';

export interface Outcome {
	/** What the guide might find. */
	finds: Message;
	probability: number;
	/** What would then be likeliest: its name, and the id of the hypothesis. */
	means: Message;
	meansId: string;
}

/** An observation worth making, and what each outcome would mean. */
export interface Observation {
	id: string;
	title: Message;
	minutes: number;
	/** Expected gain of information in bits (Lindley, D. V. 1956, Annals of Mathematical Statistics 27). */
	gainBits: number;
	/**
	 * How much likelier the right kind of fly would be tied on after it than now, 0 to 1: the expected value of
	 * information (Raiffa, H. & Schlaifer, R. 1961, Applied statistical decision theory).
	 */
	gainOfFly: number;
	outcomes: Outcome[];
	caution?: Message;
}

/**
 * The observations that would do most for the fly, best first: by how much likelier the right kind of fly would be tied on
 * for each minute that they take, among those possible on this water. One just made is worth little again until things
 * change. None where nothing that can be seen would change the fly.
 */
export function lookNext(
	outing: Outing,
	reading: Reading,
	most = SHOWN,
	options: LookNextOptions = {}
): Observation[] {
	return CANDIDATES.filter((candidate) => candidate.possible(outing, options))
		.map((candidate): Observation => {
			const { id, minutes, caution } = candidate;
			const title = (outing.place.water === 'lake' && candidate.onLake) || candidate.title;
			const again = repeatFactor(candidate.lastDone(outing), outing.now);
			const { gainBits, gainOfFly, outcomes } = expectedGain(candidate, reading.beliefs);
			return {
				id,
				title,
				minutes,
				gainBits: gainBits * again,
				gainOfFly: gainOfFly * again,
				outcomes,
				...(caution && { caution })
			};
		})
		.filter(({ gainOfFly }) => gainOfFly >= WORTH_DOING)
		.sort((a, b) => b.gainOfFly / b.minutes - a.gainOfFly / a.minutes || (a.id < b.id ? -1 : 1))
		.slice(0, most);
}

/** What two naturals have in common that one kind of fly stands for: stage, height and about the same length. */
function kindOfFly({ kind, stage, zone, lengthMm }: Hypothesis): string {
	if (kind === 'anything' || kind === 'not-feeding' || kind === 'fading') return kind;
	return `${stage} ${zone} ${Math.round(Math.log(lengthMm) / SIZE_STEP)}`;
}
const { worthDoing: WORTH_DOING, anotherSize, againAfterMin, againLoses } = LOOKING.values;
/** Lengths that differ by so much ask for another size of hook. */
const SIZE_STEP = Math.log(anotherSize);
const SHOWN = 3;

/** Right after it was done an observation is worth little; half an hour later about two thirds of a first one. */
function repeatFactor(lastDone: Date | undefined, now: Date): number {
	if (!lastDone) return 1;
	const minutes = (now.getTime() - lastDone.getTime()) / 60_000;
	return 1 - againLoses * Math.exp(-Math.max(0, minutes) / againAfterMin);
}

function expectedGain(candidate: Candidate, beliefs: readonly Belief[]) {
	const tables = beliefs.map(({ hypothesis }) => candidate.likelihood(hypothesis));
	const prior = beliefs.map(({ probability }) => probability);
	const before = entropyBits(prior);
	const flies = beliefs.map(({ hypothesis }) => kindOfFly(hypothesis));
	/** Of what is left of each hypothesis: how much the commonest kind of fly stands for. */
	const best = (weights: readonly number[]) => {
		const sums = new Map<string, number>();
		weights.forEach((weight, h) => {
			const fly = flies[h] ?? '';
			sums.set(fly, (sums.get(fly) ?? 0) + weight);
		});
		return Math.max(0, ...sums.values());
	};
	let after = 0;
	let right = 0;
	const outcomes: Outcome[] = [];
	candidate.outcomes.forEach((finds, o) => {
		const joint = prior.map((p, h) => p * (tables[h]?.[o] ?? 0));
		const probability = joint.reduce((a, b) => a + b, 0);
		if (probability <= 0) return;
		const posterior = joint.map((j) => j / probability);
		after += probability * entropyBits(posterior);
		right += best(joint);
		const likeliest = beliefs[posterior.indexOf(Math.max(...posterior))]?.hypothesis;
		if (likeliest)
			outcomes.push({ finds, probability, means: hypothesisWords(likeliest), meansId: likeliest.id });
	});
	outcomes.sort((a, b) => b.probability - a.probability);
	return { gainBits: Math.max(0, before - after), gainOfFly: Math.max(0, right - best(prior)), outcomes };
}
