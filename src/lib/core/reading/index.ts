export { hypothesesFor, hypothesisName, hypothesisPhrase, weatherOf, type Hypothesis } from './hypothesis';
export { likelyNaturals } from './likely';
export { lookNext, type LookNextOptions, type Observation, type Outcome } from './look-next';
export { METHODS, methodsReaching } from './methods';
export {
	readWater,
	reasonsFor,
	weightWords,
	type Belief,
	type Certainty,
	type Contribution,
	type Reading,
	type Reason
} from './reading';
export {
	riseFormProbability,
	WEIGHING_IDS,
	WEIGHINGS,
	WEIGHTS,
	type Taking,
	type WeighingId,
	type Weights
} from './weights';
export { riseFormsProvoked } from './provoked';
export { byNatural, byStage, type NaturalBelief } from './spread';
export { TAKING_NAMES, weighedTables, type WeighedTable } from './weighed';
