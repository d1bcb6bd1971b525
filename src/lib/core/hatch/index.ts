export { expectDay, ribbonName, type ExpectedDay } from './day';
export { daylightOf } from './daylight';
export { warmWater } from './warm-water';
export { usualAirC, yearMeanAirC } from './climate';
export { lakeAtDepthC, lateness, usualWaterC, waterCAt, type MeasuredWater } from './water-temperature';
export { expectedWindows, type ExpectedWindow } from './windows';
