import { findTaxon, type LifeStage } from '$lib/core/atlas';
import { normal, poisson, type Random } from '$lib/core/math';
import type { Lot, NoteOf } from '$lib/core/note';
import type { SampleMethod } from '$lib/core/vocabulary';
import type { Prey } from './feeding';
import type { Unwritten } from './outing';

/** Writes a note so many seconds from the beginning; its id comes back. */
export type Write = (atS: number, note: Unwritten) => string;

/** A guide takes one thing for another so often. */
const MISTAKES = 0.06;

/** A sample as a guide writes it who knows taxa, or groups alone. */
export function asKnown(sample: Sample, named: boolean): Sample {
	if (named) return sample;
	const { method, lots } = sample.body;
	const unnamed = lots.flatMap(({ taxonId, stage, count, lengthMm }) => {
		const group = findTaxon(taxonId)?.group;
		return group ? [{ group, stage, count, ...(lengthMm !== undefined && { lengthMm }) }] : [];
	});
	return { ...sample, body: { method, lots: [], unnamed } };
}

/** Whether it can be seen from the bank. */
export const ridesHigh = ({ zone, lengthMm }: Prey): boolean => zone === 'on-film' && lengthMm > 5;

/** What an eye meets with: the commonest three of what rides high. */
export const inSight = (drift: readonly Prey[]): Prey[] =>
	drift
		.filter((prey) => ridesHigh(prey) && prey.perMinute > 0.3)
		.sort((a, b) => b.perMinute - a.perMinute)
		.slice(0, 3);

/** How many there seem to be. */
export const abundanceOf = ({ perMinute }: Prey): 'many' | 'few' | 'single' =>
	perMinute > 3 ? 'many' : perMinute > 0.9 ? 'few' : 'single';

/** Small ones are overlooked beside large ones, so often. */
export const OVERLOOKED = { toMm: 4, share: 0.3 };

/** What the guide took it for: now and then something of the same look. */
export function takenFor(
	prey: Prey,
	drift: readonly Prey[],
	random: Random
): { taxonId: string; stage: LifeStage } {
	const like = drift.filter(
		(other) =>
			other.stage === prey.stage && findTaxon(other.taxonId)?.group === findTaxon(prey.taxonId)?.group
	);
	const one = random() < MISTAKES ? like[Math.floor(random() * like.length)] : prey;
	return { taxonId: (one ?? prey).taxonId, stage: (one ?? prey).stage };
}

type Sample = Pick<NoteOf<'sample'>, 'kind' | 'body'>;

/** Shares of what drifts at each height that a net holds, in so many minutes of drift. */
const CATCHES: Partial<Record<SampleMethod, Partial<Record<Prey['zone'], number>>>> = {
	'surface-net': { 'on-film': 0.8, 'in-film': 0.75, 'under-film': 0.3, drift: 0.08 },
	'kick-net': { drift: 0.5, bed: 1 }
};

/** Minutes of drift that each kind of net stands for. */
export const NET_MINUTES = { 'surface-net': 9, 'kick-net': 14 } as const;

/** How many of something a net holds on average. */
export const meanCaught = (
	{ zone, perMinute }: Pick<Prey, 'zone' | 'perMinute'>,
	method: keyof typeof NET_MINUTES
): number =>
	(CATCHES[method]?.[zone] ?? 0) *
	perMinute *
	NET_MINUTES[method] *
	THROUGH *
	(method === 'kick-net' ? KICKED_UP : 1);
/** Of a lane, so much goes through a net; a kick raises so many times what drifts by. */
const THROUGH = 0.35;
const KICKED_UP = 4;

/** What a net holds of what drifts, as a guide counts and names it. */
export function sampled(method: keyof typeof NET_MINUTES, drift: readonly Prey[], random: Random): Sample {
	const lots = new Map<string, Lot>();
	for (const prey of drift) {
		const count = poisson(random, meanCaught(prey, method));
		if (count === 0) continue;
		const { taxonId, stage } = takenFor(prey, drift, random);
		const key = `${taxonId}/${stage}`;
		const about = Math.max(1, Math.round(count * Math.exp(normal(random, 0, 0.15))));
		const before = lots.get(key);
		if (before) before.count += about;
		else
			lots.set(key, {
				taxonId,
				stage,
				count: about,
				lengthMm: Math.round(prey.lengthMm * 2) / 2,
				measured: 'body'
			});
	}
	const kept = [...lots.values()].filter(
		({ lengthMm = 8 }) => lengthMm > OVERLOOKED.toMm || random() < 1 - OVERLOOKED.share
	);
	return { kind: 'sample' as const, body: { method, lots: kept } };
}

/** What a guide sees of it who looks about: the commonest that ride high, and how many by eye. */
export function look(
	drift: readonly Prey[],
	write: Write,
	random: Random,
	named: boolean,
	fromS = -300 + 200 * random()
): void {
	for (const prey of inSight(drift)) {
		const abundance = abundanceOf(prey);
		const { taxonId, stage } = takenFor(prey, drift, random);
		const group = findTaxon(taxonId)?.group;
		const atS = fromS + 20 * random();
		if (named)
			write(atS, {
				kind: 'sighting',
				body: { taxonId, stage, zone: 'on-film', abundance, sign: 'insects' }
			});
		else if (group)
			write(atS, {
				kind: 'unnamed',
				body: { group, stage, zone: 'on-film', abundance, lengthMm: Math.round(prey.lengthMm) }
			});
	}
}
