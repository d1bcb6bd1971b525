export { bodyLine, curveThrough, type MeasuredLength } from './body-line';
export { CARD, FIELD, TARGETS, type CardPoint, type CardShape, cardShapes } from './card';
export { cardSvg } from './card-drawing';
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
export { byteOf, labOf, LINEAR, linearOf, type LinearRgb, type Picture } from './picture';
