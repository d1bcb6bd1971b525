import type { Outing } from '../outing';

/** One row of an outing's watches for a spreadsheet; units are in the names. */
export interface WatchRow {
	watch: number;
	mark: string;
	lie: string;
	at_utc: string;
	seconds: number;
	event: string;
	form: string;
	taxon: string;
	stage: string;
}

/** Everything noted in the watches of an outing, in the order of time, one row for each tap. */
export function watchTable(outing: Outing): WatchRow[] {
	return outing.watches.flatMap((watch, i) => {
		const row = (at: Date, event: string, more: Partial<WatchRow> = {}): WatchRow => ({
			watch: i + 1,
			mark: watch.fish.mark ?? '',
			lie: watch.fish.lie,
			at_utc: at.toISOString(),
			seconds: Math.round((at.getTime() - watch.begunAt.getTime()) / 1000),
			event,
			form: '',
			taxon: '',
			stage: '',
			...more
		});
		return [
			row(watch.begunAt, 'begin'),
			...watch.pauses.flatMap(({ from, to }) => [
				row(from, 'look-away'),
				...(to ? [row(to, 'look-again')] : [])
			]),
			...watch.rises.map(({ note, observedAt }) => row(observedAt, 'rise', { form: note.body.form })),
			...watch.drifted.map(({ note, observedAt }) =>
				row(observedAt, note.body.fate, { taxon: note.body.taxonId, stage: note.body.stage })
			),
			...(watch.endedAt ? [row(watch.endedAt, 'end')] : [])
		].sort((a, b) => (a.at_utc < b.at_utc ? -1 : a.at_utc > b.at_utc ? 1 : 0));
	});
}
