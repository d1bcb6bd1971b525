import type { ShadeName } from '../atlas';
import type { Post } from './style';
import type { StyleId } from './styles.data';

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

/** How a guide's own fly is dressed, as it goes along with a note. */
export interface Dressing {
	name: string;
	style: StyleId;
	belly: ShadeName;
	wing?: ShadeName | undefined;
	post?: Post | undefined;
}

/** A fly as a note names it. */
export interface NamedFly {
	patternId: string;
	hookSize: number;
	dressing?: Dressing | undefined;
}
