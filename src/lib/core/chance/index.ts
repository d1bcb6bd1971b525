export { effectiveNumber, entropyBits } from './entropy';
export { normal, pickWeighted, poisson, seededRandom, type Random } from './chance';
