import type { LifeStage } from '../atlas';
import { entropyBits } from '../math';
import { type Outing, weatherOf } from '../outing';
import { RISE_FORMS, type RiseForm, type SampleMethod } from '../vocabulary';
import { visibility } from './evidence';
import { hypothesisPhrase, type Hypothesis } from '../likeness';
import type { Belief, Reading } from './reading';
import { driftingNow } from '../rise';
import { riseFormProbability, WEIGHTS } from './weights';

export interface Outcome {
	/** What the guide might find. */
	finds: string;
	probability: number;
	/** What would then be likeliest. */
	means: string;
}

/** An observation worth making, and what each outcome would mean. */
export interface Observation {
	id: string;
	title: string;
	minutes: number;
	/** Expected gain of information in bits (Lindley, D. V. 1956, Annals of Mathematical Statistics 27). */
	gainBits: number;
	outcomes: Outcome[];
	caution?: string;
}

/** What the guide has said of sampling. */
export interface LookNextOptions {
	/**
	 * Throat samples are lawful where the guide works and practised, on fish from this length, mm; left out, none is
	 * ever proposed.
	 */
	throatFromMm?: number;
}

interface Candidate {
	id: string;
	title: string;
	/** What it is called where nothing flows. */
	onLake?: string;
	minutes: number;
	possible: (outing: Outing, options: LookNextOptions) => boolean;
	/** It is only proposed where what it shows could make something else likeliest. */
	mustMatter?: true;
	/** When this was last done; asking the same again tells less. */
	lastDone: (outing: Outing) => Date | undefined;
	outcomes: readonly string[];
	/** Probability of each outcome, in order, if the hypothesis is true. */
	likelihood: (hypothesis: Hypothesis) => number[];
	caution?: string;
}

/**
 * The observations that would settle most, best first: by expected gain of information per minute, among
 * those possible on this water. One just made is worth little again until things change.
 */
export function lookNext(
	outing: Outing,
	reading: Reading,
	most = 3,
	options: LookNextOptions = {}
): Observation[] {
	const [now] = reading.beliefs;
	const means = now && hypothesisPhrase(now.hypothesis);
	return candidates
		.filter((candidate) => candidate.possible(outing, options))
		.map((candidate) => ({ candidate, ...expectedGain(candidate, reading.beliefs) }))
		.filter(
			({ candidate, outcomes }) =>
				!candidate.mustMatter ||
				outcomes.some((outcome) => outcome.means !== means && outcome.probability >= COULD_HAPPEN)
		)
		.map(({ candidate, gainBits, outcomes }) => {
			const { id, minutes, caution } = candidate;
			const title = (outing.place.water === 'lake' && candidate.onLake) || candidate.title;
			const again = repeatFactor(candidate.lastDone(outing), outing.now);
			return { id, title, minutes, gainBits: gainBits * again, outcomes, ...(caution && { caution }) };
		})
		.sort((a, b) => b.gainBits / b.minutes - a.gainBits / a.minutes || (a.id < b.id ? -1 : 1))
		.slice(0, most);
}

/** An outcome rarer than this is not counted on. */
const COULD_HAPPEN = 0.05;
/** A fish in water this warm is let go at once, °C. */
const NO_THROAT_FROM_C = 18;
/** A throat tells of the fish just landed for so long, min. */
const JUST_LANDED_MIN = 10;

/** Whether the throat of the fish landed last may be sampled: large, the water cool, and the guide has said that it is lawful. */
function throatPossible(outing: Outing, { throatFromMm }: LookNextOptions): boolean {
	if (throatFromMm === undefined || weatherOf(outing).waterC >= NO_THROAT_FROM_C) return false;
	const landed = outing.attempts.findLast(({ note }) => note.body.outcome === 'landed');
	if (!landed || outing.now.getTime() - landed.observedAt.getTime() >= JUST_LANDED_MIN * 60_000) return false;
	const { watchId, fishLengthMm } = landed.note.body;
	const watched = outing.watches.find(({ id }) => id === watchId);
	return watched?.fish.size !== 'small' && fishLengthMm !== undefined && fishLengthMm >= throatFromMm;
}

/** Half an hour after it was done, an observation is worth about two thirds of a first one. */
function repeatFactor(lastDone: Date | undefined, now: Date): number {
	if (!lastDone) return 1;
	const minutes = (now.getTime() - lastDone.getTime()) / 60_000;
	return 1 - 0.9 * Math.exp(-Math.max(0, minutes) / 30);
}

function expectedGain(candidate: Candidate, beliefs: readonly Belief[]) {
	const tables = beliefs.map(({ hypothesis }) => candidate.likelihood(hypothesis));
	const prior = beliefs.map(({ probability }) => probability);
	const before = entropyBits(prior);
	let after = 0;
	const outcomes: Outcome[] = [];
	candidate.outcomes.forEach((finds, o) => {
		const joint = prior.map((p, h) => p * (tables[h]?.[o] ?? 0));
		const probability = joint.reduce((a, b) => a + b, 0);
		if (probability <= 0) return;
		const posterior = joint.map((j) => j / probability);
		after += probability * entropyBits(posterior);
		const best = posterior.indexOf(Math.max(...posterior));
		const likeliest = beliefs[best]?.hypothesis;
		if (likeliest) outcomes.push({ finds, probability, means: hypothesisPhrase(likeliest) });
	});
	outcomes.sort((a, b) => b.probability - a.probability);
	return { gainBits: Math.max(0, before - after), outcomes };
}

const NET_FINDS = [
	'Mostly emergers and skins',
	'Mostly pupae',
	'Mostly duns',
	'Mostly spent or small flies',
	'Mostly winged adults',
	'Little or nothing'
] as const;

function netClass(stage: LifeStage, kind: Hypothesis['kind']): number {
	if (kind !== 'natural') return 5;
	if (stage === 'emerger' || stage === 'cripple') return 0;
	if (stage === 'pupa') return 1;
	if (stage === 'dun') return 2;
	if (stage === 'spinner' || stage === 'terrestrial') return 3;
	if (stage === 'adult' || stage === 'egg-laying') return 4;
	return 5;
}

/** A net shows the class of what is eaten as far as it can see it, and otherwise little or something else. */
function netLikelihood(method: SampleMethod): (hypothesis: Hypothesis) => number[] {
	return (hypothesis) => {
		const sees = visibility(method, hypothesis);
		const right = 0.7 * sees;
		const table = NET_FINDS.map((_, o) => (o === 5 ? (1 - right) * 0.45 : ((1 - right) * 0.55) / 5));
		const own = netClass(hypothesis.stage, hypothesis.kind);
		table[own] = (table[own] ?? 0) + right;
		return table;
	};
}

const BANK_FINDS = [
	'Clear-winged spinners waiting',
	'Fresh duns drying',
	'Winged caddis, stoneflies or midges',
	'Nothing new'
] as const;

function bankLikelihood({ stage }: Hypothesis): number[] {
	if (stage === 'spinner') return [0.65, 0.12, 0.08, 0.15];
	if (stage === 'dun' || stage === 'emerger' || stage === 'cripple') return [0.1, 0.55, 0.1, 0.25];
	if (stage === 'adult' || stage === 'egg-laying' || stage === 'pupa') return [0.08, 0.1, 0.6, 0.22];
	return [0.12, 0.15, 0.15, 0.58];
}

const BED_FINDS = [
	'Ripe mayfly nymphs, wing pads black',
	'Mostly caddis or midges',
	'Stonefly nymphs at the edge',
	'Nothing ripe'
] as const;

function bedLikelihood({ group, stage }: Hypothesis): number[] {
	const airborne = stage === 'spinner' || stage === 'terrestrial' || stage === 'egg-laying';
	if (airborne) return [0.2, 0.2, 0.1, 0.5];
	if (group === 'mayfly') return [0.5, 0.15, 0.1, 0.25];
	if (group === 'stonefly') return [0.15, 0.15, 0.5, 0.2];
	return [0.15, 0.5, 0.1, 0.25];
}

const CLEAR_FORMS = RISE_FORMS.filter((form): form is Exclude<RiseForm, 'unsure'> => form !== 'unsure');
const FORM_FINDS: Record<(typeof CLEAR_FORMS)[number], string> = {
	nose: 'Unhurried noses',
	'head-back-tail': 'Head, back and tail',
	bulge: 'Bulges, film unbroken',
	splash: 'Splashes',
	crash: 'A heavy crash',
	leap: 'Leaps',
	weaving: 'Weaving below'
};

const sampled =
	(method: SampleMethod) =>
	(outing: Outing): Date | undefined =>
		outing.samples.findLast(({ note }) => note.body.method === method)?.observedAt;

const candidates: readonly Candidate[] = [
	{
		id: 'surface-net',
		title: 'Hold the surface net in the feeding lane',
		onLake: 'Skim the surface net where they rise, or along the wind lane',
		minutes: 3,
		possible: () => true,
		lastDone: sampled('surface-net'),
		outcomes: NET_FINDS,
		likelihood: netLikelihood('surface-net')
	},
	{
		id: 'rise',
		title: 'Watch two more rises, and how they break the film',
		minutes: 3,
		possible: () => true,
		lastDone: () => undefined,
		outcomes: CLEAR_FORMS.map((form) => FORM_FINDS[form]),
		likelihood: ({ taking }) => CLEAR_FORMS.map((form) => riseFormProbability(taking, form))
	},
	{
		id: 'follow',
		title: 'Follow three of what floats over the fish: taken or passed?',
		minutes: 2,
		possible: (outing) =>
			outing.watches.some((watch) => !watch.endedAt && driftingNow(outing, watch, 1).length > 0),
		lastDone: ({ drifted }) => drifted.at(-1)?.observedAt,
		outcomes: ['One of them is taken', 'All pass untouched'],
		likelihood: ({ kind, zone, taking }) => {
			const rides = kind === 'natural' && zone === 'on-film' && taking !== 'spent';
			const [takes, passes] = rides ? WEIGHTS.taken.food : WEIGHTS.taken.other;
			// Three in a row untouched, with the share taken as unsure as it is.
			let untouched = 1;
			for (let i = 0; i < 3; i++) untouched *= (passes + i) / (takes + passes + i);
			return [1 - untouched, untouched];
		}
	},
	{
		id: 'bank',
		title: 'Look along the bank: duns drying, spinners waiting, skins',
		onLake: 'Look along bank and reeds: skins, midges and duns resting, egg-layers',
		minutes: 2,
		possible: () => true,
		lastDone: sampled('bank'),
		outcomes: BANK_FINDS,
		likelihood: bankLikelihood
	},
	{
		id: 'kick-net',
		title: 'One short kick in the riffle; look at the wing pads',
		minutes: 6,
		possible: ({ place }) => place.water !== 'lake',
		lastDone: sampled('kick-net'),
		outcomes: BED_FINDS,
		likelihood: bedLikelihood,
		caution:
			'A small patch, once, where no fish spawn. Put the animals back; check whether a permit is needed.'
	},
	{
		id: 'margin-strainer',
		title: 'Strain the weed at the margin, knee-deep',
		minutes: 5,
		possible: ({ place }) => place.water === 'lake',
		lastDone: sampled('margin-strainer'),
		outcomes: BED_FINDS,
		likelihood: bedLikelihood,
		caution: 'Check, clean and dry the net before the next water.'
	},
	{
		id: 'throat',
		title: 'Throat sample of the fish just landed',
		minutes: 4,
		possible: throatPossible,
		mustMatter: true,
		lastDone: sampled('throat'),
		outcomes: NET_FINDS,
		likelihood: netLikelihood('throat'),
		caution:
			'Only where lawful and only if you are practised; gently, the fish in the water, and not if it is tired.'
	}
];
