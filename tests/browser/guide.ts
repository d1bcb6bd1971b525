import {
	expect,
	type Browser,
	type BrowserContext,
	type BrowserContextOptions,
	type Locator,
	type Page,
	test as base
} from '@playwright/test';

export const PHONE: BrowserContextOptions = {
	viewport: { width: 390, height: 844 },
	hasTouch: true,
	isMobile: true
};

/** Where the clock of each browser stands. */
const clocks = new WeakMap<BrowserContext, number>();

/** A browser whose clock stands still, as the server's does: nothing hangs on how quick the machine is. */
export async function stillContext(
	browser: Browser,
	options: BrowserContextOptions = {}
): Promise<BrowserContext> {
	const context = await browser.newContext({ reducedMotion: 'reduce', ...options });
	const now = Date.now();
	clocks.set(context, now);
	await context.clock.setFixedTime(now);
	context.on('console', (message) => {
		// A request that a test breaks on purpose is told by the browser itself.
		if (!message.text().startsWith('Failed to load resource'))
			said.push(`${message.type()}: ${message.text()} (${message.location().url})`);
	});
	context.on('page', opensAwake);
	context.on('weberror', (error) => said.push(`uncaught: ${error.error().message}`));
	return context;
}

/**
 * Opening a page lasts until it hears taps: on a slow machine a click can come before the page's script, and is lost.
 * Pages without a script are open at once.
 */
function opensAwake(page: Page): void {
	const awake = () => page.locator('html[data-awake], html:not(:has(script))').waitFor({ state: 'attached' });
	const goto = page.goto.bind(page);
	const reload = page.reload.bind(page);
	page.goto = async (...asked) => {
		const answer = await goto(...asked);
		if (asked[1]?.waitUntil !== 'commit') await awake();
		return answer;
	};
	page.reload = async (...asked) => {
		const answer = await reload(...asked);
		await awake();
		return answer;
	};
}

/** What browsers said in their consoles since the last look. */
const said: string[] = [];
/** A test of the browser: it fails where any page wrote to the console, or threw. */
export const test = base.extend<{ silence: void }>({
	silence: [
		// eslint-disable-next-line no-empty-pattern -- Playwright reads what a fixture needs from its pattern.
		async ({}, use) => {
			said.length = 0;
			await use();
			expect(said, 'what pages said in the console').toEqual([]);
		},
		{ auto: true }
	]
});

/** Lets so many seconds pass on a page's clock, at once. */
export async function pass(page: Page, seconds: number): Promise<void> {
	const context = page.context();
	const now = (clocks.get(context) ?? Date.now()) + seconds * 1000;
	clocks.set(context, now);
	await context.clock.setFixedTime(now);
}

/** A page of one of the demonstration's guides, at one copy of the server. */
export async function guideAt(
	browser: Browser,
	origin: string,
	name: string,
	options: BrowserContextOptions = {}
): Promise<Page> {
	const context = await stillContext(browser, { baseURL: origin, ...options });
	const page = await context.newPage();
	await page.goto('/sign-in');
	await page.getByRole('button', { name }).click();
	await expect(page.getByRole('heading', { name: 'Bank' })).toBeVisible();
	return page;
}

/** A page of a guide who has just made an account: what it sets and shares meets no other test. */
export async function newcomer(
	browser: Browser,
	origin: string,
	name: string,
	options: BrowserContextOptions = {}
): Promise<Page> {
	const page = await (await stillContext(browser, { baseURL: origin, ...options })).newPage();
	await page.goto('/sign-up');
	await page.getByLabel('Your name, as colleagues see it').fill(name);
	await page.getByLabel('Name you sign in with').fill(name.split(' ')[0] ?? name);
	await page.getByLabel('Password, ten characters or more').fill('under the alder');
	await page.getByRole('button', { name: 'Make the account' }).click();
	await expect(page.getByRole('heading', { name: 'Bank' })).toBeVisible();
	return page;
}

/** Begins an outing on a reach. */
export async function begin(page: Page, reach: string): Promise<void> {
	await page.getByRole('link', { name: 'Begin an outing' }).click();
	await expect(page.getByRole('heading', { name: 'Begin an outing' })).toBeVisible();
	await page.locator('label').getByText(reach, { exact: true }).click();
	await page.getByRole('button', { name: 'Begin', exact: true }).click();
	await expect(page.getByRole('heading', { name: new RegExp(reach) })).toBeVisible();
}

/** Opens the sheet for a kind of note, as on a phone. */
export async function add(page: Page, kind: string): Promise<void> {
	await page.getByRole('button', { name: 'Add a note' }).click();
	const pad = page.getByRole('dialog').getByText(kind, { exact: true });
	await pad.click();
}

/** Opens what lets one record go another way than its outing, and says how. */
export async function shareOtherwise(
	card: Locator,
	{ circle, precision, from }: { circle?: string; precision?: string; from?: string }
): Promise<void> {
	const open = card.getByLabel('They may know the');
	if (!(await open.isVisible())) await card.getByText('Share this one otherwise').click();
	if (circle) await card.getByLabel('Circle').selectOption(circle);
	if (precision) await open.selectOption(precision);
	if (from) await card.getByLabel('From when').selectOption(from);
}
