import type { LifeStage } from '../atlas';
import { entropyBits } from '../math';
import { type Outing, weatherOf } from '../outing';
import { CLEAR_FORMS, type SampleMethod } from '../vocabulary';
import { visibility } from './evidence';
import { hypothesisWords, type Hypothesis } from '../likeness';
import { words, type Message } from '../message';
import type { Belief, Reading } from './reading';
import { driftingNow } from '../rise';
import { BANK_SHOWS, BED_SHOWS, LOOKING, MINUTES, NET_SHOWS } from './look-tables';
import { riseFormProbability, WEIGHTS } from './weights';

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
	outcomes: Outcome[];
	caution?: Message;
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
	title: Message;
	/** What it is called where nothing flows. */
	onLake?: Message;
	minutes: number;
	possible: (outing: Outing, options: LookNextOptions) => boolean;
	/** It is only proposed where what it shows could make something else likeliest. */
	mustMatter?: true;
	/** When this was last done; asking the same again tells less. */
	lastDone: (outing: Outing) => Date | undefined;
	outcomes: readonly Message[];
	/** Probability of each outcome, in order, if the hypothesis is true. */
	likelihood: (hypothesis: Hypothesis) => number[];
	caution?: Message;
}

/**
 * The observations that would settle most, best first: by expected gain of information per minute, among
 * those possible on this water. One just made is worth little again until things change.
 */
export function lookNext(
	outing: Outing,
	reading: Reading,
	most = SHOWN,
	options: LookNextOptions = {}
): Observation[] {
	const now = reading.beliefs[0]?.hypothesis.id;
	return candidates
		.filter((candidate) => candidate.possible(outing, options))
		.map((candidate) => ({ candidate, ...expectedGain(candidate, reading.beliefs) }))
		.filter(
			({ candidate, outcomes }) =>
				!candidate.mustMatter ||
				outcomes.some((outcome) => outcome.meansId !== now && outcome.probability >= COULD_HAPPEN)
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

const {
	couldHappen: COULD_HAPPEN,
	noThroatFromC: NO_THROAT_FROM_C,
	justLandedMin: JUST_LANDED_MIN,
	againAfterMin,
	againLoses,
	followed
} = LOOKING.values;
const SHOWN = 3;

/** Whether the throat of the fish landed last may be sampled: large, the water cool, and the guide has said that it is lawful. */
function throatPossible(outing: Outing, { throatFromMm }: LookNextOptions): boolean {
	if (throatFromMm === undefined || weatherOf(outing).waterC >= NO_THROAT_FROM_C) return false;
	const landed = outing.attempts.findLast(({ note }) => note.body.outcome === 'landed');
	if (!landed || outing.now.getTime() - landed.observedAt.getTime() >= JUST_LANDED_MIN * 60_000) return false;
	const { watchId, fishLengthMm } = landed.note.body;
	const watched = outing.watches.find(({ id }) => id === watchId);
	return watched?.fish.size !== 'small' && fishLengthMm !== undefined && fishLengthMm >= throatFromMm;
}

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
		if (likeliest)
			outcomes.push({ finds, probability, means: hypothesisWords(likeliest), meansId: likeliest.id });
	});
	outcomes.sort((a, b) => b.probability - a.probability);
	return { gainBits: Math.max(0, before - after), outcomes };
}

const says = words('look', {
	'surface-net': 'Hold the surface net in the feeding lane',
	'surface-net.lake': 'Skim the surface net where they rise, or along the wind lane',
	rise: 'Watch two more rises, and how they break the film',
	follow: 'Follow three of what floats over the fish: taken or passed?',
	bank: 'Look along the bank: duns drying, spinners waiting, skins',
	'bank.lake': 'Look along bank and reeds: skins, midges and duns resting, egg-layers',
	'kick-net': 'One short kick in the riffle; look at the wing pads',
	'kick-net.caution':
		'A small patch, once, where no fish spawn. Put the animals back; check whether a permit is needed.',
	'margin-strainer': 'Strain the weed at the margin, knee-deep',
	'margin-strainer.caution': 'Check, clean and dry the net before the next water.',
	throat: 'Throat sample of the fish just landed',
	'throat.caution':
		'Only where lawful and only if you are practised; gently, the fish in the water, and not if it is tired.',
	'net.emergers': 'Mostly emergers and skins',
	'net.pupae': 'Mostly pupae',
	'net.duns': 'Mostly duns',
	'net.spent': 'Mostly spent or small flies',
	'net.winged': 'Mostly winged adults',
	'net.little': 'Little or nothing',
	'bank.spinners': 'Clear-winged spinners waiting',
	'bank.duns': 'Fresh duns drying',
	'bank.winged': 'Winged caddis, stoneflies or midges',
	'bank.nothing': 'Nothing new',
	'bed.mayfly': 'Ripe mayfly nymphs, wing pads black',
	'bed.other': 'Mostly caddis or midges',
	'bed.stonefly': 'Stonefly nymphs at the edge',
	'bed.nothing': 'Nothing ripe',
	nose: 'Unhurried noses',
	'head-back-tail': 'Head, back and tail',
	bulge: 'Bulges, film unbroken',
	splash: 'Splashes',
	crash: 'A heavy crash',
	leap: 'Leaps',
	weaving: 'Weaving below',
	taken: 'One of them is taken',
	untouched: 'All pass untouched'
});

/** What a net may mostly hold, in order; the last is hardly anything. */
const NET_CLASSES = ['emergers', 'pupae', 'duns', 'spent', 'winged', 'little'] as const;
const NET_FINDS = NET_CLASSES.map((found) => says(`net.${found}`));
const LITTLE = NET_CLASSES.length - 1;
const NET_CLASS: Partial<Record<LifeStage, (typeof NET_CLASSES)[number]>> = {
	emerger: 'emergers',
	cripple: 'emergers',
	pupa: 'pupae',
	dun: 'duns',
	spinner: 'spent',
	terrestrial: 'spent',
	adult: 'winged',
	'egg-laying': 'winged'
};

const netClass = ({ stage, kind }: Hypothesis): number =>
	NET_CLASSES.indexOf((kind === 'natural' ? NET_CLASS[stage] : undefined) ?? 'little');

/** A net shows the class of what is eaten as far as it can see it, and otherwise little or something else. */
function netLikelihood(method: SampleMethod): (hypothesis: Hypothesis) => number[] {
	const { right, little } = NET_SHOWS.values;
	return (hypothesis) => {
		const shown = right * visibility(method, hypothesis);
		const table = NET_FINDS.map((_, o) => (1 - shown) * (o === LITTLE ? little : (1 - little) / LITTLE));
		const own = netClass(hypothesis);
		table[own] = (table[own] ?? 0) + shown;
		return table;
	};
}

const BANK_FINDS = [
	says('bank.spinners'),
	says('bank.duns'),
	says('bank.winged'),
	says('bank.nothing')
] as const;

function bankLikelihood({ stage }: Hypothesis): number[] {
	const rows = BANK_SHOWS.values;
	if (stage === 'spinner') return Object.values(rows.spinner);
	if (stage === 'dun' || stage === 'emerger' || stage === 'cripple') return Object.values(rows.dun);
	if (stage === 'adult' || stage === 'egg-laying' || stage === 'pupa') return Object.values(rows.adult);
	return Object.values(rows.other);
}

const BED_FINDS = [says('bed.mayfly'), says('bed.other'), says('bed.stonefly'), says('bed.nothing')] as const;

function bedLikelihood({ group, stage }: Hypothesis): number[] {
	const rows = BED_SHOWS.values;
	if (stage === 'spinner' || stage === 'terrestrial' || stage === 'egg-laying')
		return Object.values(rows.airborne);
	return Object.values(group === 'mayfly' || group === 'stonefly' ? rows[group] : rows.other);
}

const sampled =
	(method: SampleMethod) =>
	(outing: Outing): Date | undefined =>
		outing.samples.findLast(({ note }) => note.body.method === method)?.observedAt;

const candidates: readonly Candidate[] = [
	{
		id: 'surface-net',
		title: says('surface-net'),
		onLake: says('surface-net.lake'),
		minutes: MINUTES.values['surface-net'],
		possible: () => true,
		lastDone: sampled('surface-net'),
		outcomes: NET_FINDS,
		likelihood: netLikelihood('surface-net')
	},
	{
		id: 'rise',
		title: says('rise'),
		minutes: MINUTES.values.rise,
		possible: () => true,
		lastDone: () => undefined,
		outcomes: CLEAR_FORMS.map((form) => says(form)),
		likelihood: ({ taking }) => CLEAR_FORMS.map((form) => riseFormProbability(taking, form))
	},
	{
		id: 'follow',
		title: says('follow'),
		minutes: MINUTES.values.follow,
		possible: (outing) =>
			outing.watches.some((watch) => !watch.endedAt && driftingNow(outing, watch, 1).length > 0),
		lastDone: ({ drifted }) => drifted.at(-1)?.observedAt,
		outcomes: [says('taken'), says('untouched')],
		likelihood: ({ kind, zone, taking }) => {
			const rides = kind === 'natural' && zone === 'on-film' && taking !== 'spent';
			const { takes, passes } = rides ? WEIGHTS.taken.food : WEIGHTS.taken.other;
			// Three in a row untouched, with the share taken as unsure as it is.
			let untouched = 1;
			for (let i = 0; i < followed; i++) untouched *= (passes + i) / (takes + passes + i);
			return [1 - untouched, untouched];
		}
	},
	{
		id: 'bank',
		title: says('bank'),
		onLake: says('bank.lake'),
		minutes: MINUTES.values.bank,
		possible: () => true,
		lastDone: sampled('bank'),
		outcomes: BANK_FINDS,
		likelihood: bankLikelihood
	},
	{
		id: 'kick-net',
		title: says('kick-net'),
		minutes: MINUTES.values['kick-net'],
		possible: ({ place }) => place.water !== 'lake',
		lastDone: sampled('kick-net'),
		outcomes: BED_FINDS,
		likelihood: bedLikelihood,
		caution: says('kick-net.caution')
	},
	{
		id: 'margin-strainer',
		title: says('margin-strainer'),
		minutes: MINUTES.values['margin-strainer'],
		possible: ({ place }) => place.water === 'lake',
		lastDone: sampled('margin-strainer'),
		outcomes: BED_FINDS,
		likelihood: bedLikelihood,
		caution: says('margin-strainer.caution')
	},
	{
		id: 'throat',
		title: says('throat'),
		minutes: MINUTES.values.throat,
		possible: throatPossible,
		mustMatter: true,
		lastDone: sampled('throat'),
		outcomes: NET_FINDS,
		likelihood: netLikelihood('throat'),
		caution: says('throat.caution')
	}
];
