export { normal, pickWeighted, poisson, seededRandom, type Random } from './chance';
