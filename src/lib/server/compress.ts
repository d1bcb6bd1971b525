/** Answers shorter than this gain nothing, bytes. */
const LEAST_BYTES = 1024;
/** Text in all its forms; pictures and archives are packed already, and an event stream must not wait for a block. */
const TEXT =
	/^(text\/(?!event-stream)|application\/(json|javascript|xml|x-ndjson|[\w.+-]*\+(json|xml))|image\/svg\+xml)/;

/** Whether a request says that it reads gzip: `gzip`, or anything, unless with a weight of nought. */
export function readsGzip(accepted: string | null): boolean {
	return (accepted ?? '')
		.toLowerCase()
		.split(',')
		.map((part) => part.trim().split(/\s*;\s*/))
		.some(([name, ...parameters]) => {
			const weight = parameters.find((parameter) => parameter.startsWith('q='));
			return (name === 'gzip' || name === '*') && !(weight && Number(weight.slice(2)) === 0);
		});
}

/**
 * The same answer, compressed where it is text, long enough, and the request reads gzip. Anything else comes back as it
 * is. Streams stay streams.
 */
export async function compressed(request: Request, response: Response): Promise<Response> {
	const { headers, body, status, statusText } = response;
	if (!TEXT.test(headers.get('content-type') ?? '') || headers.has('content-encoding')) return response;
	// Whoever keeps answers must keep those of browsers that read gzip and those of others apart.
	headers.append('vary', 'accept-encoding');
	const length = headers.get('content-length');
	if (!body || request.method === 'HEAD' || (length !== null && Number(length) < LEAST_BYTES))
		return response;
	if (!readsGzip(request.headers.get('accept-encoding'))) return response;
	const { begun, short } = await beginningOf(body);
	if (short) return new Response(begun, { status, statusText, headers });
	const packed = new Headers(headers);
	packed.set('content-encoding', 'gzip');
	packed.delete('content-length');
	const tag = packed.get('etag');
	// It is no longer the same bytes, but still the same answer (RFC 9110, 8.8.1).
	if (tag && !tag.startsWith('W/')) packed.set('etag', `W/${tag}`);
	const gzip = new CompressionStream('gzip') as unknown as ReadableWritablePair<Uint8Array, Uint8Array>;
	return new Response(begun.pipeThrough(gzip), { status, statusText, headers: packed });
}

/** A body read far enough to tell whether it is a short one, and still whole. */
async function beginningOf(
	body: ReadableStream<Uint8Array>
): Promise<{ begun: ReadableStream<Uint8Array>; short: boolean }> {
	const reader = body.getReader();
	const parts: Uint8Array[] = [];
	let [bytes, ended] = [0, false];
	while (bytes < LEAST_BYTES && !ended) {
		const { done, value } = await reader.read();
		ended = done;
		if (value) {
			parts.push(value);
			bytes += value.length;
		}
	}
	const begun = new ReadableStream<Uint8Array>({
		async pull(controller) {
			const part = parts.shift();
			if (part) return controller.enqueue(part);
			const { done, value } = await reader.read();
			if (done) controller.close();
			else controller.enqueue(value);
		},
		cancel: (reason) => reader.cancel(reason)
	});
	return { begun, short: ended && bytes < LEAST_BYTES };
}
