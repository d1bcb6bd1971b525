import { expect } from '@playwright/test';
import { FIRST_COPY } from '../../playwright.config';
import { add, begin, guideAt, PHONE, test } from './guide';

test('a note written without signal waits here, survives a reload, and is kept once there is signal', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await begin(page, 'Cress Meadows');
	await page.getByRole('button', { name: 'Notes', exact: true }).click();

	await page.route('**/api/v1/outings/*/notes', (route) => route.abort('internetdisconnected'));
	await add(page, 'Rise');
	await page.getByRole('dialog').getByRole('button', { name: 'Nose' }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Close' }).first().click();
	await expect(page.getByText('on this phone', { exact: true })).toBeVisible();

	await page.reload();
	await page.getByRole('button', { name: 'Notes', exact: true }).click();
	await expect(page.getByText('Rise: nose', { exact: true })).toBeVisible();
	await expect(page.getByText('on this phone', { exact: true })).toBeVisible();

	await page.unroute('**/api/v1/outings/*/notes');
	await expect(page.getByText('saved', { exact: true })).toBeVisible({ timeout: 20_000 });
	await page.reload();
	await page.getByRole('button', { name: 'Notes', exact: true }).click();
	await expect(page.getByText('Rise: nose', { exact: true })).toHaveCount(1);
});

test('a guide corrects, withdraws and undoes, and the reading follows', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Ines Varrow');
	await page
		.getByRole('link', { name: /Alder Bend/ })
		.first()
		.click();
	const notes = page.getByRole('region', { name: 'Notes' });
	const film = page.getByRole('region', { name: 'In the film' }).getByRole('button').first();
	await expect(film).toHaveAccessibleName(/^Olive emerger, Baetis/);

	// Undo, straight after.
	await notes.getByRole('button', { name: 'Rise', exact: true }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Weaving' }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Close' }).first().click();
	await expect(notes.getByText('Rise: weaving')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(notes.getByText('Rise: weaving')).toHaveCount(0);

	// Correct: the new body in the old place.
	await notes.getByRole('button', { name: /11:39 Rise: head, back, tail/ }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Correct' }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Splash' }).click();
	await expect(notes.getByRole('button', { name: /11:39 Rise: splash/ })).toBeVisible();
	await expect(notes.getByText('Rise: head, back, tail')).toHaveCount(0);

	// Withdraw, and take the withdrawal back.
	await notes.getByRole('button', { name: /11:26 Surface net/ }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Withdraw' }).click();
	await expect(notes.getByText('Surface net')).toHaveCount(0);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(notes.getByText('Surface net')).toBeVisible();

	// Read the day as it stood before the rises.
	const handle = page.getByRole('slider', { name: 'Read the day as it stood at' });
	await handle.focus();
	for (let i = 0; i < 15; i++) await handle.press('ArrowLeft');
	await expect(page.getByRole('button', { name: 'Back to now' })).toBeVisible();
	await expect(notes.getByText(/Rise:/)).toHaveCount(0);
	await page.getByRole('button', { name: 'Back to now' }).click();
	await expect(notes.getByText(/Rise:/).first()).toBeVisible();
});

test('the board is worked from the keyboard, and ? tells how', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Ines Varrow');
	await page
		.getByRole('link', { name: /Alder Bend/ })
		.first()
		.click();
	await expect(page.getByRole('region', { name: 'Notes' })).toBeVisible();
	await page.keyboard.press('?');
	await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('Note a rise');
	await page.keyboard.press('Escape');
	await page.keyboard.press('r');
	await expect(page.getByRole('dialog', { name: 'It rose: how?' })).toBeVisible();
	await page.keyboard.press('Escape');
	await page.keyboard.press('m');
	await page.getByLabel('In your own words').fill('r is a letter here');
	// Pressed again before the browser has told that the sheet is closed.
	await page.keyboard.press('Escape');
	await page.keyboard.press('m');
	await expect(page.getByRole('dialog')).toHaveCount(1);
	await page.keyboard.press('Escape');
	await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('a sighting takes three taps', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await begin(page, 'Halder Tailwater');
	await page.getByRole('button', { name: 'Add a note' }).click();
	let taps = 0;
	const tap = async (name: RegExp) => {
		taps += 1;
		await page.getByRole('dialog').getByRole('button', { name }).first().click();
	};
	await tap(/^Sighting/);
	// Whatever the day makes likeliest.
	const likeliest = page
		.getByRole('dialog')
		.getByRole('button')
		.filter({ has: page.locator('.science') })
		.first();
	const both = (await likeliest.textContent()) ?? '';
	const latin = (await likeliest.locator('.science').textContent()) ?? '';
	const name = both.replace(latin, '').trim();
	expect(name).not.toBe('');
	taps += 1;
	await likeliest.click();
	await tap(/^A few/);
	expect(taps).toBe(3);
	await page.getByRole('button', { name: 'Notes', exact: true }).click();
	await expect(page.getByRole('region', { name: 'Notes' }).getByText(name).first()).toBeVisible();
});
