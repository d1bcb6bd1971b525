import { LENGTH_BANDS, type ColourFamily, type MarkId } from '../key';

/**
 * One stroke of an enlarged mark, in a box 120 wide and 72 high. `mark` is what is asked about and stands out; `body` is
 * the rest of the animal, pale; `line` is its outline or what surrounds it; a colour paints itself.
 */
export interface Stroke {
	d: string;
	as: 'mark' | 'body' | 'line' | 'faint' | { colour: ColourFamily };
	/** Filled as well as outlined. */
	filled?: boolean;
	width?: number;
}

export const BOX = { width: 120, height: 72 } as const;

const mark = (d: string, width = 2.6): Stroke => ({ d, as: 'mark', width });
const marked = (d: string): Stroke => ({ d, as: 'mark', filled: true, width: 1.6 });
const body = (d: string): Stroke => ({ d, as: 'body', filled: true, width: 1.4 });
const line = (d: string, width = 1.8): Stroke => ({ d, as: 'line', width });
const faint = (d: string, width = 1.4): Stroke => ({ d, as: 'faint', width });
const round = (x: number, y: number, rx: number, ry = rx): string =>
	`M${x - rx} ${y}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0Z`;
const times = <T>(count: number, one: (i: number) => T): T[] =>
	Array.from({ length: count }, (_, i) => one(i));

/** An insect from the side, head to the left, on its legs. */
const SIDE: Stroke[] = [
	body('M16 48C16 42 24 41 30 42C44 40 60 43 98 49C102 50 101 53 97 53C66 56 44 56 30 54C22 56 16 54 16 48Z'),
	line('M36 55L28 66M46 55L46 66M56 54L66 66', 1.6)
];
/** A winged insect from above, without its wings. */
const ABOVE: Stroke[] = [
	body('M22 36C22 31 30 31 36 31L60 31L104 34C107 35 107 37 104 38L60 41L36 41C30 41 22 41 22 36Z')
];
/** A nymph from above: head, thorax, abdomen in rings. */
const NYMPH: Stroke[] = [
	body(
		'M14 36C14 28 20 25 27 25L34 24C44 22 52 23 58 26L104 33C107 34 107 38 104 39L58 46C52 49 44 50 34 48L27 47C20 47 14 44 14 36Z'
	),
	faint('M28 26V46M58 27V45M68 28V44M78 29V43M88 31V41')
];
/** The hind end of an abdomen, to which tails are fixed. */
const HIND: Stroke[] = [
	body('M2 18L40 26C46 28 48 32 48 36C48 40 46 44 40 46L2 54Z'),
	faint('M14 21V51M26 24V48M38 26V46')
];
const tail = (y: number, to: number): string =>
	`M47 ${36 + (y - 36) / 4}C66 ${36 + (y - 36) / 2} 90 ${y} ${to} ${y}`;
/** A larva without a case, to the left its head. */
const GRUB: Stroke[] = [
	body('M16 38C16 30 24 28 30 30C46 26 74 26 96 32C104 34 106 42 98 45C76 52 46 50 30 47C22 48 16 46 16 38Z'),
	faint('M42 29V48M54 28V50M66 28V50M78 29V49M90 31V47')
];
/** A fore wing, its tip to the right. */
const WING = 'M10 46C24 16 78 4 112 22C116 30 104 44 84 50C58 58 26 58 10 46Z';
const VEINS: Stroke[] = [
	faint('M12 46C40 34 80 20 110 24M14 47C46 42 80 36 104 36M30 50C54 48 74 46 90 46', 1)
];
const CASE = 'M34 26L104 30C108 33 108 43 104 46L34 50C30 46 30 30 34 26Z';
const IN_CASE: Stroke[] = [body(round(26, 38, 10, 8)), line('M20 44L14 54M26 45L24 56', 1.5)];
/** Plates behind a head, each hard (painted) or soft. */
const plates = (hard: number): Stroke[] => [
	body('M10 36C10 27 17 24 25 24V48C17 48 10 45 10 36Z'),
	...times(3, (i) => {
		const x = 29 + i * 24;
		const d = `M${x} 24H${x + 20}V48H${x}Z`;
		return i < hard ? marked(d) : body(d);
	}),
	faint('M104 24H112M104 48H112')
];
const head = (...more: Stroke[]): Stroke[] => [
	body('M58 22H116V50H58Z'),
	faint('M78 22V50M98 22V50'),
	line(round(36, 36, 24, 21), 2),
	line('M20 52L10 60M26 55L20 66', 1.5),
	...more
];
const antennae = (...more: Stroke[]): Stroke[] => [
	body('M64 24C56 24 52 30 52 36C52 42 56 48 64 48L116 46V26Z'),
	body(round(52, 36, 9, 11)),
	faint('M78 25V47M94 26V46'),
	...more
];
const leg = (...more: Stroke[]): Stroke[] => [body('M8 8H112C116 8 116 20 112 20H8C4 20 4 8 8 8Z'), ...more];
const FILM = faint('M4 26H116', 2);
const BED = faint('M4 60C20 54 34 62 50 58S84 62 116 57', 2);
const blob = (x: number, y: number): Stroke => body(round(x, y, 15, 6));
const coloured = (colour: ColourFamily): { belly: Stroke[]; back: Stroke[]; wing: Stroke[] } => ({
	belly: [
		{ d: 'M10 40C14 54 40 62 70 58C92 55 108 48 112 40Z', as: { colour }, filled: true, width: 2 },
		faint('M10 40C14 22 50 14 84 22C102 26 112 34 112 40', 1.6),
		faint('M34 58V40M52 60V40M70 58V40M88 54V40', 1)
	],
	back: [
		{ d: 'M10 40C14 22 50 14 84 22C102 26 112 34 112 40Z', as: { colour }, filled: true, width: 2 },
		faint('M10 40C14 54 40 62 70 58C92 55 108 48 112 40', 1.6),
		faint('M34 40V20M52 40V17M70 40V18M88 40V23', 1)
	],
	wing: [{ d: WING, as: { colour }, filled: true, width: 2 }, ...VEINS]
});
const family = (which: 'belly' | 'back' | 'wing') =>
	Object.fromEntries(
		(['pale', 'yellow', 'green', 'olive', 'tan', 'orange', 'red', 'brown', 'grey', 'black'] as const).map(
			(colour) => [colour, coloured(colour)[which]]
		)
	);
/** A pair of wing pads in a colour. */
const tinted = (colour: ColourFamily): Stroke => ({
	d: 'M42 26L64 29C68 31 66 35 62 35L42 34ZM42 46L64 43C68 41 66 37 62 37L42 38Z',
	as: { colour },
	filled: true,
	width: 2
});
/** A ruler in cm, and a body of the middle length of a band above it. */
const PX_PER_MM = 3.3;
const lengths = Object.fromEntries(
	Object.entries(LENGTH_BANDS).map(([band, { fromMm, toMm }]) => {
		const mm = fromMm === 0 ? 3 : toMm > 100 ? 31 : (fromMm + toMm) / 2;
		const to = 6 + mm * PX_PER_MM;
		const thick = 2 + mm * 0.35;
		return [
			band,
			[
				marked(
					`M6 30C${6 + (to - 6) * 0.2} ${30 - thick} ${6 + (to - 6) * 0.6} ${30 - thick} ${to} 30C${6 + (to - 6) * 0.6} ${30 + thick} ${6 + (to - 6) * 0.2} ${30 + thick} 6 30Z`
				),
				line(
					`M6 50H116${times(34, (i) => `M${6 + i * PX_PER_MM} 50v${i % 10 === 0 ? 14 : i % 5 === 0 ? 9 : 5}`).join('')}`,
					1
				)
			]
		];
	})
);

/** Every state of every mark, enlarged; our own drawings. */
export const MARK_DRAWINGS: Readonly<Record<MarkId, Readonly<Record<string, readonly Stroke[]>>>> = {
	wings: {
		none: [...SIDE, faint('M40 42C52 42 62 43 74 46', 1)],
		crumpled: [...SIDE, marked('M42 42C36 30 46 26 50 33C52 24 62 26 58 34C66 30 70 38 60 43Z')],
		upright: [...SIDE, marked('M42 42C36 24 46 6 72 2C82 20 76 36 62 44Z')],
		flat: [...SIDE, marked('M38 41C60 36 96 38 114 43C116 46 112 48 108 48L50 46Z')],
		rolled: [
			...SIDE,
			marked('M38 40C62 37 96 42 114 47C117 51 112 55 106 55L44 56C36 52 34 44 38 40Z'),
			line('M42 48C66 47 90 49 112 51', 1)
		],
		tent: [
			...SIDE,
			marked('M38 41L112 25C117 34 114 52 102 57L52 54Z'),
			line('M46 45L110 36M52 50L110 46', 1)
		],
		spent: [
			...ABOVE,
			marked('M40 31C34 8 44 2 56 4C62 12 58 24 54 31Z'),
			marked('M40 41C34 64 44 70 56 68C62 60 58 48 54 41Z')
		],
		spread: [
			...ABOVE,
			marked('M38 31L22 3C30 0 38 2 46 31Z'),
			marked('M50 31L58 2C66 0 72 6 58 31Z'),
			marked('M38 41L22 69C30 72 38 70 46 41Z'),
			marked('M50 41L58 70C66 72 72 66 58 41Z')
		]
	},
	build: {
		swimmer: [
			marked('M12 36C14 26 28 24 40 26L88 34C90 35 90 37 88 38L40 46C28 48 14 46 12 36Z'),
			mark('M88 36L116 28M88 36H118M88 36L116 44', 1.6)
		],
		clinger: [
			marked('M8 36C8 16 26 12 34 16C42 18 46 24 48 28L92 34V38L48 44C46 48 42 54 34 56C26 60 8 56 8 36Z'),
			mark('M36 16L46 4M44 24L64 8M36 56L46 68M44 48L64 64M92 36L116 30M92 36L116 42', 1.8)
		],
		burrower: [
			marked('M24 28H100C104 30 104 42 100 44H24C18 42 18 30 24 28Z'),
			mark('M22 32L6 26M22 40L6 46M34 28L24 16L14 16M34 44L24 56L14 56', 3)
		],
		slender: [
			marked('M8 33H112C115 34 115 38 112 39H8C5 38 5 34 8 33Z'),
			mark('M22 33L14 20M30 33L28 20M22 39L14 52M30 39L28 52', 1.6)
		],
		grub: [
			marked('M14 44C10 26 34 22 54 24C78 26 106 22 108 38C110 54 84 54 60 52C40 52 18 60 14 44Z'),
			line('M34 24V54M50 24V52M66 25V53M82 25V54M96 26V52', 1.4)
		],
		comma: [
			marked(
				'M14 26C14 10 40 8 48 24C52 34 44 40 40 44C52 60 82 66 110 58C84 54 68 46 58 32C52 6 10 0 14 26Z'
			)
		],
		waisted: [
			marked(round(22, 36, 14, 13)),
			marked(round(50, 36, 12, 11)),
			marked(round(92, 36, 24, 17)),
			mark('M62 36H68', 3)
		],
		stout: [
			marked('M22 36C22 18 44 14 60 14C84 14 100 22 100 36C100 50 84 58 60 58C44 58 22 54 22 36Z'),
			mark('M40 17L32 4M60 14V2M40 55L32 68M60 58V70', 1.8)
		],
		scud: [
			marked(
				'M14 46C14 20 46 10 70 16C94 22 108 38 106 56C100 46 88 38 70 36C48 34 34 38 28 50C24 56 14 56 14 46Z'
			),
			mark(times(8, (i) => `M${32 + i * 9} ${44 - Math.min(i, 4)}l-3 16`).join(''), 1.6)
		],
		oval: [marked(round(60, 36, 40, 24)), line('M60 12V60M24 28C32 24 32 48 24 44', 1.6)],
		shell: [
			marked(
				'M24 62C6 40 24 12 56 10C92 8 112 34 98 52C86 66 60 64 56 48C54 36 68 28 78 36C84 42 78 50 72 48'
			),
			line('M56 48C54 36 68 28 78 36C84 42 78 50 72 48', 2)
		],
		ribbon: [mark('M6 44C18 20 30 20 42 36S66 60 80 36S104 24 114 34', 7)],
		fish: [
			marked('M8 36C22 16 58 14 88 32L112 16C108 28 108 44 112 56L88 40C58 58 22 56 8 36Z'),
			line(round(22, 32, 2), 2)
		],
		crayfish: [
			marked('M40 26H92C98 30 98 42 92 46H40C34 42 34 30 40 26Z'),
			marked('M92 36L116 18V54Z'),
			mark('M40 28L26 18L6 20L16 10M40 44L26 54L6 52L16 62', 3.4)
		],
		crab: [
			marked(round(64, 36, 34, 24)),
			mark('M36 24L18 8L4 16L14 22M36 48L18 64L4 56L14 50M56 14L60 2M74 14L84 4M56 58L60 70M74 58L84 68', 3.4)
		],
		flea: [marked(round(30, 48, 11)), mark('M42 42C54 14 78 10 92 34', 2), mark('M84 28L93 36L96 24', 2)],
		egg: [marked(round(60, 40, 22)), mark('M50 30A8 8 0 0 1 58 24', 2)]
	},
	tails: {
		'0': [...HIND, mark('M58 28V44', 0.01)],
		'1': [...HIND, mark(tail(36, 116), 3.4)],
		'2': [...HIND, mark(tail(14, 114), 3.4), mark(tail(58, 114), 3.4)],
		'3': [...HIND, mark(tail(12, 112), 3.4), mark(tail(36, 116), 3.4), mark(tail(60, 112), 3.4)]
	},
	'tail-length': Object.fromEntries(
		(
			[
				['stubs', 7],
				['half', 24],
				['long', 66]
			] as const
		).map(([state, length]) => [
			state,
			[
				body('M4 36C6 26 16 26 24 28L46 33C48 34 48 38 46 39L24 44C16 46 6 46 4 36Z'),
				mark(
					`M47 34C${47 + length / 2} 30 ${47 + length} 24 ${47 + length} 24M47 38C${47 + length / 2} 42 ${47 + length} 48 ${47 + length} 48`,
					3
				)
			]
		])
	),
	'tail-look': {
		plain: [...HIND, mark(tail(14, 114)), mark(tail(36, 114)), mark(tail(58, 114))],
		'short-middle': [...HIND, mark(tail(14, 114)), mark(tail(36, 72), 3.4), mark(tail(58, 114))],
		banded: [
			...HIND,
			faint(tail(14, 114), 2),
			faint(tail(36, 114), 2),
			faint(tail(58, 114), 2),
			mark(
				times(
					4,
					(i) => `M${64 + i * 13} ${31 - i * 4}l5 -2M${64 + i * 13} 36h6M${64 + i * 13} ${41 + i * 4}l5 2`
				).join(''),
				5.5
			)
		],
		fringed: [
			...HIND,
			mark(tail(14, 114), 2),
			mark(tail(36, 114), 2),
			mark(tail(58, 114), 2),
			mark(
				times(
					11,
					(i) =>
						`M${58 + i * 5} 36l4 -7M${58 + i * 5} 36l4 7M${60 + i * 5} ${32 - i * 1.6}l5 5M${60 + i * 5} ${40 + i * 1.6}l5 -5`
				).join(''),
				1
			)
		],
		leaves: [
			...HIND,
			marked('M48 34C70 4 100 4 114 14C104 26 74 34 48 36Z'),
			marked('M48 36C76 28 102 28 116 36C102 44 76 44 48 36Z'),
			marked('M48 38C70 68 100 68 114 58C104 46 74 38 48 36Z')
		]
	},
	gills: {
		none: NYMPH,
		abdomen: [
			...NYMPH,
			marked(
				times(
					5,
					(i) => `M${60 + i * 9} ${27 + i}c-3 -14 8 -16 8 -2ZM${60 + i * 9} ${45 - i}c-3 14 8 16 8 2Z`
				).join('')
			)
		],
		thorax: [...NYMPH, mark('M18 28L6 10M20 27L14 6M22 26L24 6M18 44L6 62M20 45L14 66M22 46L24 66', 2)],
		neck: [...NYMPH, mark('M27 25L22 12M28 25L28 10M30 25L34 12M27 47L22 60M28 47L28 62M30 47L34 60', 2)],
		armpits: [
			...NYMPH,
			mark(
				'M40 23L34 8M41 23L41 6M43 23L48 8M40 49L34 64M41 49L41 66M43 49L48 64M52 24L50 10M53 24L58 10M52 48L50 62M53 48L58 62',
				2
			)
		],
		tail: [
			...NYMPH,
			marked(
				'M105 35C110 22 118 22 118 28C116 32 110 35 105 36ZM105 37C110 50 118 50 118 44C116 40 110 37 105 36ZM106 36C112 33 119 34 119 36C119 38 112 39 106 36Z'
			)
		]
	},
	'gill-shape': {
		single: [marked('M20 36C34 8 92 8 104 36C92 64 34 64 20 36Z'), line('M20 36H90', 1.6)],
		double: [
			marked('M16 44C28 18 78 16 92 40C82 64 32 68 16 44Z'),
			{ ...marked('M34 26C48 4 98 6 108 28C98 48 52 50 34 26Z') },
			line('M16 44H80M34 26H98', 1.4)
		],
		'plates-tufts': [
			marked('M14 24C26 2 78 2 90 24C78 40 28 42 14 24Z'),
			mark(times(9, (i) => `M30 40C${32 + i * 4} 50 ${22 + i * 10} 56 ${18 + i * 11} 68`).join(''), 1.4)
		],
		sucker: [
			line(round(60, 36, 24, 16), 1.6),
			marked(
				times(8, (i) => {
					const a = (i / 8) * 2 * Math.PI;
					const [x, y] = [60 + 38 * Math.cos(a), 36 + 25 * Math.sin(a)];
					return round(Math.round(x), Math.round(y), 13, 8);
				}).join('')
			)
		],
		feathers: [
			mark('M8 60C40 48 76 30 112 10', 2),
			mark(
				times(11, (i) => `M${18 + i * 8} ${56 - i * 4.2}l-10 -14M${18 + i * 8} ${56 - i * 4.2}l14 8`).join(
					''
				),
				1.2
			)
		],
		back: [
			body('M6 24H114V50H6Z'),
			faint('M30 24V50M54 24V50M78 24V50M102 24V50'),
			marked('M34 28h12v9h-12ZM58 28h12v9h-12ZM82 28h12v9h-12Z')
		],
		forked: [mark('M14 36H50C70 34 90 22 112 8M50 36C70 38 90 50 112 64', 3)],
		leaf: [marked('M12 36C24 12 62 12 78 34C62 60 24 60 12 36Z'), mark('M78 35C92 36 104 40 116 48', 2)],
		bunch: [
			mark(
				times(
					9,
					(i) =>
						`M14 36C40 ${36 + (i - 4) * 2} 70 ${36 + (i - 4) * 5} ${104 - Math.abs(i - 4) * 4} ${36 + (i - 4) * 8}`
				).join(''),
				1.8
			)
		],
		square: [
			body('M4 18H116V54H4Z'),
			faint('M22 18V54M98 18V54'),
			marked('M34 20H60V52H34ZM62 20H88V52H62Z')
		],
		triangle: [
			body('M4 18H116V54H4Z'),
			faint('M22 18V54M98 18V54'),
			marked('M34 22L58 36L34 50ZM86 22L62 36L86 50Z')
		],
		branched: [
			mark(
				'M60 8V64M60 20L34 34L24 32M34 34L28 48M60 20L86 34L96 32M86 34L92 48M60 38L44 52M60 38L76 52',
				2.2
			)
		],
		side: [
			body('M6 26H114V46H6Z'),
			mark(times(6, (i) => `M${18 + i * 17} 26l-6 -20M${18 + i * 17} 46l-6 20`).join(''), 2.2)
		]
	},
	pads: {
		'0': NYMPH,
		'1': [...NYMPH, marked('M42 26L64 29C68 31 66 35 62 35L42 34ZM42 46L64 43C68 41 66 37 62 37L42 38Z')],
		'2': [
			...NYMPH,
			marked('M34 25L50 27C54 30 52 34 48 34L34 33ZM34 47L50 45C54 42 52 38 48 38L34 39Z'),
			marked('M54 26L72 29C76 31 74 35 70 35L54 34ZM54 46L72 43C76 41 74 37 70 37L54 38Z')
		]
	},
	legs: {
		none: [
			body('M10 36C10 26 24 26 34 28L104 32C110 34 110 40 104 42L34 46C24 46 10 46 10 36Z'),
			faint('M34 28V46M50 29V45M66 30V44M82 31V43')
		],
		six: [
			body('M10 36C10 26 24 26 34 28L104 32C110 34 110 40 104 42L34 46C24 46 10 46 10 36Z'),
			mark('M26 28L16 8M38 28L36 6M50 29L62 8M26 44L16 64M38 45L36 66M50 44L62 64', 3)
		],
		many: [
			body('M10 36C10 26 24 26 34 28L104 32C110 34 110 40 104 42L34 46C24 46 10 46 10 36Z'),
			mark(times(9, (i) => `M${22 + i * 9} 29l-5 -22M${22 + i * 9} 44l-5 22`).join(''), 2)
		]
	},
	case: {
		none: [...GRUB, line('M24 46L20 58M32 47L32 60M40 48L44 60', 1.6)],
		stones: [
			...IN_CASE,
			marked(
				times(15, (i) =>
					round(40 + (i % 5) * 14 + (Math.floor(i / 5) % 2) * 5, 29 + Math.floor(i / 5) * 9, 7, 5)
				).join('')
			)
		],
		plants: [
			...IN_CASE,
			mark('M32 28L108 22M32 33L114 34M32 38L104 40M34 43L112 46M32 48L98 52M50 24L66 52M74 24L90 50', 4)
		],
		square: [
			...IN_CASE,
			marked('M34 22L108 30V44L34 52Z'),
			line('M34 37H108M46 24V50M58 25V49M70 27V48M82 28V47M94 29V45', 1.2)
		]
	},
	'case-form': {
		saddle: [
			marked('M10 54C14 10 104 10 110 54Z'),
			line('M10 54H110M30 40l8 -6M54 30l10 -4M80 36l8 6M44 46h10M70 46h10', 1.6)
		],
		horn: [marked('M10 20C40 18 84 24 112 56C108 62 104 62 100 60C74 40 40 42 10 46Z')],
		rough: [
			marked(
				'M10 22L26 16L38 22L52 14L66 22L82 16L96 22L112 20V50L98 56L84 48L68 58L54 50L38 56L24 48L10 52Z'
			)
		],
		chimney: [
			marked('M10 16L110 30V42L10 56Z'),
			line('M10 36H110M26 18V54M42 21V51M58 23V49M74 25V47M90 27V45', 1.4)
		],
		anyhow: [
			mark('M10 24L98 14M8 40L112 30M14 54L106 46M28 10L52 62M60 12L76 60M86 12L100 58M36 30L70 62', 4.4)
		],
		spiral: [
			marked(CASE),
			line(
				'M38 26C50 32 50 44 42 50M54 27C66 33 66 43 58 49M70 28C82 34 82 42 74 48M86 29C98 34 98 41 90 47',
				3
			)
		],
		coil: [
			marked(round(60, 36, 40, 26)),
			line('M22 36C22 16 98 10 92 38C88 60 38 58 42 36C46 22 78 22 74 38C70 48 56 44 58 36', 2.4)
		],
		twigs: [marked('M20 32H84V42H20Z'), mark('M24 30L118 12M24 44L118 62', 3.4)]
	},
	plates: { '1': plates(1), '2': plates(2), '3': plates(3) },
	head: {
		dark: head({ d: round(36, 36, 24, 21), as: { colour: 'black' }, filled: true }),
		pale: head({ d: round(36, 36, 24, 21), as: { colour: 'pale' }, filled: true }),
		orange: head({ d: round(36, 36, 24, 21), as: { colour: 'orange' }, filled: true }),
		spotted: head(
			marked(
				[
					round(28, 28, 4),
					round(42, 26, 4),
					round(24, 42, 4),
					round(38, 40, 4),
					round(50, 40, 4),
					round(34, 51, 3)
				].join('')
			)
		),
		striped: head(mark('M16 26H58M14 36H59M16 46H58', 5)),
		tiny: [
			body('M26 26C40 20 100 18 112 24V48C100 54 40 52 26 46C20 42 20 30 26 26Z'),
			faint('M52 22V50M72 21V51M92 21V51'),
			marked(round(18, 36, 6))
		]
	},
	antennae: {
		short: antennae(mark('M45 30L34 24M45 42L34 48', 3)),
		long: antennae(mark('M45 30C30 22 16 14 6 8M45 42C30 50 16 58 6 64', 2.6)),
		longest: [
			body('M86 30C82 30 80 33 80 36C80 39 82 42 86 42L116 40V32Z'),
			mark('M80 33C56 24 24 12 2 6M80 39C56 48 24 60 2 66', 2.2)
		],
		elbowed: antennae(mark('M45 30L26 22L8 34M45 42L26 50L8 38', 3.4)),
		feathery: antennae(
			mark('M45 30C32 20 18 14 8 12M45 42C32 52 18 58 8 60', 2),
			mark(
				times(
					7,
					(i) =>
						`M${14 + i * 4.6} ${14 + i * 2}l-2 -10M${14 + i * 4.6} ${14 + i * 2}l6 9M${14 + i * 4.6} ${58 - i * 2}l-2 10M${14 + i * 4.6} ${58 - i * 2}l6 -9`
				).join(''),
				1
			)
		)
	},
	'wing-look': {
		cloudy: [{ d: WING, as: { colour: 'grey' }, filled: true, width: 2 }, ...VEINS],
		clear: [
			line('M2 66L118 6M2 40L70 4M48 70L118 36', 1),
			mark(WING, 2),
			mark(
				'M12 46C40 34 80 20 110 24M14 47C46 42 80 36 104 36M30 50C54 48 74 46 90 46M50 24L58 50M74 20L80 44',
				1
			)
		],
		patterned: [
			{ d: WING, as: 'body', filled: true, width: 2 },
			marked(
				[
					round(32, 42, 6, 4),
					round(48, 30, 7, 4),
					round(60, 44, 6, 4),
					round(72, 26, 6, 4),
					round(84, 38, 7, 4),
					round(98, 28, 5, 4),
					round(44, 48, 5, 3),
					round(94, 20, 4, 2)
				].join('')
			)
		]
	},
	'hind-wing': {
		none: [body('M10 34C24 8 78 2 112 16C114 24 100 34 82 38C56 44 26 42 10 34Z')],
		tiny: [
			body('M10 34C24 8 78 2 112 16C114 24 100 34 82 38C56 44 26 42 10 34Z'),
			marked('M12 37C16 37 24 40 24 45C20 48 12 44 12 37Z')
		],
		large: [
			body('M10 34C24 8 78 2 112 16C114 24 100 34 82 38C56 44 26 42 10 34Z'),
			marked('M12 38C26 42 50 46 58 52C54 66 20 70 12 38Z')
		]
	},
	'wing-marks': {
		plain: [body(WING)],
		spots: [
			body(WING),
			marked(
				[round(44, 34, 6), round(66, 26, 6), round(64, 44, 5), round(86, 34, 6), round(34, 46, 4)].join('')
			)
		],
		edge: [body(WING), mark('M11 45C24 17 78 5 111 22', 7)],
		window: [body(WING), { d: round(70, 34, 13, 8), as: { colour: 'pale' }, filled: true, width: 3 }],
		veins: [
			body(WING),
			mark(
				'M12 46C40 34 80 20 110 24M14 47C46 42 80 36 104 36M30 50C54 48 74 46 90 46M40 30L48 52M60 20L68 52M82 14L88 46',
				2.6
			)
		],
		bands: [body(WING), mark('M36 22L46 54M60 13L70 54M84 11L92 45', 7)]
	},
	'wing-colour': family('wing'),
	belly: family('belly'),
	'back-colour': family('back'),
	'pad-colour': {
		pale: [...NYMPH, tinted('pale')],
		dark: [...NYMPH, tinted('brown')],
		black: [...NYMPH, tinted('black')]
	},
	length: lengths,
	back: {
		plain: [body(round(60, 36, 54, 20))],
		bold: [
			body(round(60, 36, 54, 20)),
			marked(
				'M14 26C30 36 30 36 14 46C8 40 8 32 14 26ZM36 18H52L44 36ZM36 54H52L44 36ZM66 17H84L75 36ZM66 55H84L75 36ZM96 22L112 34V38L96 50Z'
			)
		],
		striped: [body(round(60, 36, 54, 20)), mark('M8 36H112', 8)],
		banded: [body(round(60, 36, 54, 20)), mark('M24 22V50M42 18V54M60 16V56M78 18V54M96 22V50', 6)],
		mottled: [
			body(round(60, 36, 54, 20)),
			marked(
				[
					round(22, 32, 5, 3),
					round(34, 44, 6, 4),
					round(40, 26, 5, 3),
					round(56, 38, 7, 4),
					round(66, 24, 5, 3),
					round(76, 46, 6, 3),
					round(86, 32, 6, 4),
					round(100, 40, 4, 3)
				].join('')
			)
		]
	},
	movement: {
		darts: [blob(92, 36), mark('M8 36H34M42 36H66', 3), mark('M58 28L70 36L58 44', 3)],
		wriggles: [blob(98, 36), mark('M6 36C14 14 24 14 30 36S46 58 54 36S70 14 80 36', 3)],
		clings: [
			BED,
			body('M36 48C40 36 82 36 86 48Z'),
			mark('M50 24H24M32 16L22 24L32 32M72 24H98M90 16L100 24L90 32', 2.6)
		],
		crawls: [BED, blob(84, 46), mark('M58 46h-8M42 46h-8M26 46h-8', 3)],
		burrows: [
			faint('M4 34H40M80 34H116', 2),
			body('M50 12L72 14L66 36H54Z'),
			mark('M60 40V62M50 52L60 64L70 52M30 44l6 6M90 44l-6 6M24 56l6 4M96 56l-6 4', 2.6)
		],
		hangs: [FILM, body('M56 28C50 40 54 56 60 66C68 56 68 40 64 28Z'), mark('M60 26L46 16M60 26L74 16', 2.6)],
		sits: [FILM, blob(60, 16), mark('M48 20L40 26M60 22V26M72 20L80 26', 2.6)],
		lies: [FILM, body('M44 22H78V30H44Z'), mark('M10 26H44M78 26H112', 5)],
		flutters: [FILM, blob(94, 14), mark('M8 22L20 8L30 22L42 6L52 22L64 8L74 18', 2.6)],
		rows: [blob(92, 36), mark('M8 44L22 30M22 30L30 44M34 44L48 30M48 30L56 44M60 44L72 32', 2.8)],
		kicks: [blob(60, 36), mark('M40 24L24 10M60 26V6M80 24L96 10M40 48L24 62M60 46V66M80 48L96 62', 3)],
		stays: [blob(60, 36), mark(round(60, 36, 32, 22), 1)]
	},
	skin: {
		free: SIDE,
		half: [
			body('M8 44C8 34 20 32 30 34L60 40V52L30 54C20 54 8 54 8 44Z'),
			mark(
				'M58 38C76 34 100 36 114 40M58 54C76 60 100 58 114 52M114 40C118 44 118 48 114 52M70 38V56M84 37V57M98 38V56',
				2
			)
		],
		stuck: [
			...SIDE,
			marked('M44 42C34 34 44 24 50 30C46 20 58 16 60 26C62 32 58 38 62 44Z'),
			mark('M76 42C90 40 106 44 116 48M76 60C90 62 106 60 116 54', 2)
		]
	},
	eggs: {
		none: [
			body('M6 20L70 26C84 30 92 32 92 36C92 40 84 42 70 46L6 52Z'),
			faint('M22 22V50M38 24V48M54 25V47M70 27V45')
		],
		mass: [
			body('M6 20L70 26C84 30 92 32 92 36C92 40 84 42 70 46L6 52Z'),
			faint('M22 22V50M38 24V48M54 25V47M70 27V45'),
			marked(
				[
					round(94, 40, 6),
					round(102, 34, 6),
					round(104, 44, 6),
					round(92, 50, 6),
					round(102, 54, 6),
					round(111, 40, 5)
				].join('')
			)
		]
	},
	forelegs: {
		plain: leg(mark('M40 20L58 44L92 50', 4)),
		fringed: leg(
			mark('M40 20L58 44L96 50', 4),
			mark(
				times(8, (i) => `M${44 + i * 6} ${26 + Math.min(i, 3) * 6 + Math.max(0, i - 3)}l-8 12`).join(''),
				1.2
			)
		),
		toothed: leg(marked('M34 20H50L70 42L62 54L52 48L54 40L44 40L46 32L36 32Z'), mark('M66 50L96 54', 4)),
		long: leg(mark('M30 20L56 6L84 66L116 70', 2)),
		jumping: leg(marked('M60 20L20 42L26 52L74 24Z'), mark('M22 48L96 66L110 62', 3)),
		rowing: leg(
			mark('M40 20L72 40', 4),
			marked('M70 38C86 36 112 50 114 62C98 66 76 54 70 38Z'),
			mark('M84 46l-4 14M94 52l-4 14M104 58l-3 10', 1.2)
		),
		trailing: leg(mark('M56 20C66 30 72 44 74 68M72 20C84 32 92 46 96 68', 3.4))
	},
	side: {
		round: [marked(round(60, 36, 26))],
		sides: [marked(round(60, 36, 13, 32))],
		above: [marked(round(60, 36, 48, 12))],
		coil: [
			marked(round(60, 36, 44, 30)),
			line('M60 36C60 30 70 30 70 38C70 48 50 48 48 36C46 22 74 18 84 34C88 50 66 60 46 52', 2.4)
		],
		spire: [
			marked('M8 60C20 20 70 6 112 40C96 64 40 70 8 60Z'),
			line('M28 30C34 40 36 52 34 64M52 18C64 30 70 46 68 66M80 20C92 30 98 40 96 54', 2.4)
		]
	}
};
