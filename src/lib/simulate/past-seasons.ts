import type { Note } from '$lib/core/note';
import { localInstant } from '$lib/core/units';
import { DEMO_BASIN, DEMO_GUIDES, DEMO_REGION, DEMO_TIME_ZONE } from './basin.data';
import { pickWeighted, seededRandom, type Random } from '$lib/core/math';
import { simulateAttempts } from './attempts';
import { simulateOuting } from './outing';

export interface PastOuting {
	reachId: string;
	handle: string;
	startedAt: Date;
	endedAt: Date;
	guests: number;
	notes: Note[];
}

const DAY_MS = 86_400_000;

/** Past outings of the demonstration's guides: some each week from spring to autumn, up to the day before `until`. */
export function simulatePastSeasons(random: Random, from: Date, until: Date): PastOuting[] {
	const outings: PastOuting[] = [];
	for (let day = from.getTime(); day < until.getTime() - DAY_MS; day += DAY_MS) {
		const date = new Date(day);
		const month = date.getUTCMonth();
		const recent = until.getTime() - day < 12 * DAY_MS;
		if (month < 2 || month > 9 || random() > (recent ? 0.7 : 0.09)) continue;
		const reach = pickWeighted(
			random,
			DEMO_BASIN.reaches.map((r) => [r, 1] as const)
		);
		const guide = pickWeighted(
			random,
			DEMO_GUIDES.map((g) => [g, 1] as const)
		);
		const evening = month >= 4 && month <= 7 && random() < 0.35;
		const hours = evening ? 3 : 5;
		const startedAt = localInstant(date, DEMO_TIME_ZONE, evening ? 18 : 10, 30 * Math.floor(random() * 2));
		const [longitude, latitude] = reach.line[0] ?? [0, 0];
		const place = {
			latitude,
			longitude,
			elevationM: reach.elevationM,
			water: reach.kind,
			region: DEMO_REGION
		};
		const guests = 1 + Math.floor(random() * 3);
		const notes = simulateOuting(random, place, startedAt, hours);
		outings.push({
			reachId: reach.id,
			handle: guide.handle,
			startedAt,
			endedAt: new Date(startedAt.getTime() + hours * 3_600_000),
			guests,
			// Chance of its own, so that what was tried moves nothing else of the demonstration.
			notes: [...notes, ...simulateAttempts(seededRandom(day / DAY_MS), notes)]
		});
	}
	return outings;
}
