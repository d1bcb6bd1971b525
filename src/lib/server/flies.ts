import * as v from 'valibot';
import { PATTERNS, type FlyBox } from '$lib/core';
import { database } from './database';

const sizesOf = new Map(PATTERNS.map((pattern) => [pattern.id, new Set(pattern.sizes)]));

export const BoxedFlySchema = v.pipe(
	v.object({
		patternId: v.string(),
		hookSize: v.number(),
		count: v.pipe(
			v.number(),
			v.integer('must be a whole number'),
			v.minValue(0, 'cannot be under 0'),
			v.maxValue(999, 'cannot be over 999')
		)
	}),
	v.forward(
		v.partialCheck(
			[['patternId'], ['hookSize']],
			({ patternId, hookSize }) => sizesOf.get(patternId)?.has(hookSize) ?? false,
			'there is no such pattern in that size'
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

/** Sets how many of one fly are in the box. */
export async function setBoxed(accountId: string, fly: v.InferOutput<typeof BoxedFlySchema>): Promise<void> {
	await database().query(
		`insert into boxed_fly (account_id, pattern_id, hook_size, count) values ($1, $2, $3, $4)
		 on conflict (account_id, pattern_id, hook_size) do update set count = excluded.count`,
		[accountId, fly.patternId, fly.hookSize, fly.count]
	);
}
