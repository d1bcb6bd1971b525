const POINTS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'] as const;

/** The point of the compass nearest to a bearing in degrees: `compassPoint(315)` is `NW`. */
export function compassPoint(deg: number): (typeof POINTS)[number] {
	return POINTS[((Math.round(deg / 45) % 8) + 8) % 8] ?? 'N';
}
