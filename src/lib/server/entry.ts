import { redirect, type RequestEvent } from '@sveltejs/kit';
import type { Account } from './account';
import { DEVICE_COOKIE, SESSION_COOKIE, setSessionCookies } from './session-cookie';
import { endSession, startSession } from './sessions';

/** Begins a session and goes on to where the guide was headed. What was open in this browser before ends. */
export async function enter(
	{ cookies, url, request }: Pick<RequestEvent, 'cookies' | 'url' | 'request'>,
	account: Account
): Promise<never> {
	const before = cookies.get(SESSION_COOKIE);
	if (before) await endSession(before);
	const userAgent = request.headers.get('user-agent') ?? '';
	setSessionCookies(cookies, url, await startSession(account.id, cookies.get(DEVICE_COOKIE), userAgent));
	redirect(303, wayOn(url));
}

/** The signed-in guide, or off to the sign-in page and back. */
export function guideOf(locals: App.Locals, url: URL): Account {
	if (locals.account) return locals.account;
	redirect(303, `/sign-in?next=${encodeURIComponent(url.pathname)}`);
}

/** Where `next` points, if that is a page of our own. */
export function wayOn(url: URL): string {
	const next = url.searchParams.get('next') ?? '';
	// Browsers pass over tabs and line ends, and take \ for /: what they would make of it is what is compared.
	const parsed =
		next.startsWith('/') && URL.canParse(next, url.origin) ? new URL(next, url.origin) : undefined;
	const ours = parsed?.origin === url.origin && !parsed.pathname.startsWith('//');
	return ours ? parsed.pathname + parsed.search : '/bank';
}
