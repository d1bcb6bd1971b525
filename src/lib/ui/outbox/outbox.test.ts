import { render, screen } from '@testing-library/svelte';
import { flushSync } from 'svelte';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Note } from '$lib/core/note';
import UndoBar from '../board/UndoBar.svelte';
import { Courier } from './courier.svelte';
import { Outbox, type Said } from './outbox.svelte';
import type { Shelf } from './send';
import { memoryShelf } from '../../../../tests/support/shelf';

const ME = { id: 'me', name: 'Mira' };
const NOSE: Said = { kind: 'rise', body: { form: 'nose' } };

/** A server that keeps what it is sent while there is signal, and refuses a kind of note where it is told to. */
function server(refuses?: Note['kind']) {
	const state = { signal: true, kept: [] as string[] };
	vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
		if (!state.signal) return Promise.reject(new TypeError('no network'));
		const { notes } = JSON.parse(body) as { notes: Note[] };
		const wrong = notes.findIndex(({ kind }) => kind === refuses);
		if (wrong >= 0)
			return Promise.resolve(
				Response.json(
					{
						error: {
							message: 'No.',
							issues: [{ field: `notes.${wrong}.body`, message: 'no such kind here' }]
						}
					},
					{ status: 422 }
				)
			);
		for (const { id } of notes) if (!state.kept.includes(id)) state.kept.push(id);
		return Promise.resolve(Response.json({ stored: notes.map(({ id }) => ({ id })) }));
	});
	return state;
}

function outbox(
	shelf: Shelf,
	clock = (): Date => new Date('2026-05-19T11:00:00Z'),
	kept: readonly Note[] = []
) {
	const courier = new Courier(() => ME.id, shelf);
	const box = new Outbox({ outingId: 'o', account: ME }, kept, courier, clock, shelf);
	box.begin();
	return { box, courier };
}

afterEach(() => vi.unstubAllGlobals());

describe('the outbox', () => {
	it('has a note on the device before it is shown, and lets it go once the server keeps it', async () => {
		const shelf = memoryShelf();
		const net = server();
		net.signal = false;
		const { box, courier } = outbox(shelf);
		const note = await box.say(NOSE);
		expect([...shelf.entries.keys()]).toEqual([note.id]);
		expect(box.notes).toContainEqual(note);
		await courier.send();
		expect(box.here.has(note.id)).toBe(true);
		expect(courier.own).toBe(1);
		net.signal = true;
		await courier.send();
		expect(net.kept).toEqual([note.id]);
		expect(shelf.entries.size).toBe(0);
		expect(box.here.has(note.id)).toBe(false);
		expect(box.notes).toHaveLength(1);
	});

	it('takes up after a reload what an earlier visit left, and shows each note once', async () => {
		const shelf = memoryShelf();
		const net = server();
		net.signal = false;
		const first = await outbox(shelf).box.say(NOSE);
		const { box, courier } = outbox(shelf, undefined, [first]);
		await vi.waitFor(() => expect(box.here.has(first.id)).toBe(true));
		expect(box.notes.map(({ id }) => id)).toEqual([first.id]);
		net.signal = true;
		await courier.send();
		expect(net.kept).toEqual([first.id]);
	});

	it('keeps a refused note with the reason, and sends the others', async () => {
		const shelf = memoryShelf();
		const net = server('sighting');
		const { box, courier } = outbox(shelf);
		const good = await box.say(NOSE);
		const bad = await box.say({
			kind: 'sighting',
			body: { taxonId: 'baetis', stage: 'adult', seen: 'film', count: 3 }
		} as unknown as Said);
		await courier.send();
		expect(net.kept).toEqual([good.id]);
		expect(box.here.get(bad.id)).toBe('No.');
		expect(box.here.has(good.id)).toBe(false);
		expect([...shelf.entries.keys()]).toEqual([bad.id]);
	});

	it('puts what was said later later, though the clock stands still or goes back a little', async () => {
		const shelf = memoryShelf();
		server();
		let ms = Date.UTC(2026, 4, 19, 11);
		const { box } = outbox(shelf, () => new Date(ms));
		const first = await box.say(NOSE);
		const second = await box.say(NOSE);
		ms -= 400;
		const third = await box.say(NOSE);
		expect(second.at.getTime()).toBeGreaterThan(first.at.getTime());
		expect(third.at.getTime()).toBeGreaterThan(second.at.getTime());
		ms -= 3_600_000;
		const fourth = await box.say(NOSE);
		expect(fourth.at.getTime()).toBe(ms);
	});

	it('offers to undo the last thing said, and takes that back with a note of its own', async () => {
		const shelf = memoryShelf();
		const net = server();
		const { box, courier } = outbox(shelf);
		render(UndoBar, { outbox: box });
		expect(screen.queryByRole('button')).toBeNull();
		const note = await box.say(NOSE);
		flushSync();
		await userEvent.setup().click(await screen.findByRole('button', { name: 'Undo' }));
		await courier.send();
		expect(box.notes.at(-1)).toMatchObject({ kind: 'void', replaces: note.id });
		expect(net.kept).toEqual([note.id, box.notes.at(-1)?.id]);
		await vi.waitFor(() => expect(screen.queryByRole('button')).toBeNull());
	});
});
