import { said } from '../../../tests/support/said';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import * as v from 'valibot';
import type { Account } from './account';
import {
	changePassword,
	confirmPassword,
	signIn,
	signUp,
	SignUpSchema,
	troubleWith,
	type From
} from './accounts';
import { countAttempt, networkOf } from './attempts';
import { closeDatabase, database } from './database';
import { isOpenToReaders, mayBePlain } from './plain';
import {
	accountOfSession,
	deviceKind,
	endOneSession,
	endOtherSessions,
	openSessions,
	startSession
} from './sessions';
import { hashOf, newToken } from './tokens';

const PASSWORD = 'willow by the weir';
let count = 0;
async function newGuide(): Promise<Account> {
	const made = await signUp({ handle: `guide-${count++}`, name: 'Guide', password: PASSWORD });
	if (made === 'taken') throw new Error('taken');
	return made;
}
const guesses = async (handle: string, from: From, many: number) => {
	const answers = [];
	for (let i = 0; i < many; i++) answers.push(await signIn(handle, `guess ${i}`, from));
	return answers;
};
const ages = (token: string, days: number) =>
	database().query('update session set used_at = now() - make_interval(hours => $2) where token_hash = $1', [
		hashOf(token),
		Math.round(days * 24)
	]);

beforeAll(async () => {
	await database().query('delete from rate_limit');
});
afterAll(closeDatabase);

describe('who guesses', () => {
	it('does not keep the owner out who signs in from another place', async () => {
		const { handle } = await newGuide();
		const answers = await guesses(handle, { address: '10.1.0.1' }, 12);
		expect(answers.filter((answer) => 'refused' in answer && answer.refused === 'wait')).toHaveLength(4);
		expect(await signIn(handle, PASSWORD, { address: '10.1.0.2' })).toHaveProperty('account');
	});

	it('does not keep the owner out of a device of the owner’s, even from the same network', async () => {
		const { handle, id } = await newGuide();
		const { device } = await startSession(id);
		await guesses(handle, { address: '10.1.1.1' }, 9);
		expect(await signIn(handle, PASSWORD, { address: '10.1.1.1' })).toMatchObject({ refused: 'wait' });
		expect(await signIn(handle, PASSWORD, { address: '10.1.1.1', device })).toHaveProperty('account');
	});

	it('is stopped from many networks at once, and the owner’s device still gets in', async () => {
		const { handle, id } = await newGuide();
		const { device } = await startSession(id);
		await guesses(handle, { address: '10.2.0.1' }, 1);
		// As if seven guesses came from each of thirty networks.
		for (let i = 1; i < 200; i++) await countAttempt('sign-in-name', handle);
		expect(await signIn(handle, PASSWORD, { address: '10.3.0.1' })).toMatchObject({ refused: 'wait' });
		expect(await signIn(handle, PASSWORD, { address: '10.3.0.1', device })).toHaveProperty('account');
	});

	it('gets no further on a device that is known, nor with one of another guide’s', async () => {
		const [victim, other] = [await newGuide(), await newGuide()];
		const { device } = await startSession(victim.id);
		const on = await guesses(victim.handle, { address: '10.4.0.1', device }, 9);
		expect(on.at(-1)).toMatchObject({ refused: 'wait' });
		const { device: others } = await startSession(other.id);
		await guesses(victim.handle, { address: '10.4.0.2' }, 8);
		expect(await signIn(victim.handle, PASSWORD, { address: '10.4.0.2', device: others })).toMatchObject({
			refused: 'wait'
		});
		const made = await signIn(victim.handle, PASSWORD, { address: '10.4.0.2', device: newToken() });
		expect(made).toMatchObject({ refused: 'wait' });
	});

	it('is counted by network: all of an IPv6 customer’s addresses are one', () => {
		expect(networkOf('2001:db8:0:1::5')).toBe('2001:db8:0:1::/64');
		expect(networkOf('2001:db8:0:1:ffff:1:2:3')).toBe('2001:db8:0:1::/64');
		expect(networkOf('2001:0DB8::1:0:0:7')).toBe('2001:db8:0:0::/64');
		expect(networkOf('::1')).toBe('0:0:0:0::/64');
		expect(networkOf('fe80::1%eth0')).toBe('fe80:0:0:0::/64');
		expect(networkOf('::ffff:192.0.2.7')).toBe('192.0.2.7');
		expect(networkOf('192.0.2.7')).toBe('192.0.2.7');
	});
});

describe('a session', () => {
	it('lasts a month without use, and from each use on another', async () => {
		const { id } = await newGuide();
		const { token } = await startSession(id);
		expect(await accountOfSession(token)).toMatchObject({ account: { id }, renewed: false });
		await ages(token, 29.9);
		expect(await accountOfSession(token)).toMatchObject({ account: { id }, renewed: true });
		expect(await accountOfSession(token)).toMatchObject({ renewed: false });
		await ages(token, 7);
		expect(await accountOfSession(token)).toMatchObject({ account: { id } });
		await ages(token, 30.1);
		expect(await accountOfSession(token)).toBeUndefined();
		expect(await openSessions(id, token)).toEqual([]);
		await startSession(id);
		const { rowCount } = await database().query('select from session where token_hash = $1', [hashOf(token)]);
		expect(rowCount).toBe(0);
	});

	it('is listed to its guide alone, and ended by its guide alone', async () => {
		const [mine, others] = [await newGuide(), await newGuide()];
		const here = await startSession(mine.id, undefined, 'Mozilla/5.0 (X11; Linux x86_64)');
		const phone = await startSession(mine.id, undefined, 'Mozilla/5.0 (Linux; Android 14) Mobile');
		const theirs = await startSession(others.id);
		const listed = await openSessions(mine.id, here.token);
		expect(listed.map(({ kind, here }) => [kind, here])).toEqual([
			['computer', true],
			['phone', false]
		]);
		const [their] = await openSessions(others.id, theirs.token);
		expect(await endOneSession(mine.id, their?.id ?? '')).toBe(false);
		expect(await accountOfSession(theirs.token)).toBeDefined();
		expect(await endOneSession(mine.id, listed[1]?.id ?? '')).toBe(true);
		expect(await accountOfSession(phone.token)).toBeUndefined();
		// The lost phone is a stranger again.
		await guesses(mine.handle, { address: '10.5.0.1' }, 8);
		const from = { address: '10.5.0.1' };
		expect(await signIn(mine.handle, PASSWORD, { ...from, device: phone.device })).toMatchObject({
			refused: 'wait'
		});
		expect(await signIn(mine.handle, PASSWORD, { ...from, device: here.device })).toHaveProperty('account');
	});

	it('is one of two hundred at the most: the one used longest ago ends', async () => {
		const { id } = await newGuide();
		const first = await startSession(id);
		await ages(first.token, 1);
		await database().query(
			`insert into session (token_hash, account_id) select sha256(i::text::bytea), $1 from generate_series(1, 199) i`,
			[id]
		);
		const last = await startSession(id);
		expect(await accountOfSession(first.token)).toBeUndefined();
		expect(await accountOfSession(last.token)).toBeDefined();
	});

	it('says what kind of device it is on', () => {
		expect(deviceKind('Mozilla/5.0 (iPad; CPU OS 17_0 like Mac OS X)')).toBe('tablet');
		expect(deviceKind('curl/8')).toBe('program');
	});
});

describe('a password', () => {
	it('is changed by who knows it; everybody else is out', async () => {
		const account = await newGuide();
		const [here, there] = [await startSession(account.id), await startSession(account.id)];
		expect(await confirmPassword(account, 'not the right one', here.token)).toEqual({ refused: 'wrong' });
		expect(await confirmPassword(account, PASSWORD, here.token)).toBe('right');
		await changePassword(account, 'alder over the pool', here.token);
		expect(await accountOfSession(here.token)).toBeDefined();
		expect(await accountOfSession(there.token)).toBeUndefined();
		const from = { address: '10.6.0.1' };
		expect(await signIn(account.handle, PASSWORD, from)).toEqual({ refused: 'wrong' });
		expect(await signIn(account.handle, 'alder over the pool', from)).toHaveProperty('account');
		expect(await endOtherSessions(account.id, here.token)).toBe(0);
	});

	it('is not guessed through an open session', async () => {
		const account = await newGuide();
		const { token } = await startSession(account.id);
		for (let i = 0; i < 8; i++) await confirmPassword(account, `guess ${i}`, token);
		expect(await confirmPassword(account, PASSWORD, token)).toMatchObject({ refused: 'wait' });
		const elsewhere = await startSession(account.id);
		expect(await confirmPassword(account, PASSWORD, elsewhere.token)).toBe('right');
	});

	it.each([
		'password123',
		'1234567890',
		'Qwertyuiop',
		'P@ssw0rd12',
		'aaaaaaaaaaaa',
		'1q2w3e4r5t',
		'ines varrow'
	])('is not “%s”', (password) => {
		const given = { handle: 'ines', name: 'Ines Varrow', password };
		const parsed = v.safeParse(SignUpSchema, given);
		expect(parsed.issues?.map(({ path }) => path?.[0].key)).toEqual(['password']);
		expect(said(troubleWith(password, { ...given, id: '', settings: {} as Account['settings'] }))).toMatch(
			/guess/
		);
	});

	it('may be a few words, in any script', () => {
		for (const password of [PASSWORD, 'ölschwarze Steinfliege', '春の川で会いましょうねえ', 'x7#kQ!m2Lp'])
			expect(v.is(SignUpSchema, { handle: 'ines', name: 'Ines', password })).toBe(true);
	});
});

it('cookies go without TLS on this machine and in private networks alone', () => {
	const at = (address: string) => new URL(address);
	for (const own of ['192.168.0.10:8320', '10.0.0.2', '172.20.1.1', '[fd00::1]', '[fe80::2]', 'weir.local'])
		expect(isOpenToReaders(at(`http://${own}/`))).toBe(true);
	for (const other of ['http://11.0.0.1', 'http://172.32.0.1', 'http://local.example', 'https://10.0.0.2'])
		expect(mayBePlain(at(other))).toBe(false);
	for (const here of ['http://localhost:8320', 'http://127.0.0.1', 'http://[::1]:80'])
		expect([mayBePlain(at(here)), isOpenToReaders(at(here))]).toEqual([true, false]);
});
