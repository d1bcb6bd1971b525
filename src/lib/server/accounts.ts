import { fault, faultOf, type Message } from '$lib/core/message';
import words from './words';
import * as v from 'valibot';
import { nameOf } from '$lib/core/note';
import { accountOf, type Account, type AccountRow } from './account';
import { countAttempt, forgetAttempts, networkOf } from './attempts';
import { database, inTransaction, sqlState, UNIQUE_VIOLATION } from './database';
import { hashPassword, isCommonPassword, isPassword, PasswordSchema } from './passwords';
import { endOtherSessions, isKnownDevice } from './sessions';

const COMMON = words('that-is-among-the-first');

export const SignUpSchema = v.pipe(
	v.object({
		handle: v.pipe(
			v.string(),
			v.trim(),
			v.toLowerCase(),
			v.regex(/^[a-z0-9][a-z0-9-]{1,29}$/, fault(words('two-to-thirty-letters-digits')))
		),
		name: nameOf(60),
		password: PasswordSchema
	}),
	v.forward(
		v.check(({ handle, name, password }) => !isCommonPassword(password, [handle, name]), fault(COMMON)),
		['password']
	)
);

/** Makes an account, or answers `taken` when the handle is someone's. */
export async function signUp(given: v.InferOutput<typeof SignUpSchema>): Promise<Account | 'taken'> {
	const passwordHash = await hashPassword(given.password);
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

/** From where somebody signs in: the network address, and the token of the device if it has one. */
export interface From {
	address: string;
	device?: string | undefined;
}
export type Refusal = { refused: 'wrong' } | { refused: 'wait'; seconds: number };

/**
 * Checks a password. An unknown handle takes the same time and gets the same answer as a wrong password. Tries are
 * counted for the name from one network, for the network, and for the name as a whole; but on a device on which the
 * guide has signed in before only for the name on that device, so that nobody elsewhere can keep the guide out.
 */
export async function signIn(
	handle: string,
	password: string,
	{ address, device }: From
): Promise<{ account: Account } | Refusal> {
	const name = handle.trim().toLowerCase().replaceAll('\0', '');
	const network = networkOf(address);
	const known = device !== undefined && (await isKnownDevice(name, device));
	const here = `${known ? device : network} ${name}`;
	const waits = [await countAttempt('sign-in-name-here', here)];
	if (!known)
		waits.push(await countAttempt('sign-in-network', network), await countAttempt('sign-in-name', name));
	const seconds = Math.max(...waits);
	if (seconds > 0) return { refused: 'wait', seconds };
	const { rows } = await database().query<AccountRow & { password_hash: string | null }>(
		'select id, handle, name, settings, password_hash from account where handle = $1',
		[name]
	);
	const [row] = rows;
	if (!(await isPassword(password, row?.password_hash)) || !row) return { refused: 'wrong' };
	await forgetAttempts('sign-in-name-here', here);
	return { account: accountOf(row) };
}

/**
 * Asks a guide who is signed in for the password once more, before what cannot be taken back. Tries are counted for
 * each session: whoever found one open does not keep the guide out elsewhere.
 */
export async function confirmPassword(
	account: Account,
	password: string,
	token: string
): Promise<'right' | 'no-password' | Refusal> {
	const seconds = await countAttempt('confirm-password', token);
	if (seconds > 0) return { refused: 'wait', seconds };
	const passwordHash = await passwordHashOf(account.id);
	if (!passwordHash) return 'no-password';
	if (!(await isPassword(password, passwordHash))) return { refused: 'wrong' };
	await forgetAttempts('confirm-password', token);
	return 'right';
}

async function passwordHashOf(accountId: string): Promise<string | null | undefined> {
	const { rows } = await database().query<{ password_hash: string | null }>(
		'select password_hash from account where id = $1',
		[accountId]
	);
	return rows[0]?.password_hash;
}

/** Whether there is a password to be asked for: the demonstration's guides have none. */
export const hasPassword = async (accountId: string): Promise<boolean> =>
	typeof (await passwordHashOf(accountId)) === 'string';

/** Says to a guide why a password was not taken. */
export const sayRefusal = (refusal: 'no-password' | Refusal, wrong: Message): Message =>
	refusal === 'no-password'
		? words('the-guides-of-the-demonstration-2')
		: refusal.refused === 'wrong'
			? wrong
			: words('too-many-tries-wait-min', { minutes: Math.ceil(refusal.seconds / 60) });

/** What is wrong with a new password, or undefined. */
export function troubleWith(password: string, account: Account): Message | undefined {
	const parsed = v.safeParse(PasswordSchema, password);
	if (!parsed.success) return faultOf(parsed.issues[0]);
	return isCommonPassword(password, [account.handle, account.name]) ? COMMON : undefined;
}

/** Sets a new password; all sessions but the one in hand end, and other devices are strangers again. */
export async function changePassword(account: Account, password: string, token: string): Promise<void> {
	await database().query('update account set password_hash = $2 where id = $1 and not is_demo', [
		account.id,
		await hashPassword(password)
	]);
	await endOtherSessions(account.id, token);
}

/** The demonstration's guides, who are entered without a password. */
export async function demoGuides(): Promise<Account[]> {
	const { rows } = await database().query<AccountRow>(
		'select id, handle, name, settings from account where is_demo order by handle'
	);
	return rows.map(accountOf);
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
	await forgetAttempts('sign-in-name', handle);
	return true;
}

class NotLeaving extends Error {}

function must<T>(value: T | undefined): T {
	if (value === undefined) throw new Error('the database returned no row');
	return value;
}
