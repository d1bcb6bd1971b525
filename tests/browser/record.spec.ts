import { expect } from '@playwright/test';
import { FIRST_COPY, SECOND_COPY } from '../../playwright.config';
import { add, begin, guideAt, PHONE, shareOtherwise, test } from './guide';

test('a record is edited, kept to oneself, shared, and taken back', async ({ browser }) => {
	const mira = await guideAt(browser, FIRST_COPY, 'Mira Oldane');
	const tomas = await guideAt(browser, SECOND_COPY, 'Tomas Fenwright');
	await begin(mira, 'Mill Flats');
	const notes = mira.getByRole('region', { name: 'Notes' });
	await notes.getByRole('button', { name: 'Sighting', exact: true }).click();
	await mira.getByRole('dialog').getByRole('button', { name: 'mayfly' }).click();
	await mira
		.getByRole('dialog')
		.getByRole('button', { name: /^Sulphur mayfly dun/ })
		.click();
	await mira.getByRole('dialog').getByRole('button', { name: 'Many', exact: true }).click();
	await expect(notes.getByText('saved', { exact: true })).toBeVisible();

	await mira.getByRole('link', { name: 'Records of this outing' }).click();
	const card = mira.getByRole('article', { name: 'Sulphur mayfly dun' });
	await card.getByRole('group', { name: 'First seen' }).getByRole('button', { name: 'Later' }).click();
	await expect(card.getByRole('alert')).toHaveText('Most seen must lie between first and last seen.');
	await expect(card.getByRole('button', { name: 'Confirm and share' })).toBeDisabled();
	await card.getByRole('group', { name: 'First seen' }).getByRole('button', { name: 'Earlier' }).click();
	await card.getByLabel('How many').selectOption('Masses');
	await card.getByLabel('In your own words').fill('All along the far bank');
	await card.getByRole('button', { name: 'Confirm, keep to myself' }).click();
	await expect(card.getByText('Confirmed')).toBeVisible();
	await tomas.goto('/circle');
	await expect(
		tomas
			.getByText('Sulphur mayfly dun')
			.first()
			.or(tomas.getByText('Live', { exact: true }))
			.first()
	).toBeVisible();
	await expect(tomas.getByText('All along the far bank')).toHaveCount(0);

	await shareOtherwise(card, { circle: 'Ovrane guides', precision: 'Basin', from: 'At once' });
	await expect(card.getByText('They will see: Somewhere in the Ovrane basin')).toBeVisible();
	await card.getByRole('button', { name: 'Confirm and share' }).click();
	await expect(card.getByText('Ovrane guides sees it: basin')).toBeVisible();
	const entry = tomas
		.getByRole('listitem')
		.filter({ hasText: 'Sulphur mayfly dun' })
		.filter({ hasText: 'Mira Oldane' })
		.first();
	await expect(entry).toContainText('Somewhere in the Ovrane basin');
	await expect(entry).toContainText('Masses');
	await expect(entry).not.toContainText('far bank');

	await card.getByRole('button', { name: 'Take back' }).click();
	await expect(card.getByText('Ovrane guides sees it')).toHaveCount(0);

	// Words go along only when asked, and a name in them that says more than the share is asked about.
	await card.getByLabel('In your own words').fill('As last year at MILL-FLATS');
	await shareOtherwise(card, { precision: 'Water', from: 'At once' });
	await expect(card.getByLabel('My words go along')).not.toBeChecked();
	await card.getByLabel('My words go along').check();
	await card.getByRole('button', { name: 'Confirm and share' }).click();
	await expect(card.getByRole('alert')).toContainText(
		'Your words name Mill Flats, which those readers may not know. Nothing was shared yet.'
	);
	await card.getByRole('button', { name: 'Share without my words' }).click();
	await expect(card.getByText('Ovrane guides sees it: water')).toBeVisible();
	const shared = tomas
		.getByRole('listitem')
		.filter({ hasText: 'Sulphur mayfly dun' })
		.filter({ hasText: 'Masses' });
	await expect(shared.first()).toContainText('by eye');
	await expect(shared.first()).not.toContainText('MILL-FLATS');
	await expect(card.getByLabel('My words go along')).not.toBeChecked();
	await card.getByLabel('My words go along').check();
	await card.getByRole('button', { name: 'Confirm and share' }).click();
	await card.getByRole('button', { name: 'They may know that' }).click();
	await expect(shared.first()).toContainText('“As last year at MILL-FLATS”');
	await card.getByRole('button', { name: 'Take back' }).click();
	await expect(card.getByText('Ovrane guides sees it')).toHaveCount(0);
	await tomas.reload();
	await expect(tomas.getByText('Live', { exact: true })).toBeVisible();
	await expect(
		tomas.getByRole('listitem').filter({ hasText: 'Sulphur mayfly dun' }).filter({ hasText: 'Masses' })
	).toHaveCount(0);
});

test('cautions stand where they matter: rising water, warm water, a kick in the riffle', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Tomas Fenwright', PHONE);
	await begin(page, 'Slatefall Gorge');
	await add(page, 'Conditions');
	const sheet = page.getByRole('dialog');
	await sheet.getByText('Rising', { exact: true }).click();
	await expect(sheet.getByText('mind the way back across')).toBeVisible();
	const warmer = sheet.getByRole('button', { name: 'Water: much more' });
	for (let i = 0; i < 14; i++) await warmer.click();
	await expect(sheet.getByText(/warm for trout/)).toBeVisible();
	await sheet.getByRole('button', { name: 'Save' }).click();
	await expect(page.locator('header').getByText('Rising water')).toBeVisible();

	await add(page, 'Sample');
	await page.getByText('Kick net', { exact: true }).click();
	await expect(page.getByText('Put the animals back; collecting may need a permit.')).toBeVisible();
	await page.getByText('Throat sample', { exact: true }).click();
	await expect(page.getByText('Only where lawful')).toBeVisible();
});

test('an outing is ended and opened again', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Jorun Pellas');
	await begin(page, 'North Shallows');
	await page.getByRole('button', { name: 'End the outing' }).click();
	await expect(page.getByRole('button', { name: 'Open it again' })).toBeVisible();
	await page.getByRole('link', { name: 'Bank', exact: true }).click();
	await expect(
		page
			.getByRole('region', { name: 'Before' })
			.getByRole('link', { name: /North Shallows/ })
			.first()
	).toBeVisible();
	await page
		.getByRole('link', { name: /North Shallows/ })
		.first()
		.click();
	await page.getByRole('button', { name: 'Open it again' }).click();
	await expect(page.getByRole('button', { name: 'End the outing' })).toBeVisible();
});
