/** A colour of CIELAB under D65: l from 0 to 100. */
interface Lab {
	l: number;
	a: number;
	b: number;
}
type LinearLight = Record<'r' | 'g' | 'b', number>;
type Triple = readonly [number, number, number];

/** Linear light of sRGB as CIE XYZ under D65, and back (IEC 61966-2-1, worked out from its primaries and white). */
const TO_XYZ: readonly Triple[] = [
	[0.41239079926595934, 0.357584339383878, 0.1804807884018343],
	[0.21263900587151027, 0.715168678767756, 0.07219231536073371],
	[0.01933081871559182, 0.11919477979462598, 0.9505321522496607]
];
const FROM_XYZ: readonly Triple[] = [
	[3.2409699419045226, -1.537383177570094, -0.4986107602930034],
	[-0.9692436362808796, 1.8759675015077202, 0.04155505740717559],
	[0.05563007969699366, -0.20397695888897652, 1.0569715142428786]
];
/** The white of D65, x 0.3127 and y 0.3290. */
const WHITE: Triple = [0.3127 / 0.329, 1, (1 - 0.3127 - 0.329) / 0.329];
/** Where the cube root of lightness gives way to a line: CIE 15:2004. */
const EPSILON = 216 / 24389;
const KAPPA = 24389 / 27;

const times = (rows: readonly Triple[], [x, y, z]: Triple): Triple => {
	const [first, second, third] = rows.map(([a, b, c]) => a * x + b * y + c * z);
	return [first as number, second as number, third as number];
};

/** A colour of CIELAB under D65 as linear light; outside of 0 to 1 where no screen can show it. */
export function linearRgbOf({ l, a, b }: Lab): LinearLight {
	const fy = (l + 16) / 116;
	const back = (f: number) => (f ** 3 > EPSILON ? f ** 3 : (116 * f - 16) / KAPPA);
	const xyz: Triple = [
		WHITE[0] * back(fy + a / 500),
		l > KAPPA * EPSILON ? fy ** 3 : l / KAPPA,
		WHITE[2] * back(fy - b / 200)
	];
	const [red, green, blue] = times(FROM_XYZ, xyz);
	return { r: red, g: green, b: blue };
}

/** Linear light from 0 to 1 as CIELAB under D65. */
export function labOfLinear({ r, g, b }: LinearLight): Lab {
	const [x, y, z] = times(TO_XYZ, [r, g, b]);
	const f = (part: number) => (part > EPSILON ? Math.cbrt(part) : (KAPPA * part + 16) / 116);
	const [fx, fy, fz] = [f(x / WHITE[0]), f(y), f(z / WHITE[2])];
	return { l: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) };
}

/** How a screen shows a colour of CIELAB under D65: `#rrggbb`, cut to what it can show. */
export function hexOfLab(lab: Lab): string {
	const { r, g, b } = linearRgbOf(lab);
	return `#${[r, g, b].map((light) => srgbByteOf(light).toString(16).padStart(2, '0')).join('')}`;
}

/** Linear light as a byte of sRGB, cut to 0 to 255 (IEC 61966-2-1). */
export function srgbByteOf(light: number): number {
	const c = Math.min(1, Math.max(0, light));
	return Math.round(255 * (c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055));
}

const RADIANS = Math.PI / 180;
const LIMIT = 25 ** 7;

/**
 * CIEDE2000 of two colours of CIELAB, all parametric factors 1. Under 2 the eye hardly sees a difference, over 10 it is
 * another colour. Source: Sharma, G., Wu, W. & Dalal, E. N. (2005), Color Research and Application 30(1), 21–30; the
 * numbers in brackets are its equations.
 */
export function ciede2000Of(one: Lab, other: Lab): number {
	const chroma = (Math.hypot(one.a, one.b) + Math.hypot(other.a, other.b)) / 2;
	const stretch = 1.5 - 0.5 * Math.sqrt(chroma ** 7 / (chroma ** 7 + LIMIT)); // 1 + G (4, 5)
	const [c1, c2] = [Math.hypot(stretch * one.a, one.b), Math.hypot(stretch * other.a, other.b)]; // (6)
	const [h1, h2] = [hueOf(stretch * one.a, one.b), hueOf(stretch * other.a, other.b)]; // (7)
	const grey = c1 * c2 === 0;

	const turn = grey ? 0 : ((h2 - h1 + 540) % 360) - 180; // (10), from −180 to 180
	const [dL, dC] = [other.l - one.l, c2 - c1]; // (8, 9)
	const dH = 2 * Math.sqrt(c1 * c2) * Math.sin((turn / 2) * RADIANS); // (11)

	const [l, c] = [(one.l + other.l) / 2, (c1 + c2) / 2]; // (12, 13)
	const h = grey ? h1 + h2 : meanHue(h1, h2); // (14)
	const cosine = (times: number, offset: number) => Math.cos((times * h + offset) * RADIANS);
	const t = 1 - 0.17 * cosine(1, -30) + 0.24 * cosine(2, 0) + 0.32 * cosine(3, 6) - 0.2 * cosine(4, -63); // (15)
	const rotation =
		-2 * Math.sqrt(c ** 7 / (c ** 7 + LIMIT)) * Math.sin(60 * RADIANS * Math.exp(-(((h - 275) / 25) ** 2))); // (16, 17, 21)
	const sL = 1 + (0.015 * (l - 50) ** 2) / Math.sqrt(20 + (l - 50) ** 2); // (18)
	const sC = 1 + 0.045 * c; // (19)
	const sH = 1 + 0.015 * c * t; // (20)
	const [light, colour, hue] = [dL / sL, dC / sC, dH / sH];
	return Math.sqrt(Math.max(0, light ** 2 + colour ** 2 + hue ** 2 + rotation * colour * hue)); // (22)
}

/** The hue of a colour in degrees, from 0 to 360. */
const hueOf = (a: number, b: number): number => (Math.atan2(b, a) / RADIANS + 360) % 360;

/** The hue midway between two, on the shorter way round. */
function meanHue(h1: number, h2: number): number {
	const sum = h1 + h2;
	if (Math.abs(h1 - h2) <= 180) return sum / 2;
	return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
}
