import { describe, expect, it } from 'vitest';
import type { Note } from '$lib/core';
import { sendWaiting, type Answer, type Shelf, type Waiting } from './send';

const note = (n: number): Note => ({
	id: `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`,
	at: new Date(Date.UTC(2026, 4, 19, 11, 0, n)),
	kind: 'rise',
	body: { form: 'nose' }
});

function shelfWith(count: number): Shelf & { entries: Map<string, Waiting> } {
	const entries = new Map(
		Array.from(
			{ length: count },
			(_, i) => [note(i).id, { outingId: i % 2 ? 'a' : 'b', note: note(i) }] as [string, Waiting]
		)
	);
	return {
		entries,
		all: () => Promise.resolve([...entries.values()]),
		put: (waiting) => Promise.resolve(void entries.set(waiting.note.id, waiting)),
		remove: (ids) => Promise.resolve(ids.forEach((id) => entries.delete(id)))
	};
}
const keep = (_: string, notes: readonly Note[]): Promise<Answer> =>
	Promise.resolve({ kept: notes.map(({ id }) => id) });

describe('sending what waits on the phone', () => {
	it('sends each outing’s notes, oldest first, in batches', async () => {
		const shelf = shelfWith(130);
		const batches: [string, string[]][] = [];
		const sent = await sendWaiting(shelf, (outingId, notes) => {
			batches.push([outingId, notes.map(({ id }) => id)]);
			return keep(outingId, notes);
		});
		expect(sent.kept).toHaveLength(130);
		expect(shelf.entries.size).toBe(0);
		expect(batches.map(([, ids]) => ids.length)).toEqual([50, 15, 50, 15]);
		for (const [, ids] of batches) expect(ids).toEqual([...ids].sort());
	});

	it('keeps everything on the shelf while the server cannot be reached', async () => {
		const shelf = shelfWith(3);
		expect(await sendWaiting(shelf, () => Promise.resolve(undefined))).toMatchObject({
			unreachable: true,
			kept: []
		});
		expect(shelf.entries.size).toBe(3);
	});

	it('waits, rather than giving notes up, when the session has run out', async () => {
		const shelf = shelfWith(3);
		const sent = await sendWaiting(shelf, () =>
			Promise.resolve({ status: 401, message: 'Sign in first.', issues: [] })
		);
		expect(sent).toMatchObject({ unreachable: true, refused: [] });
		expect([...shelf.entries.values()].every(({ refused }) => refused === undefined)).toBe(true);
	});

	it('sets aside the one that is refused, with the reason, and sends the rest', async () => {
		const shelf = shelfWith(6);
		const bad = note(2).id;
		const sent = await sendWaiting(shelf, (outingId, notes) => {
			const index = notes.findIndex(({ id }) => id === bad);
			return index < 0
				? keep(outingId, notes)
				: Promise.resolve({
						status: 422,
						message: 'Too odd.',
						issues: [{ field: `notes.${index}.body`, message: 'odd' }]
					});
		});
		expect(sent.refused).toEqual([{ noteId: bad, message: 'Too odd.' }]);
		expect(sent.kept).toHaveLength(5);
		expect(shelf.entries.get(bad)?.refused).toBe('Too odd.');
		expect((await sendWaiting(shelf, keep)).kept).toEqual([]);
	});
});
