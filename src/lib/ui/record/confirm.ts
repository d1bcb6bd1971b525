import * as v from 'valibot';
import type { Embargo, HatchRecord, Precision } from '$lib/core';

const ProblemSchema = v.object({
	error: v.object({
		message: v.string(),
		issues: v.optional(v.array(v.object({ field: v.string(), message: v.string() })), [])
	})
});

/** With whom a record is shared, and how much of it. */
export interface ShareChoice {
	circleId: string;
	precision: Precision;
	embargo: Embargo;
	withWords: boolean;
	withPicture: boolean;
	/** Names in the words that say more than the share may go: the guide was asked. */
	namesMayGo: boolean;
}

/** What went wrong; with the names in the words that the guide is to be asked about. */
export interface Trouble {
	message: string;
	names: string[];
}

/** Confirms a record, and shares it where asked. Answers with what went wrong, if anything did. */
export async function confirm(
	outingId: string,
	record: HatchRecord,
	shares: ShareChoice[],
	remember: boolean
): Promise<Trouble | undefined> {
	try {
		const response = await fetch(`/api/v1/outings/${outingId}/records`, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ record, shares, remember })
		});
		if (response.ok) return undefined;
		const problem = v.safeParse(ProblemSchema, await response.json());
		if (!problem.success) return { message: `The server answered ${response.status}.`, names: [] };
		const { message, issues } = problem.output.error;
		return { message, names: response.status === 409 ? issues.map((issue) => issue.message) : [] };
	} catch {
		return {
			message:
				'No connection. The record is not sent yet; your notes are safe. Try again when there is signal.',
			names: []
		};
	}
}
