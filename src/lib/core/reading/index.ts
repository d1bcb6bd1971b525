export { hypothesesFor } from './hypothesis';
export { likelyNaturals } from './likely';
export { lookNext, type LookNextOptions, type Observation } from './look-next';
export { METHODS, methodsReaching } from './methods';
export { riseFormsProvoked } from './provoked';
export { readWater, reasonsFor, weightWords, type Belief, type Reading } from './reading';
export { byNatural, byStage, type NaturalBelief } from './spread';
export { weighedTables } from './weighed';
export { WEIGHINGS, WEIGHING_IDS, WEIGHTS, riseFormProbability, type WeighingId } from './weights';
