import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { FIRST_COPY } from '../../playwright.config';
import { guideAt, PHONE } from './guide';

/** What the checker finds wrong by WCAG 2 A and AA, in words. */
async function faults(page: Page): Promise<string[]> {
	const { violations } = await new AxeBuilder({ page })
		.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'])
		.analyze();
	return violations.flatMap(({ id, nodes }) =>
		nodes.map(({ target, failureSummary }) => `${id}: ${target.join(' ')} ${failureSummary}`)
	);
}

const openBoard = async (page: Page) => {
	await page.goto('/bank');
	await page
		.getByRole('link', { name: /Alder Bend/ })
		.first()
		.click();
	await expect(page.getByRole('heading', { name: 'Tie on' })).toBeVisible();
};

for (const theme of ['Bankside', 'Dusk', 'Glare'])
	test(`every view can be read and reached in ${theme}`, async ({ browser }) => {
		test.setTimeout(180_000);
		const page = await guideAt(browser, FIRST_COPY, 'Ines Varrow');
		await page.goto('/settings');
		await page.locator('label', { hasText: theme }).first().click();
		await expect(page.locator('html')).toHaveAttribute('data-theme', theme.toLowerCase());
		await page.waitForTimeout(300);
		const views: [string, () => Promise<unknown>][] = [
			['settings', () => page.goto('/settings')],
			['bank', () => page.goto('/bank')],
			['board', () => openBoard(page)],
			['why', () => page.getByRole('button', { name: /^Olive emerger, Baetis/ }).click()],
			['box', () => page.goto('/box')],
			['circle', () => page.goto('/circle')],
			['atlas', () => page.goto('/atlas')],
			['taxon', () => page.goto('/atlas/perla')],
			['begin', () => page.goto('/bank/new')],
			['fly of one’s own', () => page.goto('/box/new')],
			['hooks', () => page.goto('/settings/hooks')],
			['weights', () => page.goto('/weights')],
			['log', () => page.goto('/log')],
			['calendar', () => page.goto('/log?view=calendar')],
			['outings', () => page.goto('/log?view=outings')],
			[
				'bring in',
				async () => {
					await page.goto('/log/bring-in');
					const table =
						'Date,Insect,Stage,Number,Time\n12/05/2025,olive,dun,few,12:00\n12/05/2025,x,dun,few,12:00\n';
					await page
						.getByLabel('File')
						.setInputFiles({ name: 'table.csv', mimeType: 'text/csv', buffer: Buffer.from(table) });
					await expect(page.getByRole('heading', { name: 'What the columns hold' })).toBeVisible();
				}
			],
			[
				'record',
				async () => {
					await openBoard(page);
					await page.getByRole('link', { name: 'Records of this outing' }).click();
					await expect(page.getByRole('article').first()).toBeVisible();
				}
			],
			['map', () => page.goto('/circle/map')],
			['season', () => page.goto('/circle/season')],
			['boards', () => page.goto('/circle/boards')],
			[
				'on the line',
				async () => {
					await openBoard(page);
					const tie = page.getByRole('button', { name: /^Tie on: / });
					if ((await tie.count()) > 0) await tie.first().click();
					await page.getByRole('link', { name: 'On the line' }).click();
					await expect(page.getByRole('heading', { name: 'What next' })).toBeVisible();
				}
			]
		];
		for (const [name, open] of views) {
			await open();
			await page.waitForTimeout(250);
			expect(await faults(page), name).toEqual([]);
		}
		await page.goto('/settings');
		await page.locator('label', { hasText: 'Bankside' }).first().click();
		await expect(page.locator('html')).toHaveAttribute('data-theme', 'bankside');
	});

test('pads are large enough for a thumb, and nothing runs off the side of a phone', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	const fits = async (what: string) => {
		const wide = await page.evaluate(
			() => document.documentElement.scrollWidth - document.documentElement.clientWidth
		);
		expect(wide, what).toBeLessThanOrEqual(0);
	};
	for (const path of [
		'/bank',
		'/circle',
		'/box',
		'/atlas',
		'/atlas/baetis',
		'/settings',
		'/settings/hooks',
		'/log',
		'/log?view=calendar',
		'/log?view=outings',
		'/log/bring-in',
		'/box/new',
		'/circle/season',
		'/circle/boards',
		'/circle/map',
		'/bank/new'
	]) {
		await page.goto(path);
		await fits(path);
	}
	await page.getByRole('button', { name: 'Begin', exact: true }).click();
	await page.getByRole('button', { name: 'Add a note' }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Rise' }).click();
	for (const pad of await page.getByRole('dialog').locator('.pad').all()) {
		const box = await pad.boundingBox();
		expect(box?.height).toBeGreaterThanOrEqual(48);
		expect(box?.width).toBeGreaterThanOrEqual(48);
	}

	// A record's steppers stay within their card.
	const ines = await guideAt(browser, FIRST_COPY, 'Ines Varrow', PHONE);
	await openBoard(ines);
	const address = new URL(ines.url()).pathname;
	await ines.goto(`${address}/record`);
	const card = ines.getByRole('article').first();
	const edge = await card.boundingBox();
	for (const pad of await card.locator('.pad').all()) {
		const box = await pad.boundingBox();
		expect((box?.x ?? 0) + (box?.width ?? 0)).toBeLessThanOrEqual((edge?.x ?? 0) + (edge?.width ?? 0));
		expect(box?.width).toBeGreaterThanOrEqual(48);
	}
	await page.goto('/log/bring-in');
	const table = `Date,Insect,Stage,Number,Time,A column with a long name\n12/05/2025,olive,dun,few,12:00,${'word '.repeat(40)}\n`;
	await page
		.getByLabel('File')
		.setInputFiles({ name: 'table.csv', mimeType: 'text/csv', buffer: Buffer.from(table) });
	await expect(page.getByRole('heading', { name: 'What the columns hold' })).toBeVisible();
	await fits('bring in, with a table');
});
