import { expect, type Page } from '@playwright/test';
import { FIRST_COPY } from '../../playwright.config';
import { begin, guideAt, PHONE, test } from './guide';

/** Counts the taps a guide makes from here on. */
function counting(page: Page) {
	let taps = 0;
	return {
		tap: async (name: string | RegExp, nth = 0) => {
			await page.getByRole('button', { name }).nth(nth).click();
			taps++;
		},
		follow: async (name: string | RegExp) => {
			await page.getByRole('link', { name }).first().click();
			taps++;
		},
		choose: async (text: string) => {
			await page.getByText(text, { exact: true }).first().click();
			taps++;
		},
		get taps() {
			return taps;
		}
	};
}

test('a kick of seven kinds and a surface net of four, one named by the key and one measured, in under 60 taps', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Ines Varrow', PHONE);
	await begin(page, 'Alder Bend');
	const board = page.url();
	const top = page.getByRole('region', { name: 'In the film' }).getByRole('button').first();
	const before = await top.getAttribute('aria-label');

	const hand = counting(page);
	await page.goto(`${board}/tray`);
	await hand.choose('Kick net');
	const kinds = page.getByRole('region', { name: 'What is in it' });
	// Six of the likely ones; ripe pads on the olives; the seventh is named by the key.
	await kinds.getByRole('button', { name: 'mayfly', exact: true }).click();
	for (let twice = 0; twice < 2; twice++) await kinds.getByRole('button', { name: /^Olive nymph/ }).click();
	await kinds.getByRole('button', { name: 'Likely' }).click();
	for (const kind of [/^Yellow stonefly nymph/, /^March brown nymph/, /^Needle fly nymph/]) {
		await kinds.getByRole('button', { name: kind }).click();
		await kinds.getByRole('button', { name: kind }).click();
	}
	for (const kind of [/^Midge larva/, /^Moss stone nymph/])
		await kinds.getByRole('button', { name: kind }).click();
	const olives = page.getByRole('listitem').filter({ hasText: 'Olive nymph' });
	for (let i = 0; i < 3; i++) await olives.getByRole('button', { name: /^Wing pads black/ }).click();
	let taps = hand.taps + 10 + 2 + 3;

	await page.getByRole('button', { name: 'What is this?' }).click();
	const key = page.getByRole('dialog', { name: 'What is this?' });
	for (let asked = 0; asked < 6; asked++) {
		if (await key.getByRole('heading', { name: 'Good enough to fish' }).isVisible()) break;
		const question = await key
			.getByRole('region', { name: 'Question' })
			.getByRole('heading')
			.first()
			.textContent();
		// A grannom larva in the hand: a square case of plants, a soft grub.
		const answer = /case\?/.test(question ?? '')
			? /Four-sided|chimney/i
			: /built/.test(question ?? '')
				? /soft grub/
				: /wings/.test(question ?? '')
					? /No free wings/
					: /move/.test(question ?? '')
						? /crawls slowly/i
						: /tails\?/.test(question ?? '')
							? /^None/
							: /Can’t see/;
		const all = key.getByRole('button', { name: 'None of these: all answers' });
		if ((await key.getByRole('button', { name: answer }).count()) === 0 && (await all.count()) > 0) {
			await all.click();
			taps++;
		}
		await key.getByRole('button', { name: answer }).first().click();
		taps++;
	}
	await key
		.getByRole('button', { name: /^On the tray .*larva/ })
		.first()
		.click();
	taps += 2;
	await expect(page.getByRole('button', { name: /^Save: 11 in 7 kinds/ })).toBeVisible();
	await expect(page.getByText(/probably|has been seen|coverage/i).first()).toBeVisible();
	await page.getByRole('button', { name: /^Save: 11/ }).click();
	taps++;
	await expect(page).toHaveURL(board);

	await page.goto(`${board}/tray`);
	await kinds.getByRole('button', { name: 'mayfly', exact: true }).click();
	for (const kind of [/^Olive emerger/, /^Olive dun/]) {
		await kinds.getByRole('button', { name: kind }).click();
		await kinds.getByRole('button', { name: kind }).click();
		taps += 2;
	}
	await kinds.getByRole('button', { name: 'Likely' }).click();
	await kinds.getByRole('button', { name: /^Midge pupa/ }).click();
	await kinds.getByRole('button', { name: /^Midge pupa/ }).click();
	taps += 4;
	// Whatever else the clock makes likely; tapped kinds stay where they are in the list.
	const other = kinds
		.getByRole('button')
		.filter({ hasText: /adult|spinner|nymph|larva/, hasNotText: /Olive emerger|Olive dun|Midge pupa/ })
		.first();
	await other.click();
	await other.click();
	taps += 2;
	const emergers = page.getByRole('listitem').filter({ hasText: 'Olive emerger' });
	await emergers.getByRole('button', { name: 'Five more' }).click();
	await emergers.getByRole('button', { name: 'Five more' }).click();
	taps += 2;
	await page.getByRole('button', { name: 'Photograph, then release' }).click();
	const bench = page.getByRole('dialog', { name: 'Photo bench' });
	await bench.getByRole('button', { name: 'Bench camera' }).click();
	await expect(bench.getByText(/Tap along the body/)).toBeVisible({ timeout: 60_000 });
	taps += 2;
	const picture = bench.locator('canvas');
	const box = await picture.boundingBox();
	if (!box) throw new Error('no picture');
	for (const share of [0.4, 0.45]) {
		await picture.click({ position: { x: box.width * share, y: box.height * 0.45 } });
		taps++;
	}
	await expect(bench.getByText(/give or take/)).toBeVisible();
	await bench.getByRole('button', { name: 'Save in the lot' }).click();
	await expect(bench.getByText('Saved in the lot, with the picture.')).toBeVisible({ timeout: 20_000 });
	await bench.getByRole('button', { name: 'Tray', exact: true }).click();
	await expect(page.getByText('with a picture')).toBeVisible();
	await expect(page.getByText(/1 measured/)).toBeVisible();
	await page.getByRole('button', { name: /^Save: 18 in 4 kinds/ }).click();
	taps += 3;
	expect(taps).toBeLessThan(60);

	// The reading has changed, and says why.
	await expect(top).toHaveAccessibleName(/^Olive emerger, Baetis/);
	expect(await top.getAttribute('aria-label')).not.toBe(before);
	await top.click();
	await expect(page.getByRole('dialog')).toContainText('Surface net');
});

test('a guide finds an insect by a local name that means two, and adds a name of one’s own', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane');
	await page.goto('/atlas');
	await page.getByLabel('Region').selectOption('Any region');
	await page.getByRole('searchbox', { name: 'Name' }).fill('green drake');
	await expect(
		page.getByRole('link', { name: /Large green mayfly.*green drake in western North America/s })
	).toBeVisible();
	await expect(page.getByRole('link', { name: /Large mayfly.*green drake in eastern/s })).toBeVisible();
	await page.getByRole('link', { name: /Large mayfly/ }).click();
	await expect(page.getByRole('heading', { name: 'Taken for' })).toBeVisible();
	await page.getByLabel('What do you call it?').fill('the big cream one');
	await page.getByRole('button', { name: 'Add' }).click();
	await expect(page.getByText('to you alone')).toBeVisible();
	await page.goto('/atlas');
	await page.getByRole('searchbox', { name: 'Name' }).fill('big cream');
	await expect(page.getByRole('link', { name: /the big cream one to you/ })).toBeVisible();
});
