import { isSurface, findTaxon } from '../atlas';
import { weatherOf, type Outing } from '../outing';
import type { LieDay } from './lies-rules';
import { sunAt } from './sun';
import { DAY } from './tables';

const D = DAY.values;
const HOUR_MS = 3_600_000;

/** What the notes of an outing say of the day, as far as it decides where fish hold. */
export function dayOf(outing: Outing, at: Date): LieDay {
	const { conditions, place } = outing;
	const { waterC, airC, dull, windMs } = weatherOf(outing);
	const since = at.getTime() - D.hatchH * HOUR_MS;
	const seen = [...outing.sightings, ...outing.unnamed].filter(
		({ observedAt }) => observedAt.getTime() >= since
	);
	const inNumbers = seen.filter(
		({ note }) =>
			isSurface(note.body.zone) && (note.body.abundance === 'many' || note.body.abundance === 'masses')
	);
	const groupOf = ({ note }: (typeof seen)[number]) =>
		note.kind === 'sighting' ? findTaxon(note.body.taxonId)?.group : note.body.group;
	const rising = outing.rises.filter(({ observedAt }) => observedAt.getTime() >= since).length;
	const sun = sunAt(place, at).heightDeg;
	const warmingCH = warming(outing);
	return {
		waterC,
		airC,
		...(warmingCH !== undefined && { warmingCH }),
		level: conditions.level?.value,
		levelTrend: conditions.levelTrend?.value,
		clarityM: conditions.clarityM?.value,
		bright: conditions.sky?.value === 'clear' && sun > D.brightDeg,
		dim: dull || sun < D.dimDeg,
		hatch: inNumbers.length > 0 || rising >= D.risesAsHatch,
		land: inNumbers.some((one) => {
			const group = groupOf(one);
			return group === 'terrestrial' || group === 'ant' || group === 'beetle';
		}),
		windMs,
		winter: WINTER_NORTH.includes(northernMonth(place, at))
	};
}

const MONTHS = 12;
/** The month, from 0, in which the north has the season that a place has now. */
const northernMonth = ({ latitude }: Outing['place'], at: Date): number =>
	(at.getUTCMonth() + (latitude < 0 ? MONTHS / 2 : 0)) % MONTHS;

const WINTER_NORTH: readonly number[] = [11, 0, 1];
/** October to January for trout and char that spawn as it gets colder, March to May for those that do as it warms. */
const SPAWNING_NORTH: readonly number[] = [9, 10, 11, 0, 2, 3, 4];

/** Whether some trout spawn at a place in that month; half a year later in the south. Lakes have no gravel beds to wade. */
export function maySpawn(place: Outing['place'], at: Date): boolean {
	return place.water !== 'lake' && SPAWNING_NORTH.includes(northernMonth(place, at));
}

/** How quickly the water warmed today, °C an hour, by the first and the last measurement; undefined by one alone. */
function warming(outing: Outing): number | undefined {
	const today = outing.live.flatMap(({ note, observedAt }) =>
		note.kind === 'conditions' && note.body.waterC !== undefined
			? [{ waterC: note.body.waterC, at: observedAt }]
			: []
	);
	const [first, last] = [today[0], today.at(-1)];
	if (!first || !last) return undefined;
	const hours = (last.at.getTime() - first.at.getTime()) / HOUR_MS;
	return hours < D.warmingFromH ? undefined : (last.waterC - first.waterC) / hours;
}
