import sharp from 'sharp';
import { beforeAll, expect, it } from 'vitest';
import type { RecordText } from '../../src/lib/core/record';
import { DEMO_NOW } from '../../src/lib/simulate';
import { deleteAccount, signIn, signUp } from '../../src/lib/server/accounts';
import { createCircle, invite, joinCircle, removeMember } from '../../src/lib/server/circles';
import { database } from '../../src/lib/server/database';
import { wayOn } from '../../src/lib/server/entry';
import { feedFor, feedPage, replyTo } from '../../src/lib/server/feed';
import { addName, namesFor } from '../../src/lib/server/guides-names';
import { outingOf, startOuting } from '../../src/lib/server/outings';
import { boardsOf, publicBoard, putUpBoard } from '../../src/lib/server/public-boards';
import { asKept } from '../../src/lib/server/photos';
import {
	confirmRecord,
	namesToAskAbout,
	recordOn,
	recordsOf,
	shareRecord
} from '../../src/lib/server/records';
import { addReach } from '../../src/lib/server/waters';
import { openDatabase } from '../server/house';

/** What once could be looked into. */

let serial = 0;

beforeAll(async () => {
	await openDatabase();
});

async function guide(name: string): Promise<string> {
	const made = await signUp({ handle: `peek-${++serial}`, name, password: 'long enough for this' });
	if (made === 'taken') throw new Error('taken');
	return made.id;
}
const seen = new Date(DEMO_NOW.getTime() - 3_600_000);
const told = (more: Partial<RecordText> = {}): RecordText => ({
	...{ taxonId: 'baetis', stage: 'dun', firstSeen: seen, mostSeen: seen, lastSeen: seen },
	...{ abundance: 'few', conditions: {}, riseForms: [], taken: 0.4, flies: [], ...more }
});
/** An outing of a guide's own, on a water of a name that nothing else has. */
async function outingOn(owner: string, water: string) {
	const reachId = await addReach(owner, {
		...{ basin: `${water} basin`, water, name: `${water} run`, kind: 'freestone' },
		...{ line: [[-20, 47]], elevationM: 700, timeZone: 'UTC' }
	});
	const id = crypto.randomUUID();
	await startOuting(owner, { id, reachId, startedAt: seen, guests: 0 });
	const outing = await outingOf(owner, id);
	if (!outing) throw new Error('no outing');
	return outing;
}
async function circleOf(keeper: string, ...members: string[]): Promise<string> {
	const circleId = await createCircle(keeper, `Circle ${++serial}`);
	for (const member of members) await joinCircle(member, await link(keeper, circleId), DEMO_NOW);
	return circleId;
}
const link = async (keeper: string, circleId: string, at = DEMO_NOW) =>
	(await invite(keeper, { circleId, days: '30', uses: 'any', role: 'guide' }, at))?.token ?? '';

it('a share that tells no day does not tell the moment at which it came', async () => {
	const [owner, reader] = [await guide('Owner'), await guide('Reader')];
	const circleId = await circleOf(owner, reader);
	const outing = await outingOn(owner, 'Nameless');
	const recordId = await confirmRecord(owner, outing, told(), DEMO_NOW);
	for (const at of [DEMO_NOW, new Date(DEMO_NOW.getTime() + 61_234)]) {
		await shareRecord(owner, recordId, { circleId, precision: 'season', embargo: 'now' }, at);
		const { rows } = await database().query<{ at: Date }>(
			'select appears_at as at from shared_record where record_id = $1',
			[recordId]
		);
		expect((rows[0]?.at.getTime() ?? NaN) % (12 * 3_600_000)).toBe(0);
	}
	const [item] = await feedFor(reader, new Date(DEMO_NOW.getTime() + 86_400_000));
	expect(item?.record.place).toEqual({ precision: 'season', basin: 'Nameless basin' });
	expect(JSON.stringify(item)).not.toContain('appearsAt');
});

it('a picture that the record gets later is not shown without being asked', async () => {
	const [owner, reader] = [await guide('Owner'), await guide('Reader')];
	const circleId = await circleOf(owner, reader);
	const outing = await outingOn(owner, 'Pictured');
	const picture = async () => {
		const id = crypto.randomUUID();
		await database().query(
			`insert into photo (id, outing_id, jpeg, width, height) values ($1, $2, 'x', 1, 1)`,
			[id, outing.id]
		);
		return id;
	};
	const recordId = await confirmRecord(owner, outing, told({ photoId: await picture() }), DEMO_NOW);
	const how = { circleId, precision: 'water', embargo: 'now', withPicture: true } as const;
	await shareRecord(owner, recordId, how, DEMO_NOW);
	const shows = async () => (await feedFor(reader, DEMO_NOW))[0]?.picture;
	expect(await shows()).toBe(true);
	await confirmRecord(owner, outing, told({ photoId: await picture() }), DEMO_NOW);
	expect(await shows()).toBe(false);
	await shareRecord(owner, recordId, how, DEMO_NOW);
	expect(await shows()).toBe(true);
});

it('the name of a fly is looked through for places, as words are', async () => {
	const owner = await guide('Owner');
	const outing = await outingOn(owner, 'Hidden');
	const fly = {
		patternId: 'own',
		name: 'Hidden run special',
		hookSize: 16,
		outcome: 'taken',
		times: 1
	} as const;
	const record = recordOn(outing, told({ flies: [fly] }));
	const share = { circleId: '', precision: 'basin', embargo: 'now' } as const;
	expect(await namesToAskAbout(owner, record, share)).toContain('Hidden run');
});

it('a board holds what it shows, and only waters of its guide’s own records', async () => {
	const [owner, other] = [await guide('Owner'), await guide('Other')];
	const outing = await outingOn(owner, 'Boarded');
	const theirs = await outingOn(other, 'Secret');
	const words = 'by the third alder';
	await confirmRecord(owner, outing, told({ words, conditions: { levelM: 0.4, waterC: 9.9 } }), DEMO_NOW);
	await confirmRecord(other, theirs, told(), DEMO_NOW);
	const { rows } = await database().query<{ id: string }>(
		`select id from water where name in ('Boarded', 'Secret')`
	);
	const board = { title: 'B', precision: 'water', delayDays: '0', waters: rows.map(({ id }) => id) } as const;
	const token = await putUpBoard(owner, board, DEMO_NOW);
	expect((await boardsOf(owner))[0]?.waters).toEqual(['Boarded']);
	const [shown] = (await publicBoard(token, DEMO_NOW))?.records ?? [];
	expect(Object.keys(shown ?? {}).sort()).toEqual(['abundance', 'place', 'stage', 'taxonId', 'when']);
	expect(shown?.place).toEqual({ precision: 'water', water: 'Boarded' });
});

it('the way on after signing in never leads elsewhere', () => {
	for (const next of [
		'//elsewhere.example',
		'/\\elsewhere.example',
		'/%09/elsewhere.example',
		'/\t/elsewhere.example',
		'/\n//elsewhere.example',
		'/.//elsewhere.example',
		'https://elsewhere.example',
		'javascript:alert(1)',
		'/\\\\x@elsewhere.example'
	]) {
		for (const given of [next, decodeURIComponent(next)]) {
			const url = new URL('http://lacewing.example/sign-in');
			url.searchParams.set('next', given);
			const way = wayOn(url);
			expect(way.startsWith('/') && !way.startsWith('//'), given).toBe(true);
			expect(new URL(way, url).origin, given).toBe(url.origin);
		}
	}
	expect(wayOn(new URL('http://lacewing.example/sign-in?next=%2Fcircle%3Fwater%3DOvrane'))).toBe(
		'/circle?water=Ovrane'
	);
});

it('who was taken out of a circle comes back by a new link alone, and leaves nothing there', async () => {
	const [keeper, member, third] = [await guide('Keeper'), await guide('Member'), await guide('Third')];
	const circleId = await circleOf(keeper, member, third);
	const old = await link(keeper, circleId);
	const outing = await outingOn(third, 'Answered');
	await shareRecord(
		third,
		await confirmRecord(third, outing, told(), DEMO_NOW),
		{ circleId, precision: 'water', embargo: 'now' },
		DEMO_NOW
	);
	const [item] = await feedFor(third, DEMO_NOW);
	await replyTo(member, item?.id ?? '', { kind: 'word', text: 'from the member' }, DEMO_NOW);
	await addName(member, { taxonId: 'baetis', name: 'memberish', circleId });
	await database().query(`update circle_member set role = 'keeper' where account_id = $1`, [member]);
	const theirs = await link(member, circleId);
	const later = new Date(DEMO_NOW.getTime() + 1000);
	expect(await removeMember(keeper, circleId, member, later)).toBe('done');
	expect(await joinCircle(member, old, later)).toBe(false);
	expect(await joinCircle(await guide('Fourth'), theirs, later)).toBe(false);
	expect(await joinCircle(await guide('Fifth'), old, later)).toBe(true);
	expect((await feedFor(third, DEMO_NOW))[0]?.replies).toEqual([]);
	expect((await namesFor(third)).map(({ name }) => name)).not.toContain('memberish');
	const anew = await link(keeper, circleId, new Date(later.getTime() + 1000));
	expect(await joinCircle(member, anew, new Date(later.getTime() + 2000))).toBe(true);
});

it('a share in the moment of removal does not stay behind', async () => {
	const keeper = await guide('Keeper');
	for (let i = 0; i < 20; i++) {
		const member = await guide('Member');
		const circleId = await circleOf(keeper, member);
		const recordId = await confirmRecord(member, await outingOn(member, `Racing ${i}`), told(), DEMO_NOW);
		await Promise.allSettled([
			shareRecord(member, recordId, { circleId, precision: 'water', embargo: 'now' }, DEMO_NOW),
			removeMember(keeper, circleId, member, DEMO_NOW)
		]);
		const { rows } = await database().query('select 1 from shared_record where circle_id = $1', [circleId]);
		expect(rows).toEqual([]);
	}
});

it('a join sent twice at once is one join', async () => {
	const [keeper, guest] = [await guide('Keeper'), await guide('Guest')];
	const circleId = await createCircle(keeper, 'Once');
	for (let i = 0; i < 10; i++) {
		const token = await link(keeper, circleId);
		expect(
			await Promise.all([joinCircle(guest, token, DEMO_NOW), joinCircle(guest, token, DEMO_NOW)])
		).toEqual([true, true]);
		await database().query('delete from circle_member where account_id = $1', [guest]);
	}
});

it('an account that is deleted leaves nothing, in no table', async () => {
	const name = 'Zephyrine Quellenstern';
	const owner = await guide(name);
	const handle = `peek-${serial}`;
	await signIn(handle, 'not the right one', { address: '127.0.0.1' });
	const outing = await outingOn(owner, 'Quellenwasser');
	const circleId = await circleOf(owner, await guide('Heir'));
	await confirmRecord(owner, outing, told({ words: 'Quellenwort' }), DEMO_NOW);
	// A reach on a water of the demonstration's basin too: that water has no owner of its own.
	await addReach(owner, {
		...{ basin: 'Ovrane basin', water: 'Quellenbach', name: 'Quellenlauf', kind: 'freestone' },
		...{ line: [[-20, 47]], elevationM: 700, timeZone: 'UTC' }
	});
	await addName(owner, { taxonId: 'baetis', name: 'Quellenfliege', circleId });
	expect(await deleteAccount(owner)).toBe(true);
	const { rows: tables } = await database().query<{ name: string }>(
		`select table_name as name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'`
	);
	for (const { name: table } of tables) {
		const { rows } = await database().query<{ found: string }>(
			`select t::text as found from "${table}" t where t::text ~* 'quellen|zephyrine' or t::text like '%' || $1 || '%' or t::text like '%' || $2 || '%'`,
			[owner, handle]
		);
		expect(rows, table).toEqual([]);
	}
});

it('a row that cannot be read hides none of the others, and its circle’s keeper is told', async () => {
	const [keeper, reader] = [await guide('Keeper'), await guide('Reader')];
	const circleId = await circleOf(keeper, reader);
	const outing = await outingOn(keeper, 'Spoiled');
	for (const stage of ['nymph', 'emerger', 'dun'] as const)
		await shareRecord(
			keeper,
			await confirmRecord(keeper, outing, told({ stage }), DEMO_NOW),
			{ circleId, precision: 'water', embargo: 'now' },
			DEMO_NOW
		);
	await database().query(
		`update shared_record set body = body || '{"belly":{"l":1,"a":500,"b":0}}' where circle_id = $1 and stage = 'emerger'`,
		[circleId]
	);
	await database().query(
		`update hatch_record set body = body || '{"taken":7}' where outing_id = $1 and stage = 'emerger'`,
		[outing.id]
	);
	const { items, unreadable } = await feedPage(reader, DEMO_NOW);
	expect(items.map(({ record }) => record.stage).sort()).toEqual(['dun', 'nymph']);
	expect(unreadable).toEqual([circleId]);
	expect((await recordsOf(keeper, outing.id)).map(({ record }) => record.stage).sort()).toEqual([
		'dun',
		'nymph'
	]);
	// Page by page, too: an unreadable one is passed over, not taken for the end.
	let next: string | undefined;
	const paged: string[] = [];
	do {
		const page = await feedPage(reader, DEMO_NOW, {}, next, 1);
		paged.push(...page.items.map(({ record }) => record.stage));
		next = page.next;
	} while (next);
	expect(paged.sort()).toEqual(['dun', 'nymph']);
});

it('a picture that comes back in a packet brings nothing along: no comment, no profile, nothing behind its end', async () => {
	const plain = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#345' } })
		.jpeg()
		.toBuffer();
	const comment = Buffer.from('by the third alder');
	const segment = Buffer.concat([Buffer.from([0xff, 0xfe, 0, comment.length + 2]), comment]);
	expect((await asKept(plain))?.jpeg.equals(plain)).toBe(true);
	for (const carrying of [
		Buffer.concat([plain.subarray(0, 2), segment, plain.subarray(2)]),
		Buffer.concat([plain, comment]),
		await sharp(plain).withIccProfile('p3').jpeg().toBuffer(),
		await sharp(plain)
			.withExif({ IFD0: { Copyright: comment.toString() } })
			.jpeg()
			.toBuffer()
	]) {
		const kept = (await asKept(carrying))?.jpeg;
		expect(kept && kept.length > 0).toBe(true);
		expect(kept?.includes(comment)).toBe(false);
		expect(await sharp(kept).metadata()).not.toHaveProperty('icc');
	}
});
