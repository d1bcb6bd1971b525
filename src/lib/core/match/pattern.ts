import type { ShadeName } from '../atlas';
import { flyWords, type Dressing } from '../note';
import { PATTERNS } from './patterns.data';
import type { Post, StyleId } from './style';

/** A fly: a style, dressed in some colours, in some sizes. Names say how it is built. */
export interface Pattern {
	id: string;
	name: string;
	style: StyleId;
	belly: ShadeName;
	wing?: ShadeName;
	/** Colour of the post, or of what else stands up to be seen; pale unless told. */
	post?: Post;
	/** Hook sizes it is tied in, largest first. */
	sizes: readonly number[];
	/** A guide's own, not of the shipped library. */
	own?: true;
}

/** A fly as a note names it. */
export interface NamedFly {
	patternId: string;
	hookSize: number;
	dressing?: Dressing | undefined;
}

const library = new Map(PATTERNS.map((pattern) => [pattern.id, pattern]));

/** The pattern of a fly that a note names: of the library in a size it is tied in, or the guide's own. */
export function patternFor({ patternId, hookSize, dressing }: NamedFly): Pattern | undefined {
	if (dressing) return ownPattern(patternId, dressing, [hookSize]);
	const pattern = library.get(patternId);
	return pattern?.sizes.includes(hookSize) ? pattern : undefined;
}

/** The name of a pattern inside a sentence: with a small letter, but a guide's own as it was typed. */
export const patternWords = ({ id, name, own }: Pattern): string =>
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
