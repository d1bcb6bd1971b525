import type { FlyBox } from '$lib/core';

/** Keeps on the server how many of a fly are carried. Throws when that can't be done now. */
export async function keepBoxed(fly: FlyBox[number]): Promise<void> {
	const response = await fetch('/api/v1/box', {
		method: 'PUT',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify(fly)
	});
	if (!response.ok) throw new Error(`The box answered ${response.status}.`);
}
