import { invalidate, invalidateAll } from '$app/navigation';
import { navigating } from '$app/state';

/**
 * Loads the page's data anew: all of it, or what depends on a name. While a link is being followed it waits, since
 * loading anew would call that off; the page that is reached then has its own.
 */
export async function refresh(dependency?: string): Promise<void> {
	const from = location.pathname;
	while (navigating.complete) await navigating.complete.catch(() => undefined);
	if (location.pathname === from) await (dependency ? invalidate(dependency) : invalidateAll());
}
