import { expect, type Page } from '@playwright/test';
import { FIRST_COPY, SECOND_COPY } from '../../playwright.config';
import { add, begin, guideAt, PHONE, shareOtherwise, test } from './guide';

test('from a net full of insects to a record a colleague reads', async ({ browser }) => {
	const tomas = await guideAt(browser, FIRST_COPY, 'Tomas Fenwright', PHONE);
	const jorun = await guideAt(browser, SECOND_COPY, 'Jorun Pellas');

	// What reaches the colleague's browser, whole: pages, data, events.
	const received: string[] = [];
	jorun.on('response', async (response) => {
		// Not the app's own code, which is the same for all; and an event stream has no end to wait for.
		if (/event-stream|javascript|css|font|svg/.test(response.headers()['content-type'] ?? '')) return;
		received.push(await response.text().catch(() => ''));
	});
	await jorun.getByRole('link', { name: 'Circle' }).click();
	await expect(jorun.getByText('Live', { exact: true })).toBeVisible();

	const events = await eventsFor(jorun);

	await begin(tomas, 'Alder Bend');
	const outingId = new URL(tomas.url()).pathname.split('/').at(-1) ?? '';

	await add(tomas, 'Conditions');
	const sheet = tomas.getByRole('dialog');
	await sheet.getByRole('button', { name: 'Water: more', exact: true }).click();
	await sheet.getByText('Drizzle', { exact: true }).click();
	await sheet.getByText('Rippled', { exact: true }).click();
	await sheet.getByRole('button', { name: 'Save' }).click();
	await expect(tomas.locator('header').getByText('Drizzle', { exact: true })).toBeVisible();

	await add(tomas, 'Sample');
	await expect(tomas.getByText('What is on offer this minute')).toBeVisible();
	const kinds: [string, number][] = [
		['Olive emerger', 9],
		['Olive dun', 3],
		['Midge pupa', 2]
	];
	for (const [name, count] of kinds) {
		const pad = tomas.getByRole('button', { name: new RegExp(`${name} `) });
		await pad.click();
		const counter = tomas.getByRole('group', { name: `${name}: how many` });
		let left = count - 1;
		for (; left >= 5; left -= 5) await counter.getByRole('button', { name: 'Five more' }).click();
		for (; left > 0; left -= 1) await counter.getByRole('button', { name: 'One more' }).click();
		await expect(counter.getByRole('status')).toHaveText(String(count));
		await tomas
			.getByRole('group', { name: `${name}: length` })
			.getByRole('button', { name: 'Longer' })
			.click();
	}
	await tomas.getByRole('button', { name: 'Save: 14 in 3 kinds' }).click();

	await add(tomas, 'Rise');
	for (let i = 0; i < 5; i++) await tomas.getByRole('dialog').getByRole('button', { name: 'Bulge' }).click();
	await expect(tomas.getByText('5 noted')).toBeVisible();
	await tomas.getByRole('dialog').getByRole('button', { name: 'Close' }).first().click();

	// The board names the stage in the film as likeliest, with its reasons, and a fly that hangs there first.
	const film = tomas.getByRole('region', { name: 'In the film' });
	await expect(film.getByRole('button').first()).toHaveAccessibleName(
		/^Olive emerger, Baetis: (likely|almost surely)/
	);
	await film.getByRole('button').first().click();
	await expect(tomas.getByRole('dialog').getByText(/Surface net: 9 olive emerger/)).toBeVisible();
	await expect(tomas.getByRole('dialog').getByText(/Rise: bulge × 5/)).toBeVisible();
	await tomas.getByRole('dialog').getByRole('button', { name: 'Close' }).first().click();
	await tomas.getByRole('button', { name: 'Tie on', exact: true }).click();
	const first = tomas.getByRole('region', { name: 'Tie on' }).getByRole('listitem').first();
	await expect(first).toContainText(/emerger|cripple|shuck/i);
	await expect(first).toContainText(/olive/i);
	await first.getByRole('button', { name: /^Tie on/ }).click();
	await expect(first.getByRole('button', { name: /^On the line/ })).toBeVisible();

	// Every note is on the server before the record is told.
	await tomas.getByRole('button', { name: 'Notes', exact: true }).click();
	await expect(tomas.getByText('saved', { exact: true })).toHaveCount(8);

	await tomas.getByRole('link', { name: 'Records of this outing' }).click();
	const record = tomas.getByRole('article', { name: 'Olive emerger' });
	await shareOtherwise(record, { circle: 'Ovrane guides', precision: 'Reach', from: 'At once' });
	await expect(record.getByText('They will see: Alder Bend, Ovrane')).toBeVisible();
	await record.getByRole('button', { name: 'Confirm and share' }).click();
	await expect(record.getByText('Confirmed')).toBeVisible();

	// The colleague, at another copy of the server, sees it appear without asking.
	const entry = jorun.getByRole('listitem').filter({ hasText: 'new' }).filter({ hasText: 'Tomas Fenwright' });
	await expect(entry).toContainText('Olive emerger');
	await expect(entry).toContainText('Alder Bend, Ovrane');
	await expect(entry).toContainText('On the line: ');

	// And nothing that came to her holds where exactly, or the outing's notes.
	await jorun.reload();
	await expect(jorun.getByText('Live', { exact: true })).toBeVisible();
	expect(events.told()).toMatch(/event: news\ndata: \{\}/);
	events.close();
	const all = [...received, events.told()].join('\n');
	expect(all).toContain('Alder Bend');
	expect(all).not.toContain(outingId);
	for (const secret of [/47\.1[67]\d/, /-20\.3[123]\d/, /"lots"/, /surface-net/])
		expect(all).not.toMatch(secret);
	expect((await jorun.request.get(`/bank/${outingId}`)).status()).toBe(404);
	const data = await (await jorun.request.get(`/bank/${outingId}/__data.json`)).text();
	expect(data).toContain('You have no such outing.');
	expect(data).not.toMatch(/47\.1|-20\.3|lots/);
});

/** Listens beside the page, with the same session, to what the server sends of itself. */
async function eventsFor(page: Page): Promise<{ told: () => string; close: () => void }> {
	const cookies = await page.context().cookies();
	const abort = new AbortController();
	const response = await fetch(`${SECOND_COPY}/api/v1/events`, {
		headers: { cookie: cookies.map(({ name, value }) => `${name}=${value}`).join('; ') },
		signal: abort.signal
	});
	let text = '';
	const listen = async () => {
		for await (const chunk of response.body ?? []) text += Buffer.from(chunk).toString();
	};
	void listen().catch(() => undefined);
	return { told: () => text, close: () => abort.abort() };
}
