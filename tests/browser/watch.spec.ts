import { expect, type Page } from '@playwright/test';
import { FIRST_COPY } from '../../playwright.config';
import { begin, guideAt, pass, PHONE, test } from './guide';

const rose = (page: Page, form: string) =>
	page.getByRole('group', { name: 'It rose' }).getByRole('button', { name: form, exact: true }).click();

test('a whole watch on a phone: rises, passes, a pause, two fish, undo, and the day read again', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await begin(page, 'Alder Bend');
	const board = page.url();
	await page.getByRole('button', { name: 'Add a note' }).click();
	await page.getByRole('dialog').getByRole('link', { name: 'Watch' }).click();

	await page.getByText('Foam lane', { exact: true }).click();
	await page.getByRole('button', { name: 'Slow' }).click();
	await page.getByLabel('A mark to find it by').fill('the split alder');
	await page.getByRole('button', { name: 'Watch it' }).click();
	await expect(page.getByRole('heading', { name: /Foam lane, the split alder/ })).toBeVisible();
	// Nothing scrolls while the eyes are on the water.
	expect(await page.evaluate(() => document.scrollingElement?.scrollHeight)).toBeLessThanOrEqual(844);

	await page.getByRole('button', { name: 'Add a natural' }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Mayfly' }).click();
	await page
		.getByRole('dialog')
		.getByRole('button', { name: /^Olive dun/ })
		.first()
		.click();
	for (let i = 0; i < 5; i++) {
		await rose(page, 'Bulge');
		await pass(page, 20);
	}
	await expect(page.getByText(/^Rises/)).toBeVisible();
	await expect(page.getByText(/land it|wait for the next/)).toBeVisible();
	const duns = page.getByRole('group', { name: 'Olive dun' });
	for (let i = 0; i < 4; i++) await duns.getByRole('button', { name: /^Passed/ }).click();
	await duns.getByRole('button', { name: /^Taken/ }).click();
	await expect(duns.getByRole('button', { name: 'Taken 1' })).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(duns.getByRole('button', { name: 'Taken 0' })).toBeVisible();
	await expect(duns.getByRole('button', { name: 'Passed 4' })).toBeVisible();

	await page.getByRole('button', { name: 'Look away' }).click();
	await expect(page.getByText('Looked away: this time does not count.')).toBeVisible();
	await expect(
		page.getByRole('group', { name: 'It rose' }).getByRole('button', { name: 'Nose' })
	).toBeDisabled();
	await page.getByRole('button', { name: 'Looking again' }).click();

	const reading = page.getByRole('region', { name: 'What this fish is taking' });
	await reading.getByRole('button').first().click();
	await expect(page.getByRole('dialog')).toContainText('Rise: bulge × 5');
	await page.getByRole('dialog').getByRole('button', { name: 'Close' }).first().click();

	await page.getByRole('button', { name: 'Another fish' }).click();
	await page.getByRole('dialog').getByText('Edge', { exact: true }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Watch it' }).click();
	await expect(page.getByRole('button', { name: 'fish 2 of 2' })).toBeVisible();
	await rose(page, 'Splash');
	await expect(page.getByText('1 of 5 rises for a rhythm.')).toBeVisible();
	await page.getByRole('button', { name: 'fish 2 of 2' }).click();
	await expect(page.getByRole('heading', { name: /Foam lane/ })).toBeVisible();
	await page.getByRole('button', { name: 'End', exact: true }).click();
	await expect(page.getByRole('heading', { name: /Edge/ })).toBeVisible();

	// The board shows the fish in hand, and the day as it stood before it rose.
	await page.getByRole('link', { name: 'Board' }).click();
	await expect(page).toHaveURL(board);
	await expect(page.getByRole('heading', { name: 'What this fish is taking' })).toBeVisible();
	const handle = page.getByRole('slider', { name: 'Read the day as it stood at' });
	await handle.focus();
	for (let i = 0; i < 3; i++) await handle.press('ArrowLeft');
	await expect(page.getByRole('heading', { name: 'What they are taking' })).toBeVisible();
	await page.getByRole('button', { name: 'Back to now' }).click();

	// Everything is there for a spreadsheet.
	const csv = await page.request.get(
		`${FIRST_COPY}/api/v1${board.slice(FIRST_COPY.length).replace('/bank', '/outings')}/watch.csv`
	);
	expect(csv.headers()['content-type']).toContain('text/csv');
	const lines = (await csv.text()).trim().split('\r\n');
	expect(lines[0]).toBe('watch,mark,lie,at_utc,seconds,event,form,taxon,stage');
	expect(lines.filter((line) => line.includes(',rise,bulge,'))).toHaveLength(5);
});

test('the weights behind a reading are a page of their own', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Ines Varrow');
	await page.goto('/weights');
	const forms = page.getByRole('region', { name: 'How fish rise to what they take' });
	await expect(forms.getByRole('row', { name: /Hanging in the film/ })).toContainText('%');
	await expect(page.getByRole('region', { name: 'What drifts over a fish' })).toBeVisible();
});
