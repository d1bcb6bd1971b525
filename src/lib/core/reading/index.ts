export { hypothesesFor, hypothesisName, hypothesisPhrase, weatherOf, type Hypothesis } from './hypothesis';
export { lookNext, type Observation, type Outcome } from './look-next';
export { readWater, reasonsFor, type Belief, type Certainty, type Contribution, type Reading, type Reason } from './reading';
export { WEIGHTS, type Taking } from './weights';
