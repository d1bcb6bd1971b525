import { hash, verify } from '@node-rs/argon2';
import { createHash, randomBytes } from 'node:crypto';
import * as v from 'valibot';
import { nameOf } from '$lib/core';
import { countAttempt, forgetAttempts } from './attempts';
import { database, inTransaction, sqlState, UNIQUE_VIOLATION } from './database';
import { settingsFrom, type Settings } from './settings';

export interface Account {
	id: string;
	handle: string;
	name: string;
	settings: Settings;
}

export const SignUpSchema = v.object({
	handle: v.pipe(
		v.string(),
		v.trim(),
		v.toLowerCase(),
		v.regex(/^[a-z0-9][a-z0-9-]{1,29}$/, 'Two to thirty letters, digits or hyphens.')
	),
	name: nameOf(60),
	password: v.pipe(
		v.string(),
		v.minLength(10, 'At least ten characters.'),
		v.maxLength(200, 'At most two hundred characters.')
	)
});

/** Argon2id with the parameters of RFC 9106's second recommendation, memory halved for small servers. */
const ARGON2ID = { algorithm: 2, memoryCost: 32 * 1024, timeCost: 3, parallelism: 1 } as const;

const SESSION_DAYS = 60;

/** Makes an account, or answers `taken` when the handle is someone's. */
export async function signUp(given: v.InferOutput<typeof SignUpSchema>): Promise<Account | 'taken'> {
	const passwordHash = await hash(given.password, ARGON2ID);
	try {
		const { rows } = await database().query<AccountRow>(
			'insert into account (handle, name, password_hash) values ($1, $2, $3) returning id, handle, name, settings',
			[given.handle, given.name, passwordHash]
		);
		return accountOf(must(rows[0]));
	} catch (error) {
		if (sqlState(error) === UNIQUE_VIOLATION) return 'taken';
		throw error;
	}
}

export type SignInAnswer = { account: Account } | { refused: 'wrong' } | { refused: 'wait'; seconds: number };

/**
 * Checks a password. An unknown handle takes the same time and gets the same answer as a wrong password, and
 * attempts are counted for both the account and the address.
 */
export async function signIn(handle: string, password: string, address: string): Promise<SignInAnswer> {
	const name = handle.trim().toLowerCase().replaceAll('\0', '');
	const wait = Math.max(
		await countAttempt('sign-in-account', name),
		await countAttempt('sign-in-address', address)
	);
	if (wait > 0) return { refused: 'wait', seconds: wait };
	const { rows } = await database().query<AccountRow & { password_hash: string | null }>(
		'select id, handle, name, settings, password_hash from account where handle = $1',
		[name]
	);
	const [row] = rows;
	const right = await verify(row?.password_hash ?? (await nobodysHash()), password.slice(0, 200));
	if (!row?.password_hash || !right) return { refused: 'wrong' };
	await forgetAttempts('sign-in-account', name);
	return { account: accountOf(row) };
}

let nobody: Promise<string> | undefined;
/** What the password of an unknown account is checked against, so that it takes as long. */
const nobodysHash = (): Promise<string> => (nobody ??= hash(randomBytes(24).toString('hex'), ARGON2ID));

/** The demonstration's guides, who are entered without a password. */
export async function demoGuides(): Promise<Account[]> {
	const { rows } = await database().query<AccountRow>(
		'select id, handle, name, settings from account where is_demo order by handle'
	);
	return rows.map(accountOf);
}

/** Begins a session and answers with the token for the cookie, which is stored only as a hash. */
export async function startSession(accountId: string): Promise<{ token: string; expiresAt: Date }> {
	const token = randomBytes(32).toString('base64url');
	const expiresAt = new Date(Date.now() + SESSION_DAYS * 86_400_000);
	await database().query('insert into session (token_hash, account_id, expires_at) values ($1, $2, $3)', [
		hashOf(token),
		accountId,
		expiresAt
	]);
	await database().query('delete from session where expires_at < now()');
	return { token, expiresAt };
}

/** The account a session token belongs to, if it is still good. */
export async function accountOfSession(token: string): Promise<Account | undefined> {
	const { rows } = await database().query<AccountRow>(
		`select a.id, a.handle, a.name, a.settings from session s join account a on a.id = s.account_id
		 where s.token_hash = $1 and s.expires_at > now()`,
		[hashOf(token)]
	);
	return rows[0] && accountOf(rows[0]);
}

export async function endSession(token: string): Promise<void> {
	await database().query('delete from session where token_hash = $1', [hashOf(token)]);
}

/**
 * Takes an account away with everything of its own: outings, notes, pictures, records, shares, flies. A circle that
 * nobody else keeps is kept by whoever has been in it longest; one that nobody else is in is gone. Not for the
 * demonstration's guides.
 */
export async function deleteAccount(accountId: string): Promise<boolean> {
	const handle = await inTransaction(async (client) => {
		await client.query(
			`update circle_member m set role = 'keeper'
			 from (select distinct on (o.circle_id) o.circle_id, o.account_id from circle_member o
				join circle_member mine on mine.circle_id = o.circle_id and mine.account_id = $1 and mine.role = 'keeper'
				where o.account_id <> $1 and not exists (
					select from circle_member k where k.circle_id = o.circle_id and k.role = 'keeper' and k.account_id <> $1)
				order by o.circle_id, o.role = 'reader', o.joined_at) heir
			 where m.circle_id = heir.circle_id and m.account_id = heir.account_id`,
			[accountId]
		);
		const gone = await client.query<{ handle: string }>(
			'delete from account where id = $1 and not is_demo returning handle',
			[accountId]
		);
		const [account] = gone.rows;
		if (!account) throw new NotLeaving();
		// Their reaches have gone with them; a water that nobody's reach is on has nobody to be there for.
		await client.query('delete from water w where not exists (select from reach r where r.water_id = w.id)');
		await client.query(
			'delete from circle c where not exists (select from circle_member m where m.circle_id = c.id)'
		);
		return account.handle;
	}).catch((error: unknown) => {
		if (error instanceof NotLeaving) return undefined;
		throw error;
	});
	if (handle === undefined) return false;
	await forgetAttempts('sign-in-account', handle);
	return true;
}

class NotLeaving extends Error {}

/** SHA-256, for tokens that are random enough to need no salt. */
export function hashOf(token: string): Buffer {
	return createHash('sha256').update(token).digest();
}

interface AccountRow {
	id: string;
	handle: string;
	name: string;
	settings: unknown;
}

const accountOf = ({ id, handle, name, settings }: AccountRow): Account => ({
	id,
	handle,
	name,
	settings: settingsFrom(settings)
});

function must<T>(value: T | undefined): T {
	if (value === undefined) throw new Error('the database returned no row');
	return value;
}
