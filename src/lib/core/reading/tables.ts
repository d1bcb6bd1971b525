import type { Nested, NumberTable } from '../rule';
import { DETECTION_TABLES } from './detection-tables';
import { EVIDENCE_TABLES } from './evidence-tables';
import { PRIOR_TABLES } from './prior-tables';
import { SIGHTING_TABLES } from './sighting-tables';
import { STATE_TABLES } from './state-tables';
import { weightsOf, WEIGHTS, type WeighingId, type Weights } from './weights';

/** Every table of numbers that the reading uses. */
export const READING_TABLES: readonly NumberTable[] = [
	...PRIOR_TABLES,
	...DETECTION_TABLES,
	...EVIDENCE_TABLES,
	...SIGHTING_TABLES,
	...STATE_TABLES
];

/** The numbers of a table as a school of weighing has them. */
export function valuesUnder(weighing: WeighingId, table: NumberTable): Nested {
	const [name] = Object.entries(WEIGHTS).find(([, values]) => values === table.values) ?? [];
	return name === undefined ? table.values : weightsOf(weighing)[name as keyof Weights];
}
