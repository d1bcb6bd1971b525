import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { accountOfSession } from '$lib/server/accounts';
import { compressed } from '$lib/server/compress';
import { closeDatabase } from '$lib/server/database';
import { boundTime, leaveUnread, problem, withBodyInHand } from '$lib/server/http';
import { log } from '$lib/server/log';
import { closeNews } from '$lib/server/news';
import { SESSION_COOKIE } from '$lib/server/session-cookie';

export const init: ServerInit = () => {
	// Open event streams would hold the server up; the rest of the requests in hand are finished by the adapter.
	for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, () => void closeNews());
	process.once('sveltekit:shutdown', () => void closeDatabase());
};

export const handle: Handle = async ({ event, resolve }) => {
	const began = performance.now();
	boundTime(event.platform?.req, event.route.id);
	const token = event.cookies.get(SESSION_COOKIE);
	try {
		event.locals.account =
			token && event.url.pathname !== '/healthz' ? await accountOfSession(token) : undefined;
	} catch (error) {
		await leaveUnread(event.request);
		if (!event.route.id?.startsWith('/api/')) throw error;
		log.warn({ route: event.route.id, error: String(error) }, 'no session could be looked up');
		return problem(503, 'The database does not answer just now; try again in a moment.', [], {
			'retry-after': '2'
		});
	}
	const theme = event.locals.account?.settings.theme ?? 'bankside';
	const sender = event.locals.account?.id ?? event.getClientAddress();
	const response = await compressed(
		event.request,
		await withBodyInHand(event.request, { route: event.route.id, sender }, () =>
			// No text of ours holds NUL, and no database takes it.
			/%00/.test(event.url.pathname + event.url.search)
				? problem(400, 'The address holds what is no text.')
				: resolve(event, { transformPageChunk: ({ html }) => html.replace('%lacewing.theme%', theme) })
		)
	);
	for (const [name, value] of Object.entries(SECURITY_HEADERS)) response.headers.set(name, value);
	if (event.url.protocol === 'https:')
		response.headers.set('strict-transport-security', 'max-age=31536000; includeSubDomains');
	if (!response.headers.has('cache-control') && event.locals.account)
		response.headers.set('cache-control', 'private, no-store');
	log.info(
		{
			method: event.request.method,
			route: event.route.id,
			status: response.status,
			ms: Math.round(performance.now() - began)
		},
		'request'
	);
	return response;
};

export const handleError: HandleServerError = ({ error, event, status, message }) => {
	const reference = crypto.randomUUID().slice(0, 8);
	if (status === 404) return { message: 'There is no such page.' };
	log.error(
		{ reference, route: event.route.id, error: error instanceof Error ? error.stack : String(error) },
		message
	);
	return {
		message: 'Something broke on the server. What you noted is kept on this device; try again in a moment.',
		reference
	};
};

/** The content security policy itself is in svelte.config.js, since it needs a nonce for each page. */
const SECURITY_HEADERS = {
	'x-content-type-options': 'nosniff',
	'x-frame-options': 'DENY',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(self), geolocation=(self), microphone=()'
};
