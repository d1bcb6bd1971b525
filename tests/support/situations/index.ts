import { EYES } from './eyes';
import { NETS } from './nets';
import { FISH } from './fish';
import { STILL } from './still';
import { SEASONS } from './seasons';
import { WEATHER } from './weather';
import { FURTHER } from './further';
import { ELSEWHERE } from './elsewhere';
import type { Situation } from './situation';

export { isAmong } from './situation';

/** Written situations of all seasons and waters, to hold the reading against. */
export const SITUATIONS: readonly Situation[] = [
	...EYES,
	...NETS,
	...FISH,
	...STILL,
	...SEASONS,
	...WEATHER,
	...FURTHER,
	...ELSEWHERE
];
