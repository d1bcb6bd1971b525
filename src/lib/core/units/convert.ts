/** Conversions at the edge: inside Lacewing everything is metric (docs/architecture.md). Exact by definition. */

export const mmFromInch = (inch: number): number => inch * 25.4;
export const inchFromMm = (mm: number): number => mm / 25.4;
export const celsiusFromFahrenheit = (f: number): number => (f - 32) / 1.8;
export const fahrenheitFromCelsius = (c: number): number => c * 1.8 + 32;
export const metresFromFeet = (ft: number): number => ft * 0.3048;
export const feetFromMetres = (m: number): number => m / 0.3048;
