import { readPacketLine, type BadLine, type PacketLine } from '$lib/core';
import { inTransaction, sqlState, type Database } from './database';
import { differing, insertNotes } from './notes';
import { waterIdFor } from './waters';

/** What a packet holds, what of it is new here, and what is wrong with it. */
export interface TakenIn {
	/** By kind of line: how many were read, and how many of those were not here yet. */
	lines: Record<string, { read: number; fresh: number }>;
	bad: BadLine[];
	/** Whether the good lines were kept. */
	kept: boolean;
}

/** Wrong lines that are told; the rest are counted only. */
const MOST_BAD = 200;
const MOST_LINE_CHARACTERS = 2_000_000;

/**
 * Reads a packet from a stream, a line at a time, in one transaction. Without `keep` it only tells what it would
 * do. What is here already is left as it is, so that the same packet twice changes nothing; an id that is somebody
 * else's is a wrong line.
 */
export async function takeIn(
	accountId: string,
	body: ReadableStream<Uint8Array>,
	keep: boolean
): Promise<TakenIn> {
	const told: TakenIn = { lines: {}, bad: [], kept: keep };
	const dry = new Error('only looked at');
	try {
		await inTransaction(async (client) => {
			let number = 0;
			for await (const text of linesOf(body)) {
				number += 1;
				if (text.trim() === '') continue;
				const read =
					text.length > MOST_LINE_CHARACTERS
						? { bad: { line: number, field: '', message: 'is too long' } }
						: readPacketLine(text, number);
				const bad =
					'bad' in read
						? read.bad
						: number === 1 && read.value.kind !== 'packet'
							? { line: 1, field: 'kind', message: 'a packet begins with a line that says so' }
							: await keepLine(client, accountId, read.value, number, told);
				if (bad && told.bad.length < MOST_BAD) told.bad.push(bad);
				// What does not begin as a packet is none.
				if (bad && number === 1) throw dry;
			}
			if (!keep) throw dry;
		});
	} catch (error) {
		if (error !== dry) throw error;
		told.kept = false;
	}
	return told;
}

async function keepLine(
	client: Database,
	accountId: string,
	line: PacketLine,
	number: number,
	told: TakenIn
): Promise<BadLine | undefined> {
	const counts = (told.lines[line.kind] ??= { read: 0, fresh: 0 });
	counts.read += 1;
	await client.query('savepoint line');
	try {
		const came = await stored(client, accountId, line);
		await client.query('release savepoint line');
		if (came === 'not-yours') return { line: number, field: 'id', message: 'belongs to what is not yours' };
		if (came === 'differs')
			return { line: number, field: 'id', message: 'is here already with other contents' };
		if (came === 'fresh') counts.fresh += 1;
		return undefined;
	} catch (error) {
		await client.query('rollback to savepoint line');
		if (!sqlState(error)) throw error;
		return { line: number, field: '', message: 'does not fit what is here' };
	}
}

type Came = 'fresh' | 'already' | 'differs' | 'not-yours';

async function stored(client: Database, accountId: string, line: PacketLine): Promise<Came> {
	switch (line.kind) {
		case 'packet':
			return 'already';
		case 'reach': {
			const known = await client.query<{ mine: boolean }>(
				'select (owner_id is null or owner_id = $2) as mine from reach where id = $1',
				[line.id, accountId]
			);
			if (known.rows[0]) return known.rows[0].mine ? 'already' : 'not-yours';
			const waterId = await waterIdFor(client, accountId, line.basin, line.water);
			await client.query(
				`insert into reach (id, water_id, owner_id, name, kind, elevation_m, time_zone, line)
				 values ($1, $2, $3, $4, $5, $6, $7, $8)`,
				[
					line.id,
					waterId,
					accountId,
					line.name,
					line.waterKind,
					line.elevationM,
					line.timeZone,
					JSON.stringify(line.line)
				]
			);
			return 'fresh';
		}
		case 'outing': {
			const known = await client.query<{ mine: boolean }>(
				'select author_id = $2 as mine from outing where id = $1',
				[line.id, accountId]
			);
			if (known.rows[0]) return known.rows[0].mine ? 'already' : 'not-yours';
			const { rowCount } = await client.query(
				`insert into outing (id, reach_id, author_id, started_at, ended_at, guests, latitude, longitude)
				 select $1, r.id, $3, $4, $5, $6, $7, $8 from reach r
				 where r.id = $2 and (r.owner_id is null or r.owner_id = $3)`,
				[
					line.id,
					line.reachId,
					accountId,
					line.startedAt,
					line.endedAt,
					line.guests,
					line.latitude,
					line.longitude
				]
			);
			return rowCount === 1 ? 'fresh' : 'not-yours';
		}
		case 'note': {
			if (!(await isOwn(client, accountId, line.outingId))) return 'not-yours';
			const fresh = await insertNotes(client, line.outingId, [line.note]);
			if (fresh.size > 0) return 'fresh';
			return (await differing(client, line.outingId, [line.note], fresh)).length > 0 ? 'differs' : 'already';
		}
		case 'record': {
			if (!(await isOwn(client, accountId, line.outingId))) return 'not-yours';
			const { rowCount } = await client.query(
				`insert into hatch_record (id, outing_id, author_id, taxon_id, stage, day, body, confirmed_at)
				 values ($1, $2, $3, $4, $5, $6, $7, $8) on conflict do nothing`,
				[
					line.id,
					line.outingId,
					accountId,
					line.record.taxonId,
					line.record.stage,
					line.record.day,
					line.record,
					line.confirmedAt
				]
			);
			return rowCount === 1 ? 'fresh' : 'already';
		}
		case 'pattern': {
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
		}
		case 'boxed': {
			const { rowCount } = await client.query(
				`insert into boxed_fly (account_id, pattern_id, hook_size, count) values ($1, $2, $3, $4)
				 on conflict do nothing`,
				[accountId, line.patternId, line.hookSize, line.count]
			);
			return rowCount === 1 ? 'fresh' : 'already';
		}
	}
}

async function isOwn(client: Database, accountId: string, outingId: string): Promise<boolean> {
	const { rowCount } = await client.query('select 1 from outing where id = $1 and author_id = $2', [
		outingId,
		accountId
	]);
	return rowCount === 1;
}

/** Lines of a stream of UTF-8, without holding more than one of them. */
async function* linesOf(body: ReadableStream<Uint8Array>): AsyncGenerator<string> {
	const decoder = new TextDecoder('utf-8', { fatal: true });
	let rest = '';
	const reader = body.getReader();
	for (;;) {
		const { done, value } = await reader.read();
		rest += done ? decoder.decode() : decoder.decode(value, { stream: true });
		const lines = rest.split('\n');
		rest = lines.pop() ?? '';
		yield* lines;
		// A line without an end is given up before it fills the memory; it is told as too long.
		if (rest.length > 2 * MOST_LINE_CHARACTERS) {
			yield rest;
			rest = '';
		}
		if (done) break;
	}
	if (rest) yield rest;
}
