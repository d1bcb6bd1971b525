import { describe, expect, it } from 'vitest';
import { readLine, writtenLine } from './line';

describe('points typed one to a row', () => {
	it('are read as they are written', () => {
		const line = [
			[-20.33, 47.17],
			[-20.32, 47.165]
		] as const;
		expect(readLine(writtenLine(line))).toEqual({ line });
	});

	it.each([
		['47.17; -20.33', [-20.33, 47.17]],
		['47,17 −20,33', [-20.33, 47.17]],
		[' 47.17° ,  8° ', [8, 47.17]]
	])('takes %s', (text, point) => {
		expect(readLine(text)).toEqual({ line: [point] });
	});

	it.each([
		['47.17', 1],
		['47.17, -20.33\nhere', 2],
		['47.17, -20.33\n\n97, 8', 3],
		['47, 181', 1]
	])('names the row of %s that holds no point', (text, row) => {
		expect(readLine(text)).toEqual({ wrongRow: row });
	});
});
