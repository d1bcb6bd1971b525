import * as v from 'valibot';
import { IdSchema } from '$lib/core/note';
import { hashOf, newToken } from './tokens';
import { database, inTransaction } from './database';

export const ROLES = ['keeper', 'guide', 'reader'] as const;
export type Role = (typeof ROLES)[number];

export interface Circle {
	id: string;
	name: string;
	role: Role;
	/** Their ids are for keepers only. */
	members: { id: string | null; name: string; role: Role; me: boolean }[];
	/** Invitations that are still good; for keepers only. */
	invitations: { id: string; role: Role; expiresAt: Date; usesLeft: number | null }[];
}

export const InvitationSchema = v.object({
	circleId: IdSchema,
	days: v.optional(v.picklist(['1', '7', '30']), '7'),
	uses: v.optional(v.picklist(['one', 'any']), 'one'),
	role: v.optional(v.picklist(['guide', 'reader']), 'guide')
});

/** The circles a guide is in, with who else is. */
export async function circlesOf(accountId: string, at: Date): Promise<Circle[]> {
	const { rows } = await database().query<Omit<Circle, 'invitations'> & { invitations: Invitations | null }>(
		`select c.id, c.name, mine.role,
			(select json_agg(json_build_object('id', case when mine.role = 'keeper' then a.id end, 'name', a.name, 'role', m.role, 'me', a.id = $1) order by a.name)
			 from circle_member m join account a on a.id = m.account_id where m.circle_id = c.id) as members,
			(select json_agg(json_build_object('id', i.id, 'role', i.role, 'expiresAt', i.expires_at, 'usesLeft', i.uses_left)
				order by i.expires_at)
			 from invitation i where i.circle_id = c.id and mine.role = 'keeper'
				and i.expires_at > $2 and (i.uses_left is null or i.uses_left > 0)) as invitations
		 from circle c join circle_member mine on mine.circle_id = c.id and mine.account_id = $1
		 order by c.name, c.id`,
		[accountId, at]
	);
	return rows.map(({ invitations, ...circle }) => ({
		...circle,
		invitations: (invitations ?? []).map((one) => ({ ...one, expiresAt: new Date(one.expiresAt) }))
	}));
}

type Invitations = (Omit<Circle['invitations'][number], 'expiresAt'> & { expiresAt: string })[];

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
 * Makes an invitation to a circle that the guide keeps; its token goes into the link and is stored only as a
 * hash. Answers undefined to anyone who is not a keeper.
 */
export async function invite(
	accountId: string,
	{ circleId, days, uses, role }: v.InferOutput<typeof InvitationSchema>,
	at: Date
): Promise<{ token: string; expiresAt: Date } | undefined> {
	const token = newToken();
	const expiresAt = new Date(at.getTime() + Number(days) * 86_400_000);
	const { rowCount } = await database().query(
		`insert into invitation (token_hash, circle_id, created_by, created_at, expires_at, role, uses_left)
		 select $1, circle_id, account_id, $4, $5, $6, $7 from circle_member
		 where circle_id = $2 and account_id = $3 and role = 'keeper'`,
		[hashOf(token), circleId, accountId, at, expiresAt, role, uses === 'one' ? 1 : null]
	);
	return rowCount === 1 ? { token, expiresAt } : undefined;
}

/** Takes an invitation back; only a keeper of its circle may. */
export async function revokeInvitation(accountId: string, id: string): Promise<boolean> {
	const { rowCount } = await database().query(
		`delete from invitation i using circle_member m
		 where i.id = $2 and m.circle_id = i.circle_id and m.account_id = $1 and m.role = 'keeper'`,
		[accountId, id]
	);
	return rowCount === 1;
}

/** What an invitation is to, while it is good. */
export async function invitationTo(
	token: string,
	at: Date
): Promise<{ circle: string; from: string; role: Role } | undefined> {
	const { rows } = await database().query<{ circle: string; from: string; role: Role }>(
		`select c.name as circle, a.name as from, i.role from invitation i
		 join circle c on c.id = i.circle_id join account a on a.id = i.created_by
		 where i.token_hash = $1 and i.expires_at > $2 and (i.uses_left is null or i.uses_left > 0)`,
		[hashOf(token), at]
	);
	return rows[0];
}

/**
 * Joins by invitation; answers false when it has expired, is used up, or never was. Who is in the circle already
 * uses nothing up, and keeps the role they have.
 */
export async function joinCircle(accountId: string, token: string, at: Date): Promise<boolean> {
	return inTransaction(async (client) => {
		const { rows } = await client.query<{ circle_id: string; role: Role; member: boolean; good: boolean }>(
			// A link from before one was taken out is good for everybody else.
			`select i.circle_id, i.role, (i.uses_left is null or i.uses_left > 0) and not exists (
					select from circle_removal r where r.circle_id = i.circle_id and r.account_id = $2
						and r.removed_at >= i.created_at) as good,
				exists (select from circle_member m where m.circle_id = i.circle_id and m.account_id = $2) as member
			 from invitation i where i.token_hash = $1 and i.expires_at > $3 for update`,
			[hashOf(token), accountId, at]
		);
		const [invitation] = rows;
		if (invitation?.member) return true;
		if (!invitation?.good) return false;
		// The same join, sent twice at once: the second waited for the first, and finds itself in.
		const { rowCount } = await client.query(
			`insert into circle_member (circle_id, account_id, role) values ($1, $2, $3) on conflict do nothing`,
			[invitation.circle_id, accountId, invitation.role]
		);
		if (rowCount === 0) return true;
		await client.query('update invitation set uses_left = uses_left - 1 where token_hash = $1', [
			hashOf(token)
		]);
		return true;
	});
}

/** What came of a change of membership. */
export type MembershipChange = 'done' | 'not-yours' | 'last-keeper';

/** Gives a member another role. Only a keeper may, and the last keeper stays one. */
export async function setRole(
	accountId: string,
	circleId: string,
	memberId: string,
	role: Role
): Promise<MembershipChange> {
	return inTransaction(async (client) => {
		const keepers = await keepersOf(client, circleId);
		if (!keepers.includes(accountId)) return 'not-yours';
		if (role !== 'keeper' && keepers.length === 1 && keepers[0] === memberId) return 'last-keeper';
		const { rowCount } = await client.query(
			'update circle_member set role = $3 where circle_id = $1 and account_id = $2',
			[circleId, memberId, role]
		);
		return rowCount === 1 ? 'done' : 'not-yours';
	});
}

/**
 * Takes a member out of a circle, with everything they shared, said and named there, and the links they gave out: a keeper may take out anyone, each may leave.
 * The last keeper can leave only when nobody else is left; then the circle is gone.
 */
export async function removeMember(
	accountId: string,
	circleId: string,
	memberId: string,
	at: Date
): Promise<MembershipChange> {
	return inTransaction(async (client) => {
		const keepers = await keepersOf(client, circleId);
		if (accountId !== memberId && !keepers.includes(accountId)) return 'not-yours';
		const { rows } = await client.query<{ count: number }>(
			'select count(*)::int as count from circle_member where circle_id = $1',
			[circleId]
		);
		const alone = rows[0]?.count === 1;
		if (!alone && keepers.length === 1 && keepers[0] === memberId) return 'last-keeper';
		const { rowCount } = await client.query(
			'delete from circle_member where circle_id = $1 and account_id = $2',
			[circleId, memberId]
		);
		if (rowCount !== 1) return 'not-yours';
		// Their shares and names go with their membership; what they answered, and the links they gave out, with these.
		await client.query(
			`delete from feed_reply f using shared_record s
			 where s.id = f.shared_id and s.circle_id = $1 and f.author_id = $2`,
			[circleId, memberId]
		);
		await client.query('delete from invitation where circle_id = $1 and created_by = $2', [
			circleId,
			memberId
		]);
		if (accountId !== memberId)
			await client.query(
				`insert into circle_removal (circle_id, account_id, removed_at) values ($1, $2, $3)
				 on conflict (circle_id, account_id) do update set removed_at = excluded.removed_at`,
				[circleId, memberId, at]
			);
		if (alone) await client.query('delete from circle where id = $1', [circleId]);
		return 'done';
	});
}

/** The keepers of a circle, locked, so that two who leave at once do not both count on the other. */
async function keepersOf(
	client: { query: (sql: string, values: unknown[]) => Promise<{ rows: { account_id: string }[] }> },
	circleId: string
): Promise<string[]> {
	const { rows } = await client.query(
		`select account_id from circle_member where circle_id = $1 and role = 'keeper' for update`,
		[circleId]
	);
	return rows.map(({ account_id }) => account_id);
}
