import { expect } from '@playwright/test';
import { FIRST_COPY } from '../../playwright.config';
import { add, begin, guideAt, newcomer, PHONE, test } from './guide';

test('a new guide is told what to do once, and begins with a filled box', async ({ browser }) => {
	const page = await newcomer(browser, FIRST_COPY, 'Runa Selbeck', PHONE);
	await page.getByRole('link', { name: 'Begin an outing' }).click();
	await page.locator('label').getByText('Alder Bend', { exact: true }).click();
	await expect(page.getByRole('checkbox', { name: /^Fill my empty box/ })).toBeChecked();
	await page.getByRole('button', { name: 'Begin', exact: true }).click();
	await expect(page.getByText('Note the conditions: the water')).toBeVisible();
	await page.getByRole('button', { name: 'I see' }).click();
	await page.reload();
	await expect(page.getByRole('heading', { name: /Alder Bend/ })).toBeVisible();
	await expect(page.getByText('Note the conditions: the water')).toHaveCount(0);
	await page.goto('/box');
	await expect(page.getByText(/^[1-9]\d+ flies carried$/)).toBeVisible();
});

test('a past day is written as in a notebook, at the hours of that day', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Jorun Pellas');
	await page.getByRole('link', { name: 'Begin an outing' }).click();
	await page.locator('label').getByText('Mill Flats', { exact: true }).click();
	await page.getByText('A past day', { exact: true }).click();
	await page.getByLabel('Day', { exact: true }).fill('2026-05-02');
	await page.getByLabel('From', { exact: true }).fill('11:30');
	await page.getByRole('button', { name: 'Begin', exact: true }).click();
	await expect(page.getByText(/2 May/).first()).toBeVisible();
	await page.getByLabel('Notes are written at').fill('13:15');
	await page.getByRole('region', { name: 'Notes' }).getByRole('button', { name: 'Sighting' }).click();
	const sheet = page.getByRole('dialog');
	await sheet
		.getByRole('button', { name: /^Olive dun/ })
		.first()
		.click();
	await sheet.getByRole('button', { name: /^A few/ }).click();
	const notes = page.getByRole('region', { name: 'Notes' });
	await expect(notes.getByText('Olive dun')).toBeVisible();
	await expect(notes).toContainText('13:15');
	await page.getByRole('link', { name: 'Records of this outing' }).click();
	await expect(page.getByRole('article', { name: 'Olive dun' })).toContainText('13:15');
});

test('a temperature is typed as it is read, and a wrong one is named', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Tomas Fenwright', PHONE);
	await begin(page, 'Halder Tailwater');
	await add(page, 'Conditions');
	const water = page.getByRole('dialog').getByRole('group', { name: 'Water', exact: true });
	await water.getByRole('textbox').fill('cold');
	await water.getByRole('textbox').press('Enter');
	await expect(water.getByRole('alert')).toContainText('“cold” does not read: type it like');
	// Nothing is saved over it.
	await page.getByRole('dialog').getByRole('button', { name: 'Water: more', exact: true }).click();
	await expect(water.getByRole('alert')).toHaveCount(0);
	await water.getByRole('textbox').fill('88');
	await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
	await expect(water.getByRole('alert')).toContainText('88.0 °C is outside');
	await expect(water.getByRole('textbox')).toBeFocused();
	await water.getByRole('textbox').fill('11,5');
	await water.getByRole('textbox').press('Enter');
	await expect(water.getByRole('alert')).toHaveCount(0);
	await expect(water.getByRole('textbox')).toHaveValue('11.5 °C');
	await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
	await expect(page.locator('header').getByText('11.5 °C')).toBeVisible();
	// What tells that it was noted leaves the next note within reach.
	await page.getByRole('button', { name: 'Add a note' }).click();
	await expect(page.getByRole('dialog')).toBeVisible();
});

test('an outing is shared as a whole: carefully to begin with, in three taps', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Jorun Pellas');
	await begin(page, 'Cress Meadows');
	const notes = page.getByRole('region', { name: 'Notes' });
	for (const name of [/^Olive dun/, /^Olive emerger/]) {
		await notes.getByRole('button', { name: 'Sighting', exact: true }).click();
		await page.getByRole('dialog').getByRole('button', { name }).first().click();
		await page.getByRole('dialog').getByRole('button', { name: /^Many/ }).click();
	}
	await expect(notes.getByText('saved', { exact: true })).toHaveCount(2);
	await page.getByRole('link', { name: 'Records of this outing' }).click();
	const share = page.getByRole('region', { name: 'Share this outing' });
	await expect(share.getByLabel('They may know the')).toHaveValue('water');
	await expect(share.getByLabel('From when')).toHaveValue('after-hatch');
	await share.getByRole('button', { name: /^Share these/ }).click();
	await expect(share.getByRole('button', { name: 'All of it is shared' })).toBeDisabled();
	for (const name of ['Olive dun', 'Olive emerger'])
		await expect(page.getByRole('article', { name, exact: true })).toContainText(
			'Ovrane guides sees it: water, from'
		);
});
