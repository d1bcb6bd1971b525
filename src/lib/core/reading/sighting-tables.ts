import type { LifeStage } from '../atlas';
import { FIELD_RULE, numbers } from '../rule';
import type { Abundance, Sign } from '../vocabulary';

export const ABUNDANCE = numbers(
	'reading.abundance',
	{
		unit: 'count',
		range: [0, 1000],
		source: FIELD_RULE
	},
	{ none: 0, single: 1, few: 4, many: 15, masses: 60 } satisfies Record<Abundance, number>
);

export const SIGHTING_SPREAD = numbers(
	'reading.sighting-spread',
	{
		unit: 'share',
		range: [0, 1],
		source: FIELD_RULE
	},
	{
		insects: {
			nymph: { nymph: 1, emerger: 0.2 },
			larva: { larva: 1, pupa: 0.2 },
			emerger: { emerger: 1, cripple: 0.6, dun: 0.5, nymph: 0.2 },
			pupa: { pupa: 1, adult: 0.5, larva: 0.1 },
			cripple: { cripple: 1, emerger: 0.7, dun: 0.4 },
			dun: { dun: 1, emerger: 0.9, cripple: 0.7 },
			adult: { adult: 1, pupa: 0.5, 'egg-laying': 0.4 },
			'egg-laying': { 'egg-laying': 1, adult: 0.5 },
			spinner: { spinner: 1 },
			terrestrial: { terrestrial: 1, adult: 0.3 },
			crustacean: { crustacean: 1 },
			aquatic: { aquatic: 1 },
			fry: { fry: 1 }
		},
		// Empty skins tell that something has just passed through the film, or crawled out.
		shucks: {
			nymph: { emerger: 0.9, cripple: 0.6, dun: 0.5, adult: 0.7 },
			emerger: { emerger: 0.9, cripple: 0.6, dun: 0.5 },
			pupa: { pupa: 0.9, adult: 0.5 },
			cripple: { emerger: 0.9, cripple: 0.6, dun: 0.5 },
			dun: { emerger: 0.9, cripple: 0.6, dun: 0.5 },
			adult: { pupa: 0.9, adult: 0.6 },
			larva: { pupa: 0.6, adult: 0.4 },
			'egg-laying': { adult: 0.3 },
			spinner: { spinner: 0.2 },
			terrestrial: {},
			crustacean: {},
			aquatic: {},
			fry: {}
		},
		// Dancing in the air and not fallen yet: soon, not now.
		swarm: {
			spinner: { spinner: 0.3 },
			dun: { spinner: 0.3 },
			adult: { adult: 0.15, 'egg-laying': 0.3 },
			'egg-laying': { 'egg-laying': 0.4 },
			terrestrial: { adult: 0.3 },
			nymph: {},
			larva: {},
			emerger: {},
			pupa: {},
			cripple: {},
			crustacean: {},
			aquatic: {},
			fry: {}
		},
		// On the move before they hatch or crawl out; never a word for an emerger of something else.
		restless: {
			nymph: { nymph: 1, emerger: 0.6, adult: 0.2 },
			larva: { larva: 1, pupa: 0.5 },
			pupa: { pupa: 1, adult: 0.3 },
			emerger: { emerger: 1 },
			cripple: {},
			dun: {},
			adult: {},
			'egg-laying': {},
			spinner: {},
			terrestrial: {},
			crustacean: { crustacean: 1 },
			aquatic: { aquatic: 1 },
			fry: { fry: 1 }
		},
		'to-shallows': {
			nymph: { nymph: 1, adult: 0.7, dun: 0.2 },
			larva: { larva: 1, pupa: 0.4, adult: 0.3 },
			pupa: { pupa: 1, adult: 0.6 },
			emerger: {},
			cripple: {},
			dun: {},
			adult: {},
			'egg-laying': {},
			spinner: {},
			terrestrial: {},
			crustacean: { crustacean: 1 },
			aquatic: { aquatic: 1 },
			fry: { fry: 1 }
		}
	} satisfies Record<Sign, Record<LifeStage, Partial<Record<LifeStage, number>>>>
);

/** What nobody could name: how like a taxon is to what was seen of length, as logarithm, and of colour, in ΔE00. */
export const UNNAMED = numbers(
	'reading.unnamed',
	{
		unit: 'factor',
		range: [0, 100],
		source: FIELD_RULE
	},
	{ lengthSpread: 0.25, colourSpread: 15, leastLike: 0.05 }
);

/** What was seen, with a name or without. */
export const SIGHTING_TABLES = [ABUNDANCE, SIGHTING_SPREAD, UNNAMED] as const;
