import type { Message } from '../message';
import { WATER_KINDS, type WaterKind } from '../atlas';

/** A stretch of water as a map file draws it. */
export interface DrawnReach {
	/** Which of the file it is, counted from 1: for messages, and where it has no name. */
	number: number;
	name?: string;
	water?: string;
	basin?: string;
	kind?: WaterKind;
	elevationM?: number;
	/** Degrees, longitude before latitude. */
	line: [number, number][];
}

/** What a file says that is wrong, without the rest of it being so. */
export interface BadReach {
	number: number;
	says: Message;
}

/** A reach's line is kept with so many points at the most. */
const MOST_POINTS = 2000;

/**
 * A line as its points come in, thinned evenly so that it never grows beyond what is kept: whenever it is full,
 * every second point goes. Its first and last points stay.
 */
export class GrowingLine {
	#points: [number, number][] = [];
	#every = 1;
	#seen = 0;
	#last: [number, number] | undefined;

	add(point: [number, number]): void {
		this.#last = point;
		if (this.#seen++ % this.#every !== 0) return;
		this.#points.push(point);
		if (this.#points.length < MOST_POINTS) return;
		this.#points = this.#points.filter((_, i) => i % 2 === 0);
		this.#every *= 2;
	}

	get points(): [number, number][] {
		return this.#last && this.#points.at(-1) !== this.#last ? [...this.#points, this.#last] : this.#points;
	}
}

/** A position in degrees, or undefined when it is none on earth. */
export function positionOf(longitude: unknown, latitude: unknown): [number, number] | undefined {
	const [x, y] = [Number(longitude ?? NaN), Number(latitude ?? NaN)];
	return Number.isFinite(x) && Number.isFinite(y) && Math.abs(x) <= 180 && Math.abs(y) <= 90
		? [x, y]
		: undefined;
}

/** Text of a name that any store can hold, cut to its longest; undefined where nothing is left of it. */
export function nameOf(text: unknown): string | undefined {
	if (typeof text !== 'string') return undefined;
	const plain = text
		.replaceAll(/[\p{Cc}\p{Cs}]/gu, ' ')
		.trim()
		.slice(0, 80)
		.trim();
	return plain === '' ? undefined : plain;
}

export const kindOf = (text: unknown): WaterKind | undefined => WATER_KINDS.find((kind) => kind === text);

/** A height above the sea in metres, where one is told that there can be. */
export function elevationOf(value: unknown): number | undefined {
	const metres = typeof value === 'string' && value.trim() !== '' ? Number(value) : value;
	return typeof metres === 'number' && metres >= -400 && metres <= 5500 ? Math.round(metres) : undefined;
}
