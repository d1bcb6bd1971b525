import words from '$lib/server/words';
import * as v from 'valibot';
import { PRECISIONS } from '$lib/core/record';
import { now } from '$lib/server/clock';
import { notSignedIn, problem } from '$lib/server/http';
import { LogFilterSchema } from '$lib/server/log-book';
import { FORMATS, exportFile, type Format } from '$lib/server/export';
import type { RequestHandler } from './$types';

const isFormat = (text: string): text is Format => Object.hasOwn(FORMATS, text);

export const GET: RequestHandler = async ({ params, locals, url }) => {
	if (!locals.account) return notSignedIn();
	if (!isFormat(params.format))
		return problem(
			404,
			words('there-is-no-format-use', {
				value: params.format.slice(0, 20),
				value2: Object.keys(FORMATS).join(', ')
			})
		);
	const { type, name } = FORMATS[params.format];
	const precision = v.safeParse(
		v.optional(v.picklist(PRECISIONS), 'water'),
		url.searchParams.get('precision') ?? undefined
	);
	if (!precision.success)
		return problem(422, words('there-is-no-precision-of', { PRECISIONS: PRECISIONS.join(', ') }), [
			{ field: 'precision', says: words('not-offered') }
		]);
	const wanted = {
		accountId: locals.account.id,
		by: locals.account.name,
		at: await now(),
		precision: precision.output,
		filter: { ...v.parse(LogFilterSchema, Object.fromEntries(url.searchParams)), order: 'oldest' as const }
	};
	return new Response(exportFile(params.format, wanted), {
		headers: {
			'content-type': type,
			'content-disposition': `attachment; filename="${name}"`,
			'cache-control': 'no-store'
		}
	});
};
