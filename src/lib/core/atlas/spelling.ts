/**
 * A name as it is compared: small letters, without the spaces, hyphens and points that everybody sets otherwise.
 *
 * `squashed('Blue-winged  Olive')` is `bluewingedolive`.
 */
export const squashed = (name: string): string =>
	name
		.toLowerCase()
		.replaceAll(/\b(sp|spp)\.?(?=\s|$)/g, '')
		.replaceAll('’', "'")
		.replaceAll(/[\s_.‐‑–-]+/g, '');

const LEAST_INITIALS = 3;

/**
 * The initials by which guides write a name of several words, or undefined where it has too few.
 *
 * `initialsOf('pale morning dun')` is `pmd`, `initialsOf('blue-winged olive')` is `bwo`.
 */
export function initialsOf(name: string): string | undefined {
	const letters = name
		.toLowerCase()
		.split(/[\s-]+/)
		.map((word) => word.charAt(0))
		.join('');
	return letters.length >= LEAST_INITIALS ? letters : undefined;
}
