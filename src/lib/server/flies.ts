import * as v from 'valibot';
import type { FlyBox } from '$lib/core/match';
import { fault } from '$lib/core/message';
import { whole, wordsOf } from '$lib/core/note';
import { PATTERNS } from '$lib/core/tackle';
import { database } from './database';
import words from './words';

const sizesOf = new Map(PATTERNS.map((pattern) => [pattern.id, new Set(pattern.sizes)]));
const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
const NO_SUCH_FLY = words('no-such-fly');

export const BoxedFlySchema = v.pipe(
	v.object({
		patternId: wordsOf(60),
		hookSize: v.number(),
		count: whole(0, 999)
	}),
	v.forward(
		v.partialCheck(
			[['patternId'], ['hookSize']],
			// Whether an own pattern is the guide's, the database knows.
			({ patternId, hookSize }) => UUID.test(patternId) || (sizesOf.get(patternId)?.has(hookSize) ?? false),
			fault(NO_SUCH_FLY)
		),
		['patternId']
	)
);

/** What a guide carries. */
export async function boxOf(accountId: string): Promise<FlyBox> {
	const { rows } = await database().query<{ patternId: string; hookSize: number; count: number }>(
		`select pattern_id as "patternId", hook_size as "hookSize", count from boxed_fly where account_id = $1 and count > 0`,
		[accountId]
	);
	return rows;
}

/** Sets how many of one fly are in the box; answers false when the guide has no such pattern in that size. */
export async function setBoxed(
	accountId: string,
	{ patternId, hookSize, count }: v.InferOutput<typeof BoxedFlySchema>
): Promise<boolean> {
	const { rowCount } = await database().query(
		`insert into boxed_fly (account_id, pattern_id, hook_size, count)
		 select $1, $2::text, $3::smallint, $4::integer
		 where $5 or exists (
			select from own_pattern where account_id = $1 and id::text = $2 and $3::smallint = any (sizes))
		 on conflict (account_id, pattern_id, hook_size) do update set count = excluded.count`,
		[accountId, patternId, hookSize, count, sizesOf.has(patternId)]
	);
	return rowCount === 1;
}

/** The field that is wrong when `setBoxed` answers false. */
export const NOT_BOXED = { field: 'patternId', says: NO_SUCH_FLY };

/** Fills a box that is empty; one that holds a fly stays as it is. Answers with how many flies went in. */
export async function fillBox(accountId: string, flies: FlyBox): Promise<number> {
	const { rows } = await database().query<{ count: number }>(
		`with put as (
			insert into boxed_fly (account_id, pattern_id, hook_size, count)
			select $1, f."patternId", f."hookSize", f.count
			from jsonb_to_recordset($2::jsonb) as f("patternId" text, "hookSize" smallint, count integer)
			where not exists (select from boxed_fly where account_id = $1 and count > 0)
			on conflict (account_id, pattern_id, hook_size) do update set count = excluded.count
			returning count)
		 select coalesce(sum(count), 0)::int as count from put`,
		[accountId, JSON.stringify(flies)]
	);
	return rows[0]?.count ?? 0;
}
