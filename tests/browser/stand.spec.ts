import { expect } from '@playwright/test';
import { FIRST_COPY } from '../../playwright.config';
import { begin, guideAt, PHONE, test } from './guide';

test('where to stand: nearer when low, and a caution before deep, quick water is waded', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await begin(page, 'Alder Bend');
	await page.goto(`${page.url()}/watch`);
	await page.getByText('Seam', { exact: true }).click();
	await page.getByRole('button', { name: 'Watch it' }).click();
	await page.getByRole('link', { name: 'Stand', exact: true }).click();
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
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await begin(page, 'Alder Bend');
	await page.goto(`${page.url()}/watch`);
	await page.getByText('Seam', { exact: true }).click();
	await page.getByRole('button', { name: 'Watch it' }).click();
	await page.getByRole('link', { name: 'Stand', exact: true }).click();
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
