import type { Outing } from '../outing';

/** Naturals, as `taxon/stage`, that were met with today: in a net, by eye, or taken by a fish that was followed. */
export function naturalsMet(outing: Outing): Set<string> {
	const met = new Set<string>();
	for (const { note } of outing.samples)
		for (const { taxonId, stage } of note.body.lots) met.add(`${taxonId}/${stage}`);
	for (const { note } of outing.sightings)
		if (note.body.abundance !== 'none' && note.body.sign === 'insects')
			met.add(`${note.body.taxonId}/${note.body.stage}`);
	for (const { note } of outing.unnamed)
		if (note.body.abundance !== 'none') met.add(`group/${note.body.group}/${note.body.stage}`);
	for (const { note } of outing.samples)
		for (const { group, stage } of note.body.unnamed ?? []) met.add(`group/${group}/${stage}`);
	for (const { note } of outing.drifted)
		if (note.body.fate === 'taken') met.add(`${note.body.taxonId}/${note.body.stage}`);
	return met;
}
