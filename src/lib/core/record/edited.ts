import type { HatchRecord } from './record';

/** What a guide changes of a record before it is confirmed. */
export interface RecordEdit extends Pick<HatchRecord, 'firstSeen' | 'mostSeen' | 'lastSeen' | 'abundance'> {
	naming: NonNullable<HatchRecord['naming']>;
	/** Empty for none. */
	words: string;
}

/**
 * A record as its guide changed it. A look that a new time speaks against does not bound it any more: the guide
 * knows better than the notes.
 */
export function editedRecord(record: HatchRecord, { words, ...edit }: RecordEdit): HatchRecord {
	const edited: HatchRecord = { ...record, ...edit };
	if (words.trim()) edited.words = words.trim();
	else delete edited.words;
	if (edited.notBefore && edited.notBefore > edited.firstSeen) delete edited.notBefore;
	if (edited.notAfter && edited.notAfter < edited.lastSeen) delete edited.notAfter;
	return edited;
}
