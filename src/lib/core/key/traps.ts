import { findTaxon } from '../atlas';
import type { MarkId } from './mark';
import type { Suspect } from './states';

/** What goes wrong in looking at a mark, and between which animals it then matters. */
interface Trap {
	mark: MarkId;
	says: string;
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

const TRAPS: readonly Trap[] = [
	{
		mark: 'wings',
		says: 'A flying ant has flat wings too: look for a waist and elbowed antennae.',
		between: [ofGroup('ant'), ofGroup('stonefly')]
	},
	{
		mark: 'pads',
		says: 'The first plate of the thorax looks like a wing pad: count only what ends free over the next ring.',
		between: [nymphOf('mayfly'), nymphOf('stonefly')]
	},
	{
		mark: 'tails',
		says: 'Tails break off: look at several animals, or for the stump of a third.',
		between: [withTails('2'), withTails('3')]
	},
	{
		mark: 'gills',
		says: 'Hold it in a spoon of water: gills collapse in air.',
		between: []
	}
];

/** Each side of a trap must be at least this likely for it to bite. */
const BITES = 0.01;

/** What to mind in looking at a mark, while it matters; `share` answers how likely animals of some kind are. */
export function trapAt(
	mark: MarkId,
	share: (is: (suspect: Suspect) => boolean) => number
): string | undefined {
	return TRAPS.find((trap) => trap.mark === mark && trap.between.every((side) => share(side) > BITES))?.says;
}
