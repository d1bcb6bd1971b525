export { FINEST_TIPPET_X, LEADER, TIPPET } from './leader-rules';
export {
	leaderFor,
	planDepth,
	tippetLedger,
	tippetXOf,
	type DepthPlan,
	type OwnTackle,
	type Rig,
	type TippetLedger
} from './leader';
export { WIND_MS } from './range';
export { PATIENCE, type PatienceSchool } from './seen-tables';
export { seenBy, type Seen } from './seen';
export {
	depthPosterior,
	lineFor,
	windDrift,
	type DepthBelief,
	type DepthTried,
	type LinePlan,
	type WindDrift
} from './still-water';
export { SECOND_M } from './line-tables';
export { currentAt, depthAtLieM, leadForM, type Sinking } from './sinking';
export { stillLeaderM } from './still-leader';
export { winterWindow, type WinterWindow } from './winter';
export { RIG_TABLES } from './tables';
