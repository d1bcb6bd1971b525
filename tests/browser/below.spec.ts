import { expect, type Page } from '@playwright/test';
import { FIRST_COPY } from '../../playwright.config';
import { begin, guideAt, PHONE, test } from './guide';

const happened = (page: Page, what: string | RegExp) =>
	page
		.getByRole('region', { name: 'What happened' })
		.getByRole('button', { name: what, exact: true })
		.click();

/** Ties on the first fly of the list that goes by a name. */
async function tieOn(page: Page, named: RegExp) {
	await page.getByRole('button', { name: 'Tie on', exact: true }).click();
	await page
		.getByRole('button', { name: new RegExp(`^Tie on: .*(${named.source})`, 'i') })
		.first()
		.click();
	await page.getByRole('link', { name: 'On the line' }).click();
}

test('a nymph let swing: its depth told, a fish lost and one landed, and the tally by who held the rod', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await begin(page, 'Alder Bend');
	const board = page.url();
	// Swimming pupae in a throat: what is eaten comes up through the water.
	await page.goto(`${board}/tray`);
	await page.getByText('Throat sample', { exact: true }).first().click();
	const kinds = page.getByRole('region', { name: 'What is in it' });
	await kinds.getByRole('button', { name: 'caddis', exact: true }).click();
	for (let i = 0; i < 6; i++) await kinds.getByRole('button', { name: /pupa/ }).first().click();
	await page.getByRole('button', { name: /^Save/ }).click();
	await tieOn(page, /pupa|nymph|wet|diving/);

	const below = page.getByRole('region', { name: 'Below the film' });
	await expect(below).toContainText('at the lie');
	await below.getByRole('button', { name: 'Let swing' }).click();
	await expect(below).toContainText(/it swings [\d.]+ c?m deep/);
	await below.getByRole('button', { name: 'It fishes so from now on' }).click();
	await expect(below.getByRole('button', { name: 'It fishes so', exact: true })).toBeDisabled();
	await expect(below).toContainText('Noted: it fishes');

	await page.getByText(/^This outing:/).click();
	await page.getByLabel('Who holds the rod').fill('bow');
	await happened(page, /^Good drift/);
	await happened(page, 'Taken');
	await page.getByText('Swinging round', { exact: true }).click();
	await expect(page.getByRole('region', { name: 'What next' })).toContainText('same part of the drift');
	await happened(page, 'Came off');
	await happened(page, /^Good drift/);
	await happened(page, 'Taken');
	await happened(page, 'Landed');
	const length = page.getByRole('group', { name: 'How long was it' });
	await length.getByRole('textbox').fill('41 cm');
	await length.getByRole('textbox').press('Enter');
	await page.getByRole('button', { name: 'Note 41 cm' }).click();
	await page.getByText('Swam off at once', { exact: true }).click();
	await expect(page.getByRole('radio', { name: 'Swam off at once' })).toBeChecked();
	await page.getByRole('group', { name: 'Fought for, minutes' }).getByText('3', { exact: true }).click();
	const row = page.getByRole('row', { name: /^bow/ });
	await expect(row).toHaveText(/bow\s*2\s*0\s*2\s*1\s*1\s*41 cm/);
	// It is a note like any other: said on the board, and undone there.
	await page.goto(board);
	await expect(page.getByRole('region', { name: 'Notes' })).toContainText('41 cm');
});

test('a lake in winter: one rig, what stands against each way, and the retrieve that took', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await page.getByRole('link', { name: 'Begin an outing' }).click();
	await page.locator('label').getByText('North Shallows', { exact: true }).click();
	await page.getByText('A past day', { exact: true }).click();
	await page.getByLabel('Day', { exact: true }).fill('2026-01-24');
	await page.getByLabel('From', { exact: true }).fill('15:30');
	await page.getByRole('button', { name: 'Begin', exact: true }).click();
	await expect(page.getByRole('heading', { name: /North Shallows/ })).toBeVisible();
	await tieOn(page, /pupa|larva|nymph/);
	const still = page.getByRole('region', { name: 'Still water' });
	await expect(still).toContainText('Winter: naturals are not');
	const ways = still.getByRole('listitem').filter({ hasText: 'Midge pupae hung' });
	await expect(ways).toContainText('Past half past two');
	await expect(still.getByRole('listitem').filter({ hasText: 'A slow bloodworm' })).not.toContainText(
		'Naturals'
	);
	// The plan and the rig ask for the same leader.
	const asked = /Leader ([\d.]+ m)/;
	const planned = asked.exec((await still.textContent()) ?? '')?.[1] ?? 'none';
	await expect(page.getByRole('region', { name: 'Rig' })).toContainText(`Leader ${planned}`);
	await still.getByRole('button', { name: 'Pulled and paused' }).click();
	await happened(page, 'Taken');
	await expect(still).toContainText('took it pulled and paused');

	// Three flies through the water: a take asks which, and tells of that fly's depth.
	await still.getByRole('button', { name: '3 flies' }).click();
	await still.getByRole('button', { name: /^Hang these/ }).click();
	await happened(page, 'Taken');
	const which = page.getByRole('region', { name: 'Which fly was it?' });
	await expect(which.getByRole('button')).toHaveCount(3);
	await which.getByRole('button').last().click();
	await expect(which).toBeHidden();
	await expect(still).toContainText(/Likeliest at about/);
});
