/// <reference lib="webworker" />
// eslint-disable-next-line no-restricted-imports -- for what it does: a worker has the whole atlas
import '$lib/core/atlas/all';
import { expose, transfer, transferHandlers } from 'comlink';
import { seededRandom } from '$lib/core/math';
import {
	bodyLine,
	cardLight,
	findCard,
	fitCard,
	patchColour,
	type CardFit,
	type CardLight,
	type CardSearch,
	type MeasuredLength,
	type PatchColour,
	type Picture,
	type PixelPoint
} from '$lib/core/specimen';
import { InputError, words } from '$lib/core/message';
import { benchShot, type Laid } from '$lib/simulate';
import type { Opened, Progress } from './specimen-messages';

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

/** What the photo bench asks for: pixels stay here, off the page's thread. */
const bench = {
	/** The stand-in camera takes a picture, which is then the one in hand. */
	async shoot(
		animals: readonly Laid[],
		size: { width: number; height: number },
		seed: number,
		tell: Progress
	) {
		tell(0.1, says('shoots'));
		const shot = benchShot(animals, size, seededRandom(seed)).picture;
		return inHand(await createImageBitmap(new ImageData(Uint8ClampedArray.from(shot.pixels), size.width)));
	},

	/** Reads a picture file and takes it in hand. */
	async read(file: Blob, tell: Progress) {
		tell(0.1, says('reads'));
		return inHand(await createImageBitmap(file, { imageOrientation: 'from-image' }));
	},

	/** Looks for the card in the picture in hand. */
	find(tell: Progress): CardSearch & { uneven?: boolean } {
		tell(0.4, says('looks'));
		const search = findCard(opened());
		tell(0.8, says('light'));
		fit = search.found ? search.fit : undefined;
		light = fit && cardLight(opened(), fit);
		return search.found ? { ...search, uneven: light?.uneven ?? false } : search;
	},

	/** Lays the card by corners that were dragged. */
	lay(corners: readonly PixelPoint[]): CardFit {
		fit = fitCard(opened(), corners);
		light = cardLight(opened(), fit);
		return fit;
	},

	length: (points: readonly PixelPoint[], shownScale: number): MeasuredLength =>
		bodyLine(points, laid(), shownScale),

	/** The picture in hand as it is shown, to be kept with the lot. */
	keep: (): Promise<Blob> => asJpeg(opened()),

	colour(at: PixelPoint, radiusMm: number): PatchColour {
		if (!light) throw new InputError(says('no-card'));
		return patchColour(opened(), laid(), light, at, radiusMm);
	}
};
export type SpecimenBench = typeof bench;

// What is thrown for the guide goes over as its message; what is no picture is told in a sentence too.
const thrown = transferHandlers.get('throw');
if (thrown)
	transferHandlers.set('throw', {
		...thrown,
		serialize: ({ value }: { value: unknown }) => [
			value instanceof InputError ? value.says : says('unreadable'),
			[]
		]
	});
expose(bench);

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
	const shown = await asShown(data);
	return transfer({ width, height, shown }, [shown]);
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
