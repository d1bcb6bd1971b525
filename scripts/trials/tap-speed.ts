/**
 * How soon a tap in the watch shows in the reading, with the processor slowed four times, on a running
 * demonstration (bin/start); and the core alone on 300 notes of a watch. LACEWING_URL names another address.
 */
import { chromium } from '@playwright/test';
import { seededRandom } from '../../src/lib/core/math';
import type { Note } from '../../src/lib/core/note';
import { foldOuting } from '../../src/lib/core/outing';
import { readWater } from '../../src/lib/core/reading';
import { simulatedNoteId, standInWatch } from '../../src/lib/simulate';
import { count, median, quantile } from './print';

const origin = process.env['LACEWING_URL'] ?? 'http://localhost:8320';
const TAPS = 60;
const NOTES = 300;

const random = seededRandom(17);
const watch = standInWatch(random);
const notes: Note[] = [...watch.notes];
for (let i = 0; notes.length < NOTES; i++) {
	const at = new Date(watch.endsAt.getTime() - (900 - 3 * (i % 290)) * 1000);
	const id = simulatedNoteId(random, at);
	notes.push(
		i % 3 === 0
			? {
					id,
					at,
					kind: 'drifted',
					body: { watchId: watch.watchId, taxonId: 'baetis', stage: 'dun', fate: 'passed' }
				}
			: { id, at, kind: 'rise', body: { form: 'bulge', watchId: watch.watchId } }
	);
}
const core: number[] = [];
for (let i = 0; i < 300; i++) {
	const began = performance.now();
	readWater(foldOuting(notes, watch.place, new Date(watch.endsAt.getTime() + i)), watch.watchId);
	core.push(performance.now() - began);
}

const browser = await chromium.launch({
	executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
	args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking']
});
const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
await page.goto(`${origin}/sign-in`);
await page.getByRole('button', { name: 'Tomas Fenwright' }).click();
await page.waitForURL('**/bank');
await page.getByRole('link', { name: 'Begin an outing' }).click();
await page.getByRole('heading', { name: 'Begin an outing' }).waitFor();
await page.getByText('Alder Bend', { exact: true }).click();
await page.getByRole('button', { name: 'Begin', exact: true }).click();
await page.waitForURL(/bank\/[0-9a-f-]{36}$/);
await page.goto(`${page.url()}/watch`);
await page.getByRole('button', { name: 'Watch it' }).click();
await page.getByRole('group', { name: 'It rose' }).waitFor();
const session = await page.context().newCDPSession(page);
await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
const taps: number[] = [];
for (let i = 0; i < TAPS; i++) {
	const form = ['Bulge', 'Head, back, tail', 'Nose'][i % 3] ?? 'Bulge';
	taps.push(
		await page.evaluate(async (name) => {
			const pad = [...document.querySelectorAll<HTMLButtonElement>('[aria-label="It rose"] button')].find(
				(button) => button.textContent.trim() === name
			);
			const strip = document.querySelector('figure[aria-label*="rises"]');
			if (!pad || !strip) throw new Error('no watch');
			return new Promise<number>((done) => {
				const began = performance.now();
				new MutationObserver((_, observer) => {
					observer.disconnect();
					done(performance.now() - began);
				}).observe(strip, { attributes: true });
				pad.click();
			});
		}, form)
	);
	await page.waitForTimeout(120);
}
await browser.close();
console.log(
	`Core alone, fold and reading of one fish, ${NOTES} notes: median ${count(median(core), 1)} ms (asked: under 5).`
);
console.log(
	`A tap until the watch shows it, ${TAPS} taps, processor slowed four times: median ${count(median(taps))} ms, 95th percentile ${count(quantile(taps, 0.95))} ms (asked: 50).`
);
