import { fishInHand, type FishSize, type Outing } from '../note';
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
	windMs: number;
	/** Size of the fish under watch, where there is one. */
	fish?: FishSize;
}

/** The water of an outing; unnoted, a rippled surface at a walking pace, clear to 1.5 m. */
export function flyWaterOf(outing: Outing): FlyWater {
	const { surface, speedMs, clarityM } = outing.conditions;
	const fish = fishInHand(outing)?.fish;
	const { dull, windMs } = weatherOf(outing);
	return {
		surface: surface?.value ?? (outing.place.water === 'freestone' ? 'rippled' : 'glassy'),
		speedMs: fish?.speedMs ?? speedMs?.value ?? (outing.place.water === 'lake' ? 0 : 0.5),
		clarityM: clarityM?.value ?? 1.5,
		dim: dull,
		windMs,
		...(fish?.size && { fish: fish.size })
	};
}

/** How rough the surface is, 0 glassy to 1 broken and fast. */
const roughness = ({ surface, speedMs }: FlyWater): number =>
	Math.min(1, { glassy: 0, rippled: 0.4, broken: 0.8 }[surface] + Math.max(0, speedMs - 0.5) * 0.4);

/** Below this clarity, in m, water is coloured and a fly needs a size and a shade more. */
const COLOURED_M = 0.5;

/**
 * How well a fly suits the water, whatever it imitates, 0 to 1: what floats in broken water, what is sparse
 * enough for glass, what a guest can see, what drags least. Field rules of docs/method.md.
 *
 * @param because collects the reasons, where they are wanted
 */
export function fitnessFor({ style, hookSize, belly }: Variant, water: FlyWater, because?: Phrase[]): number {
	const rough = roughness(water);
	const floats = style.zone === 'on-film' || style.zone === 'in-film';
	let value = 1;
	if (floats) {
		value *= kept(0.7 * (rough - style.buoyancy), 'Drowns in water this broken.', because);
		value *= kept(0.35 * (0.6 - rough) * style.bulk, 'Bushy for a surface this smooth.', because);
		const needsSeeing = 0.25 + 0.5 * rough + (water.dim ? 0.15 : 0);
		value *= kept(0.25 * (needsSeeing - style.visibility), 'Hard for a guest to see here.', because);
		value *= kept(0.2 * style.drag * (0.4 + 0.6 * rough), 'Drags easily in these currents.', because);
	}
	if (water.clarityM < COLOURED_M) {
		value *= kept(
			0.3 * ((hookSize - 12) / 12),
			'Small for coloured water; a size up is easier to find.',
			because
		);
		value *= kept(0.25 * ((belly.l - 45) / 55), 'Pale for coloured water; darker shows better.', because);
	}
	if (because?.length === 0) {
		if (floats && rough > 0.5 && style.buoyancy >= 0.8) because.push({ say: 'Rides this broken water.' });
		else if (floats && style.visibility >= 0.7) because.push({ say: 'Easy to see.' });
	}
	return value;
}

/** Losses under this are not worth a line. */
const WORTH_SAYING = 0.06;

/** What is left after a loss, which is told where reasons are wanted. */
function kept(loss: number, say: string, because: Phrase[] | undefined): number {
	if (loss <= 0) return 1;
	if (because && loss > WORTH_SAYING) because.push({ say });
	return 1 - Math.min(0.9, loss);
}
