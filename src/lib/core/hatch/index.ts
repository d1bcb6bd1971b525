export { expectDay, ribbonName, type ExpectedDay } from './day';
export { daylightOf } from './daylight';
export { warmWater } from './warm-water';
export { usualAirC } from './climate';
export { againstUsual, usualWaterC, waterCAt, type MeasuredWater } from './water-temperature';
export { yearOfTaxon } from './year';
export { expectedWindows, type ExpectedWindow } from './windows';
export { HATCH_TABLES } from './tables';
