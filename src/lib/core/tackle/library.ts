import { isSurface } from '../atlas';
import type { Message } from '../message';
import { flyWords } from './fly-words';
import type { Dressing, NamedFly, Pattern } from './pattern';
import { PATTERNS } from './patterns.data';
import { STYLES } from './styles.data';

const library = new Map(PATTERNS.map((pattern) => [pattern.id, pattern]));

/** The pattern of a fly that a note names: of the library in a size it is tied in, or the guide's own. */
export function patternFor({ patternId, hookSize, dressing }: NamedFly): Pattern | undefined {
	if (dressing) return ownPattern(patternId, dressing, [hookSize]);
	const pattern = library.get(patternId);
	return pattern?.sizes.includes(hookSize) ? pattern : undefined;
}

/** Whether a fly goes beneath the film, and has to be brought down. */
export const fishesBelow = ({ style }: Pick<Pattern, 'style'>): boolean => !isSurface(STYLES[style].zone);

/** The name of a pattern inside a sentence: with a small letter, but a guide's own as it was typed. */
export const patternWords = ({ id, name, own }: Pattern): Message =>
	flyWords({ patternId: id, ...(own && { name }) });

/** A guide's own pattern from its dressing. */
export function ownPattern(
	id: string,
	{ name, style, belly, wing, post }: Dressing,
	sizes: readonly number[]
): Pattern {
	return { id, name, style, belly, ...(wing && { wing }), ...(post && { post }), sizes, own: true };
}

/** The dressing that a note of this pattern must carry: none for the shipped library. */
export function dressingOf({ name, style, belly, wing, post, own }: Pattern): Dressing | undefined {
	if (!own) return undefined;
	return { name, style, belly, ...(wing && { wing }), ...(post && { post }) };
}
