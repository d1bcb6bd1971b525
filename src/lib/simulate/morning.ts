import type { Note } from '$lib/core/note';
import { localInstant } from '$lib/core/units';
import { DEMO_BASIN, DEMO_TIME_ZONE } from './basin.data';
import { simulatedNoteId, simulateOuting } from './outing';
import type { PastOuting } from './past-seasons';
import type { Random } from '$lib/core/math';

/** When the demonstration begins: a dull Tuesday in May, twenty to twelve by the water's clock. */
export const DEMO_NOW = new Date('2026-05-19T11:40:00Z');

/** The outing under way at that moment: Alder Bend, olives beginning, fish just starting to look up. */
export function demoMorning(random: Random): {
	reachId: string;
	startedAt: Date;
	guests: number;
	notes: Note[];
} {
	const clock = (hours: number, minutes: number) => localInstant(DEMO_NOW, DEMO_TIME_ZONE, hours, minutes);
	const noted = (hours: number, minutes: number) => {
		const at = clock(hours, minutes);
		return { id: simulatedNoteId(random, at), at };
	};
	const rise = (hours: number, minutes: number, mark: string): Note => ({
		...noted(hours, minutes),
		kind: 'rise',
		body: { form: 'bulge', mark }
	});
	const reach = DEMO_BASIN.reaches.find(({ name }) => name === 'Alder Bend');
	if (!reach) throw new Error('the demo basin has no Alder Bend');
	return {
		reachId: reach.id,
		startedAt: clock(9, 5),
		guests: 2,
		notes: [
			{
				...noted(9, 12),
				kind: 'conditions',
				body: {
					waterC: 8.1,
					airC: 9,
					sky: 'drizzle',
					windMs: 2,
					windFromDeg: 315,
					clarityM: 1.4,
					surface: 'rippled',
					levelM: 0.12,
					levelTrend: 'falling'
				}
			},
			{
				...noted(9, 31),
				kind: 'sighting',
				body: { taxonId: 'chironomidae', stage: 'adult', zone: 'air', abundance: 'few', sign: 'insects' }
			},
			{
				...noted(10, 2),
				kind: 'remark',
				body: { text: 'Nothing moving yet; two fish holding by the alder root.' }
			},
			{
				...noted(10, 48),
				kind: 'sample',
				body: {
					method: 'kick-net',
					effortS: 60,
					lots: [
						{
							taxonId: 'baetis',
							stage: 'nymph',
							count: 47,
							lengthMm: 7,
							measured: 'body',
							pads: { pale: 1, dark: 2, black: 7 }
						},
						{ taxonId: 'rhithrogena', stage: 'nymph', count: 12, lengthMm: 12, measured: 'body' },
						{ taxonId: 'hydropsyche', stage: 'larva', count: 9, lengthMm: 13, measured: 'body' },
						{ taxonId: 'leuctra', stage: 'nymph', count: 8, lengthMm: 8, measured: 'body' },
						{ taxonId: 'perla', stage: 'nymph', count: 3, lengthMm: 27, measured: 'body' },
						{ taxonId: 'chironomidae', stage: 'larva', count: 4, lengthMm: 6, measured: 'body' }
					]
				}
			},
			{
				...noted(11, 9),
				kind: 'sighting',
				body: { taxonId: 'baetis', stage: 'dun', zone: 'on-film', abundance: 'few', sign: 'insects' }
			},
			{ ...noted(11, 14), kind: 'conditions', body: { waterC: 9.8 } },
			{
				...noted(11, 26),
				kind: 'sample',
				body: {
					method: 'surface-net',
					effortS: 90,
					lots: [
						{ taxonId: 'baetis', stage: 'emerger', count: 9, lengthMm: 7, measured: 'body' },
						{ taxonId: 'baetis', stage: 'dun', count: 4, lengthMm: 7, measured: 'body' },
						{ taxonId: 'chironomidae', stage: 'pupa', count: 2, lengthMm: 5, measured: 'body' }
					]
				}
			},
			{
				...noted(11, 28),
				kind: 'sighting',
				body: { taxonId: 'baetis', stage: 'emerger', zone: 'in-film', abundance: 'few', sign: 'shucks' }
			},
			rise(11, 31, 'Seam below the alder'),
			rise(11, 34, 'Seam below the alder'),
			rise(11, 36, 'Edge of the foam lane'),
			rise(11, 38, 'Seam below the alder'),
			{
				...noted(11, 39),
				kind: 'rise',
				body: { form: 'head-back-tail', mark: 'Edge of the foam lane' }
			}
		]
	};
}

/** Where a colleague was on that morning, until a while ago: what the circle hears of today. */
export function demoColleague(random: Random): PastOuting {
	const clock = (hours: number, minutes: number) => localInstant(DEMO_NOW, DEMO_TIME_ZONE, hours, minutes);
	const reach = DEMO_BASIN.reaches.find(({ name }) => name === 'Halder Tailwater');
	if (!reach) throw new Error('the demo basin has no Halder Tailwater');
	const [longitude, latitude] = reach.line[0] ?? [0, 0];
	const place = { latitude, longitude, elevationM: reach.elevationM, water: reach.kind };
	return {
		reachId: reach.id,
		handle: 'mira',
		startedAt: clock(8, 30),
		endedAt: clock(11, 0),
		guests: 1,
		notes: simulateOuting(random, place, clock(8, 30), 2.5)
	};
}
