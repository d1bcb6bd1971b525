export { gamma, normal, pickWeighted, poisson, seededRandom, type Random } from './chance';
export { ciede2000Of, hexOfLab, labOfLinear, linearRgbOf } from './colour-space';
export { effectiveNumber, entropyBits } from './entropy';
