import words from '$lib/server/words';
import Papa from 'papaparse';
import { foldOuting } from '$lib/core/outing';
import { watchTable } from '$lib/core/rise';
import { idParameter, notSignedIn, problem } from '$lib/server/http';
import { notesOf } from '$lib/server/notes';
import { outingOf } from '$lib/server/outings';
import type { RequestHandler } from './$types';

const COLUMNS = ['watch', 'mark', 'lie', 'at_utc', 'seconds', 'event', 'form', 'taxon', 'stage'];

export const GET: RequestHandler = async ({ params, locals }) => {
	if (!locals.account) return notSignedIn();
	const id = idParameter(params.id);
	const outing = id && (await outingOf(locals.account.id, id));
	if (!outing) return problem(404, words('you-have-no-such-outing'));
	const notes = await notesOf(locals.account.id, outing.id);
	// All that was noted, also by a phone whose clock runs ahead of the server's.
	const until = notes.at(-1)?.at ?? outing.startedAt;
	const rows = watchTable(foldOuting(notes, outing.reach.place, until));
	// A mark that begins like a formula must stay text in a spreadsheet.
	const csv = Papa.unparse({ fields: COLUMNS, data: rows }, { escapeFormulae: true, newline: '\r\n' });
	return new Response(`${csv}\r\n`, {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': 'attachment; filename="watch.csv"'
		}
	});
};
