export type { Figure } from './figure';
export { hexOf } from './figure';
export { drawFly, type FlyFigure } from './fly';
export { drawInsect } from './insect';
