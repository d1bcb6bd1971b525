import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { FairShare } from './fair-share';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** One processor: work is done in slices, one slice at a time. */
function processor() {
	let before: Promise<unknown> = Promise.resolve();
	return async (ms: number) => {
		for (let left = ms; left > 0; left -= 10) {
			before = before.then(() => pause(10));
			await before;
		}
	};
}

/** Lets senders ask over and over for a while; answers with the work that each got done, and the longest wait. */
async function compete(
	senders: Record<string, { workMs: number; restMs: number; atOnce?: number }>,
	forMs: number
) {
	const share = new FairShare(() => Date.now());
	const work = processor();
	const got: Record<string, { doneMs: number; slowestMs: number; refused: number }> = {};
	const until = Date.now() + forMs;
	for (const [who, { workMs, restMs, atOnce = 1 }] of Object.entries(senders)) {
		const tally = (got[who] = { doneMs: 0, slowestMs: 0, refused: 0 });
		for (let i = 0; i < atOnce; i++)
			void (async () => {
				while (Date.now() < until) {
					const began = Date.now();
					const answer = await share.turn(who, async () => {
						await work(workMs);
						return true;
					});
					if (answer) tally.doneMs += workMs;
					else tally.refused += 1;
					tally.slowestMs = Math.max(tally.slowestMs, Date.now() - began);
					await pause(restMs);
				}
			})();
	}
	await vi.advanceTimersByTimeAsync(forMs);
	return got;
}

describe('the time of a server', () => {
	it('is all there for who is alone, however many requests there are', async () => {
		const { one } = await compete({ one: { workMs: 50, restMs: 0, atOnce: 20 } }, 20_000);
		expect(one?.doneMs).toBeGreaterThan(18_000);
	});

	it('is shared evenly by two who want it all, though one asks twenty times as often', async () => {
		const { greedy, other } = await compete(
			{ greedy: { workMs: 50, restMs: 0, atOnce: 20 }, other: { workMs: 50, restMs: 0 } },
			60_000
		);
		expect(other?.doneMs).toBeGreaterThan(0.35 * 60_000);
		expect(greedy?.doneMs).toBeLessThan(0.65 * 60_000);
	});

	it('is there at once for who asks for little, whatever others want', async () => {
		const { guide, greedy } = await compete(
			{
				greedy: { workMs: 100, restMs: 0, atOnce: 50 },
				...Object.fromEntries(['a', 'b', 'c'].map((who) => [who, { workMs: 20, restMs: 300 }])),
				guide: { workMs: 20, restMs: 300 }
			},
			120_000
		);
		expect(guide?.doneMs).toBeGreaterThan(0.04 * 120_000);
		expect(greedy?.doneMs).toBeLessThan(0.35 * 120_000);
		expect(guide?.refused).toBe(0);
	});

	it('is not promised to more than can wait', async () => {
		const { many } = await compete(
			{ other: { workMs: 10, restMs: 100 }, many: { workMs: 100, restMs: 1000, atOnce: 700 } },
			5_000
		);
		expect(many?.refused).toBeGreaterThan(0);
	});

	it('goes on after work that fails', async () => {
		const share = new FairShare(() => Date.now());
		await expect(share.turn('one', () => Promise.reject(new Error('broken')))).rejects.toThrow('broken');
		expect(await share.turn('one', () => Promise.resolve(1))).toBe(1);
	});

	it('is everybody’s again when others have left', async () => {
		const share = new FairShare(() => Date.now());
		await share.turn('other', () => Promise.resolve());
		const done: number[] = [];
		for (let i = 0; i < 40; i++)
			void share.turn('one', async () => {
				await pause(1_000);
				done.push(Date.now());
			});
		await vi.advanceTimersByTimeAsync(40_000);
		expect(done).toHaveLength(40);
	});
});
