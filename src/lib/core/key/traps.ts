import { findTaxon } from '../atlas';
import { words, type Message } from '../message';
import type { MarkId } from './mark';
import type { Suspect } from './states';

/** What goes wrong in looking at a mark, and between which animals it then matters. */
interface Trap {
	mark: MarkId;
	says: Message;
	/** It bites only while each of these is in play. */
	between: readonly ((suspect: Suspect) => boolean)[];
}

const ofGroup =
	(group: string) =>
	({ taxonId }: Suspect): boolean =>
		findTaxon(taxonId)?.group === group;
const nymphOf =
	(group: string) =>
	(suspect: Suspect): boolean =>
		suspect.stage === 'nymph' && ofGroup(group)(suspect);
const withTails =
	(tails: string) =>
	({ chances }: Suspect): boolean =>
		(chances.tails?.[tails] ?? 0) > 0.5;

const trap = words('trap', {
	'flying-ant': 'A flying ant has flat wings too: look for a waist and elbowed antennae.',
	'first-plate':
		'The first plate of the thorax looks like a wing pad: count only what ends free over the next ring.',
	'tails-break': 'Tails break off: look at several animals, or for the stump of a third.',
	'gills-collapse': 'Hold it in a spoon of water: gills collapse in air.'
});

const TRAPS: readonly Trap[] = [
	{
		mark: 'wings',
		says: trap('flying-ant'),
		between: [ofGroup('ant'), ofGroup('stonefly')]
	},
	{
		mark: 'pads',
		says: trap('first-plate'),
		between: [nymphOf('mayfly'), nymphOf('stonefly')]
	},
	{
		mark: 'tails',
		says: trap('tails-break'),
		between: [withTails('2'), withTails('3')]
	},
	{
		mark: 'gills',
		says: trap('gills-collapse'),
		between: []
	}
];

/** Each side of a trap must be at least this likely for it to bite. */
const BITES = 0.01;

/** What to mind in looking at a mark, while it matters; `share` answers how likely animals of some kind are. */
export function trapAt(
	mark: MarkId,
	share: (is: (suspect: Suspect) => boolean) => number
): Message | undefined {
	return TRAPS.find((one) => one.mark === mark && one.between.every((side) => share(side) > BITES))?.says;
}
