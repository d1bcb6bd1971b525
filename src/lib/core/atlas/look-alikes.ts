import { LOOK_ALIKES, type LookAlikePair } from './look-alikes.data';
import type { LifeStage } from './stages';

export interface LookAlike {
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
	return LOOK_ALIKES.flatMap(({ between: [a, b], stages, mark }: LookAlikePair): LookAlike[] =>
		a === taxonId ? [{ taxonId: b, stages, mark }] : b === taxonId ? [{ taxonId: a, stages, mark }] : []
	);
}
