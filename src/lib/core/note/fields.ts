import * as v from 'valibot';
import { fault } from '../message';
import faults from './fault-words';

/** An outing that began more hours ago than this is of a past day: even a night on the water is shorter. */
export const PAST_AFTER_H = 20;

/**
 * A number in a range.
 *
 * @param unit as it stands behind the number: ` mm`
 */
export const within = (least: number, most: number, unit = '') =>
	v.pipe(
		v.number(fault(faults('number'))),
		v.minValue(least, ({ input }) =>
			fault(faults('under', { value: String(input), least: String(least), unit }))
		),
		v.maxValue(most, ({ input }) => fault(faults('over', { value: String(input), most: String(most), unit })))
	);
export const whole = (least: number, most: number, unit = '') =>
	v.pipe(within(least, most, unit), v.integer(fault(faults('whole'))));

/**
 * Characters that show nothing and change what is shown beside them: controls, zero widths, and those that turn the
 * direction of a text around. The two that join and part letters stay, as Persian and Hindi need them; Arabic and
 * Hebrew need none. Source: Unicode Technical Report 36, section 2.
 */
const UNSEEN =
	/[\u0001-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\u00ad\u061c\u180e\u200b\u200e\u200f\u2028-\u202e\u2060-\u206f\ufeff\ufff9-\ufffb]/g;
/** Letters and numbers, or at least marks that can be seen. */
const SEEN = /[\p{L}\p{N}\p{P}\p{S}]/u;

/** Text that any store and any screen can hold: no NUL, no half characters, nothing unseen. */
export const wordsOf = (most: number) =>
	v.pipe(
		v.string(fault(faults('text'))),
		v.transform((text) => text.replaceAll(UNSEEN, '')),
		v.trim(),
		v.nonEmpty(fault(faults('empty'))),
		v.maxLength(most, fault(faults('long', { most }))),
		v.check((text) => !/[\0\p{Cs}]/u.test(text), fault(faults('no-text'))),
		v.check((text) => SEEN.test(text), fault(faults('empty')))
	);

/** A name: text on one line. */
export const nameOf = (most: number) =>
	v.pipe(
		v.string(fault(faults('text'))),
		v.transform((text) => text.replaceAll(/[\r\n\t]+/g, ' ')),
		wordsOf(most)
	);

/** Whether a text begins with a day that the calendar has: `2026-02-31` is none. */
const beginsWithDay = (text: string): boolean => {
	const [year = NaN, month = NaN, day = NaN] = text.slice(0, 10).split('-').map(Number);
	const date = new Date(Date.UTC(year, month - 1, day));
	return date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
};

/** The first and the last moment that can be written down. */
export const EARLIEST = new Date('1990-01-01T00:00:00Z');
export const LATEST = new Date('2100-12-31T23:59:59.999Z');

const NO_DAY = fault(faults('no-day', { from: '1990', to: '2100' }));

export const InstantSchema = v.pipe(
	v.string(),
	v.isoTimestamp(fault(faults('instant', { like: '2026-05-19T11:40:00Z' }))),
	v.check((text) => {
		const at = new Date(text);
		return beginsWithDay(text) && at >= EARLIEST && at <= LATEST;
	}, NO_DAY),
	v.transform((text) => new Date(text))
);

/** A local day, like `2026-05-19`. */
export const DaySchema = v.pipe(
	v.string(),
	v.isoDate(fault(faults('day', { like: '2026-05-19' }))),
	v.check((text) => beginsWithDay(text) && text >= '1989-12-01' && text <= '2101-01-31', NO_DAY)
);

export const IdSchema = v.pipe(v.string(), v.uuid(fault(faults('uuid'))), v.toLowerCase());
