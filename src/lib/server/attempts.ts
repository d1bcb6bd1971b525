import { createHash } from 'node:crypto';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { database } from './database';

const MINUTE_S = 60;

/** What is limited, how often, and over how long. Counters live in the database, so that copies share them. */
const LIMITS = {
	'sign-in-account': { points: 8, duration: 15 * MINUTE_S },
	'sign-in-address': { points: 60, duration: 15 * MINUTE_S },
	'sign-up-address': { points: 20, duration: 60 * MINUTE_S },
	'open-api-address': { points: Number(process.env['API_PER_MINUTE'] ?? 120), duration: MINUTE_S }
} as const;
export type Limited = keyof typeof LIMITS;

const limiters = new Map<Limited, RateLimiterPostgres>();

function limiterFor(what: Limited): RateLimiterPostgres {
	let limiter = limiters.get(what);
	if (!limiter) {
		limiter = new RateLimiterPostgres({
			storeClient: database(),
			tableName: 'rate_limit',
			tableCreated: true,
			keyPrefix: what,
			// What has run out is forgotten within the hour.
			clearExpiredByTimeout: true,
			...LIMITS[what]
		});
		limiters.set(what, limiter);
	}
	return limiter;
}

/** Who is counted, as it is stored: names and addresses are nobody's business afterwards. */
const limitKey = (who: string): string => createHash('sha256').update(who).digest('base64url');

/** Counts one attempt; answers with the seconds to wait when there were too many, or 0. */
export async function countAttempt(what: Limited, who: string): Promise<number> {
	try {
		await limiterFor(what).consume(limitKey(who));
		return 0;
	} catch (refusal) {
		if (refusal instanceof RateLimiterRes) return Math.max(1, Math.ceil(refusal.msBeforeNext / 1000));
		throw refusal;
	}
}

/** Forgets the attempts, after one that was right. */
export async function forgetAttempts(what: Limited, who: string): Promise<void> {
	await limiterFor(what).delete(limitKey(who));
}
