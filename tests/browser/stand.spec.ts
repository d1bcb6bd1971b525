import { expect, type Browser, type Page } from '@playwright/test';
import { FIRST_COPY } from '../../playwright.config';
import { begin, guideAt, PHONE, test } from './guide';

/** A guide before where to stand for a fish at a seam. */
async function standsBefore(browser: Browser): Promise<Page> {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await begin(page, 'Alder Bend');
	await page.goto(`${page.url()}/watch`);
	await page.getByText('Seam', { exact: true }).click();
	await page.getByRole('button', { name: 'Watch it' }).click();
	await page.getByRole('link', { name: 'Stand', exact: true }).click();
	return page;
}

test('where to stand: nearer when low, and a caution before deep, quick water is waded', async ({
	browser
}) => {
	const page = await standsBefore(browser);
	const hidden = page.getByRole('region', { name: 'Hidden or seen' });
	const from = async (posture: string) =>
		Number(
			/from ([\d.]+) m/.exec(
				(await hidden.getByRole('listitem').filter({ hasText: posture }).textContent()) ?? ''
			)?.[1]
		);
	const standing = await from('Standing');
	expect(standing).toBeGreaterThan(5);
	expect(await from('Kneeling')).toBeLessThan(standing);
	const bank = page.getByRole('group', { name: 'The bank above the water' });
	await bank.getByRole('button', { name: /much more/ }).click();
	expect(await from('Standing')).toBeGreaterThan(standing + 1);
	const wading = page.getByRole('region', { name: 'Wading' });
	for (let i = 0; i < 2; i++)
		await wading.getByRole('button', { name: /Water you would wade: much more/ }).click();
	await expect(wading.getByRole('status')).toContainText(/Wading|Stay out/);
	for (let i = 0; i < 3; i++) await wading.getByRole('button', { name: /Its current: much more/ }).click();
	await expect(wading.getByRole('status')).toContainText('Stay out');
	await wading.getByRole('button', { name: 'Not wading' }).click();
	await expect(wading.getByRole('status')).toBeHidden();
});

test('a lane timed by floats, a stance chosen, its drift scrubbed: by taps, and without signal', async ({
	browser
}) => {
	const page = await standsBefore(browser);
	const stances = page.getByRole('list', { name: 'From where' });
	await expect(stances.getByRole('button')).toHaveCount(3);
	await page.context().setOffline(true);

	await page.getByText('The water here').click();
	await page.getByText('Glide', { exact: true }).click();
	await page.getByText('SE', { exact: true }).click();
	const lanes = page.getByRole('group', { name: 'Lanes of current' });
	await lanes.getByRole('button', { name: /^Lane 3: .* wide/ }).click();
	const before = await lanes.getByRole('button', { name: /^Lane 3: .* wide/ }).getAttribute('aria-label');
	for (let float = 1; float <= 5; float++) {
		await lanes.getByRole('button', { name: 'Float starts' }).tap();
		await page.waitForTimeout(300);
		await lanes.getByRole('button', { name: 'Float is there' }).tap();
		await expect(lanes.getByRole('status')).toContainText(`${float} of 5`);
	}
	const after = await lanes.getByRole('button', { name: /^Lane 3: .* wide/ }).getAttribute('aria-label');
	expect(after).not.toBe(before);
	await page.getByRole('button', { name: 'Keep this sketch' }).tap();
	// Ranked anew by the sketch.
	await expect(page.getByText(/^Following drifts/)).toBeHidden();

	await expect(stances.getByRole('button')).toHaveCount(3);
	const second = stances.getByRole('button').nth(1);
	await second.tap();
	await expect(second).toHaveAttribute('aria-pressed', 'true');
	const drift = page.getByRole('region', { name: 'How it drifts' });
	const line = page.locator('svg[aria-label^="In plan"] polyline').last();
	await expect(drift.getByRole('status')).toContainText('0.0 s');
	const laid = await line.getAttribute('points');
	await drift.getByRole('slider').fill('1.5');
	await expect(drift.getByRole('status')).toContainText('1.5 s');
	expect(await line.getAttribute('points')).not.toBe(laid);
	await page.getByRole('button', { name: /^Standing at/ }).tap();
	await expect(page.getByText(/What you note of the fly now/)).toBeVisible();

	await page.context().setOffline(false);
	await page.getByRole('link', { name: 'Board' }).click();
	await expect(page.getByText(/^Stands .*off$/).first()).toBeVisible();
});

test('where drifts cannot be followed, the page says so and tells the rest', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await begin(page, 'Alder Bend');
	await page.route(/drift\.worker/, (route) => route.abort());
	await page.goto(`${page.url()}/stand`);
	await expect(page.getByRole('alert')).toContainText('Drifts cannot be followed');
	await expect(page.getByRole('region', { name: 'Hidden or seen' }).getByRole('listitem')).not.toHaveCount(0);
});

test('a reach drawn on the map by taps knows where it flows', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await page.goto('/bank/new');
	await page.getByText('Add a reach of your own').tap();
	const map = page.getByRole('application', { name: /^Where it runs/ });
	await map.locator('.map-land').first().waitFor({ state: 'attached' });
	await map.tap({ position: { x: 120, y: 60 } });
	// A second tap soon after, at one place, would be taken for a zoom.
	await page.waitForTimeout(600);
	await map.tap({ position: { x: 120, y: 200 } });
	const told = page.getByRole('status').filter({ hasText: 'points' });
	await expect(told).toContainText('flows to the S');
	await page.getByRole('button', { name: 'It flows the other way' }).tap();
	await expect(told).toContainText('flows to the N');
	await page.getByText('Type the points instead').tap();
	const points = page.getByLabel('Points from upstream');
	await points.fill('47.2, -20.3\nnorth of the bridge');
	await expect(page.getByRole('alert')).toContainText('Row 2');
	await page.getByRole('button', { name: 'Add the reach' }).tap();
	expect(await points.evaluate((area: HTMLTextAreaElement) => area.validationMessage)).toContain('Row 2');
	await page.getByLabel('Kind').selectOption('Lake');
	await expect(page.getByRole('button', { name: 'It flows the other way' })).toBeHidden();
	await page.getByLabel('Kind').selectOption('Freestone');
	await points.fill('47.2, -20.3\n47.2, -20.29\n47.2, -20.28');
	await expect(told).toContainText('3 points, 1.5 km long; its middle flows to the E');
	const name = `Drawn ${Date.now()}`;
	for (const [field, value] of [
		['Reach', name],
		['Water', 'Own water'],
		['Basin', 'Own basin']
	] as const)
		await page.getByRole('textbox', { name: field, exact: true }).fill(value);
	await page.getByLabel('Height, m').fill('600');
	await page.getByRole('button', { name: 'Add the reach' }).tap();
	await expect(page.getByRole('radio', { name: new RegExp(name) })).toBeChecked();
	await page.getByRole('button', { name: 'Begin', exact: true }).tap();
	await page.waitForURL(/\/bank\/[0-9a-f-]{36}$/);
	await page.goto(`${page.url()}/stand`);
	await page.getByText('The water here').tap();
	await expect(page.getByRole('radio', { name: 'E', exact: true })).toBeChecked();
});

test('stills for who asked for less motion', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await page.emulateMedia({ reducedMotion: 'reduce' });
	await begin(page, 'Alder Bend');
	await page.goto(`${page.url()}/stand`);
	const drift = page.getByRole('region', { name: 'How it drifts' });
	await expect(drift.getByRole('status')).toContainText('0.0 s');
	await drift.getByRole('button', { name: 'Let it drift' }).tap();
	await expect(drift.getByRole('status')).toContainText('1.0 s');
	await page.waitForTimeout(300);
	await expect(drift.getByRole('status')).toContainText('1.0 s');
	const looks = page.getByRole('region', { name: 'Where to look' });
	await expect(looks.getByRole('listitem')).not.toHaveCount(0);
});
