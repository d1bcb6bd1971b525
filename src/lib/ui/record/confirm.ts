import { typed, type Message } from '$lib/core/message';
import words from './words';
import * as v from 'valibot';
import type { HatchRecord, Precision } from '$lib/core/record';
import type { Embargo } from '$lib/core/share';
import { fetchAsGuide } from '../guide.svelte';

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
	says: Message;
	names: string[];
	/** Which of the records it was, where it was one. */
	record?: number;
}

/**
 * Confirms records, and shares them where asked: all of them, or none. Answers with what went wrong, if anything did.
 *
 * @param usual how this water is shared from now on
 */
export async function confirm(
	outingId: string,
	records: readonly { record: HatchRecord; shares: readonly ShareChoice[] }[],
	usual?: { precision: Precision; embargo: Embargo }
): Promise<Trouble | undefined> {
	try {
		const response = await fetchAsGuide(`/api/v1/outings/${outingId}/records`, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ records, ...(usual && { usual }) })
		});
		if (response.ok) return undefined;
		const problem = v.safeParse(ProblemSchema, await response.json());
		if (!problem.success) return { says: words('server-answered', { status: response.status }), names: [] };
		const { message, issues } = problem.output.error;
		const [, at] = /^records\.(\d+)\./.exec(issues[0]?.field ?? '') ?? [];
		return {
			says: typed(message),
			names: response.status === 409 ? issues.map((issue) => issue.message) : [],
			...(at !== undefined && { record: Number(at) })
		};
	} catch {
		return {
			says: words('no-connection'),
			names: []
		};
	}
}
