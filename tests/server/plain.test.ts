import { unflatten } from 'devalue';
import { beforeAll, describe, expect, it } from 'vitest';
import { localNamesOf, SOURCES, TAXA } from '../../src/lib/core/atlas';
import { CHAPTERS } from '../../src/lib/weighing';
import { accentedMessage } from '../../src/lib/languages/pseudo';
import { enterAs } from './app';
import { demoServer, type DemoServer } from './demo-server';

/**
 * Every view in a language in which each letter of the catalogue is accented: what stays plain is what guides typed,
 * Latin, citations, units and dates, or a sentence that has escaped the catalogue.
 */
let demo: DemoServer;
let mira: string;
beforeAll(async () => {
	demo = await demoServer({ LACEWING_LANGUAGE: 'en-XA' });
	mira = await enterAs(demo.app, 'mira');
});

/** Some of these stand in whatever English sentence says what is wrong. */
const ENGLISH_WORDS_OF_FAULTS = ['is', 'must', 'has', 'no', 'not', 'the', 'a', 'expected', 'received'];

const WORD = /[A-Za-z]{2,}/g;
const wordsOf = (text: string): string[] => text.match(WORD) ?? [];

/** Words that are the same in any language of this house: its name, dates, units and formats. */
const EVERYWHERE = new Set(
	wordsOf(`Lacewing Monday Tuesday Wednesday Thursday Friday Saturday Sunday Mon Tue Wed Thu Fri Sat Sun
	January February March April May June July August September October November December
	mm cm ft in kg lb
	Jan Feb Mar Apr Jun Jul Aug Sep Oct Nov Dec min UTC CSV GPX GeoJSON SVG CIEDE MHz`)
);
const LATIN = new Set(
	[...TAXA.map(({ scientificName }) => scientificName), ...Object.values(SOURCES)].flatMap((text) =>
		wordsOf(text)
	)
);
const CITED = new Set(CHAPTERS.flatMap(({ tables }) => tables.flatMap(({ source }) => wordsOf(source))));

/** What insects are called in some region: names, in the language of that region. */
const LOCAL = new Set(TAXA.flatMap(({ id }) => localNamesOf(id).flatMap(({ name }) => wordsOf(name))));

/** All strings that a page was sent as data, but for the texts of messages, which are said. */
function dataOf(value: unknown, seen = new Set<unknown>()): string[] {
	if (typeof value === 'string') return [value];
	if (typeof value !== 'object' || value === null || seen.has(value)) return [];
	seen.add(value);
	const isMessage = 'id' in value && 'text' in value && /^[a-z.-]+\./.test(String(value.id));
	return Object.entries(value).flatMap(([name, inner]) =>
		isMessage && name === 'text' ? [] : dataOf(inner, seen)
	);
}

/** What of a page is plain: its words, and those that assistive technology reads. */
async function plainOn(path: string, cookie: string): Promise<string[]> {
	const ask = (address: string) =>
		fetch(`${demo.app.origin}${address}`, { headers: { cookie }, redirect: 'manual' });
	const page = await ask(path);
	expect(page.status, path).toBe(200);
	const html = (await page.text()).replaceAll(/<(script|style)[\s\S]*?<\/\1>/g, ' ');
	const read = [...html.matchAll(/\s(?:aria-label|title|placeholder|alt|aria-description)="([^"]*)"/g)].map(
		([, text]) => text
	);
	const shown = `${html.replaceAll(/<[^>]*>/g, ' ')} ${read.join(' ')}`.replaceAll(/&#?\w+;/g, ' ');
	const sent = await ask(path.replace(/(\?|$)/, '/__data.json$1'));
	const data = JSON.parse((await sent.text()).split('\n')[0] ?? '{}') as {
		nodes?: ({ data?: unknown[] } | null)[];
	};
	const known = new Set(
		(data.nodes ?? []).flatMap((node) => (node?.data ? dataOf(unflatten(node.data)) : [])).flatMap(wordsOf)
	);
	const escaped = wordsOf(shown).filter(
		(word) =>
			!known.has(word) && !EVERYWHERE.has(word) && !LATIN.has(word) && !CITED.has(word) && !LOCAL.has(word)
	);
	return [...new Set(escaped)];
}

describe('in a language of accents', () => {
	it('accents what is shown of a message, and nothing that is not', () => {
		expect(accentedMessage('{n, plural, one {# fly} other {# flies}} left')).toBe(
			'{n, plural, one {# ƒłý} other {# ƒłíéś}} łéƒť'
		);
	});

	it.each([
		'/bank',
		'/bank/new',
		'/bank/OUTING',
		'/bank/OUTING/tray',
		'/bank/OUTING/watch',
		'/bank/OUTING/line',
		'/bank/OUTING/stand',
		'/bank/OUTING/record',
		'/atlas',
		'/atlas/baetis',
		'/atlas/perla',
		'/atlas/key',
		'/box',
		'/box/new',
		'/log',
		'/log?view=outings',
		'/log?view=calendar',
		'/log?view=season',
		'/log/bring-in',
		'/circle',
		'/circle/map',
		'/circle/boards',
		'/circle/season',
		'/settings',
		'/settings/hooks',
		'/settings/account',
		'/settings/leave',
		'/weights'
	])('nothing is plain on %s', async (path) => {
		expect(
			await plainOn(path.replace('OUTING', demo.outingId), path.includes('circle') ? mira : demo.cookie)
		).toEqual([]);
	});

	it.each(['/sign-in', '/sign-up'])('nothing is plain on %s', async (path) => {
		expect(await plainOn(path, '')).toEqual([]);
	});

	it('nothing is plain in what the interface for programs answers', async () => {
		const place = { latitude: 47, longitude: 8, elevationM: 500, water: 'freestone' };
		const at = '2026-05-19T11:40:00Z';
		const outing = { place, at, notes: [] };
		const answers = await Promise.all(
			(
				[
					['reading', outing],
					['match', outing],
					['rig', { hookSize: 16, depthM: 4, clarityM: 3, surface: 'glassy', fish: 'large' }],
					[
						'approach',
						{
							reachKind: 'glide',
							flowDeg: 180,
							windMs: 6,
							windFromDeg: 260,
							waterC: 17,
							castM: 0.2,
							fish: [
								{ id: '7', upM: 3, size: 'large' },
								{ id: '8', upM: 0 }
							]
						}
					],
					['approach', {}],
					['drift', { tip: 1 }],
					['hook', { lengthMm: 7, measured: 'to-wing-tips' }],
					['identify', { marks: [{ mark: 'tails', state: '2' }], place, at }],
					['reading', { at }],
					['hook', { lengthMm: 900, longX: 0.5, family: 'round' }],
					['reading', { ...outing, notes: [{ id: '1', at: 'noon', kind: 'conditions', body: {} }] }],
					['identify', { marks: [{ mark: 'tails', state: '9' }] }],
					['rig', []]
				] as const
			).map(async ([address, body]) => {
				const response = await fetch(`${demo.app.origin}/api/v1/${address}`, {
					method: 'POST',
					headers: { 'content-type': 'application/json' },
					body: JSON.stringify(body)
				});
				return response.json() as Promise<unknown>;
			})
		);
		const SENTENCES = new Set([
			'says',
			'because',
			'title',
			'finds',
			'means',
			'caution',
			'asks',
			'trap',
			'knots',
			'word',
			'style'
		]);
		const said = (value: unknown, key = ''): string[] => {
			if (typeof value === 'string') return SENTENCES.has(key) ? [value] : [];
			if (Array.isArray(value)) return value.flatMap((item) => said(item, key));
			if (typeof value !== 'object' || value === null) return [];
			return Object.entries(value).flatMap(([name, inner]) => said(inner, name));
		};
		const sentences = answers.flatMap((answer) => said(answer));
		expect(sentences.length).toBeGreaterThan(50);
		const plainIn = (sentence: string) => wordsOf(sentence).filter((word) => !EVERYWHERE.has(word));
		expect(sentences.filter((sentence) => plainIn(sentence).length > 0)).toEqual([]);
		// What is wrong with a request is said too; fields and the words of the interface are what they are.
		const faults = answers.flatMap((answer) => {
			const { error } = answer as {
				error?: { message: string; issues: { field: string; message: string }[] };
			};
			return error ? [error.message, ...error.issues.map(({ message }) => message)] : [];
		});
		expect(faults.length).toBeGreaterThan(8);
		const plain = [...ENGLISH_WORDS_OF_FAULTS].join('|');
		expect(faults.filter((fault) => new RegExp(`\\b(${plain})\\b`).test(fault))).toEqual([]);
	});
});
