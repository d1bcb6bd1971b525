import { colourDifference, SHADES, type Lab, type ShadeName } from '../atlas';

/** The colour words a beginner and an old hand would both use: few, so that they agree. */
export const COLOUR_FAMILIES = {
	pale: 'White or cream',
	yellow: 'Yellow',
	green: 'Green',
	olive: 'Olive',
	tan: 'Tan or ginger',
	orange: 'Orange',
	red: 'Red, rust or claret',
	brown: 'Brown',
	grey: 'Grey',
	black: 'Black or nearly'
} as const;
export type ColourFamily = keyof typeof COLOUR_FAMILIES;

/** The shades that stand for each word. */
const STAND_FOR: Record<ColourFamily, readonly ShadeName[]> = {
	pale: ['white', 'cream', 'clear', 'sand'],
	yellow: ['sulphur', 'pale yellow'],
	green: ['apple green', 'bright green'],
	olive: ['olive', 'pale olive', 'grey-olive', 'dark olive', 'brown-olive'],
	tan: ['tan', 'ginger'],
	orange: ['orange', 'amber'],
	red: ['rust', 'red', 'claret', 'cinnamon'],
	brown: ['brown', 'chestnut', 'mahogany', 'mottled brown'],
	grey: ['grey', 'pale grey', 'slate', 'blue-grey', 'mottled grey'],
	black: ['black', 'black-brown', 'charcoal', 'dark brown']
};

/** The shade that shows each word at its plainest. */
export const COLOUR_FAMILY_SHADES: Record<ColourFamily, ShadeName> = {
	pale: 'cream',
	yellow: 'sulphur',
	green: 'bright green',
	olive: 'olive',
	tan: 'ginger',
	orange: 'orange',
	red: 'rust',
	brown: 'brown',
	grey: 'grey',
	black: 'black'
};

/** Colours this much further off (CIEDE2000) than the nearest word's are called by that word e times less often. Field rule. */
const EAR = 6;

/** How likely people are to call a colour (CIELAB) by each word; sums to 1. */
export function familyChances(colour: Lab): Record<ColourFamily, number> {
	const families = Object.keys(COLOUR_FAMILIES) as ColourFamily[];
	const nearness = families.map((family) =>
		Math.exp(-Math.min(...STAND_FOR[family].map((word) => colourDifference(SHADES[word], colour))) / EAR)
	);
	const sum = nearness.reduce((a, b) => a + b, 0);
	return Object.fromEntries(families.map((family, i) => [family, (nearness[i] ?? 0) / sum])) as Record<
		ColourFamily,
		number
	>;
}

/** A colour further from every word than this is none of them (CIEDE2000). */
const MOST_APART = 18;

/** Whether a colour is near enough to any word to be called by one. */
export const hasFamily = (colour: Lab): boolean =>
	Object.values(STAND_FOR)
		.flat()
		.some((shade) => colourDifference(SHADES[shade], colour) < MOST_APART);
