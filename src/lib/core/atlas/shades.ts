import type { Message } from '../message';

/** A colour as CIELAB under D65: lightness 0 to 100, then red-green and yellow-blue. */
export interface Lab {
	l: number;
	a: number;
	b: number;
}

const lab = (l: number, a: number, b: number): Lab => ({ l, a, b });

/**
 * The plain colour words of the atlas and the fly box, each with the colour it stands for. Values are our
 * own, chosen as the middle of what a tier would accept under that word in daylight; neighbours lie at
 * least 5 apart by CIEDE2000, so that two words never mean the same dubbing.
 */
export const SHADES = {
	white: lab(95, 0, 2),
	clear: lab(86, -1, 5),
	cream: lab(88, 1, 15),
	'pale yellow': lab(86, -4, 34),
	sulphur: lab(81, -4, 54),
	sand: lab(76, 4, 20),
	tan: lab(65, 7, 24),
	ginger: lab(60, 17, 40),
	amber: lab(57, 24, 54),
	orange: lab(60, 42, 56),
	cinnamon: lab(48, 20, 32),
	rust: lab(41, 30, 32),
	claret: lab(29, 27, 8),
	mahogany: lab(27, 18, 15),
	chestnut: lab(37, 14, 22),
	brown: lab(34, 8, 17),
	'dark brown': lab(23, 6, 11),
	'black-brown': lab(15, 3, 5),
	black: lab(8, 0, 0),
	charcoal: lab(28, 0, -2),
	slate: lab(43, -2, -6),
	'blue-grey': lab(57, -3, -8),
	grey: lab(60, 0, 2),
	'pale grey': lab(77, 0, 1),
	'grey-olive': lab(53, -4, 13),
	'brown-olive': lab(40, 1, 23),
	'dark olive': lab(35, -6, 20),
	olive: lab(49, -8, 31),
	'pale olive': lab(66, -7, 30),
	'apple green': lab(64, -26, 40),
	'bright green': lab(54, -40, 42),
	'mottled brown': lab(46, 6, 18),
	'mottled grey': lab(68, 1, 9),
	red: lab(38, 48, 28)
} as const satisfies Record<string, Lab>;

export type ShadeName = keyof typeof SHADES;
export const SHADE_NAMES = Object.keys(SHADES) as ShadeName[];

/** The word for a shade. */
export const shadeName = (shade: ShadeName): Message => ({
	id: `shade.${shade.replaceAll(' ', '-')}`,
	text: shade
});
