import { isSurface } from '../atlas';
import { wantedDepths, waterDepthOf } from '../match';
import type { Outing } from '../outing';
import type { Variant } from '../likeness';
import { FIXES, JUDGED } from './tables';
import type { Setup } from './trials';

const J = JUDGED.values;

/** Where a fly below the film fishes, and where else fish may be. */
export interface Depths {
	/** Now, m. */
	nowM: number;
	/** Depth of the water, m. */
	waterM: number;
	/** Something took about here today. */
	took: boolean;
	/** The likeliest other depths above and beneath, m, each with the chance that fish are there if they are not here. */
	shallower?: { depthM: number; chance: number };
	deeper?: { depthM: number; chance: number };
}

/**
 * How deep the fly fishes and which other depths are worth a try, from what was fished at each; nothing for a fly that
 * floats.
 *
 * @param waterM depth of the water, m
 */
export function depthsFor(
	outing: Outing,
	{ style }: Pick<Variant, 'style'>,
	setup: Pick<Setup, 'depthM'>,
	waterM = waterDepthOf(outing)
): Depths | undefined {
	if (isSurface(style.zone)) return undefined;
	const { beliefs, wantedM, tried } = wantedDepths(outing, style.zone, waterM);
	const nowM = Math.min(waterM, setup.depthM ?? wantedM);
	const apart = Math.max(J.sameDepthM, J.depthStep * waterM);
	const elsewhere = beliefs.filter(({ depthM }) => Math.abs(depthM - nowM) >= apart);
	const all = elsewhere.reduce((sum, { probability }) => sum + probability, 0);
	/** The best place to fish next on one side: what a fly there would meet. */
	const best = (side: typeof elsewhere) => {
		let found: { depthM: number; chance: number } | undefined;
		for (const { depthM } of side) {
			const near = elsewhere.filter((other) => Math.abs(other.depthM - depthM) < apart);
			const chance = near.reduce((sum, { probability }) => sum + probability, 0) / all;
			if (found && chance <= found.chance) continue;
			// In whole tenths, and never on the bed itself.
			found = {
				depthM: Math.min(Math.round(depthM * TENTHS), Math.ceil(waterM * TENTHS) - 1) / TENTHS,
				chance
			};
		}
		return found;
	};
	const [up, down] = [
		best(elsewhere.filter(({ depthM }) => depthM < nowM)),
		best(elsewhere.filter(({ depthM }) => depthM > nowM))
	];
	return {
		nowM,
		waterM,
		took: tried.some(({ depthM, takes }) => takes > 0 && Math.abs(depthM - nowM) < apart),
		...(up && up.chance > FIXES.values.shallower.leastChance && { shallower: up }),
		...(down && down.chance > FIXES.values.deeper.leastChance && { deeper: down })
	};
}
const TENTHS = 10;
