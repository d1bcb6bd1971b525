import { findTaxon, type ColumnZone, isSurface } from '../atlas';
import { words, type Message } from '../message';
import { type Outing, weatherOf } from '../outing';
import { quarrel } from '../rule';
import { nothingRises, type Belief } from '../reading';
import { dryMassMg } from '../tray';
import type { SampleMethod } from '../vocabulary';
import { PREFERRED } from './choice-tables';

/** Schools of what to do when nothing rises. */
export const NOTHING_RISING = quarrel<'below' | 'dry' | 'wait', { likelier: 'below' | 'surface' }>(
	'nothingRising',
	{ asks: 'When nothing rises', usual: 'below' },
	{
		below: {
			name: 'Go below',
			consequence: 'Flies for where fish feed when none shows: bed and mid-water.',
			likelier: 'below'
		},
		dry: {
			name: 'Prospect with a dry',
			consequence: 'Flies for the surface are put before what the reading would say: fewer takes, seen ones.',
			likelier: 'surface'
		},
		wait: {
			name: 'Wait for the warm hour',
			consequence: 'Flies as to go below, and a word that waiting may be better.',
			likelier: 'below'
		}
	}
);

/** Schools of which animal of the bed to match. */
export const FROM_TRAY = quarrel<'commonest' | 'most-food', { by: 'number' | 'food' }>(
	'fromTray',
	{ asks: 'Which animal from the tray', usual: 'commonest' },
	{
		commonest: {
			name: 'The commonest',
			consequence: 'What there is most of, fish meet most of.',
			by: 'number'
		},
		'most-food': {
			name: 'The most food for the effort',
			consequence: 'Large animals before small ones, in cold water most of all.',
			by: 'food'
		}
	}
);

/** Schools of how to fish a stonefly. */
export const STONEFLY = quarrel<'commoner' | 'dry', { adult: 'as-read' | 'likelier' }>(
	'stonefly',
	{ asks: 'A stonefly', usual: 'commoner' },
	{
		commoner: {
			name: 'Nymph or adult, whichever is commoner',
			consequence: 'As the notes say: before the crawl the nymph, after it the adult.',
			adult: 'as-read'
		},
		dry: {
			name: 'Dry by preference',
			consequence: 'The adult is put first as soon as there may be any.',
			adult: 'likelier'
		}
	}
);

/** How a guide answers what practitioners quarrel about when they choose a fly. */
export interface Preferences {
	nothingRising?: (typeof NOTHING_RISING.ids)[number];
	fromTray?: (typeof FROM_TRAY.ids)[number];
	stonefly?: (typeof STONEFLY.ids)[number];
}

const { surfaceLikelier, belowLikelier, adultLikelier, food, foodInCold, coldC } = PREFERRED.values;

const OF_THE_BED: ReadonlySet<SampleMethod> = new Set(['kick-net', 'stones', 'margin-strainer']);

/** What a fly is matched to, likeliest first: what is believed, bent by how the guide answers the quarrels. They sum to 1. */
export function preferred(
	beliefs: readonly Belief[],
	outing: Outing,
	{ nothingRising = 'below', fromTray = 'commonest', stonefly = 'commoner' }: Preferences
): Belief[] {
	const searching = nothingRises(outing) ? NOTHING_RISING.choices[nothingRising].likelier : undefined;
	const tray = outing.samples.some(({ note }) => OF_THE_BED.has(note.body.method));
	const feeding = FROM_TRAY.choices[fromTray].by === 'food' && tray;
	const adults = STONEFLY.choices[stonefly].adult === 'likelier';
	if (!searching && !feeding && !adults) return [...beliefs];
	const power = weatherOf(outing).waterC < coldC ? foodInCold : food;
	const bent = beliefs.map(({ hypothesis, probability }): Belief => {
		const { kind, zone, group, stage } = hypothesis;
		if (kind !== 'natural' && kind !== 'group') return { hypothesis, probability };
		const where = isSurface(zone) ? 'surface' : 'below';
		const sought = searching !== where ? 1 : where === 'surface' ? surfaceLikelier : belowLikelier;
		const winged = adults && group === 'stonefly' && stage !== 'nymph' ? adultLikelier : 1;
		return { hypothesis, probability: probability * sought * winged };
	});
	return normalised(feeding ? byFood(bent, power) : bent);
}

/** What is taken near the bed, shared out by the food in it; how likely it is beside the rest stays as it was. */
function byFood(beliefs: readonly Belief[], power: number): Belief[] {
	const below = beliefs.filter(isBelow);
	const worth = ({ hypothesis: { lengthMm, taxonId, group, stage }, probability }: Belief) =>
		probability * dryMassMg(lengthMm, findTaxon(taxonId) ?? { group }, stage) ** power;
	const sum = (of: (belief: Belief) => number) => below.reduce((all, belief) => all + of(belief), 0);
	const scale = sum(({ probability }) => probability) / sum(worth);
	return beliefs.map((belief) =>
		isBelow(belief) ? { ...belief, probability: scale * worth(belief) } : belief
	);
}
const isBelow = ({ hypothesis: { kind, taking } }: Belief): boolean =>
	(kind === 'natural' || kind === 'group') && taking === 'drift';

function normalised(beliefs: readonly Belief[]): Belief[] {
	const sum = beliefs.reduce((all, { probability }) => all + probability, 0);
	return beliefs
		.map((belief) => ({ ...belief, probability: belief.probability / sum }))
		.sort((a, b) => b.probability - a.probability);
}

const says = words('preference', {
	below: 'Nothing rises: fished below, where fish feed then.',
	dry: 'Nothing rises: a dry to search with.',
	wait: 'Nothing rises: it may be worth waiting until the water is warmest.'
});

/** What the answer to *nothing rises* says of a fly that fishes at a height, when nothing does. */
export function saidOfNoRise(
	outing: Outing,
	zone: ColumnZone,
	{ nothingRising = 'below' }: Preferences
): Message | undefined {
	if (!nothingRises(outing)) return undefined;
	if (nothingRising !== 'wait' && isSurface(zone) !== (nothingRising === 'dry')) return undefined;
	return says(nothingRising);
}
