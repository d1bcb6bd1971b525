import words from '../words';
import { readPacketLine, Unreadable, type PacketLine } from '$lib/core/exchange';
import type { KeptNote } from '$lib/core/note';
import { sqlState, type Database } from '../database';
import { differing, insertNotes, MOST_NOTES_IN_BATCH } from '../notes';
import { asKept } from '../photos';
import { addReachLine } from '../waters';
import { writeOutings, writePhoto, writeRecords } from '../writing';
import type { Taking } from './taking';

/** A line may hold a picture. */
const MOST_LINE_CHARACTERS = 11_000_000;

/** Notes of one outing that came one after another. */
interface NoteRun {
	outingId: string;
	notes: { note: KeptNote; line: number }[];
}

/**
 * Reads a packet, a line at a time. What is here already is left as it is, so that the same packet twice changes
 * nothing; an id that is somebody else's is a wrong line.
 *
 * @throws Unreadable when it does not begin as a packet
 */
export async function importPacket(taking: Taking, text: AsyncIterable<string>): Promise<void> {
	let run: NoteRun | undefined;
	const corrections = new Map<string, number>();
	const flush = async () => {
		if (run) await keepNotes(taking, run);
		run = undefined;
	};
	for await (const { line, number } of linesOf(text)) {
		const read =
			line.length > MOST_LINE_CHARACTERS
				? { bad: { line: number, field: '', says: words('too-long') } }
				: readPacketLine(line, number);
		if (number === 1) {
			if ('bad' in read)
				throw new Unreadable(
					words('first-line-of-a-packet', { field: read.bad.field, wrong: read.bad.says })
				);
			if (read.value.kind !== 'packet') throw new Unreadable(words('this-is-not-a-packet'));
		}
		if ('bad' in read) {
			taking.wrong(number, read.bad.field, read.bad.says);
			continue;
		}
		const { value } = read;
		if (value.kind !== 'note') {
			await flush();
			await keepLine(taking, value, number);
			continue;
		}
		if (run && (run.outingId !== value.outingId || run.notes.length >= MOST_NOTES_IN_BATCH)) await flush();
		run ??= { outingId: value.outingId, notes: [] };
		run.notes.push({ note: value.note, line: number });
		if (value.note.replaces) corrections.set(value.note.id, number);
	}
	await flush();
	await dropUnfounded(taking, corrections);
}

/** Keeps notes of one outing together; one by one where something is wrong with one of them. */
async function keepNotes(taking: Taking, { outingId, notes }: NoteRun): Promise<void> {
	const { client, accountId } = taking;
	const outing = await isOwn(client, accountId, outingId);
	if (!outing) {
		for (const { line } of notes) taking.wrong(line, 'id', NOT_YOURS);
		taking.count('note', notes.length, 0);
		return;
	}
	await client.query('savepoint line');
	try {
		const plain = notes.map(({ note }) => note);
		const fresh = await insertNotes(client, outingId, plain);
		const issues = fresh.size === notes.length ? [] : await differing(client, outingId, plain, fresh);
		await client.query('release savepoint line');
		taking.count('note', notes.length, fresh.size);
		for (const { field } of issues) {
			const at = notes[Number(field.split('.')[1])];
			if (at) taking.wrong(at.line, 'id', DIFFERS);
		}
	} catch (error) {
		await client.query('rollback to savepoint line');
		if (!sqlState(error)) throw error;
		const [first] = notes;
		if (notes.length > 1) for (const one of notes) await keepNotes(taking, { outingId, notes: [one] });
		else if (first) {
			taking.count('note', 1, 0);
			taking.wrong(first.line, '', UNFIT);
		}
	}
}

/** Corrections of notes that are nowhere do not stay; nor does what corrects them. */
async function dropUnfounded(taking: Taking, corrections: Map<string, number>): Promise<void> {
	const { rows } = await taking.client.query<{ id: string }>(
		`with recursive unfounded as (
			select n.outing_id, n.id from note n where n.id = any ($1::uuid[]) and not exists
				(select 1 from note r where r.outing_id = n.outing_id and r.id = n.replaces)
			union
			select n.outing_id, n.id from note n
			join unfounded u on u.outing_id = n.outing_id and u.id = n.replaces)
		 delete from note where id in (select id from unfounded) returning id`,
		[[...corrections.keys()]]
	);
	for (const { id } of rows) {
		taking.wrong(corrections.get(id) ?? 0, 'replaces', words('note-not-here'));
		taking.count('note', 0, -1);
	}
}

const NOT_YOURS = words('not-yours');
const DIFFERS = words('differs');
const UNFIT = words('unfit');

async function keepLine(taking: Taking, line: Exclude<PacketLine, { kind: 'note' }>, number: number) {
	const { client, accountId } = taking;
	await client.query('savepoint line');
	try {
		const came = await stored(client, accountId, line);
		await client.query('release savepoint line');
		taking.count(line.kind, 1, came === 'fresh' ? 1 : 0);
		if (came === 'not-yours') taking.wrong(number, 'id', NOT_YOURS);
		if (came === 'no-picture') taking.wrong(number, 'jpeg', words('no-picture'));
	} catch (error) {
		await client.query('rollback to savepoint line');
		if (!sqlState(error)) throw error;
		taking.count(line.kind, 1, 0);
		taking.wrong(number, '', UNFIT);
	}
}

type Came = 'fresh' | 'already' | 'not-yours' | 'no-picture';

type Line<K extends PacketLine['kind']> = Extract<PacketLine, { kind: K }>;
type Storing<K extends PacketLine['kind']> = (
	client: Database,
	accountId: string,
	line: Line<K>
) => Promise<Came>;

/** How a line of each kind is kept; notes are kept by the hundred. */
const STORING: { [K in Exclude<PacketLine['kind'], 'note' | 'packet'>]: Storing<K> } = {
	reach: async (client, accountId, line) => {
		const known = await client.query<{ mine: boolean }>(
			'select (owner_id is null or owner_id = $2) as mine from reach where id = $1',
			[line.id, accountId]
		);
		if (known.rows[0]) return known.rows[0].mine ? 'already' : 'not-yours';
		await addReachLine(client, accountId, { ...line, kind: line.waterKind });
		return 'fresh';
	},
	outing: async (client, accountId, line) => {
		const known = await client.query<{ mine: boolean }>(
			'select author_id = $2 as mine from outing where id = $1',
			[line.id, accountId]
		);
		if (known.rows[0]) return known.rows[0].mine ? 'already' : 'not-yours';
		const written = await writeOutings(client, accountId, [line]);
		return written.size === 1 ? 'fresh' : 'not-yours';
	},
	record: async (client, accountId, line) => {
		if (!(await isOwn(client, accountId, line.outingId))) return 'not-yours';
		const written = await writeRecords(client, accountId, [line]);
		if (written.size !== 1) return 'already';
		for (const { confirmedAt, record } of line.earlier ?? [])
			await client.query(
				`insert into hatch_record_version (record_id, body, confirmed_at) values ($1, $2, $3)
				 on conflict do nothing`,
				[line.id, record, confirmedAt]
			);
		return 'fresh';
	},
	photo: async (client, accountId, line) => {
		if (!(await isOwn(client, accountId, line.outingId))) return 'not-yours';
		const known = await client.query<{ mine: boolean }>(
			'select outing_id = $2 as mine from photo where id = $1',
			[line.id, line.outingId]
		);
		if (known.rows[0]) return known.rows[0].mine ? 'already' : 'not-yours';
		const kept = await asKept(Buffer.from(line.jpeg, 'base64'));
		if (!kept) return 'no-picture';
		const written = await writePhoto(client, accountId, { ...kept, id: line.id, outingId: line.outingId });
		return written ? 'fresh' : 'not-yours';
	},
	name: async (client, accountId, line) => {
		const { rowCount } = await client.query(
			'insert into own_name (account_id, taxon_id, name) values ($1, $2, $3) on conflict do nothing',
			[accountId, line.taxonId, line.name]
		);
		return rowCount === 1 ? 'fresh' : 'already';
	},
	pattern: async (client, accountId, line) => {
		const { rows } = await client.query<{ mine: boolean }>(
			'select account_id = $2 as mine from own_pattern where id = $1',
			[line.id, accountId]
		);
		if (rows[0]) return rows[0].mine ? 'already' : 'not-yours';
		await client.query(
			`insert into own_pattern (id, account_id, name, style, belly, wing, post, sizes)
			 values ($1, $2, $3, $4, $5, $6, $7, $8)`,
			[
				line.id,
				accountId,
				line.name,
				line.style,
				line.belly,
				line.wing ?? null,
				line.post ?? null,
				line.sizes
			]
		);
		return 'fresh';
	},
	boxed: async (client, accountId, line) => {
		const { rowCount } = await client.query(
			`insert into boxed_fly (account_id, pattern_id, hook_size, count) values ($1, $2, $3, $4)
			 on conflict do nothing`,
			[accountId, line.patternId, line.hookSize, line.count]
		);
		return rowCount === 1 ? 'fresh' : 'already';
	}
};

async function stored(
	client: Database,
	accountId: string,
	line: Exclude<PacketLine, { kind: 'note' }>
): Promise<Came> {
	if (line.kind === 'packet') return 'already';
	const storing: Storing<typeof line.kind> = STORING[line.kind] as Storing<typeof line.kind>;
	return storing(client, accountId, line);
}

async function isOwn(client: Database, accountId: string, outingId: string): Promise<boolean> {
	const { rowCount } = await client.query('select 1 from outing where id = $1 and author_id = $2', [
		outingId,
		accountId
	]);
	return rowCount === 1;
}

/** Lines of a text as it comes, without holding more than one of them; empty ones are passed over. */
async function* linesOf(text: AsyncIterable<string>): AsyncGenerator<{ line: string; number: number }> {
	let rest = '';
	let number = 0;
	for await (const chunk of text) {
		rest += chunk;
		const lines = rest.split('\n');
		rest = lines.pop() ?? '';
		for (const line of lines) {
			number += 1;
			if (line.trim() !== '') yield { line, number };
		}
		if (rest.length > MOST_LINE_CHARACTERS)
			throw new Unreadable(
				words('line-is-over-characters-long', { value: number + 1, MOST_LINE_CHARACTERS })
			);
	}
	if (rest.trim() !== '') yield { line: rest, number: number + 1 };
}
