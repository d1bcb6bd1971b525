import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
	DEMO_CIRCLE,
	DEMO_NOW,
	demoMorning,
	foldOuting,
	proposeRecords,
	seededRandom,
	type Note
} from '$lib/core';
import {
	accountOfSession,
	demoGuides,
	endSession,
	hashOf,
	signIn,
	signUp,
	startSession,
	type Account
} from './accounts';
import { circlesOf, createCircle, invitationTo, invite, joinCircle } from './circles';
import { closeDatabase, database } from './database';
import { loadDemo } from './demo';
import { boxOf, setBoxed } from './flies';
import { notesOf, storeNotes } from './notes';
import { outingOf, outingsOf, startOuting } from './outings';
import { confirmRecord, feedFor, recordsOf, shareRecord, unshareRecord } from './records';
import { addReach, reachesFor } from './waters';

let ines: Account;
let mira: Account;
let stranger: Account;
let outingId: string;
const random = seededRandom(99);
const id = () => crypto.randomUUID();
const rise = (minutes: number, replaces?: string): Note => ({
	id: id(),
	at: new Date(DEMO_NOW.getTime() + minutes * 60_000),
	kind: 'rise',
	body: { form: 'bulge' },
	...(replaces && { replaces })
});
const count = async (outing: string) => (await notesOf(ines.id, outing)).length;
const newOuting = async () => {
	const [reach] = await reachesFor(ines.id);
	const outing = id();
	await startOuting(ines.id, { id: outing, reachId: reach?.id ?? '', startedAt: DEMO_NOW, guests: 1 });
	return outing;
};

beforeAll(async () => {
	await loadDemo();
	const guides = await demoGuides();
	const find = (handle: string) => {
		const guide = guides.find((g) => g.handle === handle);
		if (!guide) throw new Error(handle);
		return guide;
	};
	[ines, mira] = [find('ines'), find('mira')];
	const made = await signUp({ handle: 'stranger', name: 'A stranger', password: 'a long enough one' });
	if (made === 'taken') throw new Error('taken');
	stranger = made;
	outingId = (await outingsOf(ines.id))[0]?.id ?? '';
});
afterAll(closeDatabase);

describe('the demonstration', () => {
	it('loads once, with an outing under way and at least sixty past records over two seasons', async () => {
		expect(await loadDemo()).toBe(false);
		const { rows } = await database().query<{ records: number; years: number }>(
			`select count(*)::int as records, count(distinct extract(year from day))::int as years from hatch_record`
		);
		expect(rows[0]?.records).toBeGreaterThanOrEqual(60);
		expect(rows[0]?.years).toBeGreaterThanOrEqual(2);
		const open = (await outingsOf(ines.id)).filter(({ endedAt }) => endedAt === null);
		expect(open).toHaveLength(1);
		expect(open[0]?.noteCount).toBeGreaterThanOrEqual(12);
	});
});

describe('accounts', () => {
	it('keeps no password and no session token as it is', async () => {
		const { token } = await startSession(stranger.id);
		const { rows } = await database().query<{ all: string }>(
			`select string_agg(a::text, ' ') || (select string_agg(s::text, ' ') from session s) as all from account a`
		);
		expect(rows[0]?.all).not.toContain('a long enough one');
		expect(rows[0]?.all).not.toContain(token);
		expect(rows[0]?.all).toContain('$argon2id$');
		expect((await accountOfSession(token))?.handle).toBe('stranger');
		await endSession(token);
		expect(await accountOfSession(token)).toBeUndefined();
		expect(hashOf(token)).toHaveLength(32);
	});

	it('answers the same for an unknown name, a wrong password and a demonstration guide', async () => {
		const wrong = { refused: 'wrong' };
		expect(await signIn('nobody-at-all', 'a long enough one', '10.0.0.1')).toEqual(wrong);
		expect(await signIn('stranger', 'not the right one', '10.0.0.1')).toEqual(wrong);
		expect(await signIn('ines', 'a long enough one', '10.0.0.1')).toEqual(wrong);
		expect(await signIn('odd\0name', 'a long enough one', '10.0.0.1')).toEqual(wrong);
		expect(await signIn(' Stranger ', 'a long enough one', '10.0.0.1')).toMatchObject({
			account: { handle: 'stranger' }
		});
	});

	it('makes someone who guesses wait, for that account alone', async () => {
		await signUp({ handle: 'guessed', name: 'Guessed', password: 'quite another one' });
		let waits = 0;
		for (let i = 0; i < 12; i++) {
			const answer = await signIn('guessed', `guess number ${i}`, '10.0.0.2');
			if ('refused' in answer && answer.refused === 'wait') waits += 1;
		}
		expect(waits).toBe(4);
		expect(await signIn('guessed', 'quite another one', '10.0.0.3')).toMatchObject({ refused: 'wait' });
		expect(await signIn('stranger', 'a long enough one', '10.0.0.3')).toHaveProperty('account');
	});

	it('gives a handle to one only', async () => {
		expect(await signUp({ handle: 'stranger', name: 'Another', password: 'a long enough one' })).toBe(
			'taken'
		);
	});
});

describe('notes in the store', () => {
	it('stores a note once, however often it is sent, and says so', async () => {
		const outing = await newOuting();
		const note = rise(1);
		expect(await storeNotes(ines.id, outing, [note, note])).toEqual({
			stored: [
				{ id: note.id, status: 'stored' },
				{ id: note.id, status: 'already' }
			]
		});
		expect(await storeNotes(ines.id, outing, [note])).toEqual({
			stored: [{ id: note.id, status: 'already' }]
		});
		expect(await count(outing)).toBe(1);
	});

	it('refuses another note under the same id, and then keeps none of the batch', async () => {
		const outing = await newOuting();
		const note = rise(1);
		await storeNotes(ines.id, outing, [note]);
		const clash: Note = { ...note, kind: 'rise', body: { form: 'nose' } };
		expect(await storeNotes(ines.id, outing, [rise(2), clash])).toEqual({
			refused: 'conflict',
			issues: [{ field: 'notes.1.id', message: 'another note has this id' }]
		});
		expect(await storeNotes(ines.id, outing, [rise(3), { ...rise(4), id: note.id }])).toMatchObject({
			refused: 'conflict'
		});
		expect(await count(outing)).toBe(1);
	});

	it('takes a correction in the same batch as what it corrects, and none across outings', async () => {
		const [outing, other] = [await newOuting(), await newOuting()];
		const first = rise(1);
		expect(await storeNotes(ines.id, outing, [rise(2, first.id), first])).toHaveProperty('stored');
		expect(await storeNotes(ines.id, other, [rise(3), rise(4, first.id)])).toEqual({
			refused: 'conflict',
			issues: [{ field: 'notes.1.replaces', message: 'names a note that this outing does not have' }]
		});
		expect(await count(other)).toBe(0);
	});

	it('shows nobody else’s outing, and takes no notes for it', async () => {
		expect(await outingOf(mira.id, outingId)).toBeUndefined();
		expect(await notesOf(mira.id, outingId)).toEqual([]);
		expect(await storeNotes(mira.id, outingId, [rise(1)])).toEqual({ refused: 'no-outing' });
	});

	it('gives back what was said, whatever was said', async () => {
		const outing = await newOuting();
		await fc.assert(
			fc.asyncProperty(fc.string({ unit: 'grapheme', minLength: 1, maxLength: 200 }), async (text) => {
				const trimmed = text.trim().replaceAll('\0', '');
				if (!trimmed) return;
				const note: Note = { id: id(), at: DEMO_NOW, kind: 'remark', body: { text: trimmed } };
				expect(await storeNotes(ines.id, outing, [note])).toHaveProperty('stored');
				expect((await notesOf(ines.id, outing)).find((kept) => kept.id === note.id)).toEqual(note);
			}),
			{ numRuns: 40 }
		);
	});
});

describe('records and circles', () => {
	it('keeps one record for each stage of an outing, and shows a circle only the coarsened copy', async () => {
		const outing = await outingOf(ines.id, outingId);
		if (!outing) throw new Error('no outing');
		const { notes } = demoMorning(random);
		const place = { ...outing.reach.place };
		const [record] = proposeRecords(foldOuting(notes, place, DEMO_NOW), notes, {
			basin: outing.reach.basin,
			water: outing.reach.water,
			reach: outing.reach.name,
			latitude: outing.latitude,
			longitude: outing.longitude,
			timeZone: outing.reach.timeZone
		});
		if (!record) throw new Error('no record');
		const first = await confirmRecord(ines.id, outing, record, DEMO_NOW);
		expect(await confirmRecord(ines.id, outing, { ...record, abundance: 'many' }, DEMO_NOW)).toBe(first);
		expect(await recordsOf(ines.id, outingId)).toHaveLength(1);
		expect(await recordsOf(mira.id, outingId)).toEqual([]);

		const at = new Date(DEMO_NOW.getTime() + 1000);
		expect(await shareRecord(ines.id, first, DEMO_CIRCLE.id, 'water', at)).toBe(true);
		expect(await shareRecord(mira.id, first, DEMO_CIRCLE.id, 'exact', at)).toBe(false);
		const [seen] = await feedFor(mira.id);
		expect(seen).toMatchObject({
			author: 'Ines Varrow',
			mine: false,
			record: { place: { precision: 'water', water: 'Ovrane' } }
		});
		expect(JSON.stringify(seen)).not.toMatch(/Alder|latitude|-20\.3/);
		expect(await feedFor(stranger.id)).toEqual([]);

		expect(await unshareRecord(mira.id, first, DEMO_CIRCLE.id)).toBe(false);
		expect(await unshareRecord(ines.id, first, DEMO_CIRCLE.id)).toBe(true);
		expect((await feedFor(mira.id))[0]?.id).not.toBe(seen?.id);
	});

	it('pages the feed without a gap or a repeat', async () => {
		const all = await feedFor(mira.id, undefined, 500);
		const paged = [];
		for (let cursor; ;) {
			const page = await feedFor(mira.id, cursor, 7);
			paged.push(...page);
			const last = page.at(-1);
			if (page.length < 7 || !last) break;
			cursor = { sharedAt: last.sharedAt, id: last.id };
		}
		expect(paged.map((item) => item.id)).toEqual(all.map((item) => item.id));
	});

	it('lets someone in by a link that is still good, once or twice alike', async () => {
		const circle = await createCircle(ines.id, 'Quill evenings');
		expect(await invite(stranger.id, circle, DEMO_NOW)).toBeUndefined();
		const invitation = await invite(ines.id, circle, DEMO_NOW);
		if (!invitation) throw new Error('no invitation');
		const later = new Date(invitation.expiresAt.getTime() + 1);
		expect(await invitationTo(invitation.token, DEMO_NOW)).toEqual({
			circle: 'Quill evenings',
			from: 'Ines Varrow'
		});
		expect(await joinCircle(stranger.id, invitation.token, later)).toBe(false);
		expect(await joinCircle(stranger.id, 'made-up', DEMO_NOW)).toBe(false);
		expect(await joinCircle(stranger.id, invitation.token, DEMO_NOW)).toBe(true);
		expect(await joinCircle(stranger.id, invitation.token, DEMO_NOW)).toBe(true);
		expect((await circlesOf(stranger.id)).map(({ name, role }) => [name, role])).toEqual([
			['Quill evenings', 'guide']
		]);
	});
});

describe('waters and the box', () => {
	it('keeps a guide’s own reach from everyone else', async () => {
		const reachId = await addReach(stranger.id, {
			basin: 'Elsewhere',
			water: 'Small brook',
			name: 'Secret bend',
			kind: 'freestone',
			latitude: 46.5,
			longitude: -21,
			elevationM: 300,
			timeZone: 'Atlantic/Azores'
		});
		expect((await reachesFor(stranger.id)).some((reach) => reach.id === reachId)).toBe(true);
		expect((await reachesFor(ines.id)).some((reach) => reach.id === reachId)).toBe(false);
		expect(await startOuting(ines.id, { id: id(), reachId, startedAt: DEMO_NOW, guests: 0 })).toBe(false);
		const outing = id();
		expect(await startOuting(stranger.id, { id: outing, reachId, startedAt: DEMO_NOW, guests: 0 })).toBe(
			true
		);
		expect(await outingOf(stranger.id, outing)).toMatchObject({ latitude: 46.5, longitude: -21 });
	});

	it('counts flies for each guide apart', async () => {
		const fly = { patternId: 'waisted-ant-black', hookSize: 16, count: 7 };
		await setBoxed(stranger.id, fly);
		await setBoxed(stranger.id, { ...fly, count: 6 });
		expect(await boxOf(stranger.id)).toEqual([{ ...fly, count: 6 }]);
		await setBoxed(stranger.id, { ...fly, count: 0 });
		expect(await boxOf(stranger.id)).toEqual([]);
	});
});
