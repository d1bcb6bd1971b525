import * as v from 'valibot';
import { fault } from '$lib/core/message';
import { DressingSchema, faults, listOf } from '$lib/core/note';
import { type Dressing, HOOK_SIZES, ownPattern, type Pattern } from '$lib/core/tackle';
import { database } from './database';
import { isThere, readable } from './readable';

/** Own patterns at the most: a box of a lifetime. */
const MOST_OWN = 300;

export const OwnPatternSchema = v.object({
	...DressingSchema.entries,
	sizes: v.pipe(
		listOf(
			v.pipe(
				v.number(),
				v.check((size) => HOOK_SIZES.includes(size), fault(faults('hook', { least: 2, most: 28 })))
			),
			14
		),
		v.minLength(1, fault(faults('none'))),
		v.transform((sizes) => [...new Set(sizes)].sort((a, b) => a - b))
	)
});

/** The flies of a guide's own, newest first. */
export async function ownPatternsOf(accountId: string): Promise<Pattern[]> {
	const { rows } = await database().query<
		{ [K in keyof Dressing]-?: Dressing[K] | null } & { id: string; sizes: number[] }
	>(
		`select id, name, style, belly, wing, post, sizes from own_pattern
		 where account_id = $1 order by created_at desc, id`,
		[accountId]
	);
	return rows
		.map(({ id, sizes, name, style, belly, wing, post }) => {
			const dressing = { name, style, belly, ...(wing && { wing }), ...(post && { post }) };
			const read = readable(DressingSchema, dressing, { table: 'own_pattern', id });
			return read && ownPattern(id, read, sizes);
		})
		.filter(isThere);
}

/** Adds a fly of a guide's own; answers its id, or undefined when there are too many. */
export async function addOwnPattern(
	accountId: string,
	{ name, style, belly, wing, post, sizes }: v.InferOutput<typeof OwnPatternSchema>
): Promise<string | undefined> {
	const { rows } = await database().query<{ id: string }>(
		`insert into own_pattern (account_id, name, style, belly, wing, post, sizes)
		 select $1, $2, $3, $4, $5, $6, $7
		 where (select count(*) from own_pattern where account_id = $1) < $8
		 returning id`,
		[accountId, name, style, belly, wing ?? null, post ?? null, sizes, MOST_OWN]
	);
	return rows[0]?.id;
}

/** Takes a fly of a guide's own away, out of the box too; answers false when there is none such. */
export async function removeOwnPattern(accountId: string, id: string): Promise<boolean> {
	const { rows } = await database().query(
		`with gone as (delete from own_pattern where id = $2 and account_id = $1 returning id),
		 unboxed as (
			delete from boxed_fly where account_id = $1 and pattern_id in (select id::text from gone) returning 1)
		 select 1 from gone`,
		[accountId, id]
	);
	return rows.length === 1;
}
