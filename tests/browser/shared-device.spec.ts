import { expect, type Page } from '@playwright/test';
import { FIRST_COPY } from '../../playwright.config';
import { add, begin, guideAt, PHONE, stillContext, test } from './guide';

const NOTES = '**/api/v1/outings/*/notes';

/** Writes a rise on the board in hand. */
async function noteRise(page: Page, form: string): Promise<void> {
	await add(page, 'Rise');
	await page.getByRole('dialog').getByRole('button', { name: form }).click();
	await page.getByRole('dialog').getByRole('button', { name: 'Close' }).first().click();
}
const enter = (page: Page, name: string) => page.getByRole('button', { name }).click();

test('on a device of two guides, nothing of one is sent as the other, and nothing is stranded', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await begin(page, 'Cress Meadows');
	const board = page.url();
	await page.route(NOTES, (route) => route.abort('internetdisconnected'));
	await noteRise(page, 'Nose');
	await page.getByRole('link', { name: 'Settings' }).click();
	await expect(page.getByText('One note of yours is on this device only.')).toBeVisible();
	await page.getByRole('button', { name: 'Sign out' }).click();

	await expect(page.getByText('One note of Mira Oldane waits on this device')).toBeVisible();
	const posted: string[] = [];
	page.on('request', (request) => {
		if (request.method() === 'POST' && request.url().endsWith('/notes')) posted.push(request.url());
	});
	await page.unroute(NOTES);
	await enter(page, 'Jorun Pellas');
	await begin(page, 'Halder Tailwater');
	const theirs = page.url().split('/').at(-1) ?? '';
	await noteRise(page, 'Splash');
	await page.getByRole('button', { name: 'Notes', exact: true }).click();
	await expect(page.getByText('saved', { exact: true })).toBeVisible();
	expect(posted.every((url) => url.includes(theirs))).toBe(true);
	// The other's board is not there for this guide, and its notes do not show.
	await page.goto(board);
	await expect(page.getByText('Rise: nose')).toHaveCount(0);

	// Back as the first: what waited goes out whatever page is open.
	await page.goto('/settings');
	await page.getByRole('button', { name: 'Sign out' }).click();
	const kept = page.waitForResponse((response) => response.url().endsWith('/notes') && response.ok());
	await enter(page, 'Mira Oldane');
	await kept;
	await page.goto(board);
	await page.getByRole('button', { name: 'Notes', exact: true }).click();
	await expect(page.getByText('Rise: nose', { exact: true })).toHaveCount(1);
	await expect(page.getByText('saved', { exact: true })).toBeVisible();
});

test('when the session has lapsed, notes wait, the board asks to sign in, and they are sent', async ({
	browser
}) => {
	const page = await guideAt(browser, FIRST_COPY, 'Mira Oldane', PHONE);
	await begin(page, 'Cress Meadows');
	await page.context().clearCookies({ name: 'lacewing_session' });
	await noteRise(page, 'Weaving');
	const alert = page.getByRole('alert').filter({ hasText: 'You are signed out.' });
	await expect(alert).toContainText('One note waits on this device');
	await page.getByRole('button', { name: 'Notes', exact: true }).click();
	await expect(page.getByText('on this phone', { exact: true })).toBeVisible();
	await expect(page.getByText('Not taken')).toHaveCount(0);
	await alert.getByRole('link', { name: 'Sign in' }).click();
	await enter(page, 'Mira Oldane');
	await expect(page.getByRole('heading', { name: /Cress Meadows/ })).toBeVisible();
	await page.getByRole('button', { name: 'Notes', exact: true }).click();
	await expect(page.getByText('Rise: weaving', { exact: true })).toBeVisible();
	await expect(page.getByText('saved', { exact: true })).toBeVisible();
	await expect(alert).toHaveCount(0);
});

test('a page left open is no longer one guide’s when another signs in beside it', async ({ browser }) => {
	const context = await stillContext(browser, { baseURL: FIRST_COPY });
	const first = await context.newPage();
	await first.goto('/sign-in');
	await enter(first, 'Mira Oldane');
	await first.getByRole('link', { name: 'Settings' }).click();
	await expect(first.getByText('Mira Oldane')).toBeVisible();
	await context.clearCookies({ name: 'lacewing_session' });
	const second = await context.newPage();
	await second.goto('/sign-in');
	await enter(second, 'Jorun Pellas');
	await expect(first.getByText('Jorun Pellas')).toBeVisible();
	await expect(first.getByText('Mira Oldane')).toHaveCount(0);
});
