import { now } from '$lib/server/clock';
import { idParameter, notSignedIn, problem, readBody } from '$lib/server/http';
import { outingOf } from '$lib/server/outings';
import { confirmRecord, ConfirmSchema, rememberShare, shareRecord } from '$lib/server/records';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, params, locals }) => {
	if (!locals.account) return notSignedIn();
	const body = await readBody(request, ConfirmSchema);
	if ('refusal' in body) return body.refusal;
	const outingId = idParameter(params.id);
	const outing = outingId && (await outingOf(locals.account.id, outingId));
	if (!outing) return problem(404, 'You have no such outing.');
	const { record, shares, remember } = body.value;
	const at = await now();
	const id = await confirmRecord(locals.account.id, outing, record, at);
	for (const share of shares)
		if (!(await shareRecord(locals.account.id, id, share, at)))
			return problem(404, 'The record is kept, but you may not share in that circle.', [
				{ field: 'shares', message: 'names a circle you may not share in' }
			]);
	const [usual] = shares;
	if (remember && usual) await rememberShare(locals.account.id, outing.id, usual);
	return Response.json({ id });
};
