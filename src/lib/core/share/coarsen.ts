import type { Lab } from '../atlas';
import { EARLIEST, LATEST } from '../note';
import { tellsReach, type HatchRecord, type Precision, type SharedPlace, type SharedRecord } from '../record';

const MINUTE_MS = 60_000;

/** To what times are rounded: a reach's hatch is known to the quarter hour, a basin's to the part of the day. */
const TIME_STEP_MIN: Record<Precision, number> = { exact: 1, reach: 15, water: 60, basin: 180, season: 180 };

/**
 * A record as another guide may see it. What is finer than `precision` is not in the result at all: neither the
 * position nor the names below it, nor what would tell a reach from its neighbours (level, clarity, surface,
 * current, what else the reading held likely). Of a water that is never named (`season`) not even the day is. A
 * picture never is in it.
 *
 * `coarsen(record, 'water').place` is `{ precision: 'water', basin: 'Ovrane basin', water: 'Ovrane' }`.
 *
 * @param withWords whether the guide's own words go along: as a rule only to those who may know the reach; farther
 * only once they were looked through for names (`finerNames`)
 */
export function coarsen(
	record: HatchRecord,
	precision: Precision,
	withWords = tellsReach(precision)
): SharedRecord {
	const step = TIME_STEP_MIN[precision] * MINUTE_MS;
	const { taxonId, stage, timeZone, abundance, riseForms, taken, flies, naming, hookSize, leader } = record;
	const day = precision === 'season' ? halfMonthOf(record.day) : record.day;
	const shift = Date.parse(day) - Date.parse(record.day);
	/** Held inside what can be written down: at its ends, rounding would lead out of it. */
	const rounded = (at: Date) => {
		const near = Math.round((at.getTime() + shift) / step) * step;
		return new Date(Math.min(lastStep(step), Math.max(EARLIEST.getTime(), near)));
	};
	const near = tellsReach(precision);
	return {
		taxonId,
		stage,
		day,
		timeZone,
		firstSeen: rounded(record.firstSeen),
		mostSeen: rounded(record.mostSeen),
		lastSeen: rounded(record.lastSeen),
		...(record.notBefore && { notBefore: rounded(record.notBefore) }),
		...(record.notAfter && { notAfter: rounded(record.notAfter) }),
		abundance,
		...(naming && { naming }),
		// Size varies with height and reach; far off, whole millimetres are enough for a hook.
		...(record.lengthMm !== undefined && {
			lengthMm: near ? record.lengthMm : Math.max(1, Math.round(record.lengthMm))
		}),
		...(record.belly && { belly: near ? record.belly : roughly(record.belly) }),
		...(hookSize !== undefined && { hookSize }),
		conditions: conditionsFor(record.conditions, precision),
		...(record.waterSpan && { waterSpan: waterSpanFor(record.waterSpan, precision) }),
		riseForms,
		taken,
		...(near && record.rivals && { rivals: record.rivals }),
		...(leader && { leader }),
		flies,
		...(withWords && record.words && { words: record.words }),
		place: placeFor(record.place, precision)
	};
}

const lastStep = (step: number): number => Math.floor(LATEST.getTime() / step) * step;

/** A colour to the nearest shade that an eye would tell apart: exact numbers would mark one animal. */
const SHADE_STEP = 5;
const roughly = ({ l, a, b }: Lab): Lab => {
	const step = (x: number) =>
		Math.max(-FARTHEST_STEP, Math.min(FARTHEST_STEP, Math.round(x / SHADE_STEP) * SHADE_STEP));
	return { l: step(l), a: step(a), b: step(b) };
};
/** The last step inside what can be written down. */
const FARTHEST_STEP = 125;

/** The first day of the half of the month that a day lies in. */
const halfMonthOf = (day: string): string => `${day.slice(0, 8)}${Number(day.slice(8)) < 16 ? '01' : '16'}`;

function placeFor(
	{ basin, water, reach, latitude, longitude }: HatchRecord['place'],
	precision: Precision
): SharedPlace {
	switch (precision) {
		case 'exact':
			return { precision, basin, water, reach, latitude, longitude };
		case 'reach':
			return { precision, basin, water, reach };
		case 'water':
			return { precision, basin, water };
		case 'basin':
		case 'season':
			return { precision, basin };
	}
}

/** How finely temperatures of the water are told: as measured, to half a degree, to a degree. */
function roundedC(precision: Precision): (celsius: number) => number {
	if (tellsReach(precision)) return (celsius) => celsius;
	return precision === 'water' ? (celsius) => Math.round(celsius * 2) / 2 : Math.round;
}

function waterSpanFor(
	{ firstC, lastC }: NonNullable<HatchRecord['waterSpan']>,
	precision: Precision
): NonNullable<SharedRecord['waterSpan']> {
	const rounded = roundedC(precision);
	return { firstC: rounded(firstC), lastC: rounded(lastC) };
}

function conditionsFor(
	conditions: HatchRecord['conditions'],
	precision: Precision
): SharedRecord['conditions'] {
	if (tellsReach(precision)) return { ...conditions };
	const { waterC, airC, sky, windMs } = conditions;
	return {
		...(waterC !== undefined && { waterC: roundedC(precision)(waterC) }),
		...(airC !== undefined && { airC: Math.round(airC) }),
		...(sky && { sky }),
		...(windMs !== undefined && { windMs: Math.round(windMs) })
	};
}
