import { anatomyOf, findStage } from './lookup';
import { findTaxon } from './shelf';
import type { LifeStage } from './stages';
import type { Measured } from '../vocabulary';

/** Adults measured to the folded wing tips read 15 to 30 % longer than the body (docs/method.md); the middle. */
export const WING_TIP_FACTOR = 1.22;
/** Through binoculars an insect looks about two even hook sizes larger than it is (docs/method.md). */
export const BINOCULARS_FACTOR = 1.2 ** 2;

/**
 * Body length in mm, head to end of abdomen, from a length taken along something longer.
 *
 * `bodyLengthMm(12.2, 'to-wing-tips', 'hydropsyche', 'adult')` is 10: the wings of a caddis reach past its body.
 * With tails, the taxon's own tail length is taken off; a stage without tails or wings is returned as measured.
 */
export function bodyLengthMm(
	lengthMm: number,
	measured: Measured,
	taxonId: string,
	stage: LifeStage
): number {
	if (measured === 'body' || measured === 'against-hook') return lengthMm;
	if (measured === 'binoculars') return lengthMm / BINOCULARS_FACTOR;
	const taxon = findTaxon(taxonId);
	const traits = taxon && findStage(taxon, stage);
	if (!taxon || !traits) return lengthMm;
	const { tails, tailLength, wings } = anatomyOf(taxon, traits);
	if (measured === 'with-tails') return tails > 0 ? lengthMm / (1 + tailLength) : lengthMm;
	return wings === 'flat' || wings === 'tent' ? lengthMm / WING_TIP_FACTOR : lengthMm;
}
