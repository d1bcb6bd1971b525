import { isDeepStrictEqual } from 'node:util';
import * as v from 'valibot';
import type { MeasuredWater } from '$lib/core/hatch';
import { fault, type Message } from '$lib/core/message';
import {
	faults,
	GroundSchema,
	KeptNoteSchema,
	listOf,
	NOTE_KINDS,
	NoteSchema,
	type FieldIssue,
	type GroundBody,
	type KeptNote,
	type Note
} from '$lib/core/note';
import {
	database,
	FOREIGN_KEY_VIOLATION,
	Full,
	inTransaction,
	sqlState,
	unlessFull,
	type Database
} from './database';
import { groundFrom } from '$lib/core/outing';
import { isThere, readable } from './readable';
import words from './words';

/** A phone that was out of reach all day sends in batches of this many. */
export const MOST_NOTES_IN_BATCH = 200;

export const NoteBatchSchema = v.object({
	notes: v.pipe(listOf(NoteSchema, MOST_NOTES_IN_BATCH), v.nonEmpty(fault(faults('none'))))
});

export type StoreAnswer =
	| { stored: { id: string; status: 'stored' | 'already' }[] }
	| { refused: 'no-outing' }
	| { refused: 'conflict'; issues: FieldIssue[] }
	| { refused: 'full'; says: Message };

/**
 * Stores a batch of notes in one of the guide's own outings: all of them or none. A note that is there already
 * is left as it is, and the answer says so; the same id with other contents is refused.
 */
export async function storeNotes(
	accountId: string,
	outingId: string,
	notes: readonly Note[]
): Promise<StoreAnswer> {
	try {
		const stored = await unlessFull(() =>
			inTransaction(async (client): Promise<StoreAnswer> => {
				const outing = await client.query(
					'select 1 from outing where id = $1 and author_id = $2 for key share',
					[outingId, accountId]
				);
				if (outing.rowCount === 0) return { refused: 'no-outing' };
				const fresh = await insertNotes(client, outingId, distinct(notes));
				const issues = await differing(client, outingId, notes, fresh);
				if (issues.length > 0) throw new Conflict(issues);
				const seen = new Set<string>();
				return {
					stored: notes.map(({ id }) => {
						const status = fresh.has(id) && !seen.has(id) ? 'stored' : 'already';
						seen.add(id);
						return { id, status };
					})
				};
			})
		);
		return stored instanceof Full ? { refused: 'full', says: stored.says } : stored;
	} catch (error) {
		if (error instanceof Conflict) return { refused: 'conflict', issues: error.issues };
		if (sqlState(error) === FOREIGN_KEY_VIOLATION) {
			const field = `notes.${Math.max(
				0,
				notes.findIndex(({ replaces }) => replaces)
			)}.replaces`;
			return {
				refused: 'conflict',
				issues: [{ field, says: words('no-such-note') }]
			};
		}
		throw error;
	}
}

/** Inserts the notes whose ids are free, and answers with those. */
export async function insertNotes(
	client: Database,
	outingId: string,
	notes: readonly KeptNote[]
): Promise<Set<string>> {
	// In the order of their ids: two batches that hold the same notes then wait for each other, and never both ways.
	const { rows } = await client.query<{ id: string }>(
		`insert into note (id, outing_id, at, kind, body, replaces)
		 select n.id, $1, n.at, n.kind, n.body, n.replaces
		 from jsonb_to_recordset($2::jsonb) as n(id uuid, at timestamptz, kind text, body jsonb, replaces uuid)
		 order by n.id
		 on conflict (id) do nothing returning id`,
		[outingId, JSON.stringify(notes)]
	);
	return new Set(rows.map(({ id }) => id));
}

/** All notes of one of the guide's own outings, oldest first. */
export async function notesOf(accountId: string, outingId: string): Promise<Note[]> {
	const { rows } = await database().query<NoteRow>(
		`select n.id, n.at, n.kind, n.body, n.replaces from note n join outing o on o.id = n.outing_id
		 where n.outing_id = $1 and o.author_id = $2 order by n.at, n.id`,
		[outingId, accountId]
	);
	return rows.map(noteOf).filter(isThere);
}

/** What a guide measured of an outing's water on the days before it: weeks in which the water forgets. Latest first. */
export async function measuredBeforeOf(
	accountId: string,
	{ id, startedAt, reach }: { id: string; startedAt: Date; reach: { id: string } }
): Promise<MeasuredWater[]> {
	const { rows } = await database().query<MeasuredWater>(
		`select n.at, (n.body->>'waterC')::float8 as "waterC" from note n join outing o on o.id = n.outing_id
		 where o.author_id = $1 and o.reach_id = $2 and o.id <> $3 and n.kind = 'conditions'
		 and o.started_at < $4 and o.started_at > $4 - interval '7 weeks' and n.at < $4 and n.at > $4 - interval '6 weeks' and jsonb_typeof(n.body->'waterC') = 'number'
		 and not exists (select 1 from note later where later.outing_id = n.outing_id and later.replaces = n.id)
		 order by n.at desc limit 60`,
		[accountId, reach.id, id, startedAt]
	);
	return rows;
}

/** What a guide noted of the water at a reach on earlier outings, each part of it as last noted. */
export async function groundBeforeOf(
	accountId: string,
	{ id, startedAt, reach }: { id: string; startedAt: Date; reach: { id: string } }
): Promise<GroundBody> {
	const { rows } = await database().query<{ id: string; body: unknown }>(
		`select n.id, n.body from note n join outing o on o.id = n.outing_id
		 where o.author_id = $1 and o.reach_id = $2 and o.id <> $3 and o.started_at < $4 and n.kind = 'ground'
		 and not exists (select 1 from note later where later.outing_id = n.outing_id and later.replaces = n.id)
		 order by n.at desc limit 30`,
		[accountId, reach.id, id, startedAt]
	);
	const bodies = rows.map((row) => readable(GroundSchema, row.body, { table: 'note', id: row.id }));
	return groundFrom(bodies.filter(isThere).reverse());
}

/** All notes of one of the guide's own outings as they are kept, also those of kinds that a later version knows. */
export async function keptNotesOf(accountId: string, outingId: string): Promise<KeptNote[]> {
	const { rows } = await database().query<NoteRow>(
		`select n.id, n.at, n.kind, n.body, n.replaces from note n join outing o on o.id = n.outing_id
		 where n.outing_id = $1 and o.author_id = $2 order by n.at, n.id`,
		[outingId, accountId]
	);
	return rows.map(keptOf).filter(isThere);
}

/** All notes of some of the guide's own outings, by outing, oldest first. */
export async function notesOfOutings(
	accountId: string,
	outingIds: readonly string[]
): Promise<Map<string, Note[]>> {
	const { rows } = await database().query<NoteRow & { outing_id: string }>(
		`select n.outing_id, n.id, n.at, n.kind, n.body, n.replaces from note n join outing o on o.id = n.outing_id
		 where n.outing_id = any ($1::uuid[]) and o.author_id = $2 order by n.at, n.id`,
		[outingIds, accountId]
	);
	const notes = new Map<string, Note[]>(outingIds.map((id) => [id, []]));
	for (const row of rows) {
		const note = noteOf(row);
		if (note) notes.get(row.outing_id)?.push(note);
	}
	return notes;
}

interface NoteRow {
	id: string;
	at: Date;
	kind: string;
	body: unknown;
	replaces: string | null;
}

const written = ({ id, at, kind, body, replaces }: NoteRow) => ({
	id,
	at: at.toISOString(),
	kind,
	body,
	...(replaces && { replaces })
});

const noteOf = (row: NoteRow): Note | undefined =>
	NOTE_KINDS.has(row.kind) ? readable(NoteSchema, written(row), { table: 'note', id: row.id }) : undefined;

const keptOf = (row: NoteRow): KeptNote | undefined =>
	readable(KeptNoteSchema, written(row), { table: 'note', id: row.id });

class Conflict extends Error {
	constructor(readonly issues: FieldIssue[]) {
		super('a note differs from the one that is stored');
	}
}

/** Notes that were sent under an id which another note has, here or in somebody's other outing. */
export async function differing(
	client: Database,
	outingId: string,
	notes: readonly KeptNote[],
	fresh: ReadonlySet<string>
): Promise<FieldIssue[]> {
	const { rows } = await client.query<NoteRow>(
		'select id, at, kind, body, replaces from note where outing_id = $1 and id = any($2::uuid[])',
		[outingId, notes.map(({ id }) => id)]
	);
	const kept = new Map(rows.map((row) => [row.id, keptOf(row)]));
	return notes.flatMap((note, i) => {
		const stored = kept.get(note.id);
		if (stored && isDeepStrictEqual(plain(stored), plain(note))) return [];
		return fresh.has(note.id) && notes.findIndex(({ id }) => id === note.id) === i
			? []
			: [{ field: `notes.${i}.id`, says: words('another-note-has-this-id') }];
	});
}

const plain = (note: KeptNote): unknown => JSON.parse(JSON.stringify(note));

/** One of each id; the rest of the answer tells of the repeats. */
function distinct(notes: readonly Note[]): Note[] {
	return [...new Map([...notes].reverse().map((note) => [note.id, note])).values()];
}
