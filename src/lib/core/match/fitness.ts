import { fishInHand, type Outing, type Watch, weatherOf } from '../outing';
import type { FishSize, Light } from '../vocabulary';
import type { Phrase } from '../units';
import type { Variant } from '../likeness';
import type { Post, Style } from '../tackle';

/** Water as far as it bears on which fly will do. */
export interface FlyWater {
	surface: 'glassy' | 'rippled' | 'broken';
	/** m/s. */
	speedMs: number;
	/** How deep one can see, m. */
	clarityM: number;
	dim: boolean;
	windMs: number;
	light: Light;
	/** How freely fish take, 0 to 1: many rises at everything, and exactness matters less. */
	hunger: number;
	/** Size of the fish under watch, where there is one. */
	fish?: FishSize;
	/** The smallest fly the guest can see on the water, as a hook size. */
	smallestSeen?: number;
}

/** The water of an outing; unnoted, a rippled surface at a walking pace, clear to 1.5 m. */
export function flyWaterOf(outing: Outing, smallestSeen?: number): FlyWater {
	const { surface, speedMs, clarityM, light } = outing.conditions;
	const watch = fishInHand(outing);
	const fish = watch?.fish;
	const { dull, windMs } = weatherOf(outing);
	return {
		surface: surface?.value ?? (outing.place.water === 'freestone' ? 'rippled' : 'glassy'),
		speedMs: fish?.speedMs ?? speedMs?.value ?? (outing.place.water === 'lake' ? 0 : 0.5),
		clarityM: clarityM?.value ?? 1.5,
		dim: dull || light?.value === 'shade',
		windMs,
		light: light?.value ?? 'even',
		hunger: watch ? hungerOf(watch, outing.now) : 0,
		...(fish?.size && { fish: fish.size }),
		...(smallestSeen !== undefined && { smallestSeen })
	};
}

/** Rises a minute from which a fish begins to take freely, and at which it takes everything. Field rule. */
const FREELY = { from: 2, everything: 5 } as const;
const LATELY_MS = 5 * 60_000;

function hungerOf({ rises, begunAt }: Watch, now: Date): number {
	const since = Math.max(now.getTime() - LATELY_MS, begunAt.getTime());
	const lately = rises.filter(({ observedAt }) => observedAt.getTime() >= since).length;
	const perMinute = lately / Math.max(1, (now.getTime() - since) / 60_000);
	return Math.min(1, Math.max(0, (perMinute - FREELY.from) / (FREELY.everything - FREELY.from)));
}

/** How rough the surface is, 0 glassy to 1 broken and fast. */
const roughness = ({ surface, speedMs }: FlyWater): number =>
	Math.min(1, { glassy: 0, rippled: 0.4, broken: 0.8 }[surface] + Math.max(0, speedMs - 0.5) * 0.4);

/** Below this clarity, in m, water is coloured and a fly needs a size and a shade more. */
const COLOURED_M = 0.5;
/** From this wind on a bushy fly is hard to place, m/s. */
const WINDY_MS = 5;

/** What is seen of a post or a wing that stands up, by its colour and the light: dark on silver, pale elsewhere. */
const POST_SHOWS: Record<Light, Record<Post, number>> = {
	even: { pale: 1, dark: 0.85 },
	silver: { pale: 0.5, dark: 1.1 },
	shade: { pale: 1, dark: 0.55 }
};
/** Flies that show less than this have nothing standing up. */
const STANDS_UP = 0.5;

/** How well a guest sees a fly in this light, 0 to 1. */
export function visibilityIn({ visibility }: Style, post: Post | undefined, light: Light): number {
	return visibility < STANDS_UP ? visibility : Math.min(1, visibility * POST_SHOWS[light][post ?? 'pale']);
}

/**
 * How well a fly suits the water, whatever it imitates, 0 to 1: what floats in broken water, what is sparse
 * enough for glass, what a guest can see, what drags least. Field rules of docs/method.md.
 *
 * @param because collects the reasons, where they are wanted
 */
export function fitnessFor(
	{ style, pattern, hookSize, belly }: Variant,
	water: FlyWater,
	because?: Phrase[]
): number {
	const rough = roughness(water);
	const floats = style.zone === 'on-film' || style.zone === 'in-film';
	const seen = visibilityIn(style, pattern.post, water.light);
	let value = 1;
	const lose = (loss: number, say: string) => (value *= kept(loss, say, because));
	if (floats) {
		lose(0.7 * (rough - style.buoyancy), 'Drowns in water this broken.');
		lose(0.35 * (0.6 - rough) * style.bulk, 'Bushy for a surface this smooth.');
		lose(
			0.25 * (0.25 + 0.5 * rough + (water.dim ? 0.15 : 0) - seen),
			water.light === 'silver' && style.visibility >= STANDS_UP
				? 'A pale post is lost on silver water; a dark one shows.'
				: 'Hard for a guest to see here.'
		);
		lose(0.2 * style.drag * (0.4 + 0.6 * rough), 'Drags easily in these currents.');
		lose(0.03 * (water.windMs - WINDY_MS) * style.bulk, 'The wind takes a fly this bushy.');
		if (water.smallestSeen !== undefined)
			lose(0.13 * (hookSize - water.smallestSeen) * (1.4 - seen), 'Smaller than this guest can see.');
		if (rough >= 0.8 && water.dim)
			lose(0.09 * (hookSize - 14), 'Small for fast water in poor light; a size up shows better.');
	}
	if (water.clarityM < COLOURED_M) {
		lose(0.3 * ((hookSize - 12) / 12), 'Small for coloured water; a size up is easier to find.');
		lose(0.25 * ((belly.l - 45) / 55), 'Pale for coloured water; darker shows better.');
	}
	if (because?.length === 0) {
		if (floats && rough > 0.5 && style.buoyancy >= 0.8) because.push({ say: 'Rides this broken water.' });
		else if (floats && water.light === 'silver' && pattern.post === 'dark')
			because.push({ say: 'Its dark post shows on silver water.' });
		else if (floats && seen >= 0.7) because.push({ say: 'Easy to see.' });
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
