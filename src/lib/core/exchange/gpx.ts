import { SaxesParser } from 'saxes';
import type { Message } from '../message';
import { elevationOf, GrowingLine, nameOf, positionOf, type BadReach, type DrawnReach } from './drawn-reach';
import says from './words';
import { Unreadable } from './unreadable';

/** What of GPX 1.1 (Topografix 2004) draws a reach: tracks, routes and single points. */
const DRAWN = { trk: 'trkpt', rte: 'rtept', wpt: 'wpt' } as const;
type Drawn = keyof typeof DRAWN;
const isDrawn = (name: string): name is Drawn => name in DRAWN;

const MOST_TEXT = 10_000;
const MOST_DEPTH = 64;

interface Open {
	kind: Drawn;
	name?: string | undefined;
	heights: { sum: number; count: number };
	line: GrowingLine;
	wrong?: Message;
}

/**
 * Reads tracks, routes and points of a GPX file as its text comes in. Entities are not resolved and a document type
 * is refused, so that a small file cannot grow into a large one.
 *
 * @param take is given each reach when its element ends; @param bad what is left out, and why
 */
export function gpxReader(
	take: (reach: DrawnReach) => void,
	bad: (reach: BadReach) => void
): { read: (text: string) => void; end: () => void } {
	const parser = new SaxesParser();
	const path: string[] = [];
	let open: Open | undefined;
	let number = 0;
	let text = '';

	refuseWhatIsNoXml(parser);
	parser.on('opentag', ({ name: tag, attributes, isSelfClosing }) => {
		const name = localName(tag);
		if (path.length === 0 && name !== 'gpx')
			throw new Unreadable(says('no-gpx', { name: name.slice(0, 40) }));
		path.push(name);
		if (path.length > MOST_DEPTH) throw new Unreadable(says('too-deep', { line: parser.line }));
		text = '';
		if (!open && isDrawn(name)) {
			number += 1;
			open = { kind: name, heights: { sum: 0, count: 0 }, line: new GrowingLine() };
		}
		if (open && name === DRAWN[open.kind]) {
			const position = positionOf(attributes['lon'], attributes['lat']);
			if (position) open.line.add(position);
			else open.wrong ??= says('no-position', { line: parser.line });
		}
		if (isSelfClosing) text = '';
	});
	const more = (said: string) => {
		if (text.length < MOST_TEXT) text += said;
	};
	parser.on('text', more);
	parser.on('cdata', more);
	parser.on('closetag', () => {
		const name = path.pop() ?? '';
		if (!open) return;
		// A name belongs to the track itself, a height to any of its points.
		if (name === 'name' && path.at(-1) === open.kind) open.name = nameOf(text);
		const height = name === 'ele' ? elevationOf(text) : undefined;
		if (height !== undefined) {
			open.heights.sum += height;
			open.heights.count += 1;
		}
		if (name !== open.kind || path.includes(open.kind)) return;
		const drawn = drawnOf(open, number);
		if ('says' in drawn) bad(drawn);
		else take(drawn);
		open = undefined;
	});
	return {
		read: (chunk) => void parser.write(chunk),
		end: () => {
			parser.close();
			if (number === 0) throw new Unreadable(says('no-gpx-reach'));
		}
	};
}

function refuseWhatIsNoXml(parser: SaxesParser): void {
	parser.on('error', (error) => {
		throw new Unreadable(says('no-xml', { line: parser.line, reason: plainReason(error.message) }));
	});
	parser.on('doctype', () => {
		throw new Unreadable(says('doctype', { line: parser.line }));
	});
}

/** What an element drew, or why it is left out. */
function drawnOf({ line, heights, wrong, name }: Open, number: number): DrawnReach | BadReach {
	if (wrong) return { number, says: wrong };
	if (line.points.length === 0) return { number, says: says('no-points') };
	return {
		number,
		...(name && { name }),
		...(heights.count > 0 && { elevationM: Math.round(heights.sum / heights.count) }),
		line: line.points
	};
}

const localName = (tag: string): string => tag.slice(tag.indexOf(':') + 1);
/** The parser's own words, without its place: the sentence has that already. */
const plainReason = (message: string): string =>
	message.replace(/^[^a-z]*\d+:\d+:\s*/i, '').replace(/\.$/, '');
