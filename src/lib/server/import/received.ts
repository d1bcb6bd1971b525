import words from '../words';
import { randomUUID } from 'node:crypto';
import { open, unlink, type FileHandle } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Unreadable } from '$lib/core/exchange';
import { readAway } from '../bodies';

/** What is on its way in at once, at the most; how much of it, and how slowly. */
export interface ReceivingLimits {
	ofAccount: number;
	ofCopy: number;
	bytes: number;
	/** In each window, so many bytes must come: a weak signal brings more, a connection that is only held brings less. */
	windowMs: number;
	bytesInWindow: number;
	longestMs: number;
}
const MINUTE_MS = 60_000;
const LIMITS: ReceivingLimits = {
	ofAccount: 2,
	ofCopy: 100,
	bytes: 100_000_000,
	windowMs: Number(process.env['RECEIVE_WINDOW_MS'] ?? MINUTE_MS),
	bytesInWindow: 8_000,
	longestMs: 120 * MINUTE_MS
};

/** How many files of each account are being received by this copy. */
const underway = new Map<string, number>();
let inAll = 0;

/**
 * Receives a file to disk, whole, before anything is done with it: however slowly it comes, it holds nothing but its
 * own connection. Nothing of it stays on the disk, whatever happens.
 *
 * @param work gets the file a piece at a time; it is stopped when whoever sent it goes away
 * @throws Unreadable with a sentence: too many at once, too large, too slow, or cut off
 */
export async function received<T>(
	accountId: string,
	{ body, signal }: { body: ReadableStream<Uint8Array>; signal: AbortSignal },
	work: (file: AsyncIterable<Uint8Array>) => Promise<T>,
	limits: ReceivingLimits = LIMITS
): Promise<T> {
	const own = underway.get(accountId) ?? 0;
	if (own >= limits.ofAccount || inAll >= limits.ofCopy) {
		await readAway(body);
		throw new Unreadable(
			own >= limits.ofAccount ? words('other-files-of-yours-are') : words('too-many-files-are-on')
		);
	}
	underway.set(accountId, own + 1);
	inAll += 1;
	let file: FileHandle | undefined;
	try {
		file = await openNameless();
		await write(file, body, limits);
		return await work(chunksOf(file, signal));
	} finally {
		await file?.close().catch(() => undefined);
		inAll -= 1;
		const left = (underway.get(accountId) ?? 1) - 1;
		if (left > 0) underway.set(accountId, left);
		else underway.delete(accountId);
	}
}

/** A file without a name, for this process alone: it is gone with its handle, also when the process is killed. */
async function openNameless(): Promise<FileHandle> {
	const path = join(tmpdir(), `lacewing-${randomUUID()}`);
	const file = await open(path, 'wx+', 0o600);
	await unlink(path);
	return file;
}

const TOO_LARGE = words('the-file-is-too-large');
const CUT_OFF = words('the-file-could-not-be');
const TOO_SLOW = words('the-file-came-too-slowly');

async function write(
	file: FileHandle,
	body: ReadableStream<Uint8Array>,
	{ bytes, windowMs, bytesInWindow, longestMs }: ReceivingLimits
): Promise<void> {
	const reader = body.getReader();
	const began = Date.now();
	let size = 0;
	let inWindow = 0;
	let giveUp = () => {};
	const slow = new Promise<'slow'>((resolve) => (giveUp = () => resolve('slow')));
	const clock = setInterval(() => {
		if (inWindow < bytesInWindow || Date.now() - began > longestMs) giveUp();
		inWindow = 0;
	}, windowMs);
	try {
		for (;;) {
			const read = reader.read().catch((error: unknown) => {
				throw new Unreadable(
					typeof error === 'object' && error !== null && 'status' in error && error.status === 413
						? TOO_LARGE
						: CUT_OFF
				);
			});
			const next = await Promise.race([read, slow]);
			if (next === 'slow') {
				read.catch(() => undefined);
				throw new Unreadable(TOO_SLOW);
			}
			const { done, value } = next;
			if (done && size <= bytes) return;
			// Read to its end all the same: whoever still sends hears no answer before.
			if (done) throw new Unreadable(TOO_LARGE);
			size += value.byteLength;
			inWindow += value.byteLength;
			if (size <= bytes) await file.write(value);
		}
	} finally {
		clearInterval(clock);
	}
}

const PIECE = 65_536;

/** What a file holds, a piece at a time, until a signal says that nobody waits for it any more. */
async function* chunksOf(file: FileHandle, signal: AbortSignal): AsyncGenerator<Uint8Array> {
	const buffer = new Uint8Array(PIECE);
	for (let at = 0; ;) {
		if (signal.aborted) throw new Unreadable(CUT_OFF);
		const { bytesRead } = await file.read(buffer, 0, PIECE, at);
		if (bytesRead === 0) return;
		at += bytesRead;
		yield buffer.slice(0, bytesRead);
	}
}
