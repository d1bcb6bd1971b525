export { expectDay, ribbonName, type ExpectedDay, type Ribbon } from './day';
export { daylightOf, type Daylight } from './daylight';
export { usualWaterC, waterCAt } from './water-temperature';
export { warmWater } from './warm-water';
export { expectedWindows, type ExpectedWindow } from './windows';
