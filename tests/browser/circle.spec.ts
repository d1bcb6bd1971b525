import { readFile } from 'node:fs/promises';
import { expect } from '@playwright/test';
import { EVENING_COPY, FIRST_COPY, SECOND_COPY } from '../../playwright.config';
import { begin, guideAt, PHONE, shareOtherwise, stillContext, test } from './guide';

test('invited by link; a share held back until tonight; seen too, and its name questioned', async ({
	browser
}) => {
	const mira = await guideAt(browser, FIRST_COPY, 'Mira Oldane');
	await mira.goto('/circle');
	await mira.getByLabel('Start a circle').fill('Evening rises');
	await mira.getByRole('button', { name: 'Start it' }).click();
	const circle = mira.getByRole('region', { name: 'Evening rises' });
	await circle.getByRole('button', { name: 'Make an invitation link' }).click();
	await expect(circle.getByRole('img', { name: /code to scan/ })).toBeVisible();
	const link = await circle.getByLabel('Invitation link', { exact: true }).inputValue();

	const tomas = await guideAt(browser, SECOND_COPY, 'Tomas Fenwright', PHONE);
	await tomas.goto(link.replace(FIRST_COPY, SECOND_COPY));
	await tomas.getByRole('button', { name: 'Join' }).click();
	await expect(tomas.getByRole('region', { name: 'Evening rises' })).toContainText('Tomas Fenwright (you)');
	// It was for one person.
	const jorun = await guideAt(browser, FIRST_COPY, 'Jorun Pellas');
	await jorun.goto(link);
	await expect(jorun.getByText('This invitation has expired')).toBeVisible();

	// Mira sees something on a lake, and shares it: the water only, and not before tonight.
	await mira.getByRole('link', { name: 'Bank', exact: true }).click();
	await begin(mira, 'North Shallows');
	await mira.getByRole('button', { name: 'Sighting' }).click();
	const sheet = mira.getByRole('dialog');
	await sheet.getByRole('button', { name: 'mayfly', exact: true }).click();
	await sheet
		.getByRole('button', { name: /^Lake olive dun/ })
		.first()
		.click();
	await sheet.getByText('Many', { exact: true }).click();
	await mira.getByRole('link', { name: 'Records of this outing' }).click();
	const record = mira.getByRole('article', { name: 'Lake olive dun' });
	await shareOtherwise(record, { circle: 'Evening rises', precision: 'Water', from: 'Tonight' });
	await expect(record.getByText('They will see: Lake Quill, tonight')).toBeVisible();
	await record.getByRole('button', { name: 'Confirm and share' }).click();
	await expect(record.getByText('Confirmed')).toBeVisible();
	await mira.goto('/circle');
	const hers = mira
		.getByRole('listitem')
		.filter({ hasText: 'Only you see it until' })
		.filter({ hasText: 'Lake olive dun' });
	await expect(hers).toBeVisible();

	// Tomas does not, not in anything that comes to him; in the evening he does.
	await tomas.goto('/circle?water=Lake+Quill&days=1');
	await expect(tomas.getByText('Nothing shared fits that.')).toBeVisible();
	expect(await (await tomas.request.get('/circle/__data.json')).text()).not.toContain('Lake olive dun');
	const evening = await guideAt(browser, EVENING_COPY, 'Tomas Fenwright');
	await evening.goto('/circle');
	const entry = evening
		.getByRole('listitem')
		.filter({ hasText: 'Lake olive dun' })
		.filter({ hasText: 'Mira Oldane' })
		.first();
	await expect(entry).toContainText('Lake Quill');
	await expect(entry).not.toContainText('North Shallows');

	await entry.getByRole('button', { name: 'Saw it too' }).click();
	await expect(entry).toContainText('Saw it too: Tomas Fenwright');
	await entry.getByRole('button', { name: 'Question the name' }).click();
	await entry.getByLabel('It could be').selectOption({ label: 'speckled lake mayfly (Callibaetis)' });
	await entry.getByLabel('The mark that tells').fill('Speckled front edge of the wing');
	await entry.getByRole('button', { name: 'Say it' }).click();
	await expect(entry).toContainText('could it be speckled lake mayfly? Speckled front edge of the wing');
	await expect(entry).toContainText('Names:');
	// A name of one's own water in one's words is asked about first.
	await entry.getByRole('button', { name: 'Say something' }).click();
	await entry.getByLabel('To the circle').fill('As at Mill Flats, Alder Bend and Cress Meadows');
	await entry.getByRole('button', { name: 'Say it' }).click();
	await expect(entry.getByRole('alert')).toContainText(
		'which those who read it may not know. Nothing was said yet.'
	);
	await entry.getByRole('button', { name: 'They may know that' }).click();
	await expect(entry).toContainText('As at Mill Flats, Alder Bend and Cress Meadows');
	await mira.reload();
	await expect(hers).toContainText('Tomas Fenwright could it be speckled lake mayfly?');
});

test('a public board for a window: its link shows waters, nothing finer, prints, and is taken down', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane');
	await page.goto('/circle/boards');
	await page.getByLabel('Its title').fill('What is hatching');
	await page.getByLabel('Ovrane').check();
	await page.getByLabel('Not before').selectOption('at once');
	await page.getByRole('button', { name: 'Put it up' }).click();
	const link = await page.getByLabel('Link of the board').inputValue();
	const anyone = await (await stillContext(browser)).newPage();
	await anyone.goto(link);
	await expect(anyone.getByRole('heading', { name: 'What is hatching' })).toBeVisible();
	await expect(anyone.getByRole('listitem').first()).toContainText('Ovrane');
	await expect(anyone.getByText(/Alder Bend|Mill Flats|Halder Tailwater/)).toHaveCount(0);
	await anyone.emulateMedia({ media: 'print' });
	await expect(anyone.getByRole('button', { name: 'Print' })).toBeHidden();
	// One page, of either paper.
	for (const [width, height] of [
		[794, 1123],
		[816, 1056]
	] as const) {
		await anyone.setViewportSize({ width, height });
		await expect.poll(() => anyone.evaluate(() => document.body.scrollHeight)).toBeLessThanOrEqual(height);
	}
	await page.getByRole('button', { name: 'Take down' }).click();
	await expect(page.getByText('None.')).toBeVisible();
	await anyone.goto(link);
	await expect(anyone.getByText('This board is not up any more.')).toBeVisible();
});

test('the log is searched, taken along and brought back unchanged', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Ines Varrow');
	await page.getByRole('link', { name: 'Log' }).click();
	await expect(page.getByRole('table', { name: 'When it was seen, by week and by hour' })).toBeVisible();
	await page.getByLabel('Any name, water or words').fill('Tessil');
	await page.getByRole('button', { name: 'Look' }).click();
	await expect(page).toHaveURL(/q=Tessil/);
	await expect(page.getByRole('row').nth(1)).toBeVisible();
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('link', { name: 'Everything of mine (packet)' }).click()
	]);
	await page.getByRole('link', { name: 'Bring in a file' }).click();
	await page.getByLabel('File').setInputFiles({
		name: 'packet.ndjson',
		mimeType: 'application/x-ndjson',
		buffer: await readFile(await download.path())
	});
	await expect(page.getByRole('status')).toContainText(/\d+ notes, 0 of them new here/);
	await expect(page.getByRole('button', { name: 'Nothing new in it' })).toBeDisabled();
});

test('news that comes while a link is followed does not call it off', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Ines Varrow');
	let follow = () => {};
	const followed = new Promise<void>((resolve) => (follow = resolve));
	// The stream opens, and says to look anew, only once the link is followed; the page behind the link waits for it.
	await page.route('**/api/v1/events', async (route) => {
		await followed;
		await route.fulfill({ contentType: 'text/event-stream', body: 'event: ready\ndata: {}\n\n' });
	});
	await page.getByRole('link', { name: 'Circle' }).click();
	await expect(page.getByRole('heading', { name: 'Circle', level: 1 })).toBeVisible();
	await page.route('**/log/__data.json*', async (route) => {
		const opened = page.waitForResponse('**/api/v1/events');
		follow();
		await (await opened).finished();
		await page.waitForTimeout(300);
		await route.continue();
	});
	await page.getByRole('link', { name: 'Log' }).click();
	await expect(page.getByRole('heading', { name: 'Log', level: 1 })).toBeVisible();
});
