import type { Change } from '$lib/core/advice';
import { flyBehind, type FlyPair } from '$lib/core/match';
import { tippetOf, type Board } from '../board/board.svelte';

/** Does what the advice says: ties on, rigs, or rests the fish. */
export async function follow(board: Board, change: Change) {
	if (change.fly) {
		const { patternId, hookSize } = change.fly;
		const pattern =
			(board.options.patterns ?? []).find(({ id }) => id === patternId) ?? board.onLine?.pattern;
		if (pattern) await board.tie(pattern, hookSize);
	} else if (change.tippetX !== undefined)
		await board.rigged({ tippetX: change.tippetX, tippetM: tippetOf(board.rigAsked) });
	else if (change.tippetM !== undefined) await board.rigged({ tippetM: change.tippetM });
	else if (change.from) await board.rigged({ from: change.from });
	else if (change.id === 'mend') await board.rigged({ mending: true });
	else if (change.depthM !== undefined) await board.rigged({ depthM: change.depthM });
	else if (change.way) await board.rigged({ way: change.way, depthM: undefined });
	else if (change.moved) await board.rigged({ moved: change.moved });
	else if (change.dressed !== undefined) await board.rigged({ dressed: change.dressed });
	else if (change.second) await board.rigged({ second: change.second });
	else if (change.id === 'one-fly') await board.rigged({ second: undefined, third: undefined });
	else if (change.id === 'rest')
		board.restUntil = new Date(board.present.getTime() + change.minutes * 60_000);
}

/** A new leader and tippet, as the water asks. */
export async function rigAsAsked(board: Board) {
	const asked = board.rigAsked;
	if (asked) await board.rigged({ leaderM: asked.lengthM, tippetX: asked.tippetX, tippetM: tippetOf(asked) });
}

/** Ties the two flies on, the second behind or under the first. */
export async function rigPair(board: Board, { lead, second, distanceM, rig }: FlyPair) {
	await board.tie(lead.pattern, lead.hookSize);
	await board.rigged({
		leaderM: rig.lengthM,
		tippetX: rig.tippetX,
		tippetM: tippetOf(rig),
		second: flyBehind(second, (distanceM.least + distanceM.most) / 2)
	});
}
