import type { Anatomy } from './anatomy';
import type { Movement } from './movements';
import type { Region } from './region';
import type { ShadeName } from './shades';
import type { ColumnZone, Group, LifeStage } from './stages';

/** Kinds of water the atlas tells apart. */
export const WATER_KINDS = ['freestone', 'tailwater', 'spring-creek', 'lake'] as const;
export type WaterKind = (typeof WATER_KINDS)[number];

/**
 * A brood: days of the year as north of the equator, 1 to 366, at the reference place of the region (`phenology.ts`);
 * past 366 they run into the next year, and south of the equator they are half a year on.
 */
export interface Season {
	begins: number;
	peaks: number;
	ends: number;
	/** Its animals' length against that in the table of stages, if it differs. */
	size?: number;
	/** The kinds of water in which it comes, if not in all of the taxon's. */
	waters?: readonly WaterKind[];
}

/** Hours of local solar time, 0 to 24 (an end past 24 runs into the next day). */
export interface HourWindow {
	from: number;
	peak: number;
	to: number;
}

/** When in the day something happens in cold water (8 °C and under) and in warm water (15 °C and over). */
export interface Hours {
	cool: readonly HourWindow[];
	warm: readonly HourWindow[];
}

/** Water temperatures in °C: nothing outside `least` to `most`, full activity inside `best`. */
export interface TemperatureBand {
	least: number;
	best: readonly [number, number];
	most: number;
}

export interface StageTraits {
	stage: LifeStage;
	/** Body length in mm, head to end of abdomen, without tails, antennae or wings. */
	lengthMm: { least: number; typical: number; most: number };
	belly: ShadeName;
	back: ShadeName;
	wing?: ShadeName;
	/** Where the anatomy differs from its group's (`anatomy.ts`). */
	anatomy?: Partial<Anatomy>;
	/** Where in the column, if not where its group and stage usually are. */
	zone?: ColumnZone;
	/** How it moves, if not as it is built. */
	moves?: Movement;
}

/** What species of one region do at times or in waters of their own. */
export type RegionalTraits = Partial<
	Pick<Taxon, 'seasons' | 'emergence' | 'emergenceHours' | 'flightHours' | 'waters' | 'likes'>
>;

/** How it leaves the water: through open water to the film, by crawling out, never, or not from water at all. */
export type EmergenceWay = 'open-water' | 'crawls-out' | 'never' | 'land';

export interface Taxon {
	/** The scientific name in lower case; stable, used in notes and addresses. */
	id: string;
	scientificName: string;
	rank: 'genus' | 'family' | 'order' | 'class';
	/** Of a genus; a family is its own. */
	family?: string;
	/** Where these are not those of most of its group. */
	order?: string;
	class?: string;
	group: Group;
	commonName: string;
	/** The regions in which it lives. */
	lives: readonly Region[];
	/** What it is called in some regions, each name with them; the first that names a region is the usual one there. */
	localNames?: readonly (readonly [name: string, ...regions: Region[]])[];
	/** Ids under which earlier releases kept it. */
	aliases?: readonly string[];
	/** How much of it there is, 0 to 1, in each kind of water it lives in; left out where it does not. */
	waters: Partial<Record<WaterKind, number>>;
	seasons: readonly Season[];
	/** What is otherwise in some regions, where other species of it live. */
	there?: Partial<Record<Region, RegionalTraits>>;
	emergence: EmergenceWay;
	emergenceHours: Hours;
	/** Hours of mating flights, egg-laying and spent falls. */
	flightHours: Hours;
	waterC: TemperatureBand;
	/** Of land insects: air under `least` keeps them down, from `best` on they are about, °C. */
	airC?: { least: number; best: number };
	/** Weather that brings out the most of it. */
	likes: 'dull' | 'mild' | 'any';
	/** Years from egg to adult, if not those of its group. */
	years?: readonly [least: number, most: number];
	stages: readonly StageTraits[];
	/**
	 * Fine marks that its anatomy does not hold, by stage or for every winged one; the key says what there is. Two
	 * states with a bar between where some species have the one and some the other.
	 */
	marks?: Partial<Record<LifeStage | 'winged', Readonly<Record<string, string>>>>;
	/** Works the block was compiled from; `sources.ts` has them in full. */
	sources: readonly string[];
}
