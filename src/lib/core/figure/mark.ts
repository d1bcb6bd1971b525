import { SHADES } from '../atlas';
import { COLOUR_FAMILY_SHADES, type MarkId } from '../key';
import { hexOf, type Figure } from './figure';
import { BOX, MARK_DRAWINGS, type Stroke } from './mark-drawings.data';

/** On pale paper: what is asked about in rust, the rest of the animal in grey-green. */
const INKS = {
	mark: { fill: '#c8612f', stroke: '#8a2f0c' },
	body: { fill: '#dbe2dc', stroke: '#5d716c' },
	line: { fill: '#5d716c', stroke: '#33423f' },
	faint: { fill: '#8fa09b', stroke: '#8fa09b' }
} as const;
const USUAL_WIDTH = 2;

/**
 * One answer about one mark, enlarged so that answers differ at a glance: the mark stands out, the rest of the animal
 * is pale.
 *
 * `drawMark('tails', '2')` is the end of an abdomen with two tails.
 *
 * @throws RangeError when the key has no such mark or answer
 */
export function drawMark(mark: MarkId, state: string): Figure {
	const strokes = MARK_DRAWINGS[mark][state];
	if (!strokes) throw new RangeError(`There is no drawing of "${state}" for the mark ${mark}.`);
	return {
		paths: strokes.map(pathOf),
		bounds: { left: 0, top: 0, right: BOX.width, bottom: BOX.height }
	};
}

function pathOf({ d, as, filled = false, width = USUAL_WIDTH }: Stroke): Figure['paths'][number] {
	const ink =
		typeof as === 'string'
			? INKS[as]
			: { fill: hexOf(SHADES[COLOUR_FAMILY_SHADES[as.colour]]), stroke: INKS.line.stroke };
	return { d, fill: filled ? ink.fill : 'none', stroke: ink.stroke, width, opacity: 1 };
}
