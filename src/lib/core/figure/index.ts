export { hexOf, tracedPoints, type Figure, type Mark, type Point } from './figure';
export { drawFly, type FlyFigure } from './fly';
export { bodyAxis, drawInsect, insectMarks } from './insect';
export { drawMark } from './mark';
export { flyFromBelow, naturalAtFilm, naturalFromBelow } from './below';
