import { expect, type Page } from '@playwright/test';
import { FIRST_COPY } from '../../playwright.config';
import { begin, guideAt, PHONE, test } from './guide';

const happened = (page: Page, what: string | RegExp) =>
	page
		.getByRole('region', { name: 'What happened' })
		.getByRole('button', { name: what, exact: true })
		.click();

test('from a split reading to a fish: two flies, drifts, two refusals, the advice followed, a take', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await begin(page, 'Alder Bend');
	const board = page.url();
	await page.getByRole('button', { name: 'Tie on', exact: true }).click();
	await page
		.getByRole('button', { name: /^Tie on: / })
		.first()
		.click();
	await page.getByText('What other schools would tie on').click();
	await expect(page.getByText('Presentation first')).toBeVisible();
	await page.getByRole('link', { name: 'On the line' }).click();
	await expect(page.getByRole('heading', { name: 'On the line' })).toBeVisible();

	// Nothing is wrong before the first drift.
	const next = page.getByRole('region', { name: 'What next' });
	await expect(next).toContainText('Fish it');
	const rig = page.getByRole('region', { name: 'Rig' });
	await rig.getByRole('button', { name: 'Rig these two' }).click();
	await expect(rig).toContainText('On now:');
	await expect(rig).toContainText('after 0 changes');

	await happened(page, /^Good drift/);
	await happened(page, /^Good drift/);
	await happened(page, /^It dragged/);
	await happened(page, 'Refused at the last moment');
	await happened(page, /^Good drift/);
	await happened(page, 'Refused at the last moment');
	await expect(page.getByRole('button', { name: 'Good drift 3' })).toBeVisible();
	await expect(page.getByRole('button', { name: 'It dragged 1' })).toBeVisible();
	await expect(next).not.toContainText('Fish it');
	await expect(
		page.getByRole('region', { name: 'What may be wrong' }).getByRole('listitem').first()
	).toBeVisible();

	// The drift comes first; done, something else is next, and nothing is offered twice.
	await next.getByRole('button', { name: 'Mending now' }).click();
	await expect(next.getByRole('button', { name: 'Mending now' })).toHaveCount(0);
	await happened(page, /^Good drift/);
	await happened(page, 'Refused at the last moment');
	const before = await page
		.getByRole('heading', { name: 'On the line' })
		.locator('xpath=following-sibling::p')
		.textContent();
	await page.getByText('Other changes, one at a time').click();
	await next.getByRole('button', { name: 'Tie it on' }).first().click();
	await expect(
		page.getByRole('heading', { name: 'On the line' }).locator('xpath=following-sibling::p')
	).not.toHaveText(before ?? '');
	await expect(rig).toContainText('after 1 change;');

	const boxed = page.getByText(/^\d+ in the box$/);
	const count = Number.parseInt((await boxed.textContent()) ?? '', 10);
	await happened(page, /^Good drift/);
	const onLine = page.getByRole('heading', { name: 'On the line' }).locator('xpath=following-sibling::p');
	const tied = await onLine.textContent();
	await happened(page, 'Taken');
	// Of two flies it is asked which; a fish that is landed has the fly that it took, and the first stays on.
	const which = page.getByRole('region', { name: 'Which fly was it?' });
	await which.getByRole('button').last().click();
	await expect(which).toHaveCount(0);
	await happened(page, 'Landed');
	await expect(which).toHaveCount(0);
	await expect(onLine).toHaveText(tied ?? '');
	await expect(page.getByText('the fish stays in the water')).toBeVisible();
	// A refusal asks it too, and what was answered last goes first.
	await happened(page, 'Looked and sank');
	await which.getByRole('button').first().click();
	await expect(which).toHaveCount(0);
	await expect(onLine).toHaveText(tied ?? '');
	// What cannot be done from here gives way to the next best.
	const proposed = await next.locator('p.text-lg').textContent();
	await next.getByRole('button', { name: 'I can’t do that here' }).click();
	await expect(next.locator('p.text-lg')).not.toHaveText(proposed ?? '');
	await happened(page, 'Fly lost');
	await expect(boxed).toHaveText(`${Math.max(0, count - 1)} in the box`);
	await expect(rig).toContainText('after 2 changes');

	// The take is a reason behind the reading, and the box keeps its count.
	await page.goto(board);
	await page.getByRole('button', { name: 'Water', exact: true }).click();
	await page
		.getByRole('region', { name: 'Water' })
		.getByRole('button', { name: /could be|likely|surely/ })
		.first()
		.click();
	await expect(page.getByRole('dialog')).toContainText(/Taken|Refused/);
});

test('a lake: the depth planned, takes at a depth move the belief, a windy line', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await begin(page, 'North Shallows');
	await page.getByRole('button', { name: 'Tie on', exact: true }).click();
	await page
		.getByRole('button', { name: /^Tie on: / })
		.first()
		.click();
	await page.getByRole('link', { name: 'On the line' }).click();
	const still = page.getByRole('region', { name: 'Still water' });
	await expect(still).toContainText(/Leader [\d.]+ m, floating line/);
	await still.getByRole('button', { name: '3 flies' }).click();
	await expect(still).toContainText('floating line');
	const likeliest = still.getByRole('img', { name: /^Chance of fish by depth/ });
	const deep = await likeliest.getAttribute('aria-label');
	const at = still.getByRole('group', { name: 'The fly is at' });
	await at.getByRole('button', { name: 'As usual, 3.5 m' }).click();
	for (let i = 0; i < 2; i++) await at.getByRole('button', { name: 'The fly is at: much less' }).click();
	await expect(at.getByRole('textbox')).toHaveValue('1.5 m');
	for (let i = 0; i < 2; i++) await happened(page, 'Taken');
	await expect(likeliest).not.toHaveAttribute('aria-label', deep ?? '');
	await expect(still).toContainText(/Likeliest at about 1\.\d m/);
});

test('a fly of one’s own in under a minute, its drawing changing; hooks that run large', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane');
	const began = Date.now();
	await page.goto(`${FIRST_COPY}/box`);
	await page.getByRole('link', { name: 'A fly of your own' }).click();
	const drawing = page.locator('form svg').first();
	const before = await drawing.innerHTML();
	await page.getByText('spent-wing spinner', { exact: true }).click();
	await page.getByLabel('Belly').selectOption('rust');
	await expect.poll(() => drawing.innerHTML()).not.toBe(before);
	await page.getByLabel('Its name').fill('Evening rust');
	await page.getByRole('button', { name: '#16', exact: true }).click();
	await page.getByRole('button', { name: '#18', exact: true }).click();
	await page.getByRole('button', { name: 'Save it' }).click();
	const own = page.getByRole('region', { name: 'Your own' });
	await expect(own).toContainText('Evening rust');
	await own
		.getByRole('group', { name: 'Evening rust, hook 18' })
		.getByRole('button', { name: 'One more' })
		.click();
	await expect(own.getByRole('group', { name: 'Evening rust, hook 18' }).getByRole('status')).toHaveText('1');
	expect(Date.now() - began).toBeLessThan(60_000);
	await own.getByRole('button', { name: 'take away' }).click();
	await expect(own).toHaveCount(0);

	await page.goto(`${FIRST_COPY}/settings/hooks`);
	const dry = page.getByRole('region', { name: 'Dry-fly hooks' });
	await dry.getByRole('button', { name: 'Dressed body of that fly: much more' }).click();
	await dry.getByRole('button', { name: /^Mine run/ }).click();
	await expect(page.getByRole('status')).toContainText('Saved.');
	await page.reload();
	await expect(dry.getByRole('heading')).toContainText('larger than the table');
});
