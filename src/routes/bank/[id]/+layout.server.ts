import words from '$lib/server/words';
import { tell } from '$lib/server/tell';
import { error } from '@sveltejs/kit';
import { bearingOf } from '$lib/core/approach';
import { findTaxon, groupOfUnnamed, livesAt } from '$lib/core/atlas';
import { taxaOf } from '$lib/core/note';
import { guideOf } from '$lib/server/entry';
import { boxOf } from '$lib/server/flies';
import { idParameter } from '$lib/server/http';
import { namesFor } from '$lib/server/guides-names';
import { groundBeforeOf, measuredBeforeOf, notesOf } from '$lib/server/notes';
import { outingOf } from '$lib/server/outings';
import { ownPatternsOf } from '$lib/server/own-patterns';
import { lineOf } from '$lib/server/waters';
import { lookNextOptions, tieOnOptions } from '$lib/server/settings';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, params, url }) => {
	const guide = guideOf(locals, url);
	const id = idParameter(params.id);
	const outing = id && (await outingOf(guide.id, id));
	if (!outing) error(404, tell(words('you-have-no-such-outing')));
	const [notes, known, line, measuredBefore, box, ownPatterns, names] = await Promise.all([
		notesOf(guide.id, outing.id),
		groundBeforeOf(guide.id, outing),
		lineOf(guide.id, outing.reach.id),
		measuredBeforeOf(guide.id, outing),
		boxOf(guide.id),
		ownPatternsOf(guide.id),
		namesFor(guide.id)
	]);
	// What was noted here though it does not live here: its name and its drawing are needed too.
	const elsewhere = [...taxaOf(notes)].some((taxonId) => {
		const taxon = findTaxon(taxonId);
		return taxon && !groupOfUnnamed(taxonId) && !livesAt(taxon, outing.reach.place);
	});
	const flowDeg = outing.reach.place.water === 'lake' ? undefined : bearingOf(line);
	return {
		outing,
		elsewhere,
		notes,
		/** Of the water here, from earlier days and from its line on the map. */
		known: known.flowDeg === undefined && flowDeg !== undefined ? { ...known, flowDeg } : known,
		measuredBefore,
		box,
		ownPatterns,
		names,
		options: tieOnOptions(guide.settings),
		looking: lookNextOptions(guide.settings)
	};
};
