import type { Cookies } from '@sveltejs/kit';

export const SESSION_COOKIE = 'lacewing_session';

/** Hands a session to the browser: unreadable to scripts, same-site, and over TLS only unless on loopback. */
export function setSessionCookie(cookies: Cookies, url: URL, token: string, expires: Date): void {
	cookies.set(SESSION_COOKIE, token, { ...cookieOptions(url), expires });
}

export function clearSessionCookie(cookies: Cookies, url: URL): void {
	cookies.delete(SESSION_COOKIE, cookieOptions(url));
}

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]']);

function cookieOptions(url: URL) {
	return { path: '/', httpOnly: true, sameSite: 'lax', secure: !LOOPBACK.has(url.hostname) } as const;
}
