/**
 * A position as it is read out: degrees with their letters, to about ten metres.
 *
 * `showPosition({ latitude: 47.17, longitude: -20.33 })` is `47.1700° N, 20.3300° W`.
 */
export function showPosition({ latitude, longitude }: { latitude: number; longitude: number }): string {
	const part = (degrees: number, [plus, minus]: readonly [string, string]) =>
		`${Math.abs(degrees).toFixed(4)}° ${degrees < 0 ? minus : plus}`;
	return `${part(latitude, ['N', 'S'])}, ${part(longitude, ['E', 'W'])}`;
}
