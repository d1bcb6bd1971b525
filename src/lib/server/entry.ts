import { redirect, type Cookies } from '@sveltejs/kit';
import { startSession, type Account } from './accounts';
import { setSessionCookie } from './session-cookie';

/** Begins a session and goes on to where the guide was headed. */
export async function enter(cookies: Cookies, url: URL, account: Account): Promise<never> {
	const { token, expiresAt } = await startSession(account.id);
	setSessionCookie(cookies, url, token, expiresAt);
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
