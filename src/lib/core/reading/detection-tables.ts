import { type ColumnZone } from '../atlas';
import { FIELD_RULE, numbers } from '../rule';
import { type SampleMethod } from '../vocabulary';

/** How much of what is at each height is seen. */
export const SEES = numbers(
	'reading.sees',
	{
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE
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
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE
	},
	{
		unseenInNet: 0.3,
		unseenInThroat: 0.6,
		cripplesToldApart: 0.4,
		misnamedForm: 0.16,
		metInNet: 0.9,
		reaches: 0.3
	}
);

/** What a way of looking shows, and what it misses. */
export const DETECTION_TABLES = [SEES, PASSES_FOR] as const;
