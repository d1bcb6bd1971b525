import type { Outing } from '../note';
import { weatherOf } from '../reading';
import type { Phrase } from '../units';
import type { Variant } from './likeness';

/** Water as far as it bears on which fly will do. */
export interface FlyWater {
	surface: 'glassy' | 'rippled' | 'broken';
	/** m/s. */
	speedMs: number;
	/** How deep one can see, m. */
	clarityM: number;
	dim: boolean;
}

/** The water of an outing; unnoted, a rippled surface at a walking pace, clear to 1.5 m. */
export function flyWaterOf(outing: Outing): FlyWater {
	const { surface, speedMs, clarityM } = outing.conditions;
	return {
		surface: surface?.value ?? (outing.place.water === 'freestone' ? 'rippled' : 'glassy'),
		speedMs: speedMs?.value ?? (outing.place.water === 'lake' ? 0 : 0.5),
		clarityM: clarityM?.value ?? 1.5,
		dim: weatherOf(outing).dull
	};
}

/** How rough the surface is, 0 glassy to 1 broken and fast. */
const roughness = ({ surface, speedMs }: FlyWater): number =>
	Math.min(1, { glassy: 0, rippled: 0.4, broken: 0.8 }[surface] + Math.max(0, speedMs - 0.5) * 0.4);

/** Below this clarity, in m, water is coloured and a fly needs a size and a shade more. */
const COLOURED_M = 0.5;

export interface Fitness {
	/** 0 to 1. */
	value: number;
	because: Phrase[];
}

/**
 * How well a fly suits the water, whatever it imitates: what floats in broken water, what is sparse enough for
 * glass, what a guest can see, what drags least. Field rules of docs/method.md.
 */
export function fitnessFor({ style, hookSize, belly }: Variant, water: FlyWater): Fitness {
	const because: Phrase[] = [];
	const rough = roughness(water);
	const floats = style.zone === 'on-film' || style.zone === 'in-film';
	let value = 1;
	const lose = (share: number, say: string) => {
		if (share <= 0) return;
		value *= 1 - share;
		if (share > 0.06) because.push({ say });
	};
	if (floats) {
		lose(0.7 * Math.max(0, rough - style.buoyancy), 'Drowns in water this broken.');
		lose(0.35 * Math.max(0, 0.6 - rough) * style.bulk, 'Bushy for a surface this smooth.');
		const needsSeeing = 0.25 + 0.5 * rough + (water.dim ? 0.15 : 0);
		lose(0.25 * Math.max(0, needsSeeing - style.visibility), 'Hard for a guest to see here.');
		lose(0.2 * style.drag * (0.4 + 0.6 * rough), 'Drags easily in these currents.');
	}
	if (water.clarityM < COLOURED_M) {
		lose(0.3 * Math.max(0, (hookSize - 12) / 12), 'Small for coloured water; a size up is easier to find.');
		lose(0.25 * Math.max(0, (belly.l - 45) / 55), 'Pale for coloured water; darker shows better.');
	}
	if (because.length === 0) {
		if (floats && style.visibility >= 0.7) because.push({ say: 'Easy to see.' });
		else if (floats && rough > 0.5 && style.buoyancy >= 0.8)
			because.push({ say: 'Rides this broken water.' });
	}
	return { value, because };
}
