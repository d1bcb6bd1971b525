import words from '$lib/server/words';
import { fail } from '@sveltejs/kit';
import * as v from 'valibot';
import { fieldIssues } from '$lib/core/note';
import { now } from '$lib/server/clock';
import { Full, unlessFull } from '$lib/server/database';
import { guideOf } from '$lib/server/entry';
import { fieldOf, formOf } from '$lib/server/form';
import { idParameter } from '$lib/server/http';
import {
	boardsOf,
	PublicBoardSchema,
	putUpBoard,
	recordedWaters,
	takeDownBoard
} from '$lib/server/public-boards';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const { id } = guideOf(locals, url);
	const [boards, waters] = await Promise.all([boardsOf(id), recordedWaters(id)]);
	return { boards, waters };
};

export const actions: Actions = {
	putUp: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const form = await formOf(request);
		const parsed = v.safeParse(PublicBoardSchema, {
			...Object.fromEntries(form),
			waters: form.getAll('waters').map(String)
		});
		if (!parsed.success) {
			const [issue] = fieldIssues(parsed.issues);
			return fail(422, {
				message: words('the-board-is-not-right', { field: issue?.field ?? '', message: issue?.says ?? '' })
			});
		}
		const at = await now();
		const token = await unlessFull(() => putUpBoard(guide.id, parsed.output, at));
		if (token instanceof Full) return fail(409, { message: token.says });
		return { link: `${url.origin}/board/${token}` };
	},
	takeDown: async ({ request, locals, url }) => {
		const guide = guideOf(locals, url);
		const id = idParameter(fieldOf(await formOf(request), 'id'));
		const gone = id && (await takeDownBoard(guide.id, id));
		return gone
			? { message: words('it-is-down-its-link') }
			: fail(404, { message: words('you-have-no-such-board') });
	}
};
