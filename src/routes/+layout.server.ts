import { isDemo, now } from '$lib/server/clock';
import { settingsFrom } from '$lib/server/settings';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals }) => ({
	now: await now(),
	demo: isDemo(),
	me: locals.account ? { name: locals.account.name, handle: locals.account.handle } : undefined,
	settings: locals.account?.settings ?? settingsFrom({})
});
