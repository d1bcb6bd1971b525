import type { Anatomy } from './anatomy';
import type { Message } from '../message';
import { anatomyOf } from './lookup';
import type { StageTraits, Taxon } from './taxon';

/** How an animal gets about, as a guide sees it in the jar or on the water. */
export const MOVEMENTS = {
	darts: 'swims in quick darts',
	wriggles: 'wriggles or loops its body',
	clings: 'clings and creeps sideways',
	crawls: 'crawls slowly',
	burrows: 'digs into silt',
	hangs: 'hangs under the film',
	sits: 'sits still on the film',
	lies: 'lies flat and spent',
	flutters: 'flutters, runs or skates',
	rows: 'rows in jerks',
	kicks: 'kicks and struggles',
	stays: 'hardly moves'
} as const;
export type Movement = keyof typeof MOVEMENTS;

/** How it moves, in words. */
export const movementWords = (movement: Movement): Message => ({
	id: `movement.${movement}`,
	text: MOVEMENTS[movement]
});

/**
 * How a stage of a taxon moves. Nymphs move as they are built, the others as their stage does; after Merritt,
 * Cummins & Berg (2008), habits of the orders.
 *
 * `movementOf(baetis, nymph)` is `darts`.
 */
export function movementOf(taxon: Taxon, traits: StageTraits): Movement {
	if (traits.moves) return traits.moves;
	switch (traits.stage) {
		case 'emerger':
		case 'pupa':
			return taxon.group === 'caddisfly' ? 'rows' : 'hangs';
		case 'cripple':
			return 'kicks';
		case 'dun':
			return 'sits';
		case 'spinner':
			return 'lies';
		case 'egg-laying':
			return 'flutters';
		case 'adult':
			return taxon.group === 'true-fly' || taxon.group === 'ant' ? 'sits' : 'flutters';
		case 'terrestrial':
			return 'kicks';
		case 'fry':
			return 'darts';
		case 'crustacean':
			return 'rows';
		default:
			return BUILT[anatomyOf(taxon, traits).build];
	}
}

const BUILT: Record<Anatomy['build'], Movement> = {
	swimmer: 'darts',
	clinger: 'clings',
	burrower: 'burrows',
	slender: 'wriggles',
	grub: 'crawls',
	comma: 'hangs',
	waisted: 'kicks',
	stout: 'crawls',
	scud: 'rows',
	oval: 'rows',
	shell: 'stays',
	ribbon: 'wriggles',
	fish: 'darts',
	crayfish: 'crawls',
	flea: 'rows'
};
