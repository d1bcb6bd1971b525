import * as v from 'valibot';
import { ACCOUNT_HEADER } from '$lib/protocol';
import type { Post } from './send';

const KeptSchema = v.object({ stored: v.array(v.object({ id: v.string() })) });
const ProblemSchema = v.object({
	error: v.object({
		message: v.string(),
		issues: v.array(v.object({ field: v.string(), message: v.string() }))
	})
});

/**
 * Posts notes of an account to the server at an address; trouble on the way or in the server answers undefined: try
 * again.
 */
export function postTo(
	origin: string,
	account: string,
	headers: Record<string, string> = {},
	timeoutMs = 15_000
): Post {
	return async (outingId, notes) => {
		try {
			const response = await fetch(`${origin}/api/v1/outings/${outingId}/notes`, {
				method: 'POST',
				headers: { 'content-type': 'application/json', [ACCOUNT_HEADER]: account, ...headers },
				body: JSON.stringify({ notes }),
				signal: AbortSignal.timeout(timeoutMs)
			});
			if (response.status >= 500) return undefined;
			const body: unknown = await response.json();
			if (response.ok) return { kept: v.parse(KeptSchema, body).stored.map(({ id }) => id) };
			const { message, issues } = v.parse(ProblemSchema, body).error;
			return { status: response.status, message, issues };
		} catch {
			// No network, a server that went away in the middle, or a proxy's page: the notes stay here.
			return undefined;
		}
	};
}
