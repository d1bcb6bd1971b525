import { randomBytes } from 'node:crypto';
import { hashOf } from './accounts';
import { database, inTransaction } from './database';

export interface Circle {
	id: string;
	name: string;
	role: 'keeper' | 'guide';
	members: { name: string; role: string }[];
}

const INVITATION_DAYS = 7;

/** The circles a guide is in, with who else is. */
export async function circlesOf(accountId: string): Promise<Circle[]> {
	const { rows } = await database().query<Circle>(
		`select c.id, c.name, mine.role,
			(select json_agg(json_build_object('name', a.name, 'role', m.role) order by a.name)
			 from circle_member m join account a on a.id = m.account_id where m.circle_id = c.id) as members
		 from circle c join circle_member mine on mine.circle_id = c.id and mine.account_id = $1
		 order by c.name, c.id`,
		[accountId]
	);
	return rows;
}

export async function createCircle(accountId: string, name: string): Promise<string> {
	return inTransaction(async (client) => {
		const { rows } = await client.query<{ id: string }>(
			'insert into circle (name) values ($1) returning id',
			[name]
		);
		const id = rows[0]?.id;
		if (!id) throw new Error('the database returned no circle');
		await client.query(`insert into circle_member (circle_id, account_id, role) values ($1, $2, 'keeper')`, [
			id,
			accountId
		]);
		return id;
	});
}

/**
 * Makes an invitation to a circle the guide belongs to; its token goes into the link and is stored only as a
 * hash. Answers undefined to someone who is not in the circle.
 */
export async function invite(
	accountId: string,
	circleId: string,
	at: Date
): Promise<{ token: string; expiresAt: Date } | undefined> {
	const token = randomBytes(24).toString('base64url');
	const expiresAt = new Date(at.getTime() + INVITATION_DAYS * 86_400_000);
	const { rowCount } = await database().query(
		`insert into invitation (token_hash, circle_id, created_by, created_at, expires_at)
		 select $1, circle_id, account_id, $4, $5 from circle_member where circle_id = $2 and account_id = $3`,
		[hashOf(token), circleId, accountId, at, expiresAt]
	);
	return rowCount === 1 ? { token, expiresAt } : undefined;
}

/** What an invitation is to, while it is good. */
export async function invitationTo(
	token: string,
	at: Date
): Promise<{ circle: string; from: string } | undefined> {
	const { rows } = await database().query<{ circle: string; from: string }>(
		`select c.name as circle, a.name as from from invitation i
		 join circle c on c.id = i.circle_id join account a on a.id = i.created_by
		 where i.token_hash = $1 and i.expires_at > $2`,
		[hashOf(token), at]
	);
	return rows[0];
}

/** Joins by invitation; answers false when it has expired or never was. Joining twice changes nothing. */
export async function joinCircle(accountId: string, token: string, at: Date): Promise<boolean> {
	const { rows } = await database().query(
		`with good as (select circle_id from invitation where token_hash = $1 and expires_at > $3),
		 joined as (
			insert into circle_member (circle_id, account_id, role) select circle_id, $2, 'guide' from good
			on conflict do nothing)
		 select 1 from good`,
		[hashOf(token), accountId, at]
	);
	return rows.length === 1;
}
