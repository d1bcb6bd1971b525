import * as v from 'valibot';
import { fieldIssues, type FieldIssue } from '$lib/core/note';
import { importPacket } from './packet';
import { DrawnSettingsSchema, importDrawn } from './reaches';
import { TableSettingsSchema, importTable } from './table';
import { inOneTaking, textOf, type TakenIn } from './taking';

/** What can be taken in, by the content type it is sent with. */
export const INWARD = {
	'application/x-ndjson': 'packet',
	'text/csv': 'table',
	'application/gpx+xml': 'gpx',
	'application/geo+json': 'geojson'
} as const;
export type Inward = (typeof INWARD)[keyof typeof INWARD];

interface File {
	accountId: string;
	kind: Inward;
	body: AsyncIterable<Uint8Array>;
	/** What the guide said of it; a packet needs nothing said. */
	settings: unknown;
	keep: boolean;
	at: Date;
}

/**
 * Takes a file in as a stream: its good parts, or only a look at them.
 *
 * @returns what was taken in, or which settings are wrong
 * @throws Unreadable with a sentence, and then nothing is kept
 */
export async function importFile({
	accountId,
	kind,
	body,
	settings,
	keep,
	at
}: File): Promise<TakenIn | { issues: FieldIssue[] }> {
	if (kind === 'packet') return inOneTaking(accountId, keep, (taking) => importPacket(taking, textOf(body)));
	if (kind === 'table') {
		const said = v.safeParse(TableSettingsSchema, settings);
		return said.success
			? inOneTaking(accountId, keep, (taking) => importTable(taking, textOf(body), said.output, at))
			: { issues: fieldIssues(said.issues) };
	}
	const said = v.safeParse(DrawnSettingsSchema, settings);
	return said.success
		? inOneTaking(accountId, keep, (taking) => importDrawn(taking, textOf(body), kind, said.output))
		: { issues: fieldIssues(said.issues) };
}
