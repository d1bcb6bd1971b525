import { languageTag } from '$lib/languages';
import { isDemo, now } from '$lib/server/clock';
import { settingsFrom } from '$lib/server/settings';
import { homeRegionOf } from '$lib/server/waters';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals }) => ({
	now: await now(),
	demo: isDemo(),
	me: locals.account && { id: locals.account.id, name: locals.account.name, handle: locals.account.handle },
	/** Anybody in the network can read along. */
	openToReaders: locals.openToReaders,
	language: languageTag(process.env['LACEWING_LANGUAGE']),
	settings: locals.account?.settings ?? settingsFrom({}),
	region: locals.account && (await homeRegionOf(locals.account))
});
