import type { Outing } from '../outing';
import type { Reading } from '../reading';
import { SCHOOL_IDS, type SchoolId } from '../likeness';
import { shortlist, type FlyChoice, type ShortlistOptions } from './shortlist';

/** What a school would tie on, beside the chosen one. */
export interface SchoolRanking {
	school: SchoolId;
	/** Its best flies. */
	flies: FlyChoice[];
	/** Place, from 1, that its first fly has with the chosen school; undefined when that is far down. */
	placeOfFirst?: number;
}

const BEST = 3;
const SEARCHED = 20;

/** How the ranking would differ under each school: the consequence of a quarrel, made visible. */
export function compareSchools(
	outing: Outing,
	reading: Reading,
	options: ShortlistOptions = {}
): SchoolRanking[] {
	const chosen = shortlist(outing, reading, { ...options, most: SEARCHED });
	return SCHOOL_IDS.map((school) => {
		const flies = shortlist(outing, reading, { ...options, school, most: BEST });
		const place = chosen.findIndex(({ pattern }) => pattern.id === flies[0]?.pattern.id);
		return { school, flies, ...(place >= 0 && { placeOfFirst: place + 1 }) };
	});
}
