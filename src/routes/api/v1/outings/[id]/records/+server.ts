import { now } from '$lib/server/clock';
import { idParameter, notSignedIn, problem, readBody } from '$lib/server/http';
import { outingOf } from '$lib/server/outings';
import { hasPhoto } from '$lib/server/photos';
import {
	confirmRecord,
	ConfirmSchema,
	namesToAskAbout,
	recordOn,
	rememberShare,
	shareRecord
} from '$lib/server/records';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, params, locals }) => {
	if (!locals.account) return notSignedIn();
	const guideId = locals.account.id;
	const body = await readBody(request, ConfirmSchema);
	if ('refusal' in body) return body.refusal;
	const outingId = idParameter(params.id);
	const outing = outingId && (await outingOf(guideId, outingId));
	if (!outing) return problem(404, 'You have no such outing.');
	const { shares, remember } = body.value;
	const record = recordOn(outing, body.value.record);
	if (record.photoId && !(await hasPhoto(guideId, outing.id, record.photoId)))
		return problem(422, 'The outing has no such picture.', [
			{ field: 'record.photoId', message: 'is no picture of this outing' }
		]);
	for (const [i, share] of shares.entries()) {
		const names = await namesToAskAbout(guideId, record, share);
		if (names.length > 0)
			return problem(
				409,
				`Your words name ${names.join(' and ')}, which those readers may not know. Nothing was shared yet.`,
				names.map((name) => ({ field: `shares.${i}.withWords`, message: name }))
			);
	}
	const at = await now();
	const id = await confirmRecord(guideId, outing, body.value.record, at);
	for (const share of shares)
		if (!(await shareRecord(guideId, id, share, at)))
			return problem(404, 'The record is saved, but you may not share in that circle.', [
				{ field: 'shares', message: 'names a circle you may not share in' }
			]);
	const [usual] = shares;
	if (remember && usual) await rememberShare(guideId, outing.id, usual);
	return Response.json({ id });
};
