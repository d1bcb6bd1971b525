/**
 * Takes the pictures of docs/screenshots from a running demonstration (bin/start --fresh).
 *   npm run screenshots                    all of them
 *   npm run screenshots -- board record    only those
 *   npm run screenshots -- situations      the board in situations, into docs/trials/board
 * LACEWING_URL names another address, SHOTS another folder.
 */
import { chromium, type Page } from '@playwright/test';
import { DEMO_NOW, simulatedNoteId } from '../src/lib/simulate';

const origin = process.env['LACEWING_URL'] ?? 'http://localhost:8320';
const folder = process.env['SHOTS'] ?? 'docs/screenshots';
const WIDE = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

interface Shot {
	name: string;
	size: typeof WIDE;
	take: (page: Page) => Promise<void>;
}

const openBoard = async (page: Page) => {
	await page.goto(`${origin}/bank`);
	await page
		.getByRole('link', { name: /Alder Bend, Ovrane/ })
		.first()
		.click();
	await page.getByRole('heading', { name: 'Alder Bend, Ovrane' }).waitFor();
	await page.getByRole('heading', { name: 'Look next' }).first().waitFor({ state: 'attached' });
};
const turnTo = async (page: Page, part: string) => {
	await page.getByRole('button', { name: part, exact: true }).click();
	await page.waitForTimeout(600);
};

/** Ties on the first fly of the shortlist, and turns to it. */
const tieFirst = async (page: Page) => {
	await page
		.getByRole('button', { name: /^Tie on: / })
		.first()
		.click();
	await page.getByRole('link', { name: 'On the line' }).click();
	await page.getByRole('heading', { name: 'On the line' }).waitFor();
};

/** Where the second animal lies in the bench camera's first picture, as shares of its width and height. */
const BENCH_BODY = [
	[0.553, 0.539],
	[0.518, 0.516],
	[0.477, 0.495]
] as const;
const BENCH_BELLY = [0.508, 0.52] as const;

const shots: Shot[] = [
	{ name: 'board', size: WIDE, take: openBoard },
	{ name: 'board-phone', size: PHONE, take: openBoard },
	{
		name: 'tie-on-phone',
		size: PHONE,
		take: async (page) => {
			await openBoard(page);
			await turnTo(page, 'Tie on');
		}
	},
	{
		name: 'tray-phone',
		size: PHONE,
		take: async (page) => {
			await openBoard(page);
			await page.getByRole('button', { name: 'Add a note' }).click();
			await page.getByRole('dialog').getByRole('link', { name: 'Sample' }).click();
			await page.getByRole('button', { name: /^Olive emerger/ }).click();
			await page.getByRole('button', { name: /^Olive emerger/ }).click();
			await page.getByRole('button', { name: /^Olive dun/ }).click();
			await page.getByRole('heading', { name: 'On the tray' }).scrollIntoViewIfNeeded();
		}
	},
	{
		name: 'record',
		size: WIDE,
		take: async (page) => {
			await openBoard(page);
			await page.getByRole('link', { name: 'Records of this outing' }).click();
			await page.getByRole('heading', { name: 'Olive emerger' }).waitFor();
		}
	},
	{
		name: 'circle',
		size: WIDE,
		take: async (page) => {
			await page.goto(`${origin}/circle`);
			await page.getByText('Live', { exact: true }).waitFor();
		}
	},
	{ name: 'log', size: WIDE, take: async (page) => void (await page.goto(`${origin}/log`)) },
	{ name: 'season', size: WIDE, take: async (page) => void (await page.goto(`${origin}/circle/season`)) },
	{ name: 'atlas', size: WIDE, take: async (page) => void (await page.goto(`${origin}/atlas`)) },
	{ name: 'taxon', size: WIDE, take: async (page) => void (await page.goto(`${origin}/atlas/baetis`)) },
	{ name: 'box', size: WIDE, take: async (page) => void (await page.goto(`${origin}/box`)) },
	{
		name: 'key',
		size: WIDE,
		take: async (page) => {
			await page.goto(`${origin}/atlas/key`);
			await page.getByLabel('Found in').selectOption('freestone');
			const answers = ['No free wings', 'Flat, broad head', '9 to 13 mm', 'Three'];
			for (let asked = 0; asked < 3; asked++) {
				const named = await Promise.all(
					answers.map((name) => page.getByRole('button', { name, exact: true }).count())
				);
				const answer = answers[named.findIndex((count) => count > 0)];
				await page
					.getByRole('button', { name: answer ?? 'Can’t see', exact: true })
					.first()
					.click();
			}
		}
	},
	{ name: 'weights', size: WIDE, take: async (page) => void (await page.goto(`${origin}/weights`)) },
	{
		name: 'photo-bench',
		size: WIDE,
		take: async (page) => {
			await openBoard(page);
			await page.goto(`${page.url()}/tray`);
			await page.getByText('Kick net', { exact: true }).click();
			const kinds = page.getByRole('region', { name: 'What is in it' });
			for (const name of [/^Olive nymph/, /^March brown nymph/, /^Large stonefly nymph|^Moss stone nymph/])
				await kinds.getByRole('button', { name }).first().click();
			await page.getByRole('button', { name: 'Photograph, then release' }).click();
			const bench = page.getByRole('dialog', { name: 'Photo bench' });
			await bench.getByRole('button', { name: 'Bench camera' }).click();
			await bench.getByText('Tap along the body').waitFor({ timeout: 60_000 });
			const box = await bench.locator('canvas').boundingBox();
			if (!box) return;
			const tap = (x: number, y: number) =>
				bench.locator('canvas').click({ position: { x: box.width * x, y: box.height * y } });
			await bench.getByLabel('Which animal').selectOption({ index: 1 });
			for (const [x, y] of BENCH_BODY) await tap(x, y);
			await bench.getByRole('button', { name: 'Belly', exact: true }).click();
			await tap(...BENCH_BELLY);
			await bench.getByText(/^Belly:/).waitFor();
		}
	},
	// These two leave notes behind, so they come last.
	{
		name: 'watch-phone',
		size: PHONE,
		take: async (page) => {
			await openBoard(page);
			await page.goto(`${page.url()}/watch`);
			await page.getByText('Foam lane', { exact: true }).click();
			await page.getByRole('button', { name: 'Slow' }).click();
			await page.getByLabel('A mark to find it by').fill('left of the split alder');
			await page.getByRole('button', { name: 'Watch it' }).click();
			const rose = page.getByRole('group', { name: 'It rose' });
			const passed = page
				.getByRole('group', { name: 'Naturals over the fish' })
				.getByRole('button', { name: /^Passed/ });
			for (const form of [
				'Bulge',
				'Bulge',
				'Head, back, tail',
				'Bulge',
				'Nose',
				'Bulge',
				'Head, back, tail'
			]) {
				await rose.getByRole('button', { name: form, exact: true }).click();
				await page.waitForTimeout(6000);
				await passed.first().click();
				await page.waitForTimeout(2500);
			}
			await page.getByText(/^Noted/).waitFor({ state: 'hidden' });
		}
	},
	{
		name: 'stand-phone',
		size: PHONE,
		take: async (page) => {
			await openBoard(page);
			await page.goto(`${page.url()}/watch`);
			// The fish of the picture before, or one of its own where this is taken alone.
			const stand = page.getByRole('link', { name: 'Stand', exact: true });
			const seam = page.getByText('Seam', { exact: true });
			await stand.or(seam).first().waitFor();
			if (await seam.isVisible()) {
				await seam.click();
				await page.getByRole('button', { name: 'Watch it' }).click();
			}
			await stand.click();
			const drift = page.getByRole('region', { name: 'How it drifts' });
			await drift.waitFor();
			await page.getByText(/^Following drifts/).waitFor({ state: 'hidden' });
			await drift.getByRole('slider').fill('1.2');
			await page.getByText(/^Noted/).waitFor({ state: 'hidden' });
		}
	},
	{ name: 'board-fish', size: WIDE, take: openBoard },
	{
		name: 'on-the-line',
		size: WIDE,
		take: async (page) => {
			await openBoard(page);
			await tieFirst(page);
			const pads = page.getByRole('region', { name: 'What happened' });
			for (const what of [
				/^Good drift/,
				/^Good drift/,
				'Refused at the last moment',
				/^Good drift/,
				/^It dragged/
			])
				await pads.getByRole('button', { name: what }).click();
			await page.getByRole('button', { name: 'Rigged as asked' }).click();
			await page.getByText(/^Noted/).waitFor({ state: 'hidden' });
		}
	},
	{
		name: 'still-water-phone',
		size: PHONE,
		take: async (page) => {
			await page.goto(`${origin}/bank/new`);
			await page.locator('label').getByText('North Shallows', { exact: true }).click();
			await page.getByRole('button', { name: 'Begin', exact: true }).click();
			await turnTo(page, 'Tie on');
			await tieFirst(page);
			const still = page.getByRole('region', { name: 'Still water' });
			await still.getByRole('button', { name: '3 flies' }).click();
			await still.getByRole('button', { name: /^Hang these/ }).click();
			const pads = page.getByRole('region', { name: 'What happened' });
			const which = page.getByRole('region', { name: 'Which fly was it?' });
			await pads.getByRole('button', { name: /^Good drift/ }).click();
			for (const what of ['Taken', 'Missed']) {
				await pads.getByRole('button', { name: what, exact: true }).click();
				await which.getByRole('button').nth(1).click();
			}
			await still.getByRole('heading', { name: 'Still water' }).scrollIntoViewIfNeeded();
			await page.evaluate(() => window.scrollBy(0, 690));
			await page.getByText(/^Noted/).waitFor({ state: 'hidden' });
		}
	}
];

/** Notes: minutes before the demonstration's now, kind, and body. */
type Told = readonly (readonly [minutesAgo: number, kind: string, body: object])[];
/** Begins an outing on a reach, and writes notes of it. */
async function begin(page: Page, reach: string, told: Told): Promise<void> {
	await page.goto(`${origin}/bank/new`);
	await page.locator('label').getByText(reach, { exact: true }).click();
	await page.getByRole('button', { name: 'Begin', exact: true }).click();
	await page.waitForURL(/bank\/[0-9a-f-]{36}$/);
	await write(page, told);
}
async function write(page: Page, told: Told): Promise<void> {
	const notes = told.map(([minutesAgo, kind, body]) => {
		const at = new Date(DEMO_NOW.getTime() - minutesAgo * 60_000);
		return { id: simulatedNoteId(Math.random, at), at, kind, body };
	});
	const url = `${origin}/api/v1/outings/${page.url().split('/').at(-1) ?? ''}/notes`;
	const answer = await page.request.post(url, { data: { notes }, headers: { origin } });
	if (!answer.ok()) throw new Error(await answer.text());
	await page.reload();
	await page.getByRole('heading', { name: 'Look next' }).first().waitFor({ state: 'attached' });
}
const net = (...lots: readonly (readonly [string, string, number])[]) => ({
	method: 'surface-net',
	lots: lots.map(([taxonId, stage, count]) => ({ taxonId, stage, count }))
});
const risen = (form: string, times: number, from: number): Told =>
	Array.from({ length: times }, (_, i) => [from - i * 0.4, 'rise', { form }] as const);
const BULGING: Told = [
	[60, 'conditions', { waterC: 12, sky: 'overcast', windMs: 1 }],
	[40, 'sample', net(['baetis', 'emerger', 9], ['baetis', 'dun', 4])],
	...risen('bulge', 7, 38)
];
const FALLING: Told = [[9, 'sample', net(['baetis', 'spinner', 16])], ...risen('nose', 9, 8)];
const QUIET: Told = [
	[50, 'conditions', { waterC: 5, sky: 'overcast', windMs: 2 }],
	[20, 'sample', { ...net(['baetis', 'nymph', 14], ['perla', 'nymph', 3]), method: 'kick-net' }],
	[1, 'looked', { rising: 0, minutes: 30 }]
];
const STILL: Told = [
	[50, 'conditions', { waterC: 13, sky: 'overcast', windMs: 3 }],
	[20, 'sample', net(['chironomidae', 'pupa', 11])],
	...risen('bulge', 4, 12)
];
const situations: Shot[] = [
	{ name: 'before-a-switch', size: WIDE, take: (page) => begin(page, 'Alder Bend', BULGING) },
	{ name: 'after-a-switch', size: WIDE, take: (page) => begin(page, 'Alder Bend', [...BULGING, ...FALLING]) },
	{ name: 'nothing-rises', size: WIDE, take: (page) => begin(page, 'Alder Bend', QUIET) },
	{ name: 'on-a-lake', size: WIDE, take: (page) => begin(page, 'North Shallows', STILL) }
];

const wanted = new Set(process.argv.slice(2));
const inSituations = wanted.delete('situations');
const browser = await chromium.launch({
	executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
	args: [
		'--no-sandbox',
		'--disable-gpu',
		'--disable-background-networking',
		'--disable-component-update',
		'--disable-sync',
		'--no-first-run'
	]
});
for (const shot of inSituations ? situations : shots) {
	if (wanted.size > 0 && !wanted.has(shot.name)) continue;
	const page = await browser.newPage({ viewport: shot.size, reducedMotion: 'reduce' });
	await page.goto(`${origin}/sign-in`);
	await page.getByRole('button', { name: 'Ines Varrow' }).click();
	await page.waitForURL('**/bank');
	await shot.take(page);
	await page.waitForTimeout(300);
	const path = `${inSituations ? 'docs/trials/board' : folder}/${shot.name}.png`;
	await page.screenshot({ path });
	await page.close();
	console.log(path);
}
await browser.close();
