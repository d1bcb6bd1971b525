import { LOOK_ALIKES, type LookAlikePair } from './look-alikes.data';
import type { Message } from '../message';
import type { LifeStage } from './stages';

export interface LookAlike {
	/** `baetis/cloeon/1`: the pair, and which of its marks. */
	id: string;
	taxonId: string;
	stages: readonly LifeStage[];
	mark: string;
}

/**
 * What a taxon gets taken for, and the mark that tells. Mutual: each pair is kept once and found from both
 * sides.
 *
 * `lookAlikesOf('perla')` holds `dinocras` and `perlodes`.
 */
export function lookAlikesOf(taxonId: string): LookAlike[] {
	return LOOK_ALIKES.flatMap(({ between: [a, b], stages, mark }: LookAlikePair, i): LookAlike[] => {
		const same = LOOK_ALIKES.slice(0, i).filter((one) => one.between[0] === a && one.between[1] === b).length;
		const alike = { id: `${a}/${b}/${same + 1}`, stages, mark };
		if (a === taxonId) return [{ ...alike, taxonId: b }];
		return b === taxonId ? [{ ...alike, taxonId: a }] : [];
	});
}

/** The mark that tells, in words. */
export const lookAlikeMark = ({ id, mark }: LookAlike): Message => ({ id: `look-alike.${id}`, text: mark });
