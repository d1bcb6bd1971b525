import * as v from 'valibot';
import type { GuidesName } from '$lib/core/atlas';
import { IdSchema, nameOf, TaxonIdSchema } from '$lib/core/note';
import { database } from './database';

export const OwnNameSchema = v.object({
	taxonId: TaxonIdSchema,
	name: nameOf(60),
	/** A circle that is to see the name; left out, it is the guide's alone. */
	circleId: v.optional(IdSchema)
});

/** The names a guide may see: own ones, and those of one's circles. */
export async function namesFor(accountId: string): Promise<GuidesName[]> {
	const { rows } = await database().query<GuidesName>(
		`select n.id, n.taxon_id as "taxonId", n.name, n.account_id = $1 as mine, c.name as circle,
			c.id as "circleId"
		 from own_name n left join circle c on c.id = n.circle_id
		 where (n.circle_id is null and n.account_id = $1)
			or n.circle_id in (select circle_id from circle_member where account_id = $1)
		 order by lower(n.name), n.id`,
		[accountId]
	);
	return rows.map(({ circle, circleId, ...row }) => ({
		...row,
		...(circle && circleId && { circle, circleId })
	}));
}

/** Adds a name; answers false when the circle is not one of the guide's. The same name twice is stored once. */
export async function addName(
	accountId: string,
	{ taxonId, name, circleId }: v.InferOutput<typeof OwnNameSchema>
): Promise<boolean> {
	const { rows } = await database().query(
		`with allowed as (
			select 1 where $2::uuid is null
				or exists (select from circle_member where circle_id = $2 and account_id = $1)),
		 added as (
			insert into own_name (account_id, circle_id, taxon_id, name) select $1, $2, $3, $4 from allowed
			on conflict do nothing)
		 select 1 from allowed`,
		[accountId, circleId ?? null, taxonId, name]
	);
	return rows.length === 1;
}

/** Takes a name back: one's own, or as a keeper anybody's in the circle; answers false when there is none such. */
export async function removeName(accountId: string, id: string): Promise<boolean> {
	const { rowCount } = await database().query(
		`delete from own_name n where n.id = $1 and (n.account_id = $2 or exists (
			select from circle_member k where k.circle_id = n.circle_id and k.account_id = $2 and k.role = 'keeper'))`,
		[id, accountId]
	);
	return rowCount === 1;
}
