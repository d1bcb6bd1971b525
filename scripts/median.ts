/** How long work takes, ms: the median and the 95th percentile of so many rounds, after a quarter as many to warm up. */
export function medianMs(work: () => number, rounds: number): { median: number; p95: number } {
	let sink = 0;
	for (let i = 0; i < rounds / 4; i++) sink += work();
	const times = Array.from({ length: rounds }, () => {
		const began = performance.now();
		sink += work();
		return performance.now() - began;
	}).sort((a, b) => a - b);
	if (!Number.isFinite(sink)) throw new Error('the work gave no number');
	return { median: times[Math.floor(rounds / 2)] ?? NaN, p95: times[Math.floor(rounds * 0.95)] ?? NaN };
}
