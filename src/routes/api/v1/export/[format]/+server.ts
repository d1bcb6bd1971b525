import { now } from '$lib/server/clock';
import { notSignedIn, problem } from '$lib/server/http';
import { FORMATS, takeOut, type Format } from '$lib/server/take-out';
import type { RequestHandler } from './$types';

const isFormat = (text: string): text is Format => text in FORMATS;

export const GET: RequestHandler = async ({ params, locals }) => {
	if (!locals.account) return notSignedIn();
	if (!isFormat(params.format))
		return problem(
			404,
			`There is no format "${params.format.slice(0, 20)}"; use ${Object.keys(FORMATS).join(', ')}.`
		);
	const { type, name } = FORMATS[params.format];
	return new Response(takeOut(locals.account.id, params.format, await now()), {
		headers: {
			'content-type': type,
			'content-disposition': `attachment; filename="${name}"`,
			'cache-control': 'no-store'
		}
	});
};
