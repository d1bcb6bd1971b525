export { activityOf, type Activity, type Weather } from './activity';
export type { Anatomy } from './anatomy';
export { BINOCULARS_FACTOR, WING_TIP_FACTOR, bodyLengthMm } from './body-length';
export { classificationOf, type Classification } from './classification';
export { colourDifference } from './colour-difference';
export { faunaOf, livesAt, replacedElsewhere, shareAt } from './range';
export { groupOfUnnamed, hypothesisIdOf, unnamedOf } from './unnamed';
export { broodsIn, dateOf, referencePlace, tableDay, traitsIn } from './phenology';
export { ATLAS_TABLES } from './tables';
export {
	REGION_IDS,
	REGION_NAMES,
	REGIONS_TO_SET,
	regionName,
	regionOf,
	type Region,
	type RegionToSet
} from './region';
export { inRegion } from './dialect';
export { lookAlikeMark, lookAlikesOf } from './look-alikes';
export { TAXA, findTaxon, keepTaxa, ofTaxa } from './shelf';
export { anatomyOf, coloursOf, findStage, zoneOf, hasGroupStage, zoneOfGroup } from './lookup';
export { movementOf } from './movement';
export { MOVEMENTS, movementWords } from './movements';
export { givenNames, taxaNamed, type GivenNames } from './named';
export { alsoCalled, localNamesOf, type GuidesName } from './common-names';
export { naturalName, naturalWords, taxonName } from './natural-words';
export { PlaceSchema, type Place } from './place';
export { solarHour } from './solar-time';
export { namesFound, searchAtlas, yearOf } from './search';
export { eldestHaveLeft, SCATTER_DAYS, seasonWeight } from './season';
export { SHADES, SHADE_NAMES, shadeName, type Lab, type ShadeName } from './shades';
export { SOURCES } from './sources';
export {
	COLUMN_ZONES,
	isSurface,
	GROUPS,
	GROUP_NAMES,
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
export { yearsToGrow } from './years';
