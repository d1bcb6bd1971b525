import words from '$lib/server/words';
import { Unreadable } from '$lib/core/exchange';
import { now } from '$lib/server/clock';
import { whileThere } from '$lib/server/bodies';
import { faultTold, notSignedIn, problem } from '$lib/server/http';
import { INWARD, importFile } from '$lib/server/import';
import { received } from '$lib/server/import/received';
import type { RequestHandler } from './$types';

const isInward = (type: string): type is keyof typeof INWARD => Object.hasOwn(INWARD, type);

/**
 * A file as a stream: a packet, a table of records, or waters and reaches. `?keep=1` keeps its good parts, otherwise
 * it is only looked at; `?settings=` says in JSON what the columns of a table hold, or where reaches lie.
 */
export const POST: RequestHandler = async ({ request, locals, url, platform }) => {
	if (!locals.account) return notSignedIn();
	const [type = ''] = (request.headers.get('content-type') ?? '').toLowerCase().split(';');
	const sent = type.trim();
	if (!isInward(sent))
		return problem(415, words('send-a-file-with-one', { value: Object.keys(INWARD).join(', ') }));
	if (!request.body) return problem(400, words('the-body-is-empty'));
	let settings: unknown;
	try {
		settings = JSON.parse(url.searchParams.get('settings') ?? '{}');
	} catch {
		return problem(400, words('the-settings-are-not-json'));
	}
	try {
		const { id: accountId } = locals.account;
		const kind = INWARD[sent];
		const keep = url.searchParams.get('keep') === '1';
		const { body } = request;
		const told = await whileThere(platform?.req, (signal) =>
			received(accountId, { body, signal }, async (file) =>
				importFile({ accountId, kind, body: file, settings, keep, at: await now() })
			)
		);
		if (!('issues' in told)) return Response.json({ ...told, bad: told.bad.map(faultTold) });
		const [first] = told.issues;
		return problem(
			422,
			words('the-settings-are-not-right', { field: first?.field ?? '', message: first?.says ?? '' }),
			told.issues.slice(0, 50)
		);
	} catch (error) {
		// What was not read to its end is not waited for.
		if (error instanceof Unreadable) return problem(422, error.says, [], { connection: 'close' });
		throw error;
	}
};
