export { activityOf, type Activity, type Weather } from './activity';
export type { Anatomy } from './anatomy';
export { colourDifference } from './colour-difference';
export { anatomyOf, coloursOf, findStage, findTaxon, TAXA, zoneOf } from './lookup';
export { LOCAL_NAMES, REGIONS, type LocalName, type Region } from './local-names.data';
export { lookAlikesOf, type LookAlike } from './look-alikes';
export { LOOK_ALIKES } from './look-alikes.data';
export { MOVEMENTS, movementOf, type Movement } from './movement';
export { alsoCalled, localNamesOf, type GuidesName } from './names';
export { dayOfYear, PlaceSchema, solarHour, type Place } from './place';
export { givenNames, taxaNamed, type GivenNames } from './named';
export { namesFound, searchAtlas, yearOf, type AtlasQuery } from './search';
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
export { yearsToGrow, type YearsToGrow } from './years';
export { naturalWords, withArticle } from './natural-words';
export { classificationOf, type Classification } from './classification';
