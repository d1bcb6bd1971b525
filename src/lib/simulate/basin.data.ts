import type { Region, WaterKind } from '$lib/core/atlas';

/**
 * The invented basin of the demonstration. It lies at 47° N in the open ocean on purpose: no such rivers flow
 * there, and the sun still rises when it should.
 */
export interface DemoReach {
	id: string;
	waterId: string;
	name: string;
	kind: WaterKind;
	elevationM: number;
	/** [longitude, latitude] downstream, or round the shore. */
	line: readonly (readonly [number, number])[];
}

/** Whose insects live there: the open ocean has none. */
export const DEMO_REGION: Region = 'western-europe';

export const DEMO_TIME_ZONE = 'Atlantic/Azores';

export const DEMO_BASIN = {
	id: '0b000000-0000-4000-8000-000000000001',
	name: 'Ovrane basin',
	waters: [
		{ id: '0b000000-0000-4000-8000-000000000011', name: 'Ovrane', kind: 'river' },
		{ id: '0b000000-0000-4000-8000-000000000012', name: 'Tessil Brook', kind: 'brook' },
		{ id: '0b000000-0000-4000-8000-000000000013', name: 'Lake Quill', kind: 'lake' }
	],
	reaches: [
		{
			id: '0b000000-0000-4000-8000-000000000101',
			waterId: '0b000000-0000-4000-8000-000000000011',
			name: 'Slatefall Gorge',
			kind: 'freestone',
			elevationM: 910,
			line: [
				[-20.412, 47.218],
				[-20.405, 47.213],
				[-20.401, 47.207]
			]
		},
		{
			id: '0b000000-0000-4000-8000-000000000102',
			waterId: '0b000000-0000-4000-8000-000000000011',
			name: 'Alder Bend',
			kind: 'freestone',
			elevationM: 720,
			line: [
				[-20.338, 47.172],
				[-20.331, 47.17],
				[-20.327, 47.165],
				[-20.319, 47.163]
			]
		},
		{
			id: '0b000000-0000-4000-8000-000000000103',
			waterId: '0b000000-0000-4000-8000-000000000011',
			name: 'Halder Tailwater',
			kind: 'tailwater',
			elevationM: 560,
			line: [
				[-20.211, 47.121],
				[-20.203, 47.117],
				[-20.196, 47.116]
			]
		},
		{
			id: '0b000000-0000-4000-8000-000000000104',
			waterId: '0b000000-0000-4000-8000-000000000011',
			name: 'Mill Flats',
			kind: 'tailwater',
			elevationM: 505,
			line: [
				[-20.144, 47.093],
				[-20.132, 47.09],
				[-20.121, 47.091]
			]
		},
		{
			id: '0b000000-0000-4000-8000-000000000105',
			waterId: '0b000000-0000-4000-8000-000000000012',
			name: 'Cress Meadows',
			kind: 'spring-creek',
			elevationM: 520,
			line: [
				[-20.182, 47.062],
				[-20.176, 47.068],
				[-20.169, 47.071]
			]
		},
		{
			id: '0b000000-0000-4000-8000-000000000106',
			waterId: '0b000000-0000-4000-8000-000000000013',
			name: 'North Shallows',
			kind: 'lake',
			elevationM: 640,
			line: [
				[-20.275, 47.034],
				[-20.262, 47.039],
				[-20.25, 47.037]
			]
		}
	] satisfies DemoReach[] as DemoReach[]
} as const;

export const DEMO_GUIDES = [
	{ handle: 'ines', name: 'Ines Varrow' },
	{ handle: 'tomas', name: 'Tomas Fenwright' },
	{ handle: 'mira', name: 'Mira Oldane' },
	{ handle: 'jorun', name: 'Jorun Pellas' }
] as const;

export const DEMO_CIRCLE = { id: '0b000000-0000-4000-8000-000000000901', name: 'Ovrane guides' } as const;
