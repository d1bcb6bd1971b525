export { gamma, normal, pickWeighted, poisson, seededRandom, type Random } from './chance';
export { ciede2000Of, hexOfLab, labOfLinear, linearRgbOf, srgbByteOf } from './colour-space';
export { effectiveNumber, entropyBits } from './entropy';
export { gammaAbove, lnGamma } from './gamma-function';
