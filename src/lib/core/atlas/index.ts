export { activityOf, type Activity, type Weather } from './activity';
export type { Anatomy } from './anatomy';
export { anatomyOf, coloursOf, findStage, findTaxon, TAXA, zoneOf } from './lookup';
export { dayOfYear, PlaceSchema, solarHour, type Place } from './place';
export { searchAtlas, yearOf, type AtlasQuery } from './search';
export { hourWeight, seasonWeight, temperatureWeight } from './season';
export { SHADE_NAMES, SHADES, type Lab, type ShadeName } from './shades';
export { SOURCES } from './sources';
export {
	COLUMN_ZONES,
	GROUP_NAMES,
	GROUPS,
	LIFE_STAGES,
	STAGE_NAMES,
	ZONE_NAMES,
	type ColumnZone,
	type Group,
	type LifeStage
} from './stages';
export {
	WATER_KINDS,
	type EmergenceWay,
	type HourWindow,
	type StageTraits,
	type Taxon,
	type WaterKind
} from './taxon';
