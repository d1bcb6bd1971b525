export { expectDay, ribbonName, type ExpectedDay, type Ribbon } from './day';
export { usualWaterC, waterCAt } from './water-temperature';
