/// <reference lib="webworker" />
import { seededRandom } from '$lib/core/math';
import {
	bodyLine,
	cardLight,
	findCard,
	fitCard,
	patchColour,
	type CardFit,
	type CardLight,
	type Picture
} from '$lib/core/specimen';
import { benchShot } from '$lib/simulate';
import type { BenchAnswer, BenchRequest, BenchTask, Opened } from './specimen-messages';

let picture: Picture | undefined;
let fit: CardFit | undefined;
let light: CardLight | undefined;

/** What a picture is worked on at: more pixels than this tell no more of an insect. */
const MOST_PIXELS = 12_500_000;
const SHOWN_LONGEST = 2048;
const JPEG_QUALITY = 0.85;

onmessage = async ({ data }: MessageEvent<BenchRequest>) => {
	try {
		const done = await work(data);
		postMessage({ id: data.id, done } satisfies BenchAnswer, 'shown' in done ? [done.shown] : []);
	} catch (error) {
		const wrong = error instanceof RangeError ? error.message : UNREADABLE;
		postMessage({ id: data.id, wrong } satisfies BenchAnswer);
		if (!(error instanceof RangeError || error instanceof DOMException)) throw error;
	}
};
const UNREADABLE = 'The picture could not be read; take it again, or choose a JPEG or PNG.';

async function work(request: BenchRequest): Promise<BenchTask[keyof BenchTask]['gives']> {
	const say = (share: number, says: string) =>
		postMessage({ id: request.id, progress: { share, says } } satisfies BenchAnswer);
	switch (request.task) {
		case 'shoot': {
			say(0.1, 'The bench camera takes its picture');
			const { animals, width, height, seed } = request.with;
			const shot = benchShot(animals, { width, height }, seededRandom(seed)).picture;
			return inHand(await createImageBitmap(new ImageData(Uint8ClampedArray.from(shot.pixels), width)));
		}
		case 'read':
			say(0.1, 'Reading the picture');
			return inHand(await createImageBitmap(request.with.file, { imageOrientation: 'from-image' }));
		case 'find': {
			say(0.4, 'Looking for the card');
			const search = findCard(opened());
			say(0.8, 'Measuring the light');
			fit = search.found ? search.fit : undefined;
			light = fit && cardLight(opened(), fit);
			return search.found ? { ...search, uneven: light?.uneven ?? false } : search;
		}
		case 'corners':
			fit = fitCard(opened(), request.with.corners);
			light = cardLight(opened(), fit);
			return fit;
		case 'length':
			return bodyLine(request.with.points, laid(), request.with.shownScale);
		case 'keep':
			return { jpeg: await asJpeg(opened()) };
		case 'colour': {
			if (!light) throw new RangeError('The card has not been found yet.');
			const { at, radiusMm } = request.with;
			return patchColour(opened(), laid(), light, at, radiusMm);
		}
	}
}

/** Takes a picture in hand, at a size worth working on. */
async function inHand(bitmap: ImageBitmap): Promise<Opened> {
	const scale = Math.min(1, Math.sqrt(MOST_PIXELS / (bitmap.width * bitmap.height)));
	const width = Math.round(bitmap.width * scale);
	const height = Math.round(bitmap.height * scale);
	const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
	if (!context) throw new RangeError('This browser cannot read pictures.');
	context.drawImage(bitmap, 0, 0, width, height);
	bitmap.close();
	const data = context.getImageData(0, 0, width, height);
	picture = { width, height, pixels: data.data };
	[fit, light] = [undefined, undefined];
	return { width, height, shown: await asShown(data) };
}

const asShown = (data: ImageData): Promise<ImageBitmap> =>
	createImageBitmap(data, {
		resizeWidth: Math.round(data.width * Math.min(1, SHOWN_LONGEST / Math.max(data.width, data.height))),
		resizeQuality: 'medium'
	});

/** Encoded here: a page encodes only while it is idle, which can take it seconds. */
async function asJpeg({ pixels, width }: Picture): Promise<Blob> {
	const shown = await asShown(new ImageData(Uint8ClampedArray.from(pixels), width));
	const canvas = new OffscreenCanvas(shown.width, shown.height);
	canvas.getContext('bitmaprenderer')?.transferFromImageBitmap(shown);
	return canvas.convertToBlob({ type: 'image/jpeg', quality: JPEG_QUALITY });
}

function opened(): Picture {
	if (!picture) throw new RangeError('There is no picture yet.');
	return picture;
}

function laid(): CardFit {
	if (!fit) throw new RangeError('The card has not been found yet: drag its corners.');
	return fit;
}
