import type * as v from 'valibot';

/** One thing that is wrong with what was sent: which field, and what would be right. */
export interface FieldIssue {
	/** Like `notes.3.body.waterC`; empty for the whole. */
	field: string;
	message: string;
}

/** Valibot's issues as field and sentence, for answers and forms. */
export function fieldIssues(issues: readonly v.BaseIssue<unknown>[]): FieldIssue[] {
	return issues.map((issue) => ({
		field: (issue.path ?? []).map((item) => String(item.key)).join('.'),
		message: issue.message
	}));
}
