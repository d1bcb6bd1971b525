import { PATTERNS } from './patterns.data';

const library = new Map(PATTERNS.map(({ id, name }) => [id, name]));

/** The name of a fly inside a sentence: a guide's own as it was typed, one of the library with a small letter. */
export function flyWords(fly: {
	patternId: string;
	name?: string | undefined;
	dressing?: { name: string } | undefined;
}): string {
	const own = fly.dressing?.name ?? fly.name;
	if (own !== undefined) return own;
	const name = library.get(fly.patternId) ?? fly.patternId.replaceAll('-', ' ');
	return name.charAt(0).toLowerCase() + name.slice(1);
}
