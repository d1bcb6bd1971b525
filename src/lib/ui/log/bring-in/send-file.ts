import { typed, type Message } from '$lib/core/message';
import * as v from 'valibot';
import words from './words';

const TakenInSchema = v.object({
	lines: v.record(v.string(), v.object({ read: v.number(), fresh: v.number() })),
	bad: v.array(v.object({ line: v.number(), field: v.string(), message: v.string() })),
	badCount: v.number(),
	kept: v.boolean()
});
/** What the server found in a file. */
export type TakenIn = v.InferOutput<typeof TakenInSchema>;
const ProblemSchema = v.object({ error: v.object({ message: v.string() }) });

/** How a file can be taken in, by the end of its name. */
export const FILE_KINDS = [
	{ ends: ['.csv', '.tsv', '.txt'], kind: 'table', type: 'text/csv', name: 'a table of records' },
	{ ends: ['.ndjson'], kind: 'packet', type: 'application/x-ndjson', name: 'a packet' },
	{ ends: ['.gpx'], kind: 'gpx', type: 'application/gpx+xml', name: 'waters and reaches' },
	{ ends: ['.geojson', '.json'], kind: 'geojson', type: 'application/geo+json', name: 'waters and reaches' }
] as const;
export type FileKind = (typeof FILE_KINDS)[number];

export const fileKindOf = (name: string): FileKind | undefined =>
	FILE_KINDS.find(({ ends }) => ends.some((end) => name.toLowerCase().endsWith(end)));

/** A file on its way to the server: how far it is, and a way to stop it. */
export interface Sending {
	answer: Promise<TakenIn | { trouble: Message }>;
	cancel: () => void;
}

/**
 * Sends a file to be looked at, or kept.
 *
 * @param progress is given the share that the server has read, 0 to 1
 */
export function sendFile(
	file: File,
	{ type }: FileKind,
	settings: unknown,
	keep: boolean,
	progress: (share: number) => void
): Sending {
	// fetch does not tell how far an upload is.
	const request = new XMLHttpRequest();
	const query = new URLSearchParams({ settings: JSON.stringify(settings), ...(keep && { keep: '1' }) });
	const answer = new Promise<TakenIn | { trouble: Message }>((resolve) => {
		request.upload.onprogress = ({ loaded, total }) => progress(total > 0 ? loaded / total : 0);
		request.onload = () => resolve(read(request.responseText, request.status));
		request.onerror = () => resolve({ trouble: words('no-connection') });
		request.onabort = () => resolve({ trouble: words('cancelled') });
	});
	request.open('POST', `/api/v1/import?${query}`);
	request.setRequestHeader('content-type', type);
	request.send(file);
	return { answer, cancel: () => request.abort() };
}

function read(text: string, status: number): TakenIn | { trouble: Message } {
	let given: unknown;
	try {
		given = JSON.parse(text);
	} catch {
		given = undefined;
	}
	const told = v.safeParse(TakenInSchema, given);
	if (told.success) return told.output;
	const problem = v.safeParse(ProblemSchema, given);
	return {
		trouble: problem.success ? typed(problem.output.error.message) : words('server-answered', { status })
	};
}
