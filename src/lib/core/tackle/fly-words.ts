import { typed, within, type Message } from '../message';
import { PATTERNS } from './patterns.data';
import type { Pattern } from './pattern';
import { STYLES, type StyleId } from './styles.data';

const library = new Map(PATTERNS.map((pattern) => [pattern.id, pattern]));

/** The name of a style, and how it sits on the water. */
export const styleName = (id: StyleId): Message => ({ id: `style.${id}`, text: STYLES[id].name });
export const styleSits = (id: StyleId): Message => ({ id: `style.${id}.sits`, text: STYLES[id].sits });

/** The name of a pattern: one of the library is a message, a guide's own stays as it was typed. */
export function patternName({ id, name }: Pick<Pattern, 'id' | 'name'>): Message {
	return library.get(id)?.name === name ? { id: `pattern.${id}`, text: name } : typed(name);
}

/** The name of a fly inside a sentence: a guide's own as it was typed, one of the library with a small letter. */
export function flyWords(fly: {
	patternId: string;
	name?: string | undefined;
	dressing?: { name: string } | undefined;
}): Message {
	const own = fly.dressing?.name ?? fly.name;
	if (own !== undefined) return typed(own);
	const pattern = library.get(fly.patternId);
	return pattern ? within(patternName(pattern)) : typed(fly.patternId.replaceAll('-', ' '));
}
