import type { Note } from '$lib/core/note';
import { localInstant } from '$lib/core/units';
import { DEMO_BASIN, DEMO_GUIDES, DEMO_REGION, DEMO_TIME_ZONE } from './basin.data';
import { seededRandom, type Random } from '$lib/core/math';
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
		const recent = until.getTime() - day < 21 * DAY_MS;
		if (month < 2 || month > 9 || random() > (recent ? 0.9 : 0.09)) continue;
		// In turn, so that every guide has fished every reach, and some of each lately, whatever chance says.
		const { reaches } = DEMO_BASIN;
		const reach = reaches[outings.length % reaches.length];
		const turn = outings.length + Math.floor(outings.length / reaches.length);
		const guide = DEMO_GUIDES[turn % DEMO_GUIDES.length];
		if (!reach || !guide) continue;
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
		// Chance of its own for each, so that what lives there moves nothing else of the demonstration.
		const notes = simulateOuting(seededRandom(7_000_000 + day / DAY_MS), place, startedAt, hours);
		outings.push({
			reachId: reach.id,
			handle: guide.handle,
			startedAt,
			endedAt: new Date(startedAt.getTime() + hours * 3_600_000),
			guests,
			notes: [...notes, ...simulateAttempts(seededRandom(day / DAY_MS), notes)]
		});
	}
	return outings;
}
