import { describe, expect, it } from 'vitest';
import type { Note } from '$lib/core/note';
import { sendWaiting, type Answer } from './send';
import { memoryShelf } from '../../../../tests/support/shelf';

const ME = 'me';
const note = (n: number): Note => ({
	id: `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`,
	at: new Date(Date.UTC(2026, 4, 19, 11, 0, n)),
	kind: 'rise',
	body: { form: 'nose' }
});

const shelfWith = (count: number) =>
	memoryShelf(Array.from({ length: count }, (_, i) => ({ outingId: i % 2 ? 'a' : 'b', note: note(i) })));
const keep = (_: string, notes: readonly Note[]): Promise<Answer> =>
	Promise.resolve({ kept: notes.map(({ id }) => id) });

describe('sending what waits on the phone', () => {
	it('sends each outing’s notes, oldest first, in batches', async () => {
		const shelf = shelfWith(130);
		const batches: [string, string[]][] = [];
		const sent = await sendWaiting(shelf, ME, (outingId, notes) => {
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
		expect(await sendWaiting(shelf, ME, () => Promise.resolve(undefined))).toMatchObject({
			left: 'unreachable',
			kept: []
		});
		expect(shelf.entries.size).toBe(3);
	});

	it('waits, rather than giving notes up, when the session has run out', async () => {
		const shelf = shelfWith(3);
		const sent = await sendWaiting(shelf, ME, () =>
			Promise.resolve({ status: 401, message: 'Sign in first.', issues: [] })
		);
		expect(sent).toMatchObject({ left: 'signed-out', refused: [] });
		expect([...shelf.entries.values()].every(({ refused }) => refused === undefined)).toBe(true);
	});

	it('sets aside the one that is refused, with the reason, and sends the rest', async () => {
		const shelf = shelfWith(6);
		const bad = note(2).id;
		const sent = await sendWaiting(shelf, ME, (outingId, notes) => {
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
		expect((await sendWaiting(shelf, ME, keep)).kept).toEqual([]);
	});

	it('sends nothing of another guide’s, and what has no owner only to an outing of the guide’s own', async () => {
		const shelf = shelfWith(4);
		for (const [id, entry] of [...shelf.entries].slice(0, 2))
			shelf.entries.set(id, { ...entry, account: 'other' });
		const sent = await sendWaiting(shelf, ME, keep);
		expect(sent.kept).toEqual([note(2).id, note(3).id]);
		expect([...shelf.entries.keys()]).toEqual([note(0).id, note(1).id]);
		expect((await sendWaiting(shelf, 'other', keep)).kept).toHaveLength(2);
	});

	it('waits for an outing that is not there for this guide, and sends those of others', async () => {
		const shelf = shelfWith(6);
		const sent = await sendWaiting(shelf, ME, (outingId, notes) =>
			outingId === 'b'
				? Promise.resolve({ status: 404, message: 'You have no such outing.', issues: [] })
				: keep(outingId, notes)
		);
		expect(sent).toMatchObject({ left: 'no-outing', refused: [] });
		expect(sent.kept).toHaveLength(3);
		expect([...shelf.entries.values()].every(({ refused }) => refused === undefined)).toBe(true);
		expect((await sendWaiting(shelf, ME, keep)).kept).toHaveLength(3);
	});

	it.each([402, 403, 405, 408, 410, 423, 425, 429, 431, 451])(
		'gives nothing up for an answer of %i',
		async (status) => {
			const shelf = shelfWith(3);
			const answer = { status, message: 'No.', issues: [] };
			const sent = await sendWaiting(shelf, ME, () => Promise.resolve(answer));
			expect(sent).toEqual({ kept: [], refused: [], left: 'unreachable' });
			expect([...shelf.entries.values()].every(({ refused }) => refused === undefined)).toBe(true);
		}
	);

	it('finds the one that is refused where the answer names none', async () => {
		const shelf = shelfWith(9);
		const bad = note(4).id;
		const sent = await sendWaiting(shelf, ME, (outingId, notes) =>
			notes.some(({ id }) => id === bad)
				? Promise.resolve({ status: 413, message: 'Too large.', issues: [] })
				: keep(outingId, notes)
		);
		expect(sent.refused).toEqual([{ noteId: bad, message: 'Too large.' }]);
		expect(sent.kept).toHaveLength(8);
	});
});
