import type { Message } from '$lib/core/message';

/** A picture in hand: its size, and a smaller one to be shown and kept. */
export interface Opened {
	width: number;
	height: number;
	shown: ImageBitmap;
}

/** Is told how far a long piece of work has come, 0 to 1, and what it does. */
export type Progress = (share: number, says: Message) => void;
