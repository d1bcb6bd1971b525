import type { Note } from '$lib/core/note';
import { localInstant } from '$lib/core/units';
import { DEMO_BASIN, DEMO_REGION, DEMO_TIME_ZONE } from './basin.data';
import { simulatedNoteId, simulateOuting, type Unwritten } from './outing';
import type { PastOuting } from './past-seasons';
import type { Random } from '$lib/core/math';

/** When the demonstration begins: a dull Tuesday in May, twenty to twelve by the water's clock. */
export const DEMO_NOW = new Date('2026-05-19T11:40:00Z');

const bulge = (mark: string): Unwritten => ({ kind: 'rise', body: { form: 'bulge', mark } });

/** What was noted on that morning, by the water's clock. */
const NOTED: readonly (readonly [hours: number, minutes: number, note: Unwritten])[] = [
	[
		9,
		12,
		{
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
		}
	],
	[
		9,
		31,
		{
			kind: 'sighting',
			body: { taxonId: 'chironomidae', stage: 'adult', zone: 'air', abundance: 'few', sign: 'insects' }
		}
	],
	[
		10,
		2,
		{
			kind: 'remark',
			body: { text: 'Nothing moving yet; two fish holding by the alder root.' }
		}
	],
	[
		10,
		48,
		{
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
		}
	],
	[
		11,
		9,
		{
			kind: 'sighting',
			body: { taxonId: 'baetis', stage: 'dun', zone: 'on-film', abundance: 'few', sign: 'insects' }
		}
	],
	[11, 14, { kind: 'conditions', body: { waterC: 9.8 } }],
	[
		11,
		26,
		{
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
		}
	],
	[
		11,
		28,
		{
			kind: 'sighting',
			body: { taxonId: 'baetis', stage: 'emerger', zone: 'in-film', abundance: 'few', sign: 'shucks' }
		}
	],
	[11, 31, bulge('Seam below the alder')],
	[11, 34, bulge('Seam below the alder')],
	[11, 36, bulge('Edge of the foam lane')],
	[11, 38, bulge('Seam below the alder')],
	[
		11,
		39,
		{
			kind: 'rise',
			body: { form: 'head-back-tail', mark: 'Edge of the foam lane' }
		}
	]
];

/** The outing under way at that moment: Alder Bend, olives beginning, fish just starting to look up. */
export function demoMorning(random: Random): {
	reachId: string;
	startedAt: Date;
	guests: number;
	notes: Note[];
} {
	const clock = (hours: number, minutes: number) => localInstant(DEMO_NOW, DEMO_TIME_ZONE, hours, minutes);
	const reach = DEMO_BASIN.reaches.find(({ name }) => name === 'Alder Bend');
	if (!reach) throw new Error('the demo basin has no Alder Bend');
	return {
		reachId: reach.id,
		startedAt: clock(9, 5),
		guests: 2,
		notes: NOTED.map(([hours, minutes, note]) => {
			const at = clock(hours, minutes);
			return { id: simulatedNoteId(random, at), at, ...note };
		})
	};
}

/** Where a colleague was on that morning, until a while ago: what the circle hears of today. */
export function demoColleague(random: Random): PastOuting {
	const clock = (hours: number, minutes: number) => localInstant(DEMO_NOW, DEMO_TIME_ZONE, hours, minutes);
	const reach = DEMO_BASIN.reaches.find(({ name }) => name === 'Halder Tailwater');
	if (!reach) throw new Error('the demo basin has no Halder Tailwater');
	const [longitude, latitude] = reach.line[0] ?? [0, 0];
	const place = { latitude, longitude, elevationM: reach.elevationM, water: reach.kind, region: DEMO_REGION };
	return {
		reachId: reach.id,
		handle: 'mira',
		startedAt: clock(8, 30),
		endedAt: clock(11, 0),
		guests: 1,
		notes: simulateOuting(random, place, clock(8, 30), 2.5)
	};
}
