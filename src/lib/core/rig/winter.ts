import { words, type Message } from '../message';
import type { Sky } from '../vocabulary';
import { WINTER } from './line-tables';

const says = words('winter', {
	calm: 'Calm to moderate wind.',
	'calm.no': 'Too windy for the few that hatch.',
	'warm-hours': 'The warm hours, noon to two.',
	'warm-hours.no': 'Outside the warm hours, noon to two.',
	warming: 'The day is slowly warming.',
	'warming.no': 'The day is not warming.',
	'light-enough': 'Light enough for midges to rise.',
	'light-enough.no': 'Too dark and wet.',
	'clear-enough': 'Clear enough to find a small fly.',
	'clear-enough.no': 'Coloured: small naturals are not found.',
	'method.natural': 'Midge pupae hung just above the bed, in the warm hours.',
	'method.bloodworm': 'A slow bloodworm on the bed.',
	'method.column': 'Three flies through the whole column.',
	'method.slim': 'A slim dark fly on a slow-sinking tip, counted down.',
	'method.lure': 'Something large and dark, drawn slowly: it is found where naturals are not.',
	'veto.gale': 'A gale: nothing hangs still in it.',
	'veto.frost': 'Hard frost: rings freeze, and nothing hatches.',
	'veto.murk': 'Rain into murk: small naturals are not found.',
	'veto.late': 'Past half past two by the sun: the few that hatch are over.',
	'veto.cold-naturals': 'Naturals are not worth it now.'
});

/** A way to fish still water in the cold months, and what stands against it now. */
export interface WinterMethod {
	id: 'natural' | 'bloodworm' | 'column' | 'slim' | 'lure';
	says: Message;
	vetoes: Message[];
}

/** Whether naturals are worth imitating on still water in the cold months. */
export interface WinterWindow {
	/** Imitate naturals now; otherwise go to the bed, through the column, or slim and dark. */
	naturals: boolean;
	/** 0 to 1. */
	sure: number;
	because: Message[];
	/** The ways to fish now: those that nothing stands against first. */
	methods: WinterMethod[];
}

/**
 * The winter window: naturals only on calm to moderate, slowly warming days, from about noon to two. Undefined
 * when the water is not wintry. Field rule of docs/method.md.
 *
 * @param solarHour hours of local solar time
 * @param warmingC how far air or water has warmed since morning, °C
 */
export function winterWindow(given: {
	waterC: number;
	windMs: number;
	sky?: Sky | undefined;
	clarityM?: number | undefined;
	solarHour: number;
	warmingC?: number | undefined;
	/** Of the air, °C. */
	airC?: number | undefined;
}): WinterWindow | undefined {
	if (given.waterC >= WINTER.values.wintry) return undefined;
	const told = WINTER_SIGNS.flatMap(({ id, good }) => {
		const holds = good(given);
		return holds === undefined ? [] : [{ id, holds }];
	});
	const score = told.reduce((sum, { id, holds }) => sum + (holds ? 1 : -1) * WINTER.values[id], 0);
	// Wind and hour can't be made up for by the rest.
	const needed = told.every(({ id, holds }) => holds || (id !== 'calm' && id !== 'warm-hours'));
	const vetoed = Object.values(VETOES).some((holds) => holds(given));
	const naturals = needed && !vetoed && score > WINTER.values.naturalsFrom;
	return {
		naturals,
		sure: 1 / (1 + Math.exp(-Math.abs(score))),
		because: told.map(({ id, holds }) => says(holds ? id : `${id}.no`)),
		methods: methodsFor(given, naturals)
	};
}

type Winter = Parameters<typeof winterWindow>[0];

/** The signs of the winter window: whether each holds, undefined where nobody noted it. Weights in `WINTER`. */
const WINTER_SIGNS: readonly {
	id: 'calm' | 'warm-hours' | 'warming' | 'light-enough' | 'clear-enough';
	good: (given: Winter) => boolean | undefined;
}[] = [
	{ id: 'calm', good: ({ windMs }) => windMs <= WINTER.values.calmMs },
	{
		id: 'warm-hours',
		good: ({ solarHour }) => solarHour >= WINTER.values.fromH && solarHour <= WINTER.values.toH
	},
	{
		id: 'warming',
		good: ({ warmingC }) => (warmingC === undefined ? undefined : warmingC >= WINTER.values.warmingC)
	},
	{ id: 'light-enough', good: ({ sky }) => sky && sky !== 'snow' && sky !== 'rain' },
	{
		id: 'clear-enough',
		good: ({ clarityM }) => (clarityM === undefined ? undefined : clarityM >= WINTER.values.clearM)
	}
];

type Veto = 'gale' | 'frost' | 'murk' | 'late' | 'cold-naturals';

/** What holds of the day that stands against some method. */
const VETOES: Record<Exclude<Veto, 'cold-naturals'>, (given: Winter) => boolean> = {
	gale: ({ windMs }) => windMs > WINTER.values.galeMs,
	frost: ({ airC }) => airC !== undefined && airC <= WINTER.values.frostC,
	murk: ({ sky, clarityM }) => sky === 'rain' && clarityM !== undefined && clarityM <= WINTER.values.murkM,
	late: ({ solarHour }) => solarHour > WINTER.values.toH
};

/** The methods in the order in which they are tried where nothing stands against any, and what does. */
const METHODS: readonly { id: WinterMethod['id']; not: readonly Veto[] }[] = [
	{ id: 'natural', not: ['cold-naturals', 'gale', 'frost', 'murk', 'late'] },
	{ id: 'bloodworm', not: ['gale', 'murk'] },
	{ id: 'column', not: ['gale', 'frost'] },
	{ id: 'slim', not: ['murk'] },
	{ id: 'lure', not: [] }
];

function methodsFor(given: Winter, naturals: boolean): WinterMethod[] {
	const holds = (veto: Veto) => (veto === 'cold-naturals' ? !naturals : VETOES[veto](given));
	return METHODS.map(({ id, not }) => ({
		id,
		says: says(`method.${id}`),
		vetoes: not.filter(holds).map((veto) => says(`veto.${veto}`))
	})).sort((a, b) => Number(a.vetoes.length > 0) - Number(b.vetoes.length > 0));
}
