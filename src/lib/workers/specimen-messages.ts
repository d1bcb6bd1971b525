import type { Message } from '$lib/core/message';
import type { CardFit, CardSearch, MeasuredLength, PatchColour, PixelPoint } from '$lib/core/specimen';
import type { Laid } from '$lib/simulate';

/** A picture in hand: its size, and a smaller one to be shown and kept. */
export interface Opened {
	width: number;
	height: number;
	shown: ImageBitmap;
}

/** What the photo bench asks of its worker, and what comes back. */
export interface BenchTask {
	/** The stand-in camera takes a picture, which is then the one in hand. */
	shoot: { takes: { animals: Laid[]; width: number; height: number; seed: number }; gives: Opened };
	/** Reads a picture file and takes it in hand. */
	read: { takes: { file: Blob }; gives: Opened };
	/** Looks for the card in the picture in hand. */
	find: { takes: Record<string, never>; gives: CardSearch & { uneven?: boolean } };
	/** Lays the card by corners that were dragged. */
	corners: { takes: { corners: PixelPoint[] }; gives: CardFit };
	length: { takes: { points: PixelPoint[]; shownScale: number }; gives: MeasuredLength };
	/** The picture in hand as it is shown, to be kept with the lot. */
	keep: { takes: Record<string, never>; gives: { jpeg: Blob } };
	colour: { takes: { at: PixelPoint; radiusMm: number }; gives: PatchColour };
}

export type BenchRequest = {
	[K in keyof BenchTask]: { id: number; task: K; with: BenchTask[K]['takes'] };
}[keyof BenchTask];

export type BenchAnswer =
	| { id: number; progress: { share: number; says: Message } }
	| { id: number; done: BenchTask[keyof BenchTask]['gives'] }
	| { id: number; wrong: Message };
