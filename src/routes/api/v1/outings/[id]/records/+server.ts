import { now } from '$lib/server/clock';
import { idParameter, notSignedIn, problem, readBody } from '$lib/server/http';
import { outingOf } from '$lib/server/outings';
import { confirmRecord, ConfirmSchema, shareRecord } from '$lib/server/records';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, params, locals }) => {
	if (!locals.account) return notSignedIn();
	const body = await readBody(request, ConfirmSchema);
	if ('refusal' in body) return body.refusal;
	const outingId = idParameter(params.id);
	const outing = outingId && (await outingOf(locals.account.id, outingId));
	if (!outing) return problem(404, 'You have no such outing.');
	const { record, shares } = body.value;
	const at = await now();
	const id = await confirmRecord(locals.account.id, outing, record, at);
	for (const { circleId, precision } of shares)
		if (!(await shareRecord(locals.account.id, id, circleId, precision, at)))
			return problem(404, 'The record is kept, but you are not in that circle.', [
				{ field: 'shares', message: 'names a circle you are not in' }
			]);
	return Response.json({ id });
};
