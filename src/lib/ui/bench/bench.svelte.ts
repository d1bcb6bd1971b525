import { v7 as uuid } from 'uuid';
import { findStage, findTaxon, type Lab, type ShadeName } from '$lib/core/atlas';
import { InputError, type Message } from '$lib/core/message';
import type { Lot } from '$lib/core/note';
import {
	liesRight,
	padState,
	TARGETS,
	type CardFit,
	type MeasuredLength,
	type PatchColour,
	type PixelPoint
} from '$lib/core/specimen';
import { DRY_HOOK, hookFor } from '$lib/core/tackle';
import type { Opened } from '$lib/workers/specimen-messages';
import { told, type BenchDesk } from './bench-desk';
import words from './words';

/** What the bench found of one animal. */
export interface BenchFinding {
	lot: number;
	lengthMm?: number;
	belly?: Lab;
	/** The shade that is nearest to the belly. */
	shade?: ShadeName;
	back?: Lab;
	wing?: Lab;
	pads?: 'pale' | 'dark' | 'black';
	photoId?: string;
}

/** What a tap on the picture takes. */
export type Tool = 'length' | 'belly' | 'back' | 'wing' | 'pads' | 'corners';

const PATCH_MM = 0.25;
/** Taps along one body; the next begins another. */
const MOST_POINTS = 6;
const SHOT = { width: 2000, height: 1500 } as const;
const MOST_SHOT = 6;
const USUAL_MM = 8;
/** Lengths that a hook can be named for, mm. */
const HOOKED_MM = { least: 1.5, most: 60 } as const;

/** A picture on the bench, what was found on it, and what is in hand. */
export class Bench {
	size = $state<{ width: number; height: number }>();
	progress = $state<{ share: number; says: Message }>();
	trouble = $state<Message>();
	fit = $state<CardFit>();
	uneven = $state(false);
	tool = $state<Tool>('length');
	points = $state<PixelPoint[]>([]);
	measured = $state<MeasuredLength>();
	patches = $state<Partial<Record<Tool, { at: PixelPoint; colour: PatchColour }>>>({});
	corners = $state<PixelPoint[]>([]);
	/** Where the keys are, in the picture's pixels. */
	cross = $state<PixelPoint>();
	/** Which corner is being dragged. */
	held = $state<number>();
	/** Whether the last finding is saved, with its picture or alone. */
	kept = $state<'with-picture' | 'alone'>();
	hook = $derived(
		this.measured && this.measured.lengthMm >= HOOKED_MM.least && this.measured.lengthMm <= HOOKED_MM.most
			? hookFor(this.measured.lengthMm, 'body', DRY_HOOK)
			: undefined
	);
	ripe = $derived(
		this.patches.pads && this.patches.belly
			? padState(this.patches.pads.colour.lab, this.patches.belly.colour.lab)
			: undefined
	);
	#desk: Pick<BenchDesk, 'do'>;
	#show: (picture: ImageBitmap) => void;
	#photoId: string | undefined;
	#shots = 0;

	/** @param show lays a picture on the page */
	constructor(desk: Pick<BenchDesk, 'do'>, show: (picture: ImageBitmap) => void) {
		this.#desk = desk;
		this.#show = show;
	}

	async #working<T>(job: () => Promise<T>): Promise<T | undefined> {
		this.trouble = undefined;
		try {
			return await job();
		} catch (error) {
			this.trouble = error instanceof InputError ? error.says : words('the-picture-could-not');
			return undefined;
		} finally {
			this.progress = undefined;
		}
	}
	#tell = told((share, says) => (this.progress = { share, says }));

	/** A picture that the guide took or chose. */
	read(file: Blob): Promise<void> {
		return this.#opened(() => this.#desk.do((asked) => asked.read(file, this.#tell)));
	}

	/** A picture of the stand-in camera, with the animals of the tray on it. */
	shoot(lots: readonly Lot[]): Promise<void> {
		const animals = lots.slice(0, MOST_SHOT).map(({ taxonId, stage, lengthMm }) => {
			const taxon = findTaxon(taxonId);
			const typical = taxon && findStage(taxon, stage)?.lengthMm.typical;
			return { taxonId, stage, lengthMm: lengthMm ?? typical ?? USUAL_MM };
		});
		const seed = 100 + this.#shots++;
		return this.#opened(() => this.#desk.do((asked) => asked.shoot(animals, SHOT, seed, this.#tell)));
	}

	async #opened(open: () => Promise<Opened>): Promise<void> {
		await this.#working(async () => this.#look(await open()));
	}

	/** Shows a picture that the worker has in hand, and has it look for the card. */
	async #look({ width, height, shown }: Opened): Promise<void> {
		this.#show(shown);
		[this.fit, this.points, this.measured, this.patches] = [undefined, [], undefined, {}];
		[this.#photoId, this.kept, this.corners] = [undefined, undefined, []];
		[this.size, this.cross] = [
			{ width, height },
			{ x: width / 2, y: height / 2 }
		];
		const search = await this.#desk.do((asked) => asked.find(this.#tell));
		if (search.found) {
			[this.fit, this.corners, this.uneven] = [search.fit, [...search.fit.corners], search.uneven ?? false];
			this.tool = 'length';
			return;
		}
		// Corners to drag, where the card would lie in the middle of the picture.
		this.corners = TARGETS.map(({ xMm, yMm }) => ({
			x: width * (0.15 + (0.7 * (xMm - 8)) / 104),
			y: height * (0.15 + (0.7 * (yMm - 8)) / 64)
		}));
		[this.trouble, this.tool] = [search.why, 'corners'];
	}

	/** The corner in hand follows the finger. */
	drag(to: PixelPoint): void {
		if (this.held !== undefined) this.corners[this.held] = to;
	}

	/** A corner is let go: the card is laid by all four. */
	async letGo(): Promise<void> {
		if (this.held === undefined) return;
		this.held = undefined;
		await this.#working(async () => {
			const corners = $state.snapshot(this.corners);
			this.fit = await this.#desk.do((asked) => asked.lay(corners));
			if (!liesRight(this.fit)) this.trouble = words('the-edge-dots-are');
		});
	}

	/** @param shownScale picture pixels to one on the screen */
	async tap(at: PixelPoint, shownScale: number): Promise<void> {
		this.kept = undefined;
		if (this.tool === 'corners' || !this.fit) return;
		if (this.tool === 'length') {
			this.points = this.points.length >= MOST_POINTS ? [at] : [...this.points, at];
			const points = $state.snapshot(this.points);
			this.measured =
				points.length < 2
					? undefined
					: await this.#working(() => this.#desk.do((asked) => asked.length(points, shownScale)));
			return;
		}
		const which = this.tool;
		const colour = await this.#working(() => this.#desk.do((asked) => asked.colour(at, PATCH_MM)));
		if (colour) this.patches = { ...this.patches, [which]: { at, colour } };
	}

	/** The body's line is drawn again. */
	again(): void {
		[this.points, this.measured] = [[], undefined];
	}

	/** Moves the cross by so much. */
	move(dx: number, dy: number): void {
		if (this.cross) this.cross = { x: this.cross.x + dx, y: this.cross.y + dy };
	}

	/**
	 * What was found of the animal, with the picture where it could be kept; the bench is clear for the next.
	 *
	 * @param keepPicture sends a picture to be kept; answers whether it arrived
	 */
	async keep(
		lot: number,
		keepPicture: (id: string, jpeg: Blob) => Promise<boolean>
	): Promise<BenchFinding | undefined> {
		if (!this.size) return undefined;
		if (!this.#photoId) {
			const id = uuid();
			const jpeg = await this.#desk.do((asked) => asked.keep()).catch((): undefined => undefined);
			if (jpeg && (await keepPicture(id, jpeg))) this.#photoId = id;
		}
		const { belly, back, wing } = this.patches;
		const finding: BenchFinding = {
			lot,
			...(this.measured && { lengthMm: Number(this.measured.lengthMm.toFixed(2)) }),
			...(belly &&
				belly.colour.warning !== 'small' && { belly: belly.colour.lab, shade: belly.colour.shade }),
			...(back && back.colour.warning !== 'small' && { back: back.colour.lab }),
			...(wing && wing.colour.warning !== 'small' && { wing: wing.colour.lab }),
			...(this.ripe && { pads: this.ripe }),
			...(this.#photoId !== undefined && { photoId: this.#photoId })
		};
		this.kept = this.#photoId === undefined ? 'alone' : 'with-picture';
		[this.points, this.measured, this.patches] = [[], undefined, {}];
		return finding;
	}
}
