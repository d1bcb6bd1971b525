export { gamma, normal, pickWeighted, poisson, seededRandom, type Random } from './chance';
export { clamp } from './clamp';
export { ciede2000Of, hexOfLab, labOfLinear, linearRgbOf, srgbByteOf } from './colour-space';
export { effectiveNumber, entropyBits } from './entropy';
export { gammaAbove, lnGamma } from './gamma-function';
