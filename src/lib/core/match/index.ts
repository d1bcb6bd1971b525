export { compareSchools, type SchoolRanking } from './compare';
export { flyWaterOf, visibilityIn, type FlyWater } from './fitness';
export { PAIR_WAYS, pairFor, type FlyPair } from './pair';
export {
	rigFor,
	shortlist,
	stylesServing,
	type FlyBox,
	type FlyChoice,
	type ShortlistOptions
} from './shortlist';
export { startingSet } from './starting-set';
export { asRigged, belowPlans, isRiggedSo, waterDepthOf, wantedDepths, type BelowPlan } from './below';
export { flyBehind, hungThrough } from './hung';
export { RETRIEVES } from './retrieve';
export { fliesThrough, stillWaterPlan } from './still-water-plan';
export { depthsOnRig } from './tried';
export { MATCH_TABLES } from './tables';
export { FROM_TRAY, NOTHING_RISING, STONEFLY } from './preference';
