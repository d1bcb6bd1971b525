import type { LifeStage } from '../atlas';
import type { Message } from '../message';
import { stateWords, type MarkId } from './mark';

/** Stages that are named alike. */
type Kind = 'winged' | 'young' | 'emerging' | 'other';

const KINDS: Partial<Record<LifeStage, Kind>> = {
	dun: 'winged',
	spinner: 'winged',
	adult: 'winged',
	'egg-laying': 'winged',
	nymph: 'young',
	larva: 'young',
	emerger: 'emerging',
	cripple: 'emerging',
	pupa: 'emerging'
};

/** What an answer is called where the usual name would fit another stage better. */
const WORDS: Partial<Record<Kind, Partial<Record<MarkId, Readonly<Record<string, string>>>>>> = {
	winged: {
		build: {
			slender: 'A slim body',
			stout: 'A short, thick body',
			waisted: 'A thin waist, like a wasp',
			oval: 'A hard oval'
		},
		antennae: { short: 'Short, like bristles' },
		movement: { crawls: 'walks slowly', clings: 'clings where it sits' },
		gills: { none: 'None: it breathes air' },
		skin: { free: 'No, it is out' }
	},
	young: {
		wings: { none: 'No wings, at most pads' },
		build: { clinger: 'Flat, with a broad head', burrower: 'Long, with tusks or digging legs' },
		skin: { free: 'No' }
	},
	emerging: {
		wings: { crumpled: 'Crumpled, half out' },
		build: { slender: 'Slim', stout: 'Short and thick, legs folded', comma: 'A comma with a thick head' }
	},
	other: {
		wings: { none: 'No wings' },
		legs: { none: 'None' }
	}
};

/** The words for an answer: its own where every animal that would give it is of one kind of stage, else the usual ones. */
export function wordsFor(mark: MarkId, state: string, suspects: readonly { stage: LifeStage }[]): Message {
	const [first, ...rest] = new Set(suspects.map(({ stage }) => KINDS[stage] ?? 'other'));
	const own = first && rest.length === 0 ? WORDS[first]?.[mark]?.[state] : undefined;
	return own === undefined ? stateWords(mark, state) : { id: `mark.${mark}.${state}.${first}`, text: own };
}
