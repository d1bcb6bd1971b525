import { createHash } from 'node:crypto';
import { isIPv6 } from 'node:net';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { database } from './database';

const MINUTE_S = 60;

/** What is limited, how often, and over how long. Counters live in the database, so that copies share them. */
const LIMITS = {
	'sign-in-name-here': { points: 8, duration: 15 * MINUTE_S },
	'sign-in-network': { points: 60, duration: 15 * MINUTE_S },
	// From everywhere together: many networks at once are no way round.
	'sign-in-name': { points: 200, duration: 60 * MINUTE_S },
	'confirm-password': { points: 8, duration: 15 * MINUTE_S },
	'sign-up-network': { points: 20, duration: 60 * MINUTE_S },
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

/** What counts as one place: an IPv4 address, or the first 64 bits of an IPv6 one, which is what one customer has. */
export function networkOf(address: string): string {
	const mapped = /^::ffff:(\d+\.\d+\.\d+\.\d+)$/i.exec(address)?.[1];
	if (mapped !== undefined || !isIPv6(address)) return mapped ?? address;
	const [before = [], after = []] = address
		.replace(/%.*/, '')
		.split('::')
		.map((part) => part.split(':').filter(Boolean));
	const zeros = Array.from({ length: Math.max(0, 8 - before.length - after.length) }, () => '0');
	const groups = [...before, ...zeros, ...after].slice(0, 4);
	return `${groups.map((group) => parseInt(group, 16).toString(16)).join(':')}::/64`;
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
