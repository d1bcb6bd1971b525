import type { SharedPlace } from '../record';

/** The names of one reach that a guide fishes. */
export interface WaterNames {
	basin: string;
	water: string;
	reach: string;
}

/** A name this short is looked for as a whole word only. */
const SHORT = 5;

/**
 * Names of a guide's own waters in a text that tell more than its readers may know: all but those of the place as
 * they are told it. Case, accents, spaces and hyphens do not hide a name.
 *
 * `finerNames('Below Alderbend', [{ basin: 'Ovrane basin', water: 'Ovrane', reach: 'Alder Bend' }],
 * { precision: 'water', basin: 'Ovrane basin', water: 'Ovrane' })` is `['Alder Bend']`.
 */
export function finerNames(text: string, own: readonly WaterNames[], told: SharedPlace): string[] {
	const known = [told.basin, 'water' in told && told.water, 'reach' in told && told.reach]
		.filter((name) => typeof name === 'string')
		.map(folded)
		// The longest first: a basin often holds its river's name.
		.sort((a, b) => b.length - a.length);
	const running = known.reduce((rest, name) => rest.replaceAll(name, ' '), folded(text));
	const whole = new Set(text.split(/[^\p{L}\p{N}\p{M}]+/u).map(folded));
	const names = new Set(own.flatMap(({ basin, water, reach }) => [reach, water, basin]));
	return [...names].filter((name) => {
		const plain = folded(name);
		if (plain === '' || known.includes(plain)) return false;
		return plain.length < SHORT ? whole.has(plain) : running.includes(plain);
	});
}

/** Letters and digits alone, small, without accents. */
function folded(text: string): string {
	return text
		.normalize('NFKD')
		.toLowerCase()
		.replaceAll(/[^\p{L}\p{N}]/gu, '');
}
