import type { FlyBox } from '$lib/core/match';
import { fetchAsGuide } from './guide.svelte';

type Boxed = FlyBox[number];
/** Counts go one after another, so that the last tap is what counts; these have not gone yet. */
const waiting = new Set<Boxed>();
let before: Promise<unknown> = Promise.resolve();

/** Keeps on the server how many of a fly are carried. Throws when that can't be done now. */
export function keepBoxed(fly: Boxed): Promise<void> {
	waiting.add(fly);
	const turn = before.then(async () => {
		if (!waiting.delete(fly)) return;
		const response = await put(fly);
		if (!response.ok) throw new Error(`The box answered ${response.status}.`);
	});
	before = turn.catch(() => undefined);
	return turn;
}

/** Goes through although the page is left meanwhile. */
const put = (fly: Boxed) =>
	fetchAsGuide('/api/v1/box', {
		method: 'PUT',
		keepalive: true,
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify(fly)
	});

if (typeof addEventListener === 'function')
	addEventListener('pagehide', () => {
		for (const fly of waiting) void put(fly);
		waiting.clear();
	});
