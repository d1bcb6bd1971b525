import { dev } from '$app/environment';
import { error } from '@sveltejs/kit';
import { guideOf } from '$lib/server/entry';
import { boxOf } from '$lib/server/flies';
import { namesFor } from '$lib/server/guides-names';
import { measuredBeforeOf, notesOf } from '$lib/server/notes';
import { outingsOf } from '$lib/server/outings';
import { ownPatternsOf } from '$lib/server/own-patterns';
import { lookNextOptions, tieOnOptions } from '$lib/server/settings';
import { tell } from '$lib/server/tell';
import words from '$lib/server/words';
import type { PageServerLoad } from './$types';

/** For who works on the house: the guide's last outing, in every part of the pages. */
export const load: PageServerLoad = async ({ locals, url }) => {
	if (!dev) error(404, tell(words('there-is-no-such-page')));
	const guide = guideOf(locals, url);
	const [outing] = await outingsOf(guide.id, undefined, 1);
	if (!outing) error(404, tell(words('you-have-no-such-outing')));
	const [notes, measuredBefore, box, ownPatterns, names] = await Promise.all([
		notesOf(guide.id, outing.id),
		measuredBeforeOf(guide.id, outing),
		boxOf(guide.id),
		ownPatternsOf(guide.id),
		namesFor(guide.id)
	]);
	const settings = { options: tieOnOptions(guide.settings), looking: lookNextOptions(guide.settings) };
	return { outing, notes, measuredBefore, box, ownPatterns, names, ...settings };
};
