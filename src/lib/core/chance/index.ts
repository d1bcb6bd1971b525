export { effectiveNumber, entropyBits } from './entropy';
export { gamma, normal, pickWeighted, poisson, seededRandom, type Random } from './chance';
