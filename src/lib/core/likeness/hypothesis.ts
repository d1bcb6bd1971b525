import {
	GROUP_NAMES,
	naturalWords,
	STAGE_NAMES,
	type ColumnZone,
	type Group,
	type Lab,
	type LifeStage
} from '../atlas';
import { atStart, within, words, type Message } from '../message';

/**
 * How a fish takes something: what its rise can look like follows from that. Upright naturals may fly off,
 * those hanging in the film and the spent can't, and active ones must be caught.
 */
export type Taking = 'spent' | 'film' | 'upright' | 'active' | 'large' | 'rising' | 'drift' | 'anything';

/**
 * One thing the fish may be eating: a stage of a taxon, of a group that nobody could name further, something unseen in the film, or
 * nothing in particular; or that it does not feed, or gathers what a hatch that ends has left.
 */
export interface Hypothesis {
	/** `baetis/emerger`, `group/mayfly/dun`, `unseen/mayfly`, `anything`, `not-feeding` or `fading`. */
	id: string;
	kind: 'natural' | 'group' | 'unseen' | 'anything' | 'not-feeding' | 'fading';
	/** The taxon; for the unseen, the likeliest of its group, whose look it borrows; empty where there is none. */
	taxonId: string;
	group: Group;
	stage: LifeStage;
	zone: ColumnZone;
	taking: Taking;
	/** Body length here today in mm: as sampled, or the atlas's typical one. */
	lengthMm: number;
	/** Not yet full grown, and so long as a share of those that are: they have hatched, and what is left grows for another year. */
	younger?: number;
	colours: { belly: Lab; back: Lab; wing?: Lab };
}

const says = words('hypothesis', {
	'something-unseen': 'something unseen',
	anything: 'nothing in particular',
	unseen: 'an unseen {group} in the film',
	group: '{group} {stage}',
	'not-feeding': 'not feeding yet',
	fading: 'the leavings of a hatch that ends'
});

/** Whether a fish would be on something that a fly can be like: a natural, or something unseen. */
export const isParticular = ({ kind }: Hypothesis): boolean =>
	kind === 'natural' || kind === 'group' || kind === 'unseen';

/** "Emerger", "Something unseen". */
export function hypothesisName({ kind, stage }: Hypothesis): Message {
	if (kind === 'natural' || kind === 'group') return atStart(STAGE_NAMES[stage]);
	return atStart(says(kind === 'unseen' ? 'something-unseen' : kind));
}

/** "olive emerger", "an unseen mayfly in the film": for use inside a sentence. */
export function hypothesisWords({ kind, taxonId, stage, group }: Hypothesis): Message {
	if (kind === 'natural') return naturalWords(taxonId, stage);
	if (kind === 'unseen') return says('unseen', { group: GROUP_NAMES[group] });
	if (kind === 'group')
		return says('group', { group: GROUP_NAMES[group], stage: within(STAGE_NAMES[stage]) });
	return says(kind);
}
