import type { Surface } from '../vocabulary';
import { SEEN } from './tables';

/** Refractive index of fresh water for daylight. */
const WATER_N = 1.333;
const DEGREE = Math.PI / 180;
const RIGHT_ANGLE = Math.PI / 2;
/** Steps of bisection: to a millionth of a degree. */
const HALVINGS = 48;

/**
 * Radius of the window through which a fish sees what is above the water, m: 1.134 times its depth (Snell).
 *
 * @param depthM of its eye, 0 or more
 * @throws RangeError for a depth below 0
 */
export function windowRadiusM(depthM: number): number {
	check('depthM', depthM);
	return depthM * Math.tan(Math.asin(1 / WATER_N));
}

/**
 * The elevation above the horizon, in radians, at which light from a point above the water strikes the film on its way
 * to a fish; 0 for what lies on the water outside the window.
 *
 * @param heightM of the point above the water, 0 or more
 * @param distanceM from the fish, along the water, above 0
 * @param depthM of the fish's eye
 * @throws RangeError naming what is out of range
 */
export function elevationSeen(heightM: number, distanceM: number, depthM: number): number {
	check('heightM', heightM);
	check('distanceM', distanceM);
	check('depthM', depthM);
	let [low, high] = [0, RIGHT_ANGLE];
	for (let i = 0; i < HALVINGS; i++) {
		const middle = (low + high) / 2;
		if (reachesM(middle, heightM, depthM) > distanceM) low = middle;
		else high = middle;
	}
	return low;
}

/** How far away a point of a height is whose light strikes the film at an elevation and comes to an eye at a depth, m. */
const reachesM = (elevation: number, heightM: number, depthM: number): number =>
	depthM * Math.tan(underwater(elevation)) + (heightM === 0 ? 0 : heightM / Math.tan(elevation));

/** The angle from straight up at which a fish sees what strikes the film at an elevation; both in radians (Snell). */
const underwater = (elevation: number): number => Math.asin(Math.cos(elevation) / WATER_N);

/**
 * How tall something looks to a fish that reaches from the water up to an elevation, radians: near the horizon all is
 * squeezed together at the window's edge.
 */
export const apparentRad = (elevation: number): number => underwater(0) - underwater(elevation);

/**
 * Share of daylight from an elevation, in radians, that enters the water: what is not mirrored (Fresnel, unpolarized).
 *
 * `transmittedShare(10°)` is 0.65; straight down 0.98.
 */
export function transmittedShare(elevation: number): number {
	const above = RIGHT_ANGLE - elevation;
	const below = underwater(elevation);
	if (elevation <= 0) return 0;
	if (above === 0) return 1 - ((WATER_N - 1) / (WATER_N + 1)) ** 2;
	const across = (Math.sin(above - below) / Math.sin(above + below)) ** 2;
	const along = (Math.tan(above - below) / Math.tan(above + below)) ** 2;
	return 1 - (across + along) / 2;
}

/** What is between a fish and a guide. */
export interface SeenThrough {
	/** Depth of the fish's eye, m. */
	depthM: number;
	surface?: Surface | undefined;
	/** How far one sees in the water, m; clear when left out. */
	clarityM?: number | undefined;
}

/**
 * The elevation from which on a fish notices what stands above the water, radians; undefined where the water is too
 * coloured for it to notice anything there. In clear water it is that of the table; colour takes contrast along the
 * way through the water (Lythgoe 1979), and what shows less must look larger, by the root of it (Piper's law).
 */
function noticedFrom({ depthM, surface = 'glassy', clarityM }: SeenThrough): number | undefined {
	const { contrastLeft, [surface]: degrees } = SEEN.values;
	const clear = degrees * DEGREE;
	const shows = (elevation: number, throughM: number): number =>
		apparentRad(elevation) *
		transmittedShare(elevation) *
		(throughM > 0 && clarityM !== undefined ? Math.sqrt(contrastLeft ** (throughM / clarityM)) : 1);
	const wanted = shows(clear, 0);
	const shown = (elevation: number): number => shows(elevation, depthM / Math.cos(underwater(elevation)));
	if (shown(RIGHT_ANGLE) < wanted) return undefined;
	let [low, high] = [clear, RIGHT_ANGLE];
	for (let i = 0; i < HALVINGS; i++) {
		const middle = (low + high) / 2;
		if (shown(middle) < wanted) low = middle;
		else high = middle;
	}
	return high;
}

/**
 * How near a guide may come whose head is at a height above the water, m: from there on it stands too low over the
 * window's edge to be noticed. 0 where the water hides everybody.
 *
 * `hiddenFromM(1.75, { depthM: 0.5 })` is 10.5.
 *
 * @throws RangeError naming what is out of range
 */
export function hiddenFromM(heightM: number, through: SeenThrough): number {
	check('heightM', heightM);
	check('depthM', through.depthM);
	if (through.clarityM !== undefined && !(through.clarityM > 0))
		throw new RangeError(`clarityM is ${through.clarityM}; it must be above 0.`);
	const line = sightLine(through);
	return line === undefined ? 0 : line.edgeM + heightM / Math.tan(line.elevation);
}

/** The line under which nothing is noticed. */
export interface SightLine {
	/** Where it meets the water, m from the fish. */
	edgeM: number;
	/** How steeply it rises from there, radians. */
	elevation: number;
}

/** The line under which what stands above the water is not noticed; undefined where the water hides everybody. */
export function sightLine(through: SeenThrough): SightLine | undefined {
	const elevation = noticedFrom(through);
	return elevation === undefined
		? undefined
		: { edgeM: through.depthM * Math.tan(underwater(elevation)), elevation };
}

function check(name: string, value: number): void {
	if (!(value >= 0 && Number.isFinite(value)))
		throw new RangeError(`${name} is ${value}; it must be 0 or more.`);
}
