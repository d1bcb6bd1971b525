export {
	TIPPET_SCHOOLS,
	leaderFor,
	planDepth,
	tippetLedger,
	tippetXOf,
	type DepthPlan,
	type Rig,
	type TippetLedger,
	type TippetSchool
} from './leader';
export { PATIENCE_SCHOOLS, seenBy, type PatienceSchool, type Seen } from './seen';
export {
	depthPosterior,
	lineFor,
	windDrift,
	winterWindow,
	type DepthBelief,
	type DepthTried,
	type LinePlan,
	type WindDrift,
	type WinterWindow
} from './still-water';
