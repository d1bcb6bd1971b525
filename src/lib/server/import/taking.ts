import words from '../words';
import type pg from 'pg';
import type { Message } from '$lib/core/message';
import { Unreadable, type BadLine } from '$lib/core/exchange';
import { inTransaction } from '../database';

/** What a file holds, what of it is new here, and what is wrong with it. */
export interface TakenIn {
	/** By kind of thing: how many were read, and how many of those were not here yet. */
	lines: Record<string, { read: number; fresh: number }>;
	/** The first of what is wrong, with its place in the file. */
	bad: BadLine[];
	/** How much is wrong in all. */
	badCount: number;
	/** Whether the good lines were kept. */
	kept: boolean;
}

/** Wrong lines that are told; the rest are counted only. */
const MOST_BAD = 200;

/** A file on its way in: where it is put, for whom, and what is told of it. */
export class Taking {
	readonly told: TakenIn = { lines: {}, bad: [], badCount: 0, kept: false };
	constructor(
		readonly client: pg.PoolClient,
		readonly accountId: string
	) {}

	count(kind: string, read: number, fresh: number): void {
		const counts = (this.told.lines[kind] ??= { read: 0, fresh: 0 });
		counts.read += read;
		counts.fresh += fresh;
	}

	wrong(line: number, field: string, says: Message): void {
		this.told.badCount += 1;
		if (this.told.bad.length < MOST_BAD) this.told.bad.push({ line, field, says });
	}
}

/**
 * Takes a file in, in one transaction; without `keep` it is only looked at, by doing everything and then undoing it.
 *
 * @throws Unreadable with a sentence, and then nothing is kept
 */
export async function inOneTaking(
	accountId: string,
	keep: boolean,
	work: (taking: Taking) => Promise<void>
): Promise<TakenIn> {
	const onlyLookedAt = new Error('only looked at');
	let told: TakenIn | undefined;
	try {
		await inTransaction(async (client) => {
			const { rows } = await client.query<{ free: boolean }>(
				`select pg_try_advisory_xact_lock(hashtextextended('import ' || $1, 0)) as free`,
				[accountId]
			);
			if (!rows[0]?.free) throw new Unreadable(words('another-file-of-yours-is'));
			const taking = new Taking(client, accountId);
			await work(taking);
			told = taking.told;
			if (!keep) throw onlyLookedAt;
		});
	} catch (error) {
		if (error !== onlyLookedAt) throw error;
	}
	if (!told) throw new Error('nothing was told of what was taken in');
	return { ...told, kept: keep };
}

/**
 * The text of bytes in UTF-8, as they come.
 *
 * @throws Unreadable where it is not UTF-8
 */
export async function* textOf(body: AsyncIterable<Uint8Array>): AsyncGenerator<string> {
	const decoder = new TextDecoder('utf-8', { fatal: true });
	const decoded = (bytes?: Uint8Array): string => {
		let text: string;
		try {
			text = bytes ? decoder.decode(bytes, { stream: true }) : decoder.decode();
		} catch {
			throw new Unreadable(words('this-is-not-utf-8'));
		}
		if (text.includes('\0')) throw new Unreadable(words('this-is-not-text-it'));
		return text;
	};
	for await (const bytes of body) yield decoded(bytes);
	yield decoded();
}
