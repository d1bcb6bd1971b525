import { v7 as uuidV7 } from 'uuid';
import { activityOf, solarHour, TAXA, type LifeStage, type Place } from '$lib/core/atlas';
import { usualAirC, usualWaterC } from '$lib/core/hatch';
import type { Lot, Note, NoteKind, NoteOf } from '$lib/core/note';
import type { RiseForm, Sky, Surface } from '$lib/core/vocabulary';
import { normal, pickWeighted, poisson, type Random } from '$lib/core/math';

const MINUTE_MS = 60_000;

/** What a note says, before it has an id and a time. */
export type Unwritten = { [K in NoteKind]: Omit<NoteOf<K>, 'id' | 'at'> }[NoteKind];

/** A note id whose time is the note's own and whose rest comes from the seed. */
export function simulatedNoteId(random: Random, at: Date): string {
	return uuidV7({
		msecs: at.getTime(),
		random: Uint8Array.from({ length: 16 }, () => Math.floor(random() * 256))
	});
}

/**
 * The notes a guide would make on a past outing: conditions first, then every half hour a net or a look, and
 * the rises seen between. Insects come as their activity has it, counts as chance has it.
 *
 * @param hours how long the guide stayed
 */
export function simulateOuting(random: Random, place: Place, startedAt: Date, hours: number): Note[] {
	const notes: Note[] = [];
	const at = (minutes: number) => new Date(startedAt.getTime() + minutes * MINUTE_MS);
	const write = (minutes: number, note: Unwritten) => {
		const when = at(minutes);
		notes.push({ id: simulatedNoteId(random, when), at: when, ...note });
	};
	const sky = pickWeighted<Sky>(random, [
		['clear', 3],
		['broken', 3],
		['overcast', 3],
		['drizzle', 1.5],
		['rain', 0.5]
	]);
	const surface = pickWeighted<Surface>(random, [
		['glassy', place.water === 'freestone' ? 1 : 3],
		['rippled', 3],
		['broken', place.water === 'freestone' ? 2 : 0.5]
	]);
	const windMs = Math.round(Math.abs(normal(random, 1.5, 1.6)) * 2) / 2;
	const offset = normal(random, 0, 1);
	const waterAt = (minutes: number) =>
		Math.max(2, Math.round((usualWaterC(place, at(minutes)) + offset) * 10) / 10);
	const dull = sky !== 'clear' && sky !== 'broken';
	write(0, {
		kind: 'conditions',
		body: {
			waterC: waterAt(0),
			airC: Math.round(waterAt(0) + normal(random, 4, 3)),
			sky,
			windMs,
			surface,
			clarityM: Math.round(Math.max(0.3, normal(random, 1.6, 0.5)) * 10) / 10,
			levelM: Math.round(normal(random, 0, 0.1) * 100) / 100
		}
	});
	for (let minutes = 15; minutes <= hours * 60; minutes += 30) {
		const lots = netful(random, place, at(minutes), { waterC: waterAt(minutes), dull, windMs });
		if (random() < 0.75)
			write(minutes, { kind: 'sample', body: { method: 'surface-net', lots, effortS: 90 } });
		const best = lots.reduce<Lot | undefined>(
			(most, lot) => (!most || lot.count > most.count ? lot : most),
			undefined
		);
		if (!best) continue;
		for (let i = poisson(random, Math.min(4, best.count / 3)); i > 0; i--)
			write(minutes + 2 + i * 3, { kind: 'rise', body: { form: riseTo(random, best.stage) } });
	}
	return notes;
}

function netful(
	random: Random,
	place: Place,
	at: Date,
	water: { waterC: number; dull: boolean; windMs: number }
): Lot[] {
	const lots: Lot[] = [];
	const weather = { ...water, airC: usualAirC(place, at, solarHour(place, at)) };
	for (const taxon of TAXA) {
		const { emerging, flying } = activityOf(taxon, place, at, weather);
		const opens = taxon.emergence === 'open-water';
		const means: Partial<Record<LifeStage, number>> = {
			emerger: opens ? 9 * emerging : 0,
			pupa: opens ? 8 * emerging : 0,
			dun: (opens ? 6 : 3) * emerging,
			adult: 3 * emerging + flying,
			spinner: 7 * flying,
			'egg-laying': 3 * flying,
			terrestrial: 0.8 * flying
		};
		for (const { stage, lengthMm } of taxon.stages) {
			const count = poisson(random, Math.max(0, (means[stage] ?? 0) - 0.25));
			if (count === 0) continue;
			const length = lengthMm.typical * Math.exp(normal(random, 0, 0.08));
			lots.push({ taxonId: taxon.id, stage, count, lengthMm: Math.round(length * 2) / 2, measured: 'body' });
		}
	}
	return lots;
}

/** How fish rise to a stage, by rules of the stand-in river's own. */
function riseTo(random: Random, stage: LifeStage): RiseForm {
	switch (stage) {
		case 'emerger':
		case 'pupa':
		case 'cripple':
			return pickWeighted<RiseForm>(random, [
				['bulge', 6],
				['head-back-tail', 3],
				['nose', 1],
				['splash', 1]
			]);
		case 'spinner':
		case 'terrestrial':
			return pickWeighted<RiseForm>(random, [
				['nose', 7],
				['head-back-tail', 2],
				['unsure', 1]
			]);
		case 'dun':
			return pickWeighted<RiseForm>(random, [
				['nose', 4],
				['head-back-tail', 4],
				['splash', 2]
			]);
		default:
			return pickWeighted<RiseForm>(random, [
				['splash', 6],
				['leap', 1],
				['crash', 1],
				['nose', 1]
			]);
	}
}
