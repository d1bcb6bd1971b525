import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { describe, expect, it } from 'vitest';
import { findTaxon } from '../atlas';
import { taxaOf } from '../note';
import { readPacketLine } from './packet';

/** What each release wrote, as it wrote it: kept for ever, never written anew. */
const RELEASES = resolve(import.meta.dirname, '../../../../tests/fixtures/releases');
const files = readdirSync(RELEASES).flatMap((release) =>
	readdirSync(join(RELEASES, release)).map((file) => join(RELEASES, release, file))
);
const linesOf = (file: string): string[] => readFileSync(file, 'utf8').trimEnd().split('\n');

/** Of the table of records: where its ids of animals stand, before any words of a guide. */
const TAXON_COLUMN = 9;

describe('what earlier releases wrote', () => {
	it.each(files.filter((file) => file.endsWith('.jsonl')))('is read whole: %s', (file) => {
		const lines = linesOf(file);
		expect(lines.length).toBeGreaterThan(10);
		lines.forEach((line, i) => {
			expect(readPacketLine(line, i + 1), `line ${i + 1}`).toHaveProperty('value');
		});
	});

	it.each(files)('speaks of no animal that cannot be found any more: %s', (file) => {
		const named = file.endsWith('.jsonl')
			? [...taxaOf(linesOf(file).map((line) => JSON.parse(line) as object))]
			: linesOf(file)
					.slice(1)
					.map((line) => line.split(',')[TAXON_COLUMN] ?? '');
		expect(named.length).toBeGreaterThan(0);
		expect(named.filter((id) => !findTaxon(id))).toEqual([]);
	});

	it('finds an animal that has another id now', () => {
		const old = files.flatMap((file) =>
			file.endsWith('.jsonl') ? [...taxaOf(linesOf(file).map((line) => JSON.parse(line) as object))] : []
		);
		expect(old).toContain('stenonema');
		expect(findTaxon('stenonema')?.scientificName).toBe('Maccaffertium');
	});
});
