import { LRUCache } from 'lru-cache';
import { FairShare } from './fair-share';

const share = new FairShare();

/** Whose the sessions are that were good a while ago: only to know whose turn it is, never to let anybody in. */
const knownSessions = new LRUCache<string, string>({ max: 10_000, ttl: 10 * 60_000 });

/** Who a request comes from, as far as it is known before it is looked at: an account, or a network address. */
export const senderOf = (token: string | undefined, address: () => string): string =>
	(token !== undefined && knownSessions.get(token)) || address();

export const rememberSession = (token: string, accountId: string): void =>
	void knownSessions.set(token, accountId);

/** An ended session takes none of its guide's turns. */
export const forgetSession = (token: string): void => void knownSessions.delete(token);

/** Does some work when its sender's turn has come; answers undefined where too much of that sender waits already. */
export const inTurn = <T>(sender: string, work: () => Promise<T>): Promise<T | undefined> =>
	share.turn(sender, work);

/** What it costs to take in a byte, ms: measured, about 10 ms for a megabyte. */
const BYTE_MS = 1e-5;

/** Counts what was sent against the share of whoever sent it: however slowly it came, it is its length that counts. */
export const chargeBytes = (sender: string, bytes: number): void => share.charge(sender, bytes * BYTE_MS);
