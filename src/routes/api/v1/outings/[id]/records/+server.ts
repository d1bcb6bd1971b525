import { joined, typed } from '$lib/core/message';
import words from '$lib/server/words';
import { now } from '$lib/server/clock';
import { idParameter, notSignedIn, problem, readBody } from '$lib/server/http';
import { outingOf } from '$lib/server/outings';
import { hasPhoto } from '$lib/server/photos';
import { confirmAndShare, ConfirmSchema, namesToAskAbout, recordOn } from '$lib/server/records';
import { waterNamesOf } from '$lib/server/waters';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, params, locals }) => {
	if (!locals.account) return notSignedIn();
	const guideId = locals.account.id;
	const body = await readBody(request, ConfirmSchema);
	if ('refusal' in body) return body.refusal;
	const outingId = idParameter(params.id);
	const outing = outingId && (await outingOf(guideId, outingId));
	if (!outing) return problem(404, words('you-have-no-such-outing'));
	const many = 'records' in body.value;
	const confirmed = 'records' in body.value ? body.value.records : [body.value];
	/** How a field is called in what was sent. */
	const field = (i: number, name: string) => (many ? `records.${i}.${name}` : name);
	let names: ReturnType<typeof waterNamesOf> | undefined;
	const waters = () => (names ??= waterNamesOf(guideId));
	for (const [i, { record: told, shares }] of confirmed.entries()) {
		const record = recordOn(outing, told);
		if (record.photoId && !(await hasPhoto(guideId, outing.id, record.photoId)))
			return problem(422, words('the-outing-has-no-such'), [
				{ field: field(i, 'record.photoId'), says: words('no-picture-of-this') }
			]);
		for (const [k, share] of shares.entries()) {
			const finer = await namesToAskAbout(guideId, record, share, waters);
			if (finer.length > 0)
				return problem(
					409,
					words('your-words-name-which-those', { finer: joined('and', ...finer.map(typed)) }),
					finer.map((name) => ({ field: field(i, `shares.${k}.withWords`), says: typed(name) }))
				);
		}
	}
	const kept = await confirmAndShare(guideId, outing, confirmed, await now(), body.value.usual);
	if ('refused' in kept)
		return problem(404, words('you-may-not-share-in'), [
			{ field: 'shares', says: words('circle-not-yours') }
		]);
	return Response.json(many ? { ids: kept.ids } : { id: kept.ids[0] });
};
