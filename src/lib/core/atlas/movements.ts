import type { Message } from '../message';

/** How an animal gets about, as a guide sees it in the jar or on the water. */
export const MOVEMENTS = {
	darts: 'swims in quick darts',
	wriggles: 'wriggles or loops its body',
	clings: 'clings and creeps sideways',
	crawls: 'crawls slowly',
	burrows: 'digs into silt',
	hangs: 'hangs under the film',
	sits: 'sits still on the film',
	lies: 'lies flat and spent',
	flutters: 'flutters, runs or skates',
	rows: 'rows in jerks',
	kicks: 'kicks and struggles',
	stays: 'hardly moves'
} as const;
export type Movement = keyof typeof MOVEMENTS;

/** How it moves, in words. */
export const movementWords = (movement: Movement): Message => ({
	id: `movement.${movement}`,
	text: MOVEMENTS[movement]
});
