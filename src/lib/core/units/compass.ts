/** The eight points of the compass, clockwise from north. */
export const COMPASS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'] as const;
/** From one point to the next, degrees. */
export const COMPASS_STEP_DEG = 45;

/** The point of the compass nearest to a bearing in degrees: `compassPoint(315)` is `NW`. */
export function compassPoint(deg: number): (typeof COMPASS)[number] {
	const point = Math.round(deg / COMPASS_STEP_DEG) % COMPASS.length;
	return COMPASS[(point + COMPASS.length) % COMPASS.length] ?? 'N';
}
