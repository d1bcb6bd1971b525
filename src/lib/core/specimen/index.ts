export { bodyLine, type MeasuredLength } from './body-line';
export { cardSvg } from './card-drawing';
export { CARD, FIELD, TARGETS, cardShapes } from './card';
export { findCard, fitCard, liesRight, type CardFit, type CardSearch } from './find-card';
export { homographyOf, inverseOf, mapped, type Homography, type PixelPoint } from './homography';
export {
	cardLight,
	nearestShades,
	padState,
	patchColour,
	type CardLight,
	type PatchColour
} from './patch-colour';
export { linearOf, type LinearRgb, type Picture } from './picture';
