export { flyFromBelow, naturalAtFilm, naturalFromBelow } from './below';
export { hexOf, tracedPoints, type Figure, type Mark, type Point } from './figure';
export { drawFly } from './fly';
export { bodyAxis, drawInsect, insectMarks } from './insect';
export { drawMark } from './mark';
