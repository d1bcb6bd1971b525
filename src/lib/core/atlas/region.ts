import type { Message } from '../message';

/** Regions in which a name is used, as wide as the books state them. */
const REGIONS = {
	britain: 'British Isles',
	alps: 'Alps and central Europe',
	scandinavia: 'Scandinavia',
	'eastern-na': 'eastern North America',
	'western-na': 'western North America',
	southern: 'southern hemisphere'
} as const;
export type Region = keyof typeof REGIONS;

/** The name of a region, within a sentence. */
export const regionName = (region: Region): Message => ({ id: `region.${region}`, text: REGIONS[region] });
