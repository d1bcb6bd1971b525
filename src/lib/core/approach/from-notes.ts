import { daylightOf } from '../hatch';
import type { Outing } from '../outing';
import { hiddenStances } from './hidden';
import { USUAL_PLACE } from './tables';
import { wadingCaution, type WadingCaution } from './wading';
import type { SeenThrough } from './optics';

/** What a guide says of a place, where it is not as noted or usual; m and m/s. */
export interface SaidOfPlace {
	depthM?: number | undefined;
	bankM?: number | undefined;
	wadeM?: number | undefined;
	speedMs?: number | undefined;
}

const MINUTE_MS = 60_000;

/** From where the fish watched last can be approached unseen, and what speaks of wading there, by the notes of the outing. */
export function approachOf(
	outing: Outing,
	at: Date,
	{ depthM, bankM = USUAL_PLACE.values.bankM, wadeM, speedMs }: SaidOfPlace
): ReturnType<typeof hiddenStances> & { through: SeenThrough; bankM: number; wading?: WadingCaution } {
	const fish = outing.watches.at(-1)?.fish;
	const { surface, clarityM, waterC, levelTrend } = outing.conditions;
	const through: SeenThrough = {
		depthM: depthM ?? fish?.depthM ?? USUAL_PLACE.values.depthM,
		surface: surface?.value,
		clarityM: clarityM?.value
	};
	const { sunset } = daylightOf(outing.place, at);
	const wading =
		wadeM === undefined
			? undefined
			: wadingCaution({
					depthM: wadeM,
					speedMs: speedMs ?? fish?.speedMs ?? USUAL_PLACE.values.speedMs,
					waterC: waterC?.value,
					rising: levelTrend?.value === 'rising',
					lightMin: sunset ? Math.max(0, (sunset.getTime() - at.getTime()) / MINUTE_MS) : undefined
				});
	return { ...hiddenStances({ ...through, bankM, wadeM }), through, bankM, ...(wading && { wading }) };
}
