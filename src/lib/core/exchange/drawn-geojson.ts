import { TokenizerError, TokenParserError, JSONParser } from '@streamparser/json';
import {
	elevationOf,
	GrowingLine,
	kindOf,
	nameOf,
	positionOf,
	type BadReach,
	type DrawnReach
} from './drawn-reach';
import says from './words';
import { Unreadable } from './unreadable';

/** No feature of a reach is longer, in characters. */
const MOST_FEATURE = 2_000_000;

/**
 * Reads the features of a GeoJSON collection (RFC 7946) as its text comes in, one of them in memory at a time.
 * Lines, points and the rims of areas draw a reach; the properties name, water, basin, kind and elevationM are
 * taken where they are there.
 *
 * @param take is given each reach; @param bad what is left out, and why
 */
export function geojsonReader(
	take: (reach: DrawnReach) => void,
	bad: (reach: BadReach) => void
): { read: (text: string) => void; end: () => void } {
	const parser = new JSONParser({ paths: ['$.type', '$.features.*'], keepStack: false });
	let number = 0;
	let since = 0;
	let collection = false;
	parser.onValue = ({ value, key }) => {
		if (key === 'type') {
			collection ||= value === 'FeatureCollection';
			return;
		}
		since = 0;
		number += 1;
		const reach = drawnFeature(value, number);
		if ('says' in reach) bad(reach);
		else take(reach);
	};
	const guarded = (work: () => void) => {
		try {
			work();
		} catch (error) {
			if (error instanceof TokenizerError || error instanceof TokenParserError)
				throw new Unreadable(says('no-json', { number }));
			throw error;
		}
	};
	return {
		read: (text) => {
			since += text.length;
			if (since > MOST_FEATURE)
				throw new Unreadable(says('large-feature', { number: number + 1, most: MOST_FEATURE / 1_000_000 }));
			guarded(() => parser.write(text));
		},
		end: () => {
			if (!parser.isEnded && number + since > 0)
				throw new Unreadable(says('ends-within', { number: number + 1 }));
			if (!collection) throw new Unreadable(says('no-geojson'));
			if (number === 0) throw new Unreadable(says('no-feature'));
		}
	};
}

const isObject = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

function drawnFeature(feature: unknown, number: number): DrawnReach | BadReach {
	if (!isObject(feature) || feature['type'] !== 'Feature') return { number, says: says('is-no-feature') };
	const geometry = isObject(feature['geometry']) ? feature['geometry'] : {};
	const line = new GrowingLine();
	for (const point of pointsOf(geometry)) {
		const position = Array.isArray(point) ? positionOf(point[0], point[1]) : undefined;
		if (!position) return { number, says: says('no-place') };
		line.add(position);
	}
	if (line.points.length === 0) return { number, says: says('draws-nothing') };
	const properties = isObject(feature['properties']) ? feature['properties'] : {};
	const [name, water, basin] = ['name', 'water', 'basin'].map((key) => nameOf(properties[key]));
	const kind = kindOf(properties['kind']);
	const elevationM = elevationOf(properties['elevationM']);
	return {
		number,
		...(name && { name }),
		...(water && { water }),
		...(basin && { basin }),
		...(kind && { kind }),
		...(elevationM !== undefined && { elevationM }),
		line: line.points
	};
}

/** The points of a geometry in their order: of an area, its outer rim. */
function pointsOf({ type, coordinates }: Record<string, unknown>): unknown[] {
	if (!Array.isArray(coordinates)) return [];
	switch (type) {
		case 'Point':
			return [coordinates];
		case 'LineString':
		case 'MultiPoint':
			return coordinates;
		case 'MultiLineString':
			return coordinates.flatMap((part: unknown) => (Array.isArray(part) ? (part as unknown[]) : [part]));
		case 'Polygon':
			return Array.isArray(coordinates[0]) ? coordinates[0] : [];
		default:
			return [];
	}
}
