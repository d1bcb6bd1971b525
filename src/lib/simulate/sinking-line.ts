import type { Sinking } from '$lib/core/rig';

/** A knot of the chain: where it is, and where it was a moment before, m; y down. */
interface Bead {
	x: number;
	y: number;
	beforeX: number;
	beforeY: number;
	/** With the water that moves along, kg. */
	massKg: number;
	/** Weight under water, N. */
	weightN: number;
}

/** Slack lies in turns of this length, m. */
const LINK_M = 0.075;
const STEP_S = 0.001;
const ROUNDS = 40;
const MOST_COARSE = 8;
const WATER_KG_M3 = 1000;
const NYLON_KG_M3 = 1140;
const GRAVITY = 9.81;
/** Cylinder across and along the flow, and the profile of the current (the same physics as a textbook has it). */
const ACROSS = 1.2;
const ALONG = 0.02;
const PROFILE = 1 / 7;

/**
 * A fly that sinks on a tippet, followed moment by moment: a chain of masses on stiff links in a sheared current, each
 * with its own drag across and along the line, its top carried by the surface (lumped masses as in Walton, T. S. &
 * Polachek, H. 1960, Mathematics of Computation 14; links held by Verlet steps). The leader falls slack about the fly.
 *
 * @returns depth of the fly after the time, m
 */
export function followSinking(
	{ submergedN, dragAreaM2, tippetMm, lineM, surfaceMs, waterM }: Sinking,
	seconds: number
): number {
	const segments = Math.max(MOST_COARSE, Math.round(lineM / LINK_M));
	const link = lineM / segments;
	const thick = tippetMm * 1e-3;
	const areaM2 = (Math.PI / 4) * thick * thick;
	const lineKg = areaM2 * link * (NYLON_KG_M3 + WATER_KG_M3);
	const lineN = areaM2 * link * (NYLON_KG_M3 - WATER_KG_M3) * GRAVITY;
	// Slack: laid to and fro upstream of the top, so that the fly falls beside it.
	const chain = Array.from({ length: segments + 1 }, (_, i): Bead => {
		const x = i % 2 === 0 ? 0 : -0.98 * link;
		const y = 0.2 * link * (i % 2) + 1e-4 * i;
		const fly = i === segments;
		return {
			x,
			y,
			beforeX: x,
			beforeY: y,
			massKg: fly ? lineKg / 2 + (submergedN / GRAVITY) * 1.3 : lineKg,
			weightN: fly ? submergedN : lineN
		};
	});
	const steps = Math.round(seconds / STEP_S);
	for (let n = 1; n <= steps; n++) {
		for (let i = 1; i <= segments; i++) {
			const bead = chain[i] as Bead;
			const [vx, vy] = [(bead.x - bead.beforeX) / STEP_S, (bead.y - bead.beforeY) / STEP_S];
			const flow = surfaceMs * Math.max(0, 1 - bead.y / waterM) ** PROFILE;
			const [rx, ry] = [flow - vx, -vy];
			const [ux, uy] = along(chain, i);
			const lengthwise = rx * ux + ry * uy;
			const [nx, ny] = [rx - lengthwise * ux, ry - lengthwise * uy];
			const side = (WATER_KG_M3 / 2) * ACROSS * thick * link * Math.hypot(nx, ny);
			const skin = (WATER_KG_M3 / 2) * ALONG * Math.PI * thick * link * Math.abs(lengthwise);
			const blunt = i === segments ? (WATER_KG_M3 / 2) * dragAreaM2 * Math.hypot(rx, ry) : 0;
			const fx = side * nx + skin * lengthwise * ux + blunt * rx;
			const fy = side * ny + skin * lengthwise * uy + blunt * ry + bead.weightN;
			// Drag that would turn a velocity round within one step only stops it against the water.
			const stiff = 1 + ((side + skin + blunt) * STEP_S) / bead.massKg;
			bead.beforeX = bead.x;
			bead.beforeY = bead.y;
			bead.x += (vx + ((fx / bead.massKg) * STEP_S) / stiff) * STEP_S;
			bead.y = Math.min(waterM, Math.max(0, bead.y + (vy + ((fy / bead.massKg) * STEP_S) / stiff) * STEP_S));
		}
		const top = chain[0] as Bead;
		[top.x, top.y] = [surfaceMs * n * STEP_S, 0];
		hold(chain, link);
	}
	return (chain[segments] as Bead).y;
}

/** The direction of the line at a knot. */
function along(chain: readonly Bead[], i: number): [number, number] {
	const before = chain[i - 1] as Bead;
	const after = chain[Math.min(chain.length - 1, i + 1)] as Bead;
	const [dx, dy] = [after.x - before.x, after.y - before.y];
	const length = Math.hypot(dx, dy) || 1;
	return [dx / length, dy / length];
}

/** No link longer than it is; slack is free. The lighter end gives way more, and the top not at all. */
function hold(chain: readonly Bead[], link: number): void {
	for (let round = 0; round < ROUNDS; round++)
		for (let i = 0; i < chain.length - 1; i++) {
			const [one, other] = [chain[i] as Bead, chain[i + 1] as Bead];
			const [dx, dy] = [other.x - one.x, other.y - one.y];
			const length = Math.hypot(dx, dy);
			if (length <= link) continue;
			const give = i === 0 ? 0 : 1 / one.massKg;
			const otherGive = 1 / other.massKg;
			const share = (length - link) / length / (give + otherGive);
			one.x += dx * share * give;
			one.y += dy * share * give;
			other.x -= dx * share * otherGive;
			other.y -= dy * share * otherGive;
		}
}
