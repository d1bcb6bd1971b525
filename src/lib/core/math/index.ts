export { gamma, normal, pickWeighted, poisson, seededRandom, type Random } from './chance';
export { effectiveNumber, entropyBits } from './entropy';
export { ciede2000Of, hexOfLab, labOfLinear, linearRgbOf } from './colour-space';
