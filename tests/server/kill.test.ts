import { beforeAll, expect, it } from 'vitest';
import { seededRandom } from '../../src/lib/core/math';
import type { Note } from '../../src/lib/core/note';
import { DEMO_NOW, simulatedNoteId } from '../../src/lib/simulate';
import { database } from '../../src/lib/server/database';
import { postTo } from '../../src/lib/ui/outbox/post';
import { sendWaiting } from '../../src/lib/ui/outbox/send';
import { LONG } from '../attack/siege';
import { memoryShelf } from '../support/shelf';
import { enterAs, freePort, type App } from './app';
import { openCopy, openDatabase } from './house';

let app: App;

beforeAll(async () => {
	await openDatabase();
	app = await openCopy({ port: await freePort() });
});

/** How often it is killed, and after how many notes. */
const [KILLS, EVERY] = LONG ? [100, 48] : [2, 150];

it(
	'keeps every acknowledged note once, and gets the others by retry once, when the server is killed amid a stream',
	async () => {
		const random = seededRandom(4);
		const cookie = await enterAs(app, 'ines');
		const { rows: open } = await database().query<{ id: string; author_id: string }>(
			'select id, author_id from outing where ended_at is null'
		);
		const { id: outingId = '', author_id: ines = '' } = open[0] ?? {};
		const before = await noteIds(outingId);
		const shelf = memoryShelf();
		const post = postTo(app.origin, ines, { cookie }, 3_000);
		const acknowledged = new Set<string>();
		const written: string[] = [];
		let unreachable = 0;
		let killed = false;

		for (let i = 0; i < KILLS * EVERY + 100; i++) {
			const at = new Date(DEMO_NOW.getTime() + i * 1000);
			const note: Note = { id: simulatedNoteId(random, at), at, kind: 'rise', body: { form: 'nose' } };
			await shelf.put({ outingId, note });
			written.push(note.id);
			if (i % 3 !== 2) continue;
			// Now and then the answer is lost although the batch was stored: the server dies under it.
			const sending = sendWaiting(shelf, ines, post);
			if (i % EVERY === EVERY - 1 && i < KILLS * EVERY) {
				await new Promise((resolve) => setTimeout(resolve, i % 2 === 1 ? 4 : 1));
				await app.end('SIGKILL');
				killed = true;
			}
			const sent = await sending;
			for (const id of sent.kept) acknowledged.add(id);
			if (sent.left) unreachable += 1;
			if (killed) {
				expect(await noteIds(outingId)).toEqual(expect.arrayContaining([...acknowledged]));
				app = await openCopy({ port: app.port });
				killed = false;
			}
		}
		const last = await sendWaiting(shelf, ines, post);
		for (const id of last.kept) acknowledged.add(id);

		expect(unreachable).toBeGreaterThan(0);
		expect(shelf.entries.size).toBe(0);
		expect(acknowledged.size).toBe(written.length);
		const after = (await noteIds(outingId)).filter((id) => !before.includes(id));
		expect(after.sort()).toEqual([...written].sort());
	},
	KILLS * 10_000 + 60_000
);

async function noteIds(outingId: string): Promise<string[]> {
	const { rows } = await database().query<{ id: string }>('select id from note where outing_id = $1', [
		outingId
	]);
	return rows.map(({ id }) => id);
}
