import { unflatten } from 'devalue';
import { beforeAll, expect, it } from 'vitest';
import { inRegion, naturalName } from '../../src/lib/core/atlas';
import { PATTERNS } from '../../src/lib/core/tackle';
import { localClock, localDate, localDay } from '../../src/lib/core/units';
import { chanceWord, ENGLISH, sayMessage, showQuantity, type Language } from '../../src/lib/core/message';
import {
	ABUNDANCE_NAMES,
	ATTEMPT_OUTCOME_NAMES,
	SKY_NAMES,
	type Abundance,
	type AttemptOutcome,
	type Sky
} from '../../src/lib/core/vocabulary';
import { DEMO_CIRCLE, DEMO_NOW } from '../../src/lib/simulate';
import { invite } from '../../src/lib/server/circles';
import { database } from '../../src/lib/server/database';
import { putUpBoard } from '../../src/lib/server/public-boards';
import { enterAs } from './app';
import { demoServer, type DemoServer } from './demo-server';

let demo: DemoServer;
beforeAll(async () => {
	demo = await demoServer();
});

interface Leaf {
	path: string;
	value: string | number | Date;
}

/** The leaves of what a page was sent, by where they stand: `feed.*.record.stage`. */
function leavesOf(value: unknown, path = ''): Leaf[] {
	if (typeof value === 'string' || typeof value === 'number') return [{ path, value }];
	if (value instanceof Date) return [{ path, value }];
	if (value instanceof Map) return leavesOf([...value], path);
	if (Array.isArray(value)) return value.flatMap((item) => leavesOf(item, `${path}.*`));
	if (typeof value === 'object' && value !== null)
		return Object.entries(value).flatMap(([key, item]) => leavesOf(item, path ? `${path}.${key}` : key));
	return [];
}

/** What a page is sent, and what of it stands in the page. */
async function pageOf(path: string, cookie = ''): Promise<{ sent: Leaf[]; shown: string }> {
	const ask = async (address: string) => {
		const response = await fetch(`${demo.app.origin}${address}`, { headers: { cookie } });
		expect(response.status, address).toBe(200);
		return response.text();
	};
	const data = JSON.parse((await ask(`${path}/__data.json`)).split('\n')[0] ?? '') as {
		nodes: ({ type: string; data?: unknown[] } | null)[];
	};
	// The first is of the layout: the guide's own settings, and the clock.
	const sent = data.nodes.slice(1).flatMap((node) => (node?.data ? leavesOf(unflatten(node.data)) : []));
	const shown = (await ask(path))
		.replace(/<script\b[^]*?<\/script>/g, '')
		.replace(/&#39;|&#x27;/g, "'")
		.replace(/&quot;/g, '"')
		.replace(/&amp;/g, '&');
	return { sent, shown };
}
/** How a page writes what it is sent in another way; undefined where it only orders, keys or draws by it. */
type Told = (value: never) => string | undefined;
const NOT_TOLD = undefined;
const ZONE = 'Atlantic/Azores';
/** By its name in the region, whatever its stage; readers of a public board have no region. */
const taxon: Told = (id: string) => named(id, inRegion('western-europe'));
const taxonToAll: Told = (id: string) => named(id, ENGLISH);
const named = (id: string, language: Language) =>
	sayMessage(naturalName(id), { language }).replace(/ dun$/, '');
const day: Told = (text: string) =>
	localDate(new Date(`${text}T12:00:00Z`), ZONE, true)
		.split(' ')
		.slice(1, 3)
		.join(' ');
const clock: Told = (at: Date) => localClock(at, ZONE);

/** Ids that were made for what is shared, and stand for nothing else; what draws or words are made of. */
const TOLD: Record<string, Told | undefined> = {
	'feed.*.id': () => NOT_TOLD,
	'feed.*.circleId': () => NOT_TOLD,
	'feed.*.replies.*.id': () => NOT_TOLD,
	'feed.*.record.taxonId': taxon,
	// Of what goes on now, that is said.
	'feed.*.record.day': (text: string) => (text === localDay(DEMO_NOW, ZONE) ? 'now' : day(text as never)),
	'feed.*.record.timeZone': () => NOT_TOLD,
	'feed.*.record.firstSeen': clock,
	'feed.*.record.mostSeen': clock,
	'feed.*.record.lastSeen': clock,
	'feed.*.record.abundance': (one: Abundance) => sayMessage(ABUNDANCE_NAMES[one]),
	'feed.*.record.taken': (share: number) => sayMessage(chanceWord(share)),
	'feed.*.record.place.precision': () => NOT_TOLD,
	'feed.*.record.place.latitude': (degrees: number) => Math.abs(degrees).toFixed(4),
	'feed.*.record.place.longitude': (degrees: number) => Math.abs(degrees).toFixed(4),
	'feed.*.record.flies.*.patternId': (id: string) =>
		PATTERNS.find((pattern) => pattern.id === id)?.name ?? id,
	'feed.*.record.flies.*.outcome': (one: AttemptOutcome) =>
		one === 'tied-on' ? NOT_TOLD : sayMessage(ATTEMPT_OUTCOME_NAMES[one]).toLowerCase(),
	'feed.*.record.flies.*.hookSize': (size: number) => `#${size}`,
	// Once goes without saying.
	'feed.*.record.flies.*.times': (times: number) => (times === 1 ? NOT_TOLD : `× ${times}`),
	'feed.*.record.conditions.sky': (sky: Sky) => sayMessage(SKY_NAMES[sky]).toLowerCase(),
	'feed.*.record.conditions.waterC': (waterC: number) => showQuantity({ temperatureC: waterC }),
	'feed.*.record.lengthMm': (lengthMm: number) => showQuantity({ lengthMm }),
	'feed.*.record.hookSize': (hookSize: number) => showQuantity({ hookSize }),
	// Drawn on the map once the page is alive; they are of waters, not of places on them.
	'waters.*.lines.*.*.*': () => NOT_TOLD,
	'waters.*.taxa.*': taxon,
	'rows.*.taxonId': taxon,
	'beside.*.taxonId': taxon,
	'filter.hemisphere': () => NOT_TOLD,
	hemisphere: () => NOT_TOLD,
	'board.records.*.taxonId': taxonToAll,
	'board.records.*.abundance': (one: Abundance) => sayMessage(ABUNDANCE_NAMES[one]),
	'board.records.*.stage': () => NOT_TOLD,
	'board.records.*.place.precision': () => NOT_TOLD,
	// A sentence of the catalogue with its values: the values are told, and a text without any.
	'board.records.*.when.id': () => NOT_TOLD,
	'board.records.*.when.text': (text: string) => (text.includes('{') ? NOT_TOLD : text),
	'beside.*.says.id': () => NOT_TOLD,
	// The picture of the link for a phone.
	link: () => NOT_TOLD
};

/** What a page was sent and does not show: by where it stands, with an example. */
async function unshown(path: string, cookie?: string): Promise<Record<string, unknown>> {
	const { sent, shown } = await pageOf(path, cookie);
	const text = shown.toLowerCase();
	const missing: Record<string, unknown> = {};
	for (const { path: where, value } of sent) {
		const told = Object.hasOwn(TOLD, where) ? TOLD[where]?.(value as never) : String(value);
		if (told !== undefined && !text.includes(told.toLowerCase())) missing[where] = told;
	}
	expect(sent.length, path).toBeGreaterThan(0);
	return missing;
}

it.each(['/circle', '/circle/map', '/circle/boards', '/circle/season'])(
	'%s is sent nothing of colleagues that it does not show',
	async (path) => {
		const missing = await unshown(path, await enterAs(demo.app, 'mira'));
		// Ribbons are drawn of counts.
		for (const where of Object.keys(missing))
			if (/^(rows|beside)\.\*\.(?!taxonId)/.test(where)) Reflect.deleteProperty(missing, where);
		expect(missing).toEqual({});
	}
);

it.each(['water', 'basin', 'season'] as const)(
	'a public board of %s is sent what it shows',
	async (precision) => {
		const { rows } = await database().query<{ id: string }>('select id from water');
		const board = { title: 'What hatches', precision, delayDays: '0' } as const;
		const token = await putUpBoard(demo.ines, { ...board, waters: rows.map(({ id }) => id) }, DEMO_NOW);
		expect(await unshown(`/board/${token}`)).toEqual({});
	}
);

it('an invitation is sent what it shows', async () => {
	const how = { circleId: DEMO_CIRCLE.id, days: '1', uses: 'one', role: 'guide' } as const;
	const made = await invite(demo.ines, how, DEMO_NOW);
	expect(await unshown(`/join/${made?.token}`, await enterAs(demo.app, 'mira'))).toEqual({});
});

it('finds what is sent and not shown: otherwise the rest would prove nothing', async () => {
	const { sent, shown } = await pageOf('/circle', await enterAs(demo.app, 'mira'));
	expect(sent.map(({ path }) => path)).toContain('feed.*.record.place.water');
	expect(shown).not.toContain('notBefore');
	expect(leavesOf(unflatten([{ a: 1 }, [2, 3], 'text', 7]))).toEqual([
		{ path: 'a.*', value: 'text' },
		{ path: 'a.*', value: 7 }
	]);
});
