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
