export { hypothesesFor } from './hypothesis';
export { likelyNaturals } from './likely';
export { visibility } from './evidence';
export { METHODS, methodsReaching, stageMet } from './methods';
export { riseFormsProvoked } from './provoked';
export {
	CERTAINTY_NAMES,
	READING_MODEL,
	readWater,
	scoreOfGuess,
	reasonsFor,
	strengthOf,
	worthOf,
	type Belief,
	type Reading
} from './reading';
export { statedReading } from './stated';
export { believed, byNatural, byStage, type NaturalBelief } from './spread';
export { READING_TABLES, valuesUnder } from './tables';
export { WEIGHING, WEIGHTS, riseFormProbability, weightsOf, type WeighingId } from './weights';
export { TAKING_NAMES } from './taking-names';
export { usualWays } from './ways';
export { nothingRises, WENT_FOR_IT } from './silence';
