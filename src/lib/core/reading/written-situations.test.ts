import { describe, expect, it } from 'vitest';
import { isAmong, SITUATIONS } from '../../../../tests/support/situations';
import { readWater } from './reading';

const read = ({ story, after }: (typeof SITUATIONS)[number]) => readWater(story.outing(after), story.watchId);
const rightIn = (situations: typeof SITUATIONS) =>
	situations.filter((one) => {
		const [best] = read(one).beliefs;
		return best !== undefined && isAmong(best.hypothesis, one.first);
	}).length;

describe('written situations of all seasons and waters', () => {
	it('are read as an experienced guide would in nine of ten', () => {
		expect(SITUATIONS.length).toBeGreaterThanOrEqual(80);
		expect(rightIn(SITUATIONS) / SITUATIONS.length).toBeGreaterThanOrEqual(0.9);
	});

	it.each(SITUATIONS.map((one) => [one.says, one] as const))('never sure and wrong: %s', (_, one) => {
		const { beliefs, certainty } = read(one);
		const [best] = beliefs;
		const wrong = !best || !isAmong(best.hypothesis, one.first);
		if (wrong || one.notSure) expect(certainty.word).not.toBe('sure');
		// What is right is never far from the first.
		const rank = beliefs.findIndex(({ hypothesis }) => isAmong(hypothesis, one.first));
		expect(rank).toBeGreaterThanOrEqual(0);
		expect(rank).toBeLessThan(10);
	});
});
