import * as v from 'valibot';
import { fieldIssues, type FieldIssue } from '$lib/core/note';
import { takeInPacket } from './packet';
import { DrawnSettingsSchema, takeInDrawn } from './reaches';
import { TableSettingsSchema, takeInTable } from './table';
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
export async function takeIn({
	accountId,
	kind,
	body,
	settings,
	keep,
	at
}: File): Promise<TakenIn | { issues: FieldIssue[] }> {
	if (kind === 'packet') return inOneTaking(accountId, keep, (taking) => takeInPacket(taking, textOf(body)));
	if (kind === 'table') {
		const said = v.safeParse(TableSettingsSchema, settings);
		return said.success
			? inOneTaking(accountId, keep, (taking) => takeInTable(taking, textOf(body), said.output, at))
			: { issues: fieldIssues(said.issues) };
	}
	const said = v.safeParse(DrawnSettingsSchema, settings);
	return said.success
		? inOneTaking(accountId, keep, (taking) => takeInDrawn(taking, textOf(body), kind, said.output))
		: { issues: fieldIssues(said.issues) };
}
