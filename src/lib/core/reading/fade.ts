/** 1 when new, one half after a half-life. */
export function fade(observedAt: Date, now: Date, halfLifeMin: number): number {
	const minutes = Math.max(0, now.getTime() - observedAt.getTime()) / 60_000;
	return 2 ** (-minutes / halfLifeMin);
}
