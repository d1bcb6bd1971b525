import { accountOf, type Account, type AccountRow } from './account';
import { database, inTransaction } from './database';
import { hashOf, newToken } from './tokens';

/** Without use for so long, a session ends, and a device is a stranger again. */
export const SESSION_DAYS = 30;
const DEVICE_DAYS = 365;
/** Of one account, at once. */
const MOST_SESSIONS = 200;
const HOUR_MS = 3_600_000;
/** How often the use of a session is written down. */
const NOTED_EVERY = '1 hour';

/** What a browser holds: the token of the session, and that of the device, which outlasts it. */
export interface Entry {
	token: string;
	device: string;
}

/** An open session as its guide sees it. */
export interface OpenSession {
	id: string;
	kind: string;
	begunAt: Date;
	/** When it was used last, where that is an hour or more later; how often is not written down finer. */
	usedAt?: Date;
	/** The one that asks. */
	here: boolean;
}

/** The kind of device that a browser says it runs on. */
export function deviceKind(userAgent: string): string {
	if (/tablet|ipad/i.test(userAgent)) return 'tablet';
	if (/mobi|iphone|android/i.test(userAgent)) return 'phone';
	return /mozilla/i.test(userAgent) ? 'computer' : 'program';
}

/** Begins a session; tokens are stored only as hashes. The device keeps the token it has. */
export async function startSession(accountId: string, device?: string, userAgent = ''): Promise<Entry> {
	const entry = { token: newToken(), device: device ?? newToken() };
	await inTransaction(async (client) => {
		await client.query(
			'insert into session (token_hash, account_id, kind, device_hash) values ($1, $2, $3, $4)',
			[hashOf(entry.token), accountId, deviceKind(userAgent), hashOf(entry.device)]
		);
		await client.query(
			`insert into known_device (account_id, device_hash) values ($1, $2)
			 on conflict (account_id, device_hash) do update set used_at = now()`,
			[accountId, hashOf(entry.device)]
		);
	});
	await forgetOld(accountId);
	return entry;
}

/** Ends what has not been used for long, and of one account's what is more than anybody uses. */
async function forgetOld(accountId: string): Promise<void> {
	await database().query(
		`delete from session where used_at < now() - make_interval(days => $2) or token_hash in (
			select token_hash from session where account_id = $1 order by used_at desc, created_at desc offset $3)`,
		[accountId, SESSION_DAYS, MOST_SESSIONS]
	);
	await database().query(
		`delete from known_device where used_at < now() - make_interval(days => $2) or (account_id = $1
			and device_hash in (select device_hash from known_device where account_id = $1 order by used_at desc offset $3))`,
		[accountId, DEVICE_DAYS, MOST_SESSIONS]
	);
}

/**
 * The account a session belongs to, if it is still good. `renewed` when its use was written down just now: the cookie
 * is to last from today.
 */
export async function accountOfSession(
	token: string
): Promise<{ account: Account; renewed: boolean } | undefined> {
	const { rows } = await database().query<AccountRow & { is_due: boolean }>(
		`select a.id, a.handle, a.name, a.settings, s.used_at < now() - $3::interval as is_due
		 from session s join account a on a.id = s.account_id
		 where s.token_hash = $1 and s.used_at > now() - make_interval(days => $2)`,
		[hashOf(token), SESSION_DAYS, NOTED_EVERY]
	);
	const [row] = rows;
	if (!row) return undefined;
	if (row.is_due)
		await database().query('update session set used_at = now() where token_hash = $1', [hashOf(token)]);
	return { account: accountOf(row), renewed: row.is_due };
}

export async function endSession(token: string): Promise<void> {
	await database().query('delete from session where token_hash = $1', [hashOf(token)]);
}

/** The guide's open sessions, the one used last first. */
export async function openSessions(accountId: string, token: string): Promise<OpenSession[]> {
	const { rows } = await database().query<{
		id: string;
		kind: string;
		created_at: Date;
		used_at: Date;
		here: boolean;
	}>(
		`select id, kind, created_at, used_at, token_hash = $2 as here from session
		 where account_id = $1 and used_at > now() - make_interval(days => $3)
		 order by here desc, used_at desc, created_at desc limit 100`,
		[accountId, hashOf(token), SESSION_DAYS]
	);
	return rows.map(({ id, kind, created_at, used_at, here }) => ({
		...{ id, kind, here },
		begunAt: created_at,
		...(used_at.getTime() - created_at.getTime() >= HOUR_MS && { usedAt: used_at })
	}));
}

/** Ends a session of the guide's, and its device is a stranger again: it may be lost. */
export async function endOneSession(accountId: string, id: string): Promise<boolean> {
	const { rowCount } = await database().query(
		`with ended as (delete from session where account_id = $1 and id = $2 returning device_hash),
			forgotten as (delete from known_device where account_id = $1 and device_hash in (select device_hash from ended))
		 select from ended`,
		[accountId, id]
	);
	return rowCount === 1;
}

/** Ends all of a guide's sessions but the one in hand; other devices are strangers again. */
export async function endOtherSessions(accountId: string, token: string): Promise<number> {
	return inTransaction(async (client) => {
		const { rowCount } = await client.query(
			'delete from session where account_id = $1 and token_hash <> $2',
			[accountId, hashOf(token)]
		);
		await client.query(
			`delete from known_device where account_id = $1
			 and device_hash not in (select device_hash from session where token_hash = $2 and device_hash is not null)`,
			[accountId, hashOf(token)]
		);
		return rowCount ?? 0;
	});
}

/** Whether the account behind a name has been signed in to on this device before. */
export async function isKnownDevice(handle: string, device: string): Promise<boolean> {
	const { rowCount } = await database().query(
		`select from known_device d join account a on a.id = d.account_id
		 where a.handle = $1 and d.device_hash = $2 and d.used_at > now() - make_interval(days => $3)`,
		[handle, hashOf(device), DEVICE_DAYS]
	);
	return rowCount === 1;
}
