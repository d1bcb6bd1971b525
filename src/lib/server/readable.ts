import * as v from 'valibot';
import { faultOf, sayMessage } from '$lib/core/message';
import { log } from './log';

/**
 * A stored body, checked against its schema. One that cannot be read is logged under its table and id and left out, so
 * that it never hides the rows beside it.
 */
export function readable<S extends v.GenericSchema>(
	schema: S,
	stored: unknown,
	row: { table: string; id: string }
): v.InferOutput<S> | undefined {
	const read = v.safeParse(schema, stored, { abortEarly: true });
	if (read.success) return read.output;
	const [issue] = read.issues;
	log.error(
		{ ...row, field: v.getDotPath(issue), issue: sayMessage(faultOf(issue)) },
		'a stored row cannot be read'
	);
	return undefined;
}

/** Whether a row could be read; for lists, from which the others are left out. */
export const isThere = <T>(value: T | undefined): value is T => value !== undefined;
