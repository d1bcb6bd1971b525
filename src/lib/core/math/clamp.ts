/** A number held between two. */
export const clamp = (x: number, least: number, most: number): number => Math.min(most, Math.max(least, x));
