import { FIELD_RULE, numbers } from '../rule';

export const MINUTES = numbers(
	'look.minutes',
	{
		unit: 'min',
		range: [0.5, 60],
		source: FIELD_RULE
	},
	{ 'surface-net': 3, rise: 3, count: 2, follow: 2, bank: 2, 'kick-net': 6, 'margin-strainer': 5, throat: 4 }
);

export const NET_SHOWS = numbers(
	'look.net-shows',
	{
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE
	},
	{ right: 0.7, little: 0.45 }
);

export const BANK_SHOWS = numbers(
	'look.bank-shows',
	{
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		rowsSumTo1: true
	},
	{
		spinner: { spinners: 0.65, duns: 0.12, winged: 0.08, nothing: 0.15 },
		dun: { spinners: 0.1, duns: 0.55, winged: 0.1, nothing: 0.25 },
		adult: { spinners: 0.08, duns: 0.1, winged: 0.6, nothing: 0.22 },
		other: { spinners: 0.12, duns: 0.15, winged: 0.15, nothing: 0.58 }
	}
);

export const BED_SHOWS = numbers(
	'look.bed-shows',
	{
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		rowsSumTo1: true
	},
	{
		airborne: { mayflies: 0.2, others: 0.2, stoneflies: 0.1, nothing: 0.5 },
		mayfly: { mayflies: 0.5, others: 0.15, stoneflies: 0.1, nothing: 0.25 },
		stonefly: { mayflies: 0.15, others: 0.15, stoneflies: 0.5, nothing: 0.2 },
		other: { mayflies: 0.15, others: 0.5, stoneflies: 0.1, nothing: 0.25 }
	}
);

export const STRAINER_SHOWS = numbers(
	'look.strainer-shows',
	{
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		rowsSumTo1: true
	},
	{
		midge: { midges: 0.5, mayflies: 0.15, swimmers: 0.2, grazers: 0.15 },
		mayfly: { midges: 0.25, mayflies: 0.45, swimmers: 0.15, grazers: 0.15 },
		swimmer: { midges: 0.2, mayflies: 0.1, swimmers: 0.55, grazers: 0.15 },
		grazer: { midges: 0.2, mayflies: 0.1, swimmers: 0.2, grazers: 0.5 },
		airborne: { midges: 0.3, mayflies: 0.2, swimmers: 0.3, grazers: 0.2 }
	}
);

export const COUNT_SHOWS = numbers(
	'look.count-shows',
	{
		unit: 'chance',
		range: [0, 1],
		source: FIELD_RULE,
		rowsSumTo1: true
	},
	{
		idle: { none: 0.75, few: 0.2, many: 0.05 },
		fading: { none: 0.15, few: 0.7, many: 0.15 },
		below: { none: 0.5, few: 0.35, many: 0.15 },
		above: { none: 0.1, few: 0.4, many: 0.5 }
	}
);

export const LOOKING = numbers(
	'look.proposed',
	{
		unit: 'count',
		range: [0, 100],
		source:
			'Raiffa, H. & Schlaifer, R. (1961), Applied statistical decision theory, for the gain; field rule for the numbers'
	},
	{
		worthDoing: 0.005,
		anotherSize: 1.33,
		laneFromMs: 0.05,
		windLaneFromMs: 2,
		noThroatFromC: 18,
		justLandedMin: 10,
		againAfterMin: 30,
		againLoses: 0.9,
		followed: 3
	}
);

/** What decides which observation is proposed. */
export const LOOK_TABLES = [
	MINUTES,
	NET_SHOWS,
	BANK_SHOWS,
	BED_SHOWS,
	STRAINER_SHOWS,
	COUNT_SHOWS,
	LOOKING
] as const;
