import type { Lab } from '../atlas';

/** A point on the measuring card in mm, from its upper left corner. */
export interface CardPoint {
	xMm: number;
	yMm: number;
}

/** Outer size of the measuring card in mm. */
export const CARD = { widthMm: 120, heightMm: 80 } as const;

/** Radii of a corner target in mm: a black ring, white within, a black dot in the middle. */
export const TARGET = { outerMm: 5, innerMm: 3.2, dotMm: 1.2, originDotMm: 2.2 } as const;

/** Centres of the corner targets, clockwise from the origin, which alone has the large dot. */
export const TARGETS: readonly CardPoint[] = [
	{ xMm: 8, yMm: 8 },
	{ xMm: 112, yMm: 8 },
	{ xMm: 112, yMm: 72 },
	{ xMm: 8, yMm: 72 }
];

/** Plain dots halfway along the edges: where they are found says how well the card lies and was fitted. */
export const CHECK_DOTS: readonly CardPoint[] = [
	{ xMm: 8, yMm: 40 },
	{ xMm: 112, yMm: 40 },
	{ xMm: 60, yMm: 75.5 }
];
export const CHECK_DOT_MM = 1.5;

/** White card, as lightness L*. */
export const PAPER_L = 95;

export interface Patch {
	xMm: number;
	yMm: number;
	widthMm: number;
	heightMm: number;
	lab: Lab;
}

const grey = (l: number): Lab => ({ l, a: 0, b: 0 });
const row = (labs: readonly Lab[], xMm: number, yMm: number): Patch[] =>
	labs.map((lab, i) => ({ xMm: xMm + 9 * i, yMm, widthMm: 8, heightMm: 6, lab }));

/** Neutral steps: light to dark above the field, dark to light below it. */
export const GREY_PATCHES: readonly Patch[] = [
	...row([grey(80), grey(65), grey(50), grey(35), grey(20)], 20.5, 5),
	...row([grey(20), grey(50), grey(80)], 20.5, 69)
];
/** A few colours, by which one can see how true the picture is. */
export const COLOUR_PATCHES: readonly Patch[] = row(
	[
		{ l: 42, a: 45, b: 25 },
		{ l: 75, a: 2, b: 60 },
		{ l: 50, a: -35, b: 30 },
		{ l: 40, a: 0, b: -30 }
	],
	69.5,
	5
);

/** Where the animals lie. */
export const FIELD = { xMm: 16, yMm: 16, widthMm: 88, heightMm: 48 } as const;
/** A hook may be laid here, to calibrate one's own. */
export const HOOK_PLACE = { xMm: 68, yMm: 68, widthMm: 36, heightMm: 8 } as const;

/** One shape of the card, for whatever draws it: paper, PDF, or the stand-in camera. */
export type CardShape =
	| { shape: 'disc'; xMm: number; yMm: number; rMm: number; lab: Lab }
	| { shape: 'rect'; xMm: number; yMm: number; widthMm: number; heightMm: number; lab: Lab }
	| { shape: 'text'; xMm: number; yMm: number; sizeMm: number; text: string };

const BLACK = grey(12);
const PAPER = grey(PAPER_L);

/** Everything printed on the card, in the order of drawing. */
export function cardShapes(): CardShape[] {
	const targets = TARGETS.flatMap(({ xMm, yMm }, i): CardShape[] => [
		{ shape: 'disc', xMm, yMm, rMm: TARGET.outerMm, lab: BLACK },
		{ shape: 'disc', xMm, yMm, rMm: TARGET.innerMm, lab: PAPER },
		{ shape: 'disc', xMm, yMm, rMm: i === 0 ? TARGET.originDotMm : TARGET.dotMm, lab: BLACK }
	]);
	const dots = CHECK_DOTS.map(({ xMm, yMm }): CardShape => ({
		shape: 'disc',
		xMm,
		yMm,
		rMm: CHECK_DOT_MM,
		lab: BLACK
	}));
	const patches = [...GREY_PATCHES, ...COLOUR_PATCHES].map((patch): CardShape => ({
		shape: 'rect',
		...patch
	}));
	return [
		...targets,
		...dots,
		...patches,
		...ticks(),
		{
			shape: 'rect',
			xMm: HOOK_PLACE.xMm,
			yMm: HOOK_PLACE.yMm,
			widthMm: HOOK_PLACE.widthMm,
			heightMm: 0.2,
			lab: grey(60)
		},
		{ shape: 'text', xMm: HOOK_PLACE.xMm, yMm: HOOK_PLACE.yMm + 3, sizeMm: 2.2, text: 'a hook of yours' },
		{
			shape: 'text',
			xMm: 20.5,
			yMm: 14.2,
			sizeMm: 2.2,
			text: 'Lacewing measuring card: print at 100 %; the rules are in millimetres'
		}
	];
}

/** Millimetre rules at both sides of the field. */
function ticks(): CardShape[] {
	const ruled: CardShape[] = [];
	for (let i = 0; i <= 48; i++) {
		if (i >= 20 && i <= 28) continue;
		const reach = i % 10 === 0 ? 3 : i % 5 === 0 ? 2 : 1.2;
		const yMm = FIELD.yMm + i - 0.06;
		ruled.push({ shape: 'rect', xMm: 5, yMm, widthMm: reach, heightMm: 0.12, lab: BLACK });
		ruled.push({ shape: 'rect', xMm: 115 - reach, yMm, widthMm: reach, heightMm: 0.12, lab: BLACK });
	}
	return ruled;
}
