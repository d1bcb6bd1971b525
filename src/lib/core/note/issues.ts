import * as v from 'valibot';
import { faultOf, type Message } from '../message';
import faults from './fault-words';

/** One thing that is wrong with what was sent: which field, and what would be right. */
export interface FieldIssue {
	/** Like `notes.3.body.waterC`; empty for the whole. */
	field: string;
	/** What stands behind the field's name: "must be a number". */
	says: Message;
}

/** Valibot's issues as field and what is wrong with it, for answers and forms. */
export function fieldIssues(issues: readonly v.BaseIssue<unknown>[]): FieldIssue[] {
	return issues.map((issue) => ({
		field: (issue.path ?? []).map((item) => String(item.key)).join('.'),
		says: faultOf(issue)
	}));
}

/** So many characters of what was sent are told of each fault; of more, only the first fault is told. */
const TOLD_IN_FULL = 50_000;
const MOST_TOLD = 50;

/**
 * Checks what came as text of so many characters: the work and the memory it takes grow no faster than the text,
 * whatever is wrong with it.
 */
export function checked<S extends v.GenericSchema>(
	schema: S,
	given: unknown,
	characters: number
): { value: v.InferOutput<S> } | { issues: [FieldIssue, ...FieldIssue[]] } {
	const parsed = v.safeParse(schema, given, { abortEarly: characters > TOLD_IN_FULL });
	if (parsed.success) return { value: parsed.output };
	const [first, ...rest] = fieldIssues(parsed.issues.slice(0, MOST_TOLD));
	return { issues: [first ?? { field: '', says: faults('other') }, ...rest] };
}
