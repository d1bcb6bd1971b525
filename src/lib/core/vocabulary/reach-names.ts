import { names } from '../message';
import type { BankSide, Cast, ReachKind, Stance } from './lists';

export const REACH_KIND_NAMES = names('reach-kind', {
	riffle: 'Riffle',
	run: 'Run',
	pool: 'Pool',
	'pocket-water': 'Pocket water',
	glide: 'Glide',
	braid: 'Braid',
	eddy: 'Eddy',
	weir: 'Below a weir',
	bay: 'Bay',
	'drop-off': 'Drop-off',
	'weed-edge': 'Weed edge',
	inflow: 'Inflow'
} satisfies Record<ReachKind, string>);

export const STANCE_NAMES = names('stance', {
	below: 'Straight below',
	'below-and-across': 'Below and across',
	across: 'From the side',
	'above-and-across': 'Above and across',
	above: 'Straight above'
} satisfies Record<Stance, string>);

export const CAST_NAMES = names('cast', {
	straight: 'Straight cast',
	reach: 'Reach cast',
	pile: 'Pile cast',
	wiggle: 'Wiggle cast',
	mend: 'Mended line'
} satisfies Record<Cast, string>);

export const BANK_NAMES = names('bank', {
	left: 'Left bank',
	right: 'Right bank'
} satisfies Record<BankSide, string>);
