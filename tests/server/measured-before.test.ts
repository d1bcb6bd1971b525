import { randomUUID } from 'node:crypto';
import { beforeAll, expect, it } from 'vitest';
import { demoGuides } from '../../src/lib/server/accounts';
import { database } from '../../src/lib/server/database';
import { measuredBeforeOf, storeNotes } from '../../src/lib/server/notes';
import { outingOf } from '../../src/lib/server/outings';
import { openDatabase } from './house';

const guides: Record<string, string> = {};

beforeAll(async () => {
	await openDatabase();
	for (const { handle, id } of await demoGuides()) guides[handle] = id;
}, 60_000);

it('what a guide measured of a water in the weeks before is known, nobody else’s, no withdrawn, no later one', async () => {
	const [ines, mira] = [guides['ines'] ?? '', guides['mira'] ?? ''];
	const { rows } = await database().query<{ id: string; reach_id: string }>(
		'select id, reach_id from outing where author_id = $1 and ended_at is null',
		[ines]
	);
	const today = await outingOf(ines, rows[0]?.id ?? '');
	if (!today) throw new Error('no outing');
	const day = (days: number) => new Date(today.startedAt.getTime() + days * 86_400_000);
	const fished = async (author: string, startedAt: Date): Promise<string> => {
		const id = randomUUID();
		await database().query(
			`insert into outing (id, author_id, reach_id, started_at, ended_at, latitude, longitude)
			 values ($1, $2, $3, $4, $5, 47, 0)`,
			[id, author, today.reach.id, startedAt, new Date(startedAt.getTime() + 3_600_000)]
		);
		return id;
	};
	const measure = async (author: string, days: number, waterC: number, withdrawn = false) => {
		const outing = await fished(author, day(days));
		const id = randomUUID();
		await storeNotes(author, outing, [
			{ id, at: day(days), kind: 'conditions', body: { waterC } },
			...(withdrawn
				? [{ id: randomUUID(), at: day(days), kind: 'void' as const, body: {}, replaces: id }]
				: [])
		]);
	};
	const before = await measuredBeforeOf(ines, today);
	for (const [author, days, waterC, withdrawn] of [
		[ines, -3, 6.31],
		[ines, -4, 6.32, true],
		[mira, -3, 6.33],
		[ines, 2, 6.34],
		[ines, -50, 6.35]
	] as const)
		await measure(author, days, waterC, withdrawn);
	const known = await measuredBeforeOf(ines, today);
	const added = known.filter(({ waterC }) => !before.some((one) => one.waterC === waterC));
	expect(added).toEqual([{ at: day(-3), waterC: 6.31 }]);
	expect(known.map(({ at }) => at.getTime())).toEqual(
		known.map(({ at }) => at.getTime()).sort((a, b) => b - a)
	);
});
