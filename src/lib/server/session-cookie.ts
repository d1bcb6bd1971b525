import type { Cookies } from '@sveltejs/kit';
import { mayBePlain } from './plain';
import { SESSION_DAYS, type Entry } from './sessions';

export const SESSION_COOKIE = 'lacewing_session';
/** Outlasts the session: a guide who has signed in here before is not taken for a stranger. */
export const DEVICE_COOKIE = 'lacewing_device';

const DAY_S = 86_400;

/** Hands a session to the browser: unreadable to scripts, same-site, and over TLS only where there is TLS. */
export function setSessionCookies(cookies: Cookies, url: URL, { token, device }: Entry): void {
	keepSessionCookie(cookies, url, token);
	cookies.set(DEVICE_COOKIE, device, { ...cookieOptions(url), maxAge: 365 * DAY_S });
}

/** Lets the browser keep the session for another month from now. */
export function keepSessionCookie(cookies: Cookies, url: URL, token: string): void {
	cookies.set(SESSION_COOKIE, token, { ...cookieOptions(url), maxAge: SESSION_DAYS * DAY_S });
}

export function clearSessionCookie(cookies: Cookies, url: URL): void {
	cookies.delete(SESSION_COOKIE, cookieOptions(url));
}

function cookieOptions(url: URL) {
	return { path: '/', httpOnly: true, sameSite: 'lax', secure: !mayBePlain(url) } as const;
}
