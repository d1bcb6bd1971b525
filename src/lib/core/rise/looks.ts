import type { Outing } from '../outing';
import { CHANGE } from './change-tables';
import type { LookEvent } from './run-length';

const { oneLookMin, mostCounted, byEye } = CHANGE.values;

/**
 * What drifts, as the surface nets and the looks about showed it one after the other: each with the shares of what it
 * met. Other ways of looking gather what can be found, and show no shares.
 *
 * @param countOf how many animals stand behind a word of abundance
 */
export function looksOf(
	{ samples, sightings, unnamed }: Outing,
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
	const seen = [
		...sightings
			.filter(({ note }) => note.body.sign === 'insects')
			.map(({ note: { body }, observedAt }) => ({
				...body,
				kind: `${body.taxonId}/${body.stage}`,
				observedAt
			})),
		...unnamed.map(({ note: { body }, observedAt }) => ({
			...body,
			kind: `${body.group}/${body.stage}`,
			observedAt
		}))
	]
		.filter(({ zone, abundance }) => zone !== 'air' && abundance !== 'none')
		.sort((a, b) => a.observedAt.getTime() - b.observedAt.getTime());
	const glances: { from: Date; met: [string, number][] }[] = [];
	for (const { kind, abundance, observedAt } of seen) {
		const last = glances.at(-1);
		const met: [string, number] = [kind, countOf[abundance] ?? 1];
		if (last && observedAt.getTime() - last.from.getTime() <= oneLookMin * 60_000) last.met.push(met);
		else glances.push({ from: observedAt, met: [met] });
	}
	return [...nets, ...glances.map(({ from, met }) => look('eye', from, met))]
		.filter(({ counts }) => counts.size > 0)
		.sort((a, b) => a.at.getTime() - b.at.getTime());
}

function look(sort: LookEvent['sort'], at: Date, met: readonly (readonly [string, number])[]): LookEvent {
	const counts = new Map<string, number>();
	for (const [kind, count] of met) counts.set(kind, (counts.get(kind) ?? 0) + count);
	const all = [...counts.values()].reduce((sum, count) => sum + count, 0);
	const counted = (Math.min(all, mostCounted) / all) * (sort === 'eye' ? byEye : 1);
	return { sort, at, counts: new Map([...counts].map(([kind, count]) => [kind, count * counted])) };
}
