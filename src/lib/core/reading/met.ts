import { hypothesisIdOf } from '../atlas';
import type { Outing } from '../outing';
import type { SampleMethod } from '../vocabulary';

/** What sits in the bushes or swims in the margin is here, and not for that within reach of a fish. */
const OUT_OF_REACH: ReadonlySet<SampleMethod> = new Set(['bank', 'margin-strainer']);

/** Naturals that were met with where fish can reach them: nobody is sure of any other. */
export function naturalsWithinReach(outing: Outing): Set<string> {
	const samples = outing.samples.filter(({ note }) => !OUT_OF_REACH.has(note.body.method));
	const sightings = outing.sightings.filter(({ note }) => note.body.zone !== 'air');
	return naturalsMet({ ...outing, samples, sightings });
}

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
		if (note.body.fate === 'taken') met.add(hypothesisIdOf(note.body.taxonId, note.body.stage));
	return met;
}
