import { expect, type Page } from '@playwright/test';
import { FIRST_COPY, SECOND_COPY } from '../../playwright.config';
import { guideAt, newcomer, PHONE, stillContext, test } from './guide';

test('a new guide makes an account, joins by invitation, adds a reach and begins', async ({
	browser,
	page
}) => {
	const ines = await guideAt(browser, FIRST_COPY, 'Ines Varrow');
	await ines.getByRole('link', { name: 'Circle' }).click();
	await ines.getByRole('button', { name: 'Make an invitation link' }).click();
	const link = await ines.getByRole('textbox', { name: 'Invitation link' }).inputValue();

	// The link leads through the account to the circle, at another copy of the server too.
	await page.goto(link.replace(FIRST_COPY, SECOND_COPY));
	await page.getByRole('link', { name: 'Make an account' }).click();
	await page.getByLabel('Your name, as colleagues see it').fill('Odil Brackenshaw');
	await page.getByLabel('Name you sign in with').fill('Odil');
	await page.getByLabel('Password, ten characters or more').fill('under the alder');
	await page.getByRole('button', { name: 'Make the account' }).click();
	await expect(page.getByText('Ines Varrow invites you.')).toBeVisible();
	await page.getByRole('button', { name: 'Join' }).click();
	await expect(page.getByRole('region', { name: 'Ovrane guides' })).toContainText('Odil Brackenshaw');

	await page.getByRole('link', { name: 'Bank' }).click();
	await expect(page.getByText('No outings yet')).toBeVisible();
	await page.getByRole('link', { name: 'Begin an outing' }).click();
	await page.getByText('Add a reach of your own').click();
	await page.getByText('Type the points instead').click();
	for (const [label, value] of [
		['Reach', 'Bracken Run'],
		['Water', 'Sallow'],
		['Basin', 'Sallow basin'],
		['Points from upstream to downstream, one to a row: latitude, longitude', '46.9, -20.8'],
		['Height, m', '430']
	] as const)
		await page
			.getByRole('textbox', { name: label, exact: true })
			.or(page.getByRole('spinbutton', { name: label }))
			.fill(value);
	await page.getByRole('button', { name: 'Add the reach' }).click();
	await page.getByText('Bracken Run', { exact: true }).click();
	await page.getByRole('button', { name: 'Begin', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Bracken Run, Sallow' })).toBeVisible();
	await expect(page.getByText('No notes yet')).toBeVisible();

	await page.getByRole('link', { name: 'Settings' }).click();
	await page.getByRole('button', { name: 'Sign out' }).click();
	await page.getByLabel('Name you sign in with').fill('odil');
	await page.getByLabel('Password').fill('not the right one');
	await page.getByRole('button', { name: 'Sign in' }).click();
	await expect(page.getByRole('alert')).toHaveText('That name and password do not belong together.');
	await page.getByLabel('Password').fill('under the alder');
	await page.getByRole('button', { name: 'Sign in' }).click();
	await expect(page.getByText('Bracken Run')).toBeVisible();
});

test('a guide sees where she is signed in, ends it there, changes the password, and leaves with it', async ({
	browser
}) => {
	const here = await newcomer(browser, FIRST_COPY, 'Rana Ousel');
	const there = await (
		await stillContext(browser, {
			baseURL: SECOND_COPY,
			...PHONE,
			userAgent: 'Mozilla/5.0 (Linux; Android 14) Mobile'
		})
	).newPage();
	const signIn = async (page: Page, password: string) => {
		await page.goto('/sign-in');
		await page.getByLabel('Name you sign in with').fill('rana');
		await page.getByLabel('Password').fill(password);
		await page.getByRole('button', { name: 'Sign in' }).click();
	};
	await signIn(there, 'under the alder');
	await expect(there.getByRole('heading', { name: 'Bank' })).toBeVisible();

	await here.getByRole('link', { name: 'Settings' }).click();
	await here.getByRole('link', { name: 'Password and devices' }).click();
	await expect(here.getByRole('listitem')).toHaveCount(2);
	await expect(here.getByText('A computer, this one')).toBeVisible();
	await here.getByRole('listitem').filter({ hasText: 'A phone' }).getByRole('button').click();
	await expect(here.getByRole('status').filter({ hasText: 'Signed out there.' })).toBeVisible();
	await there.getByRole('link', { name: 'Settings' }).click();
	await expect(there.getByRole('heading', { name: 'Sign in' })).toBeVisible();

	const change = async (current: string, next: string) => {
		await here.getByLabel('Password as it is now').fill(current);
		await here.getByLabel('New password, ten characters or more').fill(next);
		await here.getByRole('button', { name: 'Change it' }).click();
	};
	await change('under the alder', 'password123');
	await expect(here.getByRole('alert')).toContainText('anybody would guess');
	await change('under the aspen', 'over the far riffle');
	await expect(here.getByRole('alert')).toContainText('not your password');
	await change('under the alder', 'over the far riffle');
	await expect(here.getByText('Your password is changed.')).toBeVisible();
	await signIn(there, 'under the alder');
	await expect(there.getByRole('alert')).toHaveText('That name and password do not belong together.');
	await signIn(there, 'over the far riffle');
	await expect(there.getByRole('heading', { name: 'Bank' })).toBeVisible();

	await there.goto('/settings/leave');
	for (const [password, then] of [
		['under the alder', 'That is not your password. Nothing was taken away.'],
		['over the far riffle', 'Sign in']
	] as const) {
		await there.getByLabel('Your password, to say that you mean it').fill(password);
		await there.getByRole('button', { name: 'Delete everything of mine' }).click();
		await expect(there.getByText(then).first()).toBeVisible();
	}
	await signIn(there, 'over the far riffle');
	await expect(there.getByRole('alert')).toHaveText('That name and password do not belong together.');
});

test('what is typed before a page is alive stays', async ({ browser }) => {
	const page = await (await stillContext(browser, { baseURL: FIRST_COPY })).newPage();
	for (const [path, fields] of [
		['/sign-up', ['Your name, as colleagues see it', 'Name you sign in with']],
		['/sign-in', ['Name you sign in with']]
	] as const) {
		let letGo = () => {};
		const held = new Promise<void>((resolve) => (letGo = resolve));
		await page.route('**/*.js', (route) => held.then(() => route.continue()));
		await page.goto(path, { waitUntil: 'commit' });
		for (const field of fields) await page.getByLabel(field).fill('Early');
		letGo();
		await page.locator('html[data-awake]').waitFor({ state: 'attached' });
		for (const field of fields) await expect(page.getByLabel(field)).toHaveValue('Early');
		await page.unroute('**/*.js');
	}
});

test('units and light are the guide’s own', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Jorun Pellas');
	await page.getByRole('link', { name: 'Settings' }).click();
	for (const choice of ['Imperial', 'Diameter', 'Both', 'Glare'])
		await page.locator('label', { hasText: choice }).first().click();
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'glare');
	await page.getByRole('link', { name: 'Circle' }).click();
	await expect(page.getByText(/\d in ·/).first()).toBeVisible();
	await expect(page.getByText(/water \d+ °F/).first()).toBeVisible();
	await page.getByRole('link', { name: 'Box' }).click();
	await expect(page.getByText(/#16, 0\.\d+ in/).first()).toBeVisible();
	await page.reload();
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'glare');
	// As it was, for whoever comes next.
	await page.getByRole('link', { name: 'Settings' }).click();
	for (const choice of ['Metric', 'Bankside'])
		await page.locator('label', { hasText: choice }).first().click();
	await expect(page.locator('html')).toHaveAttribute('data-theme', 'bankside');
});

test('what is in the box is counted with one tap and counts at once', async ({ browser }) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane');
	await page.getByRole('link', { name: 'Box' }).click();
	const fly = page.getByRole('group', { name: 'Waisted ant, black, hook 16' });
	const before = Number(await fly.getByRole('status').textContent());
	await fly.getByRole('button', { name: 'One more' }).click();
	await fly.getByRole('button', { name: 'One more' }).click();
	await expect(fly.getByRole('status')).toHaveText(String(before + 2));
	// What was tapped is on its way, although the page is left at once.
	await expect(async () => {
		await page.reload();
		await expect(fly.getByRole('status')).toHaveText(String(before + 2), { timeout: 1000 });
	}).toPass();
});

test('an insect is looked up by name, water and month, and its page shows its stages', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Ines Varrow');
	await page.getByRole('link', { name: 'Atlas' }).click();
	await page.getByLabel('Water').selectOption('Lake');
	await page.getByLabel('Month').selectOption('May');
	await page.getByLabel('Name').fill('midg');
	await expect(page.getByRole('listitem').filter({ hasText: 'Chaoborus' })).toBeVisible();
	await page.getByLabel('Name').fill('olive');
	await page.getByRole('link', { name: /Lake olive/ }).click();
	await expect(page.getByRole('heading', { name: 'Lake olive' })).toBeVisible();
	await expect(page.getByRole('region', { name: 'Stages' }).getByRole('heading', { level: 3 })).toHaveCount(
		5
	);
	await expect(page.getByText('spent-wing spinner').first()).toBeVisible();
	await page.goto('/atlas/unicorn');
	await expect(page.getByText('The atlas has no "unicorn".')).toBeVisible();
});
