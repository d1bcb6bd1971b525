import '$lib/core/atlas/all';
import { tell } from '$lib/server/tell';
import words from '$lib/server/words';
import type { Handle, HandleServerError, RequestEvent, ServerInit } from '@sveltejs/kit';
import { boundTime, isStreamed, leaveUnread, withBodyInHand } from '$lib/server/bodies';
import { compressed } from '$lib/server/compress';
import { closeDatabase } from '$lib/server/database';
import { problem } from '$lib/server/http';
import { log } from '$lib/server/log';
import { ACCOUNT_HEADER } from '$lib/protocol';
import { closeNews } from '$lib/server/news';
import { isOpenToReaders } from '$lib/server/plain';
import { keepSessionCookie, SESSION_COOKIE } from '$lib/server/session-cookie';
import { accountOfSession } from '$lib/server/sessions';
import { forgetSession, inTurn, rememberSession, senderOf } from '$lib/server/turns';

export const init: ServerInit = () => {
	// Open event streams would hold the server up; the rest of the requests in hand are finished by the adapter.
	for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, () => void closeNews());
	process.once('sveltekit:shutdown', () => void closeDatabase());
};

export const handle: Handle = async ({ event, resolve }) => {
	const began = performance.now();
	boundTime(event.platform?.req, event.route.id);
	event.locals.openToReaders = isOpenToReaders(event.url);
	const response = await compressed(event.request, await answerOf(event, resolve));
	for (const [name, value] of Object.entries(SECURITY_HEADERS)) response.headers.set(name, value);
	// Browsers take this one only from pages that are secured.
	if (!event.locals.openToReaders) response.headers.set('cross-origin-opener-policy', 'same-origin');
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

/** The answer to a request: whose it is, then what it brings, then its turn. Whether the server is well is told at once. */
async function answerOf(event: RequestEvent, resolve: Resolve): Promise<Response> {
	const route = event.route.id;
	if (route === '/healthz') return resolve(event);
	const token = event.cookies.get(SESSION_COOKIE);
	const stranger = senderOf(token, () => event.getClientAddress());
	const trouble = (await inTurn(stranger, () => lookUpSession(event, token))) ?? tooMuchAtOnce();
	if (trouble) {
		await leaveUnread(event.request);
		return trouble;
	}
	const sender = event.locals.account?.id ?? stranger;
	const theme = event.locals.account?.settings.theme ?? 'bankside';
	return withBodyInHand(event.request, { route, sender }, async (request) => {
		event.request = request;
		const answer = async () =>
			resolve(event, { transformPageChunk: ({ html }) => html.replace('%lacewing.theme%', theme) });
		const refusal = refusalOf(event);
		if (refusal) return refusal;
		// A file may come slowly: it has limits of its own, and no turn that others of its sender would wait for.
		return isStreamed(route) ? answer() : ((await inTurn(sender, answer)) ?? tooMuchAtOnce());
	});
}
type Resolve = Parameters<Handle>[0]['resolve'];

const tooMuchAtOnce = (): Response =>
	problem(503, words('you-ask-for-very-much'), [], { 'retry-after': '5' });

/** Finds out who is signed in; answers with what to say where that can't be done. */
async function lookUpSession(event: RequestEvent, token: string | undefined): Promise<Response | false> {
	if (!token) return false;
	try {
		const session = await accountOfSession(token);
		event.locals.account = session?.account;
		if (session) rememberSession(token, session.account.id);
		else forgetSession(token);
		if (session?.renewed) keepSessionCookie(event.cookies, event.url, token);
		return false;
	} catch (error) {
		if (!event.route.id?.startsWith('/api/')) throw error;
		log.warn({ route: event.route.id, error: String(error) }, 'no session could be looked up');
		return problem(503, words('the-database-does-not-answer'), [], {
			'retry-after': '2'
		});
	}
}

/** Why a request is not even looked at, if it is not. */
function refusalOf({ url, request, locals }: RequestEvent): Response | undefined {
	// No text of ours holds NUL, and no database takes it.
	if (/%00/.test(url.pathname + url.search)) return problem(400, words('the-address-holds-what-is'));
	// An action is looked for by the name in the address, among what every object has too.
	for (const name of url.searchParams.keys())
		if (name.startsWith('/') && name.slice(1) in Object.prototype)
			return problem(404, words('there-is-no-such-page'));
	const meant = request.headers.get(ACCOUNT_HEADER);
	return meant !== null && locals.account && meant !== locals.account.id
		? problem(401, words('somebody-else-is-signed-in'))
		: undefined;
}

export const handleError: HandleServerError = ({ error, event, status, message }) => {
	const reference = crypto.randomUUID().slice(0, 8);
	if (status === 404) return { message: tell(words('there-is-no-such-page')) };
	log.error(
		{ reference, route: event.route.id, error: error instanceof Error ? error.stack : String(error) },
		message
	);
	return {
		message: tell(words('something-broke-on-the-server')),
		reference
	};
};

/** The content security policy itself is in svelte.config.js, since it needs a nonce for each page. */
const SECURITY_HEADERS = {
	'x-content-type-options': 'nosniff',
	'x-frame-options': 'DENY',
	'referrer-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(self), geolocation=(self), microphone=()'
};
