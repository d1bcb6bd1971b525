import { ZONE_NAMES, type ColumnZone } from '../atlas';
import { words } from '../message';
import { FIELD_RULE, numbers } from '../rule';
import { METHOD_NAMES, type SampleMethod } from '../vocabulary';

const says = words('detection', {
	sees: 'What each way of looking sees',
	'sees.reason': 'How much of what is at a height it catches: its eyes and its blind spots.',
	eye: 'The eye, from the bank',
	passes: 'What passes for something else',
	'passes.reason':
		'A surface net catches part of what hangs unseen, skins and the larger ones, and a throat more of it; cripples pass for emergers, and only some are told apart; a rise form is misnamed in ripple and glare, mixed evenly into every row. What lies in the net was plainly visible to it. A method that sees less than its reach of what is at a height does not count as reaching it.',
	unseenInNet: 'Something unseen, in a surface net',
	unseenInThroat: 'Something unseen, in a throat',
	cripplesToldApart: 'A cripple is told from an emerger',
	misnamedForm: 'A rise form is misnamed',
	metInNet: 'What lies in the net was visible to it, at least',
	reaches: 'Reaches a height from here on'
});

/** How much of what is at each height is seen. */
export const SEES = numbers(
	'reading.sees',
	{
		title: says('sees'),
		reason: says('sees.reason'),
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE,
		keys: { ...METHOD_NAMES, ...ZONE_NAMES, eye: says('eye') }
	},
	{
		eye: { air: 1, 'on-film': 1, 'in-film': 0.3, 'under-film': 0.1, drift: 0.05, bed: 0.05 },
		'surface-net': { air: 0, 'on-film': 0.9, 'in-film': 1, 'under-film': 0.5, drift: 0.15, bed: 0 },
		'kick-net': { air: 0, 'on-film': 0, 'in-film': 0, 'under-film': 0.05, drift: 0.6, bed: 1 },
		stones: { air: 0, 'on-film': 0, 'in-film': 0, 'under-film': 0, drift: 0.4, bed: 0.8 },
		bank: { air: 1, 'on-film': 0.35, 'in-film': 0.05, 'under-film': 0, drift: 0, bed: 0 },
		'margin-strainer': { air: 0, 'on-film': 0.1, 'in-film': 0.2, 'under-film': 0.5, drift: 0.4, bed: 0.8 },
		throat: { air: 0.9, 'on-film': 1, 'in-film': 1, 'under-film': 1, drift: 1, bed: 1 }
	} satisfies Record<SampleMethod | 'eye', Record<ColumnZone, number>>
);

export const PASSES_FOR = numbers(
	'reading.passes-for',
	{
		title: says('passes'),
		reason: says('passes.reason'),
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE,
		keys: {
			unseenInNet: says('unseenInNet'),
			unseenInThroat: says('unseenInThroat'),
			cripplesToldApart: says('cripplesToldApart'),
			misnamedForm: says('misnamedForm'),
			metInNet: says('metInNet'),
			reaches: says('reaches')
		}
	},
	{
		unseenInNet: 0.3,
		unseenInThroat: 0.6,
		cripplesToldApart: 0.4,
		misnamedForm: 0.16,
		metInNet: 0.4,
		reaches: 0.3
	}
);

/** What a way of looking shows, and what it misses. */
export const DETECTION_TABLES = [SEES, PASSES_FOR] as const;
