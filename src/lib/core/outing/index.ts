export {
	fishInHand,
	foldOuting,
	isPaused,
	type CurrentConditions,
	type LiveNote,
	type Outing,
	type Watch
} from './fold';
export { waterMeasured, weatherOf } from './weather';
