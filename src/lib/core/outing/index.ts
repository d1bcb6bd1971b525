export {
	fishInHand,
	foldOuting,
	groundFrom,
	isPaused,
	type CurrentConditions,
	type LiveNote,
	type Outing,
	type Watch
} from './fold';
export { sessionOf, type SessionTally } from './session';
export { waterMeasured, weatherOf } from './weather';
