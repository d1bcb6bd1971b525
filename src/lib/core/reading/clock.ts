import type { Outing } from '../outing';
import { looksOf, unchangedSince, type WaysOfRising } from '../rise';
import type { FishSize } from '../vocabulary';
import { fade } from './fade';
import type { Weights } from './weights';

/** How much a note of some fish, made at some time, still says of the fish that is read: 0 to 1. */
export type FishScale = (watchId: string | undefined, observedAt: Date, halfLifeMin: number) => number;

/** How much a net or a sighting of some time still says of what is on offer: 0 to 1. */
export type MenuScale = (observedAt: Date, halfLifeMin: number) => number;

/**
 * How far notes still count: less with time, and less by the chance that the fish has changed since (the run length of
 * Adams & MacKay 2007 over how it rises, what it takes and what drifts). What a net held before a change may still be on offer.
 *
 * @param watchId the fish to read; what was noted of others then says less. Left out, all count alike, and the menu
 * changes with the fish that was watched last.
 * @param ways how fish of a size show what they take, each way as likely as what is taken so was beforehand
 */
export function clockOf(
	outing: Outing,
	watchId: string | undefined,
	ways: (size: FishSize | undefined) => WaysOfRising,
	{ scales, changed, abundance }: Weights
): { ofFish: FishScale; ofMenu: MenuScale } {
	const { now, watches } = outing;
	const mine = watches.find(({ id }) => id === watchId);
	const marks = new Map(watches.map(({ id, fish }) => [id, fish.mark]));
	const looks = looksOf(outing, abundance);
	const unchanged = new Map(
		watches.map((watch) => [watch.id, unchangedSince(watch, looks, ways(watch.fish.size))])
	);
	const read = unchanged.get((mine ?? watches.at(-1))?.id ?? '') ?? unchangedSince(undefined, looks);
	const left = (chance: number, least: number) => least + (1 - least) * chance;
	const nearness = (other: string | undefined): number => {
		if (!mine || other === mine.id) return 1;
		const same = other !== undefined && mine.fish.mark !== undefined && marks.get(other) === mine.fish.mark;
		return same ? scales.sameLie : scales.elsewhere;
	};
	return {
		ofFish: (other, observedAt, halfLifeMin) => {
			const chance = unchanged.get(other ?? '')?.(observedAt) ?? 1;
			return nearness(other) * left(chance, changed.fish) * fade(observedAt, now, halfLifeMin);
		},
		ofMenu: (observedAt, halfLifeMin) =>
			left(read(observedAt), changed.menu) * fade(observedAt, now, halfLifeMin)
	};
}
