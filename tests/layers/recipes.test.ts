import { execFileSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';

/** A stranger's way: what CONTRIBUTING says to change, changed in a copy of the code. */
let copy: string;
let found: {
	taxon: string;
	local: string[];
	offered: boolean;
	key: string;
	style: string;
	drawn: number;
	school: string[];
	settings: string[];
	rule: string[];
	page: string;
};

beforeAll(() => {
	copy = mkdtempSync(join(tmpdir(), 'recipes-'));
	cpSync('src/lib', join(copy, 'src/lib'), { recursive: true });
	for (const file of ['node_modules', 'package.json']) symlinkSync(resolve(file), join(copy, file));
	writeFileSync(
		join(copy, 'tsconfig.json'),
		JSON.stringify({
			compilerOptions: { module: 'esnext', moduleResolution: 'bundler', paths: { '$lib/*': ['./src/lib/*'] } }
		})
	);
	const changes = [...readFileSync('CONTRIBUTING.md', 'utf8').matchAll(/```diff\n([\s\S]*?)```/g)];
	expect(changes).toHaveLength(4);
	for (const [, change] of changes)
		execFileSync('git', ['apply', '--recount', '--whitespace=nowarn', '-'], { cwd: copy, input: change });
	writeFileSync(join(copy, 'ask.ts'), ASK);
	const told = execFileSync('npx', ['--no-install', 'tsx', '--tsconfig', 'tsconfig.json', 'ask.ts'], {
		cwd: copy,
		encoding: 'utf8'
	});
	found = JSON.parse(told.slice(told.indexOf('{'))) as typeof found;
}, 120_000);
afterAll(() => rmSync(copy, { recursive: true }));

const ASK = `
import '$lib/core/atlas/all';
import { findTaxon, localNamesOf, taxaNamed } from '$lib/core/atlas';
import { drawFly } from '$lib/core/figure';
import { identify } from '$lib/core/key';
import { SCHOOL } from '$lib/core/likeness';
import { sayMessage } from '$lib/core/message';
import { foldOuting } from '$lib/core/outing';
import { readWater } from '$lib/core/reading';
import { ownPattern, styleName } from '$lib/core/tackle';
import { QUARRELS } from '$lib/weighing';
import { numbersPage } from '$lib/weighing/page';
import { fitnessReasons } from './src/lib/core/match/fitness';
import { variantOf } from '$lib/core/likeness';

const lake = { latitude: 47, longitude: 8, elevationM: 500, water: 'lake' };
const reading = readWater(foldOuting([], lake, new Date('2026-06-14T12:00:00Z')));
const pale = ownPattern('x', { name: 'x', style: 'half-spent', belly: 'cream' }, [14]);
const foam = { surface: 'broken', speedMs: 0.5, clarityM: 1.5, dim: false, windMs: 0, light: 'even', hunger: 0 };
console.log(JSON.stringify({
	taxon: findTaxon('quillia')?.commonName,
	local: taxaNamed('lantern dun').map(({ id }) => id),
	offered: reading.beliefs.some(({ hypothesis }) => hypothesis.id === 'quillia/dun'),
	key: identify([{ mark: 'gill-shape', state: 'double' }, { mark: 'tails', state: '3' }]).candidates.map(({ taxonId }) => taxonId).find((id) => id === 'quillia'),
	style: sayMessage(styleName('half-spent')),
	drawn: drawFly(pale, 14).paths.length,
	school: SCHOOL.ids,
	settings: Object.keys(QUARRELS.school.choices),
	rule: fitnessReasons(variantOf(pale, 14), foam).map((message) => message.id),
	page: numbersPage()
}));
`;

it('a taxon is one row: read, keyed, searched for by what a region calls it', () => {
	expect(found.taxon).toBe('quill lake dun');
	expect(found.local).toEqual(['quillia']);
	expect(found.offered).toBe(true);
	expect(found.key).toBe('quillia');
});

it('a fly style is one entry, with a name and a drawing', () => {
	expect(found.style).toBe('half-spent dun');
	expect(found.drawn).toBeGreaterThan(3);
});

it('a school is one row, and the settings offer it', () => {
	expect(found.school).toContain('outline-first');
	expect(found.settings).toContain('outline-first');
});

it('a rule is one row: it judges, says why, and its number is on the page', () => {
	expect(found.rule).toContain('fitness.lost-in-foam');
	expect(found.page).toContain('| Pale, on broken water | 10 % |');
	expect(found.page).toContain('Outline first');
});
