import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { seededRandom } from '$lib/core/math';
import type { Note } from '$lib/core/note';
import { foldOuting } from '$lib/core/outing';
import { proposeRecords } from '$lib/core/record';
import { DEMO_CIRCLE, DEMO_NOW, demoMorning } from '$lib/simulate';
import { deleteAccount, demoGuides, signIn, signUp } from './accounts';
import {
	circlesOf,
	createCircle,
	invitationTo,
	invite,
	joinCircle,
	removeMember,
	revokeInvitation,
	setRole
} from './circles';
import { closeDatabase, database } from './database';
import { loadDemo } from './demo';
import { boxOf, setBoxed } from './flies';
import { notesOf, storeNotes } from './notes';
import { outingOf, outingsOf, startOuting } from './outings';
import { feedFor, feedPage, replyTo, takeBackReply } from './feed';
import type { Account } from './account';
import { accountOfSession, endSession, startSession } from './sessions';
import { hashOf } from './tokens';
import { confirmRecord, recordsOf, shareRecord, unshareRecord } from './records';
import { addReach, reachesFor } from './waters';
import words from './words';

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
		expect((await accountOfSession(token))?.account.handle).toBe('stranger');
		await endSession(token);
		expect(await accountOfSession(token)).toBeUndefined();
		expect(hashOf(token)).toHaveLength(32);
	});

	it('answers the same for an unknown name, a wrong password and a demonstration guide', async () => {
		const wrong = { refused: 'wrong' };
		expect(await signIn('nobody-at-all', 'a long enough one', { address: '10.0.0.1' })).toEqual(wrong);
		expect(await signIn('stranger', 'not the right one', { address: '10.0.0.1' })).toEqual(wrong);
		expect(await signIn('ines', 'a long enough one', { address: '10.0.0.1' })).toEqual(wrong);
		expect(await signIn('odd\0name', 'a long enough one', { address: '10.0.0.1' })).toEqual(wrong);
		expect(await signIn(' Stranger ', 'a long enough one', { address: '10.0.0.1' })).toMatchObject({
			account: { handle: 'stranger' }
		});
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
			issues: [{ field: 'notes.1.id', says: words('another-note-has-this-id') }]
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
			issues: [{ field: 'notes.1.replaces', says: words('no-such-note') }]
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
		const [kept, ...none] = await recordsOf(ines.id, outingId);
		expect(none).toEqual([]);
		expect(kept?.record.abundance).toBe('many');
		expect(kept?.earlier.map(({ record: before }) => before.abundance)).toEqual([record.abundance]);
		expect(await recordsOf(mira.id, outingId)).toEqual([]);

		const at = new Date(DEMO_NOW.getTime() + 1000);
		expect(
			await shareRecord(ines.id, first, { circleId: DEMO_CIRCLE.id, precision: 'water', embargo: 'now' }, at)
		).toBe(true);
		expect(
			await shareRecord(mira.id, first, { circleId: DEMO_CIRCLE.id, precision: 'exact', embargo: 'now' }, at)
		).toBe(false);
		const [seen] = await feedFor(mira.id, at);
		expect(seen).toMatchObject({
			author: 'Ines Varrow',
			mine: false,
			record: { place: { precision: 'water', water: 'Ovrane' } }
		});
		expect(JSON.stringify(seen)).not.toMatch(/Alder|latitude|-20\.3/);
		expect(await feedFor(stranger.id, at)).toEqual([]);

		expect(await unshareRecord(mira.id, first, DEMO_CIRCLE.id)).toBe(false);
		expect(await unshareRecord(ines.id, first, DEMO_CIRCLE.id)).toBe(true);
		expect((await feedFor(mira.id, at))[0]?.id).not.toBe(seen?.id);
	});

	it('pages the feed without a gap or a repeat', async () => {
		const all = await feedFor(mira.id, DEMO_NOW, {}, undefined, 500);
		const paged = [];
		for (let cursor: string | undefined; ;) {
			const { items, next } = await feedPage(mira.id, DEMO_NOW, {}, cursor, 7);
			paged.push(...items);
			if (!next) break;
			cursor = next;
		}
		expect(paged.map((item) => item.id)).toEqual(all.map((item) => item.id));
	});

	it('holds a share back until its moment, from everyone but its author', async () => {
		const [own] = await recordsOf(ines.id, outingId);
		if (!own) throw new Error('no record');
		const at = new Date('2026-05-19T12:00:00Z');
		const share = { circleId: DEMO_CIRCLE.id, precision: 'basin', embargo: 'tonight' } as const;
		expect(await shareRecord(ines.id, own.id, share, at)).toBe(true);
		const [mine] = await feedFor(ines.id, at);
		if (!mine) throw new Error('not shared');
		const { heldUntil } = mine;
		if (!heldUntil) throw new Error('not held back');
		expect(heldUntil > at).toBe(true);
		const seesIt = async (when: Date) => (await feedFor(mira.id, when)).some(({ id }) => id === mine.id);
		expect(await seesIt(at)).toBe(false);
		expect(await seesIt(new Date(heldUntil.getTime() - 1))).toBe(false);
		expect(await replyTo(mira.id, mine.id, { kind: 'saw-it-too' }, at)).toBe(false);
		expect(await seesIt(heldUntil)).toBe(true);
		expect(await unshareRecord(ines.id, own.id, DEMO_CIRCLE.id)).toBe(true);
	});

	it('filters the feed by taxon, stage, water and days, each as it says', async () => {
		const all = await feedFor(mira.id, DEMO_NOW, {}, undefined, 500);
		const only = (filter: Parameters<typeof feedFor>[2]) =>
			feedFor(mira.id, DEMO_NOW, filter, undefined, 500);
		const some = all.find(({ record }) => record.place.precision === 'water');
		if (some?.record.place.precision !== 'water') throw new Error('no share of a water');
		const { taxonId, stage, place } = some.record;
		expect((await only({ taxon: taxonId })).map(({ id }) => id)).toEqual(
			all.filter(({ record }) => record.taxonId === taxonId).map(({ id }) => id)
		);
		expect((await only({ stage, water: place.water })).map(({ id }) => id)).toEqual(
			all
				.filter(({ record: r }) => r.stage === stage && 'water' in r.place && r.place.water === place.water)
				.map(({ id }) => id)
		);
		const week = new Date(DEMO_NOW.getTime() - 7 * 86_400_000);
		const { rows } = await database().query<{ id: string }>(
			'select id from shared_record where appears_at > $1',
			[week]
		);
		const late = new Set(rows.map(({ id }) => id));
		expect((await only({ days: '7' })).map(({ id }) => id)).toEqual(
			all.filter(({ id }) => late.has(id)).map(({ id }) => id)
		);
	});

	it('lets members answer, once for seeing it too; readers and strangers not', async () => {
		const [item] = (await feedFor(mira.id, DEMO_NOW, {}, undefined, 50)).filter(
			({ mine, replies: said }) => !mine && said.length === 0
		);
		if (!item) throw new Error('nothing shared');
		const replies = async () =>
			(await feedFor(mira.id, DEMO_NOW, {}, undefined, 50)).find(({ id }) => id === item.id)?.replies;
		expect(await replyTo(stranger.id, item.id, { kind: 'word', text: 'hello' }, DEMO_NOW)).toBe(false);
		for (let i = 0; i < 2; i++)
			expect(await replyTo(mira.id, item.id, { kind: 'saw-it-too' }, DEMO_NOW)).toBe(true);
		const question = { kind: 'question', taxonId: 'rhithrogena', mark: 'two tails, spotted thighs' } as const;
		const later = new Date(DEMO_NOW.getTime() + 1000);
		expect(await replyTo(mira.id, item.id, question, later)).toBe(true);
		expect((await replies())?.map(({ reply }) => reply.kind)).toEqual(['saw-it-too', 'question']);
		const [first] = (await replies()) ?? [];
		expect(first && (await takeBackReply(stranger.id, first.id))).toBe(false);
		expect(first && (await takeBackReply(mira.id, first.id))).toBe(true);
		expect(await replies()).toHaveLength(1);
	});

	const link = { days: '7', uses: 'one', role: 'guide' } as const;

	it('lets someone in by a link that is still good and not used up, and changes nothing for who is in', async () => {
		const circle = await createCircle(ines.id, 'Quill evenings');
		const made = { ...link, circleId: circle };
		expect(await invite(stranger.id, made, DEMO_NOW)).toBeUndefined();
		const invitation = await invite(ines.id, made, DEMO_NOW);
		if (!invitation) throw new Error('no invitation');
		const later = new Date(invitation.expiresAt.getTime() + 1);
		expect(await invitationTo(invitation.token, DEMO_NOW)).toEqual({
			circle: 'Quill evenings',
			from: 'Ines Varrow',
			role: 'guide'
		});
		expect(await joinCircle(stranger.id, invitation.token, later)).toBe(false);
		expect(await joinCircle(stranger.id, 'made-up', DEMO_NOW)).toBe(false);
		expect(await joinCircle(ines.id, invitation.token, DEMO_NOW)).toBe(true);
		expect(await joinCircle(stranger.id, invitation.token, DEMO_NOW)).toBe(true);
		expect(await joinCircle(stranger.id, invitation.token, DEMO_NOW)).toBe(true);
		expect((await circlesOf(stranger.id, DEMO_NOW)).map(({ name, role }) => [name, role])).toEqual([
			['Quill evenings', 'guide']
		]);
		// It was for one person.
		expect(await joinCircle(mira.id, invitation.token, DEMO_NOW)).toBe(false);
		const again = await invite(ines.id, { ...made, uses: 'any', role: 'reader' }, DEMO_NOW);
		const [{ invitations } = { invitations: [] }] = await circlesOf(ines.id, DEMO_NOW).then((all) =>
			all.filter(({ id }) => id === circle)
		);
		expect(invitations).toHaveLength(1);
		expect((await circlesOf(stranger.id, DEMO_NOW))[0]?.invitations).toEqual([]);
		expect(await revokeInvitation(stranger.id, invitations[0]?.id ?? '')).toBe(false);
		expect(await revokeInvitation(ines.id, invitations[0]?.id ?? '')).toBe(true);
		expect(await joinCircle(mira.id, again?.token ?? '', DEMO_NOW)).toBe(false);
	});

	it('is kept by somebody to the last: roles, leaving with what one shared, handing over', async () => {
		const circle = await createCircle(ines.id, 'Mill Flats');
		const invitation = await invite(ines.id, { ...link, circleId: circle, uses: 'any' }, DEMO_NOW);
		for (const guest of [mira, stranger]) await joinCircle(guest.id, invitation?.token ?? '', DEMO_NOW);
		const [own] = await recordsOf(ines.id, outingId);
		if (!own) throw new Error('no record');
		const share = { circleId: circle, precision: 'water', embargo: 'now' } as const;
		expect(await setRole(mira.id, circle, stranger.id, 'reader')).toBe('not-yours');
		expect(await setRole(ines.id, circle, stranger.id, 'reader')).toBe('done');
		expect(await shareRecord(ines.id, own.id, share, DEMO_NOW)).toBe(true);
		const [shared] = (await feedFor(stranger.id, DEMO_NOW)).filter(({ circleId }) => circleId === circle);
		expect(shared?.author).toBe('Ines Varrow');
		// Who only reads may not answer.
		expect(await replyTo(stranger.id, shared?.id ?? '', { kind: 'word', text: 'hello' }, DEMO_NOW)).toBe(
			false
		);
		expect(await removeMember(mira.id, circle, stranger.id, DEMO_NOW)).toBe('not-yours');
		expect(await removeMember(ines.id, circle, ines.id, DEMO_NOW)).toBe('last-keeper');
		expect(await setRole(ines.id, circle, ines.id, 'guide')).toBe('last-keeper');
		expect(await setRole(ines.id, circle, mira.id, 'keeper')).toBe('done');
		expect(await removeMember(ines.id, circle, ines.id, DEMO_NOW)).toBe('done');
		// What she shared went with her.
		expect((await feedFor(stranger.id, DEMO_NOW)).filter(({ circleId }) => circleId === circle)).toEqual([]);
		expect(await removeMember(mira.id, circle, stranger.id, DEMO_NOW)).toBe('done');
		expect(await removeMember(mira.id, circle, mira.id, DEMO_NOW)).toBe('done');
		expect((await database().query('select 1 from circle where id = $1', [circle])).rows).toEqual([]);
	});
});

describe('leaving for good', () => {
	it('takes everything of one’s own away, hands circles on, and leaves everybody else’s', async () => {
		const made = await signUp({
			handle: 'passing',
			name: 'Passing through',
			password: 'long enough for this'
		});
		if (made === 'taken') throw new Error('taken');
		const circle = await createCircle(made.id, 'Handed on');
		const alone = await createCircle(made.id, 'Nobody else');
		const invitation = await invite(
			made.id,
			{ circleId: circle, days: '7', uses: 'any', role: 'reader' },
			DEMO_NOW
		);
		await joinCircle(mira.id, invitation?.token ?? '', DEMO_NOW);
		const reachId = await addReach(made.id, {
			basin: 'Own basin',
			water: 'Own water',
			name: 'Own reach',
			kind: 'lake',
			line: [[8, 47]],
			elevationM: 500,
			timeZone: 'Europe/Zurich'
		});
		const own = crypto.randomUUID();
		expect(await startOuting(made.id, { id: own, reachId, startedAt: DEMO_NOW, guests: 1 })).toBe(true);
		const others = (await outingsOf(ines.id)).length;
		expect(await deleteAccount(made.id)).toBe(true);
		for (const [table, column, id] of [
			['account', 'id', made.id],
			['outing', 'id', own],
			['reach', 'id', reachId],
			['circle', 'id', alone]
		])
			expect(
				(await database().query(`select 1 from ${table} where ${column} = $1`, [id])).rows,
				table
			).toEqual([]);
		expect((await circlesOf(mira.id, DEMO_NOW)).find(({ id }) => id === circle)?.role).toBe('keeper');
		expect((await outingsOf(ines.id)).length).toBe(others);
		// The guides of the demonstration stay.
		expect(await deleteAccount(ines.id)).toBe(false);
	});
});

describe('waters and the box', () => {
	it('keeps a guide’s own reach from everyone else', async () => {
		const reachId = await addReach(stranger.id, {
			basin: 'Elsewhere',
			water: 'Small brook',
			name: 'Secret bend',
			kind: 'freestone',
			line: [
				[-21.001, 46.501],
				[-21, 46.5],
				[-20.998, 46.499]
			],
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
