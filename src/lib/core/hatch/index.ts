export { expectDay, ribbonName, type ExpectedDay } from './day';
export { daylightOf } from './daylight';
export { warmWater } from './warm-water';
export { usualWaterC } from './water-temperature';
export { expectedWindows, type ExpectedWindow } from './windows';
