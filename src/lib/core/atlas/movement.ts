import type { Anatomy } from './anatomy';
import { anatomyOf } from './lookup';
import type { Movement } from './movements';
import type { StageTraits, Taxon } from './taxon';

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
	crab: 'crawls',
	flea: 'rows',
	egg: 'stays'
};
