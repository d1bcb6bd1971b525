import * as v from 'valibot';
import type { Embargo, HatchRecord, Precision } from '$lib/core';

const ProblemSchema = v.object({ error: v.object({ message: v.string() }) });

/** Confirms a record, and shares it where asked. Answers with what went wrong, if anything did. */
export async function confirm(
	outingId: string,
	record: HatchRecord,
	shares: { circleId: string; precision: Precision; embargo: Embargo }[],
	remember: boolean
): Promise<string | undefined> {
	try {
		const response = await fetch(`/api/v1/outings/${outingId}/records`, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ record, shares, remember })
		});
		if (response.ok) return undefined;
		const problem = v.safeParse(ProblemSchema, await response.json());
		return problem.success ? problem.output.error.message : `The server answered ${response.status}.`;
	} catch {
		return 'No connection. The record is not sent yet; your notes are safe. Try again when there is signal.';
	}
}
