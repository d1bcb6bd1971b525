import { sayMessage } from '../../src/lib/core/message';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Precision } from '../../src/lib/core/record';
import { localDate } from '../../src/lib/core/units';
import { DEMO_NOW } from '../../src/lib/simulate';
import { demoGuides } from '../../src/lib/server/accounts';
import { database } from '../../src/lib/server/database';
import { outingOf } from '../../src/lib/server/outings';
import {
	boardsOf,
	publicBoard,
	PUBLIC_PRECISIONS,
	putUpBoard,
	recordedWaters,
	takeDownBoard
} from '../../src/lib/server/public-boards';
import { confirmRecord } from '../../src/lib/server/records';
import { openDatabase } from './house';

const guides: Record<string, string> = {};

beforeAll(async () => {
	await openDatabase();
	for (const { handle, id } of await demoGuides()) guides[handle] = id;
}, 60_000);

const ines = () => guides['ines'] ?? '';
const DAY_MS = 86_400_000;
const putUp = async (
	precision: (typeof PUBLIC_PRECISIONS)[number],
	delayDays: '0' | '3' = '0',
	names?: string[],
	author = ines()
) => {
	const waters = await recordedWaters(author);
	const chosen = waters.filter(({ name }) => names?.includes(name) ?? true).map(({ id }) => id);
	return putUpBoard(author, { title: 'What is hatching', precision, delayDays, waters: chosen }, DEMO_NOW);
};
/** Everything of hers that a window must not tell. */
async function secrets(precision: Precision): Promise<string[]> {
	const { rows } = await database().query<{ reach: string; water: string; id: string; outing_id: string }>(
		`select distinct body -> 'place' ->> 'reach' as reach, body -> 'place' ->> 'water' as water, id, outing_id
		 from hatch_record where author_id = $1`,
		[ines()]
	);
	return rows.flatMap(({ reach, water, id, outing_id }) => [
		reach,
		id,
		outing_id,
		...(precision === 'water' ? [] : [`"${water}"`])
	]);
}

describe('a public board', () => {
	it.each(PUBLIC_PRECISIONS)('at %s tells nothing finer to whoever has the link', async (precision) => {
		const shown = await publicBoard(await putUp(precision), new Date(DEMO_NOW.getTime() + DAY_MS));
		expect(shown?.records.length).toBeGreaterThan(0);
		const text = JSON.stringify(shown);
		for (const secret of await secrets(precision)) expect(text).not.toContain(secret);
		expect(text).not.toMatch(/latitude|longitude|47\.\d\d|patternId|"words"/);
		for (const { place } of shown?.records ?? []) expect(place.precision).toBe(precision);
	});

	it('shows only the waters chosen, and of other guides nothing', async () => {
		const mira = guides['mira'] ?? '';
		const waters = async (names?: string[]) => {
			const shown = await publicBoard(await putUp('water', '0', names, mira), DEMO_NOW);
			return new Set(shown?.records.map(({ place }) => 'water' in place && place.water));
		};
		const all = [...(await waters())].map(String);
		expect(all.length).toBeGreaterThan(1);
		for (const one of all) expect(await waters([one])).toEqual(new Set([one]));
		const { rows } = await database().query<{ count: number }>(
			`select count(*)::int as count from public_board_record p join hatch_record r on r.id = p.record_id
			 join public_board b on b.id = p.board_id where r.author_id <> b.account_id`
		);
		expect(rows[0]?.count).toBe(0);
	});

	it('shows a new record of its waters, but not before its time', async () => {
		const token = await putUp('water', '3');
		const { rows } = await database().query<{ id: string }>(
			'select id from outing where author_id = $1 and ended_at is null',
			[ines()]
		);
		const outing = await outingOf(ines(), rows[0]?.id ?? '');
		if (!outing) throw new Error('no outing');
		const seen = new Date(DEMO_NOW.getTime() - 3_600_000);
		const told = {
			taxonId: 'rhithrogena',
			stage: 'dun',
			firstSeen: seen,
			mostSeen: seen,
			lastSeen: seen,
			abundance: 'few',
			conditions: {},
			riseForms: [],
			taken: 0.4,
			flies: [],
			words: 'By the third alder'
		} as const;
		await confirmRecord(ines(), outing, { ...told, riseForms: [], flies: [] }, DEMO_NOW);
		const shows = async (days: number) =>
			(await publicBoard(token, new Date(DEMO_NOW.getTime() + days * DAY_MS)))?.records.some(
				({ when, stage }) => stage === 'dun' && sayMessage(when) === localDate(seen, 'Atlantic/Azores')
			);
		expect(await shows(2.9)).toBe(false);
		expect(await shows(3.1)).toBe(true);
	});

	it('is gone with its link when it is taken down, by its owner alone', async () => {
		const before = new Set((await boardsOf(ines())).map(({ id }) => id));
		const token = await putUp('basin');
		const board = (await boardsOf(ines())).find(({ id }) => !before.has(id));
		if (!board) throw new Error('no board');
		expect(await takeDownBoard(guides['mira'] ?? '', board.id)).toBe(false);
		expect((await boardsOf(guides['mira'] ?? '')).map(({ id }) => id)).not.toContain(board.id);
		expect(await publicBoard(token, DEMO_NOW)).toBeDefined();
		expect(await takeDownBoard(ines(), board.id)).toBe(true);
		expect(await publicBoard(token, DEMO_NOW)).toBeUndefined();
		expect(await publicBoard('made-up', DEMO_NOW)).toBeUndefined();
	});
});
