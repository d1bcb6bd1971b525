import { describe, expect, it } from 'vitest';
import { drawFly } from './fly';
import { bodyAxis, drawInsect, insectMarks } from './insect';
import { anatomyOf, TAXA } from '../atlas';
import { PATTERNS } from '../tackle';

const width = ({ bounds }: ReturnType<typeof drawInsect>) => bounds.right - bounds.left;

describe('drawings computed from traits', () => {
	it('draws every stage of the atlas, each unlike the next that has other traits', () => {
		const seen = new Set<string>();
		const traits = new Set<string>();
		for (const taxon of TAXA)
			for (const own of taxon.stages) {
				const { stage, lengthMm, belly, back, wing } = own;
				const figure = drawInsect(taxon.id, stage);
				const grub = stage === 'larva' || stage === 'pupa';
				traits.add(
					JSON.stringify([lengthMm.typical, belly, back, wing, anatomyOf(taxon, own), grub && stage])
				);
				expect(figure.paths.length).toBeGreaterThan(2);
				for (const { d } of figure.paths) expect(d).not.toMatch(/NaN|undefined/);
				seen.add(JSON.stringify(figure.paths));
			}
		expect(seen.size).toBeGreaterThanOrEqual(traits.size);
	});

	it('gives a mayfly nymph its third tail and its gills, and a stonefly nymph neither', () => {
		const mayfly = drawInsect('baetis', 'nymph', 10);
		const stonefly = drawInsect('leuctra', 'nymph', 10);
		expect(mayfly.paths.length - stonefly.paths.length).toBeGreaterThanOrEqual(7);
	});

	it('keeps true scale: an animal twice as long is drawn twice as large', () => {
		expect(width(drawInsect('perla', 'nymph', 26)) / width(drawInsect('perla', 'nymph', 13))).toBeCloseTo(
			2,
			2
		);
	});

	it('says so when the atlas has no such animal', () => {
		expect(() => drawInsect('baetis', 'pupa')).toThrow('The atlas has no pupa of "baetis".');
	});

	it('floats each fly at its own height: a collar dun above the film, a nymph far below it', () => {
		const film = (style: string) => {
			const pattern = PATTERNS.find((p) => p.style === style);
			if (!pattern) throw new Error(style);
			return drawFly(pattern, pattern.sizes[0] ?? 14).filmY;
		};
		expect(film('collar-dun')).toBeGreaterThan(film('parachute-dun'));
		expect(film('parachute-dun')).toBeGreaterThan(film('film-nymph'));
		expect(film('film-nymph')).toBeGreaterThan(film('stout-nymph'));
		for (const pattern of PATTERNS)
			for (const size of pattern.sizes)
				for (const { d } of drawFly(pattern, size).paths) expect(d).not.toMatch(/NaN|undefined/);
	});
});

describe('drawings and traits', () => {
	it('differ wherever the anatomy of a group’s stage differs, at one length and in one colour', () => {
		const shapes = new Map<string, string>();
		for (const taxon of TAXA)
			for (const traits of taxon.stages) {
				const shape = insectMarks(taxon.id, traits.stage, 10)
					.map(({ points }) => points.map(([x, y]) => `${x.toFixed(3)},${y.toFixed(3)}`).join(' '))
					.join('|');
				const seen = JSON.stringify(anatomyOf(taxon, traits));
				const before = shapes.get(shape);
				// The same outline may only be drawn for the same marks; how wings look is a matter of ink.
				const marks = (text: string) => text.replace(/"wingLook":"\w+"/, '');
				if (before) expect(marks(seen), taxon.id).toBe(marks(before));
				else shapes.set(shape, seen);
			}
	});

	it('follow the middle of the body from head to end, as long as the animal', () => {
		const axis = bodyAxis('perla', 'nymph', 24);
		expect(axis[0]?.[0]).toBe(0);
		expect(axis.at(-1)?.[0]).toBe(24);
	});
});
