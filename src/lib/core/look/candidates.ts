import type { LifeStage } from '../atlas';
import type { Hypothesis } from '../likeness';
import { words, type Message } from '../message';
import { type Outing, weatherOf } from '../outing';
import { driftingNow } from '../rise';
import { CLEAR_FORMS, type SampleMethod } from '../vocabulary';
import { nothingRises, riseFormProbability, visibility, WEIGHTS } from '../reading';
import { BANK_SHOWS, BED_SHOWS, COUNT_SHOWS, LOOKING, MINUTES, NET_SHOWS, STRAINER_SHOWS } from './tables';

/** What the guide has said of sampling. */
export interface LookNextOptions {
	/**
	 * Throat samples are lawful where the guide works and practised, on fish from this length, mm; left out, none is
	 * ever proposed.
	 */
	throatFromMm?: number;
}

/** An observation that may be proposed: where it can be made, and how likely each outcome is by what is taken. */
export interface Candidate {
	id: string;
	title: Message;
	/** What it is called where nothing flows. */
	onLake?: Message;
	minutes: number;
	possible: (outing: Outing, options: LookNextOptions) => boolean;
	/** When this was last done; asking the same again tells less. */
	lastDone: (outing: Outing) => Date | undefined;
	outcomes: readonly Message[];
	/** Probability of each outcome, in order, if the hypothesis is true. */
	likelihood: (hypothesis: Hypothesis) => number[];
	caution?: Message;
}

const {
	laneFromMs: LANE_FROM_MS,
	windLaneFromMs: WIND_LANE_FROM_MS,
	noThroatFromC: NO_THROAT_FROM_C,
	justLandedMin: JUST_LANDED_MIN,
	followed
} = LOOKING.values;

/** Whether anything carries insects into a net: a current, or on a lake the wind. */
function hasLane(outing: Outing): boolean {
	if (outing.place.water === 'lake') return (outing.conditions.windMs?.value ?? 0) >= WIND_LANE_FROM_MS;
	const speedMs = outing.watches.at(-1)?.fish.speedMs ?? outing.conditions.speedMs?.value;
	return speedMs === undefined || speedMs >= LANE_FROM_MS;
}

/** Whether the throat of the fish landed last may be sampled: large, the water cool, and the guide has said that it is lawful. */
function throatPossible(outing: Outing, { throatFromMm }: LookNextOptions): boolean {
	if (throatFromMm === undefined || weatherOf(outing).waterC >= NO_THROAT_FROM_C) return false;
	const landed = outing.attempts.findLast(({ note }) => note.body.outcome === 'landed');
	if (!landed || outing.now.getTime() - landed.observedAt.getTime() >= JUST_LANDED_MIN * 60_000) return false;
	const { watchId, fishLengthMm } = landed.note.body;
	const watched = outing.watches.find(({ id }) => id === watchId);
	return watched?.fish.size !== 'small' && fishLengthMm !== undefined && fishLengthMm >= throatFromMm;
}

const says = words('look', {
	'surface-net': 'Hold the surface net in the feeding lane',
	'surface-net.lake': 'Skim the surface net along the wind lane',
	rise: 'Watch two more rises, and how they break the film',
	count: 'Count rises, of all fish in sight, for two minutes',
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
	'weed.midges': 'Midge larvae and pupae',
	'weed.mayflies': 'Mayfly nymphs, wing pads dark',
	'weed.swimmers': 'Damsels, boatmen and others that swim',
	'weed.grazers': 'Shrimps, sow bugs and snails',
	nose: 'Unhurried noses',
	'head-back-tail': 'Head, back and tail',
	bulge: 'Bulges, film unbroken',
	splash: 'Splashes',
	crash: 'A heavy crash',
	leap: 'Leaps',
	weaving: 'Weaving below',
	'count.none': 'None',
	'count.few': 'One or two, here and there',
	'count.many': 'Many, steadily',
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

const STRAINER_FINDS = [
	says('weed.midges'),
	says('weed.mayflies'),
	says('weed.swimmers'),
	says('weed.grazers')
] as const;

/** What lives in the weed shows what swims past it, by its kind; hardly what falls on the water. */
function strainerLikelihood({ group, stage, kind }: Hypothesis): number[] {
	const rows = STRAINER_SHOWS.values;
	const winged =
		stage === 'adult' || stage === 'egg-laying' || stage === 'spinner' || stage === 'terrestrial';
	if (winged || kind === 'anything') return Object.values(rows.airborne);
	if (group === 'true-fly') return Object.values(rows.midge);
	if (group === 'mayfly') return Object.values(rows.mayfly);
	return Object.values(stage === 'crustacean' || group === 'snail' ? rows.grazer : rows.swimmer);
}

/** What two rises mostly show, where each shows a form so often: both of them the same. */
function twoOf(chances: readonly number[]): number[] {
	const squares = chances.map((chance) => chance * chance);
	const sum = squares.reduce((total, square) => total + square, 0);
	return squares.map((square) => square / sum);
}

const sampled =
	(method: SampleMethod) =>
	(outing: Outing): Date | undefined =>
		outing.samples.findLast(({ note }) => note.body.method === method)?.observedAt;

/** All that a guide may look at. */
export const CANDIDATES: readonly Candidate[] = [
	{
		id: 'surface-net',
		title: says('surface-net'),
		onLake: says('surface-net.lake'),
		minutes: MINUTES.values['surface-net'],
		possible: hasLane,
		lastDone: sampled('surface-net'),
		outcomes: NET_FINDS,
		likelihood: netLikelihood('surface-net')
	},
	{
		id: 'rise',
		title: says('rise'),
		minutes: MINUTES.values.rise,
		// Where somebody has just looked for them in vain there are none to watch.
		possible: (outing) => !nothingRises(outing),
		lastDone: () => undefined,
		outcomes: CLEAR_FORMS.map((form) => says(form)),
		likelihood: ({ taking }) => twoOf(CLEAR_FORMS.map((form) => riseFormProbability(taking, form)))
	},
	{
		id: 'count',
		title: says('count'),
		minutes: MINUTES.values.count,
		possible: () => true,
		lastDone: ({ looked }) => looked.at(-1)?.observedAt,
		outcomes: [says('count.none'), says('count.few'), says('count.many')],
		likelihood: ({ kind, taking }) => {
			const rows = COUNT_SHOWS.values;
			if (kind === 'not-feeding') return Object.values(rows.idle);
			if (kind === 'fading') return Object.values(rows.fading);
			return Object.values(taking === 'drift' ? rows.below : rows.above);
		}
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
		outcomes: STRAINER_FINDS,
		likelihood: strainerLikelihood,
		caution: says('margin-strainer.caution')
	},
	{
		id: 'throat',
		title: says('throat'),
		minutes: MINUTES.values.throat,
		possible: throatPossible,
		lastDone: sampled('throat'),
		outcomes: NET_FINDS,
		likelihood: netLikelihood('throat'),
		caution: says('throat.caution')
	}
];
