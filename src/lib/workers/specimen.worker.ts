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
import { InputError, words, type Message } from '$lib/core/message';
import { benchShot } from '$lib/simulate';
import type { BenchAnswer, BenchRequest, BenchTask, Opened } from './specimen-messages';

const says = words('bench.work', {
	shoots: 'The bench camera takes its picture',
	reads: 'Reading the picture',
	looks: 'Looking for the card',
	light: 'Measuring the light',
	unreadable: 'The picture could not be read; take it again, or choose a JPEG or PNG.',
	'no-card': 'The card has not been found yet.',
	'no-canvas': 'This browser cannot read pictures.',
	'no-picture': 'There is no picture yet.',
	'drag-corners': 'The card has not been found yet: drag its corners.'
});

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
		const wrong = error instanceof InputError ? error.says : says('unreadable');
		postMessage({ id: data.id, wrong } satisfies BenchAnswer);
		if (!(error instanceof InputError || error instanceof DOMException)) throw error;
	}
};

async function work(request: BenchRequest): Promise<BenchTask[keyof BenchTask]['gives']> {
	const tell = (share: number, what: Message) =>
		postMessage({ id: request.id, progress: { share, says: what } } satisfies BenchAnswer);
	switch (request.task) {
		case 'shoot': {
			tell(0.1, says('shoots'));
			const { animals, width, height, seed } = request.with;
			const shot = benchShot(animals, { width, height }, seededRandom(seed)).picture;
			return inHand(await createImageBitmap(new ImageData(Uint8ClampedArray.from(shot.pixels), width)));
		}
		case 'read':
			tell(0.1, says('reads'));
			return inHand(await createImageBitmap(request.with.file, { imageOrientation: 'from-image' }));
		case 'find': {
			tell(0.4, says('looks'));
			const search = findCard(opened());
			tell(0.8, says('light'));
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
			if (!light) throw new InputError(says('no-card'));
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
	if (!context) throw new InputError(says('no-canvas'));
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
	if (!picture) throw new InputError(says('no-picture'));
	return picture;
}

function laid(): CardFit {
	if (!fit) throw new InputError(says('drag-corners'));
	return fit;
}
