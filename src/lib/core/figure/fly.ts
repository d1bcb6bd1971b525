import { SHADES } from '../atlas';
import { hookOf, STYLES, type Pattern, type Style, dressedMm, type HookCalibration } from '../tackle';
import {
	ellipse,
	figureOf,
	hexOf,
	line,
	patch,
	shaded,
	turned,
	type Figure,
	type Mark,
	type Point
} from './figure';

/** A fly's drawing with the height of the film: where it floats is half of what it is. */
export interface FlyFigure extends Figure {
	/** y of the film in the drawing's mm. */
	filmY: number;
}

/**
 * A drawing of a pattern on its hook, from its style and colours, seen from the side with the eye to the left,
 * at true scale in mm, together with the line of the film as that style floats.
 */
export function drawFly(pattern: Pattern, hookSize: number, calibration?: HookCalibration): FlyFigure {
	const style: Style = STYLES[pattern.style];
	const length = dressedMm(hookSize, hookOf(style, calibration));
	const belly = SHADES[pattern.belly];
	// A post is there to be seen: pale or dark, whatever the wing it stands for.
	const post = SHADES[pattern.post === 'dark' ? 'charcoal' : 'white'];
	const shade = style.parts.wing === 'post' ? post : pattern.wing && SHADES[pattern.wing];
	const fly: Fly = {
		length,
		style,
		belly: hexOf(belly),
		dark: shaded(belly, 0.55),
		wing: shade ? hexOf(shade) : '#e8e8e0',
		wingEdge: shade ? shaded(shade, 0.5) : '#8a8a80'
	};
	const marks = [...hook(fly), ...tail(fly), ...body(fly), ...bead(fly)];
	const upright = [...wing(fly), ...hackle(fly)];
	// What hangs is turned about its thorax; post and hackle stay upright at the film.
	const pivot: Point = [0.18 * length, 0];
	const keepsUp =
		style.parts.hackle === 'parachute' || style.parts.wing === 'fan' || style.parts.hackle === 'collar';
	const turnedMarks = turned(marks, style.tilt, pivot);
	const top = keepsUp ? upright : turned(upright, style.tilt, pivot);
	return { ...figureOf([...turnedMarks, ...top]), filmY: style.ride * length };
}

interface Fly {
	length: number;
	style: Style;
	belly: string;
	dark: string;
	wing: string;
	wingEdge: string;
}

const STEEL = '#3c4546';

function hook({ length, style }: Fly): Mark[] {
	const gape = 0.42 * length;
	const wire = Math.max(0.12, 0.035 * length);
	const end = style.hook === 'curved' ? 0.98 : 1.04;
	const sag = style.hook === 'curved' ? 0.2 : 0;
	return [
		line(
			[
				[-0.06 * length, 0],
				[0.4 * length, sag * 0.15 * length],
				[0.8 * length, sag * 0.6 * length],
				[end * length, sag * length + 0.02 * length],
				[(end + 0.17) * length, sag * length + gape * 0.5],
				[(end + 0.04) * length, sag * length + gape],
				[(end - 0.2) * length, sag * length + gape * 0.95],
				[(end - 0.36) * length, sag * length + gape * 0.62]
			],
			{ stroke: STEEL, width: wire }
		),
		ellipse([-0.1 * length, 0], 0.045 * length, 0.04 * length, { stroke: STEEL, width: wire * 0.8 })
	];
}

/** Bodies that are no spindle along the shank. */
const ROUND_BODIES: Partial<Record<Style['parts']['body'], (fly: Fly) => Mark[]>> = {
	waisted: ({ length, belly, dark }) =>
		[
			{ x: 0.22, rx: 0.16, ry: 0.104 },
			{ x: 0.76, rx: 0.22, ry: 0.13 }
		].map(({ x, rx, ry }) =>
			ellipse([x * length, 0], rx * length, ry * length, {
				fill: belly,
				stroke: dark,
				width: 0.018 * length
			})
		),
	ball: ({ length, belly, dark }) => [
		ellipse([0.34 * length, 0], 0.34 * length, 0.33 * length, {
			fill: belly,
			stroke: dark,
			width: 0.018 * length
		}),
		ellipse([0.24 * length, -0.12 * length], 0.09 * length, 0.07 * length, {
			fill: '#ffffff',
			stroke: 'none',
			width: 0,
			opacity: 0.5
		})
	],
	// A shell seen from the side, wound about its middle, the foot beneath.
	shell: ({ length, belly, dark }) => {
		const ink = { stroke: dark, width: 0.022 * length };
		const winding = (turns: number) =>
			Array.from({ length: 28 }, (_, i): Point => {
				const angle = (i / 27) * turns * 2 * Math.PI;
				const r = (0.36 - (0.31 * i) / 27) * length;
				return [0.46 * length + r * Math.cos(angle), -0.06 * length + r * Math.sin(angle)];
			});
		return [
			ellipse([0.42 * length, 0.2 * length], 0.4 * length, 0.1 * length, { fill: dark, ...ink }),
			ellipse([0.46 * length, -0.06 * length], 0.38 * length, 0.34 * length, { fill: belly, ...ink }),
			line(winding(2.4), ink)
		];
	},
	// A strand tied in by its middle, both ends free.
	ribbon: ({ length, belly, dark }) => {
		const strand: Point[] = [
			[-0.55, 0.16],
			[-0.28, 0.04],
			[0, -0.02],
			[0.5, 0.02],
			[0.98, 0.18],
			[1.3, 0.1],
			[1.62, 0.24],
			[1.9, 0.16]
		].map(([x = 0, y = 0]) => [x * length, y * length]);
		return [
			line(strand, { stroke: dark, width: 0.12 * length }),
			line(strand, { stroke: belly, width: 0.085 * length })
		];
	}
};
const THICK = { slim: 0.055, tapered: 0.085, thick: 0.12, foam: 0.13 } as const;
const isSpindle = (body: Style['parts']['body']): body is keyof typeof THICK => body in THICK;

function body(fly: Fly): Mark[] {
	const { length, style, belly, dark } = fly;
	if (!isSpindle(style.parts.body)) return ROUND_BODIES[style.parts.body]?.(fly) ?? [];
	const thick = THICK[style.parts.body];
	const sag = style.hook === 'curved' ? 0.2 : 0;
	const drop = (t: number) => sag * t * t * 0.9 * length;
	const ink = { fill: belly, stroke: dark, width: 0.018 * length };
	const stations = [0.04, 0.2, 0.45, 0.75, 0.98];
	const shares = style.parts.body === 'slim' ? [0.8, 1.2, 1, 0.8, 0.4] : [0.8, 1.3, 1, 0.75, 0.3];
	const top = stations.map((t, i): Point => [t * length, drop(t) - (shares[i] ?? 1) * thick * length]);
	const bottom = stations.map((t, i): Point => [t * length, drop(t) + (shares[i] ?? 1) * thick * length]);
	const ribs = [0.42, 0.52, 0.62, 0.72, 0.82].map((t) =>
		line(
			[
				[t * length, drop(t) - thick * 0.8 * length],
				[(t + 0.03) * length, drop(t) + thick * 0.8 * length]
			],
			{ stroke: dark, width: 0.016 * length, opacity: 0.8 }
		)
	);
	return [patch([...top, ...bottom.reverse()], ink), ...ribs];
}

function bead({ length, style }: Fly): Mark[] {
	return style.parts.bead
		? [
				ellipse([0.0, 0], 0.09 * length, 0.095 * length, {
					fill: '#4b4e4c',
					stroke: '#23282a',
					width: 0.02 * length
				})
			]
		: [];
}

function tail({ length, style, belly, dark }: Fly): Mark[] {
	const sag = style.hook === 'curved' ? 0.18 * length : 0;
	const fine = 0.022 * length;
	const fibres = (slopes: readonly number[], reach: number) =>
		slopes.map((slope) =>
			line(
				[
					[0.96 * length, sag],
					[(0.96 + reach * 0.5) * length, sag + slope * 0.4 * reach * length],
					[(0.96 + reach) * length, sag + slope * reach * length]
				],
				{ stroke: dark, width: fine }
			)
		);
	switch (style.parts.tail) {
		case 'fibres':
			return fibres([-0.18, -0.05, 0.08], 0.6);
		case 'splayed':
			return fibres([-0.34, 0.3], 0.9);
		case 'shuck':
			return [
				patch(
					[
						[0.95 * length, sag - 0.06 * length],
						[1.3 * length, sag - 0.1 * length],
						[1.62 * length, sag - 0.01 * length],
						[1.3 * length, sag + 0.08 * length],
						[0.95 * length, sag + 0.06 * length]
					],
					{ fill: '#cbb27a', stroke: '#8d7a4c', width: fine * 0.6, opacity: 0.6 }
				)
			];
		// A crayfish backs away: its claws trail over the bend.
		case 'claws':
			return [-1, 1].map((side) =>
				patch(
					[
						[0.9 * length, sag],
						[1.16 * length, sag + side * 0.2 * length],
						[1.4 * length, sag + side * 0.3 * length],
						[1.72 * length, sag + side * 0.24 * length],
						[1.5 * length, sag + side * 0.17 * length],
						[1.66 * length, sag + side * 0.08 * length],
						[1.36 * length, sag + side * 0.1 * length]
					],
					{ fill: belly, stroke: dark, width: fine }
				)
			);
		case 'none':
			return [];
	}
}

interface Winged extends Fly {
	/** The wing's colours, so thick. */
	ink: (opacity: number) => { fill: string; stroke: string; width: number; opacity: number };
	root: Point;
}

/** One blade of an upright wing. */
const blade = (
	{ length, root, ink }: Winged,
	lean: number,
	tall: number,
	wide: number,
	opacity: number
): Mark =>
	patch(
		[
			root,
			[root[0] + (lean - wide * 0.4) * length, -tall * 0.6 * length],
			[root[0] + lean * length, -tall * length],
			[root[0] + (lean + wide) * length, -tall * 0.62 * length],
			[root[0] + 0.1 * length, -0.06 * length]
		],
		ink(opacity)
	);

/** How each kind of wing is drawn, seen from the side. */
const WINGS: Record<Style['parts']['wing'], (fly: Winged) => Mark[]> = {
	pair: (fly) => [blade(fly, 0.24, 0.9, 0.16, 0.7), blade(fly, 0.04, 0.95, 0.14, 0.9)],
	'soft-pair': (fly) => [blade(fly, 0.34, 0.95, 0.3, 0.7), blade(fly, 0.16, 1, 0.28, 0.9)],
	post: ({ length, ink, root }) => [
		patch(
			[
				[root[0] - 0.05 * length, root[1]],
				[root[0] - 0.1 * length, -0.62 * length],
				[root[0] + 0.02 * length, -0.68 * length],
				[root[0] + 0.12 * length, -0.6 * length],
				[root[0] + 0.05 * length, root[1]]
			],
			ink(1)
		)
	],
	fan: ({ length, ink, root }) =>
		[-0.34, -0.17, 0, 0.17, 0.34].map((lean) =>
			patch(
				[
					[root[0] - 0.02 * length, root[1]],
					[root[0] + (lean - 0.07) * length, -0.66 * length],
					[root[0] + (lean + 0.07) * length, -0.68 * length],
					[root[0] + 0.02 * length, root[1]]
				],
				ink(0.85)
			)
		),
	tent: ({ length, ink, wingEdge }) => [
		patch(
			[
				[0.08 * length, -0.1 * length],
				[0.6 * length, -0.32 * length],
				[1.28 * length, -0.2 * length],
				[1.22 * length, 0.02 * length],
				[0.5 * length, 0.02 * length]
			],
			ink(0.9)
		),
		...[-0.24, -0.14, -0.05].map((y) =>
			line(
				[
					[0.2 * length, -0.08 * length],
					[0.7 * length, (y - 0.03) * length],
					[1.22 * length, y * 0.8 * length]
				],
				{ stroke: wingEdge, width: 0.012 * length, opacity: 0.8 }
			)
		)
	],
	flat: ({ length, ink }) => [
		patch(
			[
				[0.12 * length, -0.13 * length],
				[0.7 * length, -0.2 * length],
				[1.22 * length, -0.12 * length],
				[0.7 * length, -0.06 * length]
			],
			ink(0.9)
		)
	],
	spent: ({ length, ink }) =>
		[-1, 1].map((side) =>
			patch(
				[
					[0.24 * length, side * 0.03 * length],
					[0.12 * length, side * 0.22 * length],
					[0.22 * length, side * 0.42 * length],
					[0.4 * length, side * 0.36 * length],
					[0.34 * length, side * 0.05 * length]
				],
				ink(0.55)
			)
		),
	stub: ({ length, ink }) => [
		patch(
			[
				[0.1 * length, -0.08 * length],
				[0.16 * length, -0.26 * length],
				[0.36 * length, -0.24 * length],
				[0.4 * length, -0.08 * length]
			],
			ink(0.95)
		)
	],
	none: () => []
};

function wing(fly: Fly): Mark[] {
	const { length, style, wing: colour, wingEdge } = fly;
	return WINGS[style.parts.wing]({
		...fly,
		ink: (opacity) => ({ fill: colour, stroke: wingEdge, width: 0.018 * length, opacity }),
		root: [0.22 * length, -0.05 * length]
	});
}

function hackle({ length, style, dark }: Fly): Mark[] {
	const fine = 0.018 * length;
	const fibre = (from: Point, to: Point, opacity = 0.9) =>
		line([from, [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2], to], { stroke: dark, width: fine, opacity });
	const collar = (x: number, reach: number) =>
		[-1, -0.6, 0.6, 1].flatMap((side) =>
			[-0.14, 0, 0.14].map((lean) => fibre([x * length, 0], [(x + lean) * length, side * reach * length]))
		);
	switch (style.parts.hackle) {
		case 'collar':
			return [0.1, 0.16].flatMap((x) => collar(x, 0.42));
		case 'palmer':
			return [0.12, 0.28, 0.44, 0.6, 0.76].flatMap((x, i) => collar(x, 0.34 - i * 0.03));
		case 'parachute':
			return [-0.46, -0.34, -0.2, 0.2, 0.34, 0.46].flatMap((reach) =>
				[-0.02, 0.03].map((dip) =>
					fibre(
						[0.22 * length, -0.14 * length],
						[(0.22 + reach) * length, (-0.12 + dip - Math.abs(reach) * 0.06) * length]
					)
				)
			);
		case 'soft':
			return [0.25, 0.5, 0.75, 1].flatMap((share) =>
				[-1, 1].map((side) =>
					fibre(
						[0.08 * length, 0],
						[(0.3 + share * 0.2) * length, side * (0.12 + 0.24 * share) * length],
						0.7
					)
				)
			);
		case 'none':
			return [];
	}
}
