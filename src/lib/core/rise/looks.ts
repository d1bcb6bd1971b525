import type { Outing } from '../outing';
import type { LookEvent } from './run-length';

/** Sightings so near in time are one look about. */
const ONE_LOOK_MIN = 5;
/** Animals of a look beyond so many say nothing further of its shares: they come in clumps. */
const MOST_COUNTED = 8;
/** A look about lists what struck the eye: what it leaves out may be there. */
const BY_EYE = 0.15;

/**
 * What drifts, as the surface nets and the looks about showed it one after the other: each with the shares of what it
 * met. Other ways of looking gather what can be found, and show no shares.
 *
 * @param countOf how many animals stand behind a word of abundance
 */
export function looksOf(
	{ samples, sightings }: Outing,
	countOf: Readonly<Record<string, number>>
): LookEvent[] {
	const nets = samples
		.filter(({ note }) => note.body.method === 'surface-net')
		.map(({ note, observedAt }) =>
			look('net', observedAt, [
				...note.body.lots.map(({ taxonId, stage, count }) => [`${taxonId}/${stage}`, count] as const),
				...(note.body.unnamed ?? []).map(({ group, stage, count }) => [`${group}/${stage}`, count] as const)
			])
		);
	const glances: { from: Date; met: [string, number][] }[] = [];
	for (const { note, observedAt } of sightings) {
		const { taxonId, stage, sign, abundance } = note.body;
		if (sign !== 'insects' || abundance === 'none') continue;
		const last = glances.at(-1);
		const met: [string, number] = [`${taxonId}/${stage}`, countOf[abundance] ?? 1];
		if (last && observedAt.getTime() - last.from.getTime() <= ONE_LOOK_MIN * 60_000) last.met.push(met);
		else glances.push({ from: observedAt, met: [met] });
	}
	return [...nets, ...glances.map(({ from, met }) => look('eye', from, met))].filter(
		({ counts }) => counts.size > 0
	);
}

function look(sort: LookEvent['sort'], at: Date, met: readonly (readonly [string, number])[]): LookEvent {
	const counts = new Map<string, number>();
	for (const [kind, count] of met) counts.set(kind, (counts.get(kind) ?? 0) + count);
	const all = [...counts.values()].reduce((sum, count) => sum + count, 0);
	const counted = (Math.min(all, MOST_COUNTED) / all) * (sort === 'eye' ? BY_EYE : 1);
	return { sort, at, counts: new Map([...counts].map(([kind, count]) => [kind, count * counted])) };
}
