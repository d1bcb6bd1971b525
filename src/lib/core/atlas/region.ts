import { names, type Message } from '../message';

/**
 * Regions whose fresh waters share their insects, as wide as the books state ranges: after the freshwater ecoregions
 * of Abell et al. (2008), BioScience 58, 403–414, joined where guides meet the same genera.
 */
const REGIONS = {
	'british-isles': 'British Isles',
	'western-europe': 'western and central Europe',
	'northern-europe': 'northern Europe',
	mediterranean: 'Mediterranean',
	'eastern-na': 'eastern North America',
	'western-na': 'western North America',
	'new-zealand': 'New Zealand',
	australia: 'south-east Australia',
	patagonia: 'Patagonia',
	japan: 'Japan'
} as const;
export type Region = keyof typeof REGIONS;
export const REGION_IDS = Object.keys(REGIONS) as [Region, ...Region[]];

/** What a reach's region can be set to: a region, or that whatever lives anywhere counts there. */
export const REGIONS_TO_SET = [...REGION_IDS, 'anywhere'] as const;
export type RegionToSet = (typeof REGIONS_TO_SET)[number];

/** Each region by its name. */
export const REGION_NAMES = names('region', REGIONS);

/** The name of a region, within a sentence. */
export const regionName = (region: RegionToSet): Message =>
	region === 'anywhere' ? ANYWHERE : REGION_NAMES[region];
const ANYWHERE: Message = { id: 'region.anywhere', text: 'anything, anywhere' };

/** A corner of an outline, degrees north and east. */
type Corner = readonly [latitude: number, longitude: number];

/**
 * Coarse outlines, each a simple polygon; of two that overlap the one named first counts. They run through the sea
 * where they can, and on land along the divides that the books use: the Pyrenees, the southern foot of the Alps, the
 * hundredth meridian.
 */
const OUTLINES: readonly (readonly [Region, readonly Corner[]])[] = [
	[
		'british-isles',
		[
			[49.7, -7],
			[51, -11.5],
			[55, -11.5],
			[61.2, -4],
			[61.2, 0],
			[53.5, 2.5],
			[51.1, 1.6],
			[50.3, -1]
		]
	],
	[
		'northern-europe',
		[
			[54.8, 7],
			[57, 4],
			[62, 3],
			[71.5, 20],
			[71.5, 42],
			[60, 42],
			[59, 28],
			[54.4, 19],
			[54.4, 13],
			[54.8, 9.5]
		]
	],
	[
		'northern-europe',
		[
			[62.5, -25.5],
			[62.5, -12.5],
			[67.5, -12.5],
			[67.5, -25.5]
		]
	],
	[
		'western-europe',
		[
			[43.3, -2.2],
			[48.8, -5.8],
			[50.3, -1],
			[51.1, 1.6],
			[54.8, 7],
			[54.8, 9.5],
			[54.4, 13],
			[54.4, 19],
			[59, 28],
			[60, 42],
			[46, 42],
			[44, 28],
			[45.5, 14],
			[45.8, 11],
			[44.2, 7.2],
			[44, 4],
			[42.7, 0]
		]
	],
	[
		'mediterranean',
		[
			[43.8, -10],
			[43.8, -2.2],
			[43.3, -2.2],
			[42.7, 0],
			[44, 4],
			[44.2, 7.2],
			[45.8, 11],
			[45.5, 14],
			[44, 28],
			[42, 42],
			[33, 37],
			[29.5, 10],
			[29.5, -11]
		]
	],
	[
		'western-na',
		[
			[21, -107],
			[32, -120],
			[48, -127],
			[54, -168],
			[66, -169],
			[71.6, -157],
			[70, -125],
			[60, -100],
			[24, -100]
		]
	],
	[
		'eastern-na',
		[
			[24, -100],
			[60, -100],
			[70, -125],
			[70, -80],
			[60, -60],
			[46, -51],
			[40, -68],
			[24, -79]
		]
	],
	[
		'new-zealand',
		[
			[-33.8, 171],
			[-37, 179.5],
			[-42, 179],
			[-48, 170],
			[-48, 165],
			[-44, 166]
		]
	],
	[
		'australia',
		[
			[-27, 154],
			[-39, 151],
			[-44.5, 149],
			[-44.5, 144],
			[-39, 138],
			[-27, 145]
		]
	],
	[
		'patagonia',
		[
			[-32, -74],
			[-32, -67],
			[-41, -61],
			[-56.5, -62],
			[-56.5, -77],
			[-44, -76.5]
		]
	],
	[
		'japan',
		[
			[30, 128],
			[36, 130],
			[46, 139],
			[46, 147],
			[42, 147],
			[34, 142],
			[30, 132]
		]
	]
];

/** As much of a place as tells its region: degrees north and east, and what was set by hand. */
export interface Whereabouts {
	latitude: number;
	longitude: number;
	region?: RegionToSet;
}

/**
 * The region of a place: as it was set, or else by its position. Undefined where no region is known, in mid-ocean, say,
 * and where the guide wants anything, anywhere: every animal of the atlas counts there.
 *
 * `regionOf({ latitude: 44.7, longitude: -111.1, … })` is `western-na`.
 */
export function regionOf({ latitude, longitude, region }: Whereabouts): Region | undefined {
	if (region) return region === 'anywhere' ? undefined : region;
	if (latitude === last.latitude && longitude === last.longitude) return last.found;
	const found = OUTLINES.find(([, outline]) => contains(outline, latitude, longitude))?.[0];
	last = { latitude, longitude, found };
	return found;
}
/** A reading asks the same place hundreds of times. */
let last: { latitude: number; longitude: number; found: Region | undefined } = {
	latitude: NaN,
	longitude: NaN,
	found: undefined
};

/** Whether a point lies in a polygon: a ray to the east crosses its sides an odd number of times (Shimrat 1962). */
function contains(outline: readonly Corner[], latitude: number, longitude: number): boolean {
	let inside = false;
	let [fromLatitude, fromLongitude] = outline.at(-1) ?? [0, 0];
	for (const [toLatitude, toLongitude] of outline) {
		if (fromLatitude > latitude !== toLatitude > latitude) {
			const share = (latitude - fromLatitude) / (toLatitude - fromLatitude);
			if (longitude < fromLongitude + share * (toLongitude - fromLongitude)) inside = !inside;
		}
		[fromLatitude, fromLongitude] = [toLatitude, toLongitude];
	}
	return inside;
}
