import type { SchoolId } from '../likeness';
import type { FlyChoice } from '../match';
import { candidates } from './candidates';
import { onGlass, type Causes, type Situation } from './causes';
import { PATIENCE, type PatienceSchool } from '../rig';
import type { ChangeId } from '../vocabulary';
import type { Candidate, Change } from './change';
import { JUDGED, REFUSED, RESPONSE, SOONER, type Cause, type RefusedSchool } from './tables';
import { keyOf } from './trials';

export interface ChangeSchools {
	school: SchoolId;
	refused: RefusedSchool;
	patience: PatienceSchool;
	/** What cannot be done from here, as the guide said. */
	declined?: readonly ChangeId[];
}

/**
 * Every change that makes sense now, best first: by the chance of a take in the next drifts for each minute, in
 * the order of the chosen schools. One that would bring back a setup already tried is left out.
 */
export function changesFor(
	situation: Situation,
	causes: Causes,
	flies: readonly FlyChoice[],
	schools: ChangeSchools
): Change[] {
	const glass = onGlass(situation.water);
	const tried = new Set(situation.trials.filter(({ before }) => !before).map(({ setup }) => keyOf(setup)));
	const open = candidates(situation, causes, flies, schools).filter(
		({ setup, done }) => !done && (setup === undefined || !tried.has(keyOf(setup)))
	);
	const left = open.filter(({ id }) => !schools.declined?.includes(id));
	// Where nothing is left, what is best is told all the same.
	return (left.length > 0 ? left : open)
		.map((candidate) => ({ candidate, chance: chanceOfTake(candidate, causes, situation.seen.perDrift) }))
		.map(({ candidate, chance }) => {
			// Before the first drift there is nothing to put right.
			if (situation.trials.every(({ before }) => before) && candidate.id === 'stay')
				return { candidate, chance, rate: Number.POSITIVE_INFINITY };
			const time = candidate.minutes + JUDGED.values.proofDrifts * JUDGED.values.proofMinutes;
			const order =
				(SOONER.values['usual']?.[candidate.id] ?? 1) *
				(glass ? (SOONER.values['glass']?.[candidate.id] ?? 1) : 1) *
				(SOONER.values[schools.school]?.[candidate.id] ?? 1) *
				(REFUSED.choices[schools.refused].sooner[candidate.id] ?? 1) *
				patienceOrder(candidate.id, situation, schools.patience);
			return { candidate, chance, rate: (order * chance) / time };
		})
		.sort(
			(a, b) =>
				Number(notCarried(a.candidate)) - Number(notCarried(b.candidate)) ||
				b.rate - a.rate ||
				(a.candidate.id < b.candidate.id ? -1 : 1)
		)
		.reduce<Weighed[]>(sizesBySchool(schools.refused), [])
		.map(({ candidate }) => ({
			...toldOf(candidate),
			...promised(candidate, causes, situation.seen.perDrift)
		}));
}

/** What a change promises: the chance of a take in the next drifts, and within ten minutes, of which it costs its own. */
export const promised = (
	candidate: Candidate,
	causes: Causes,
	perDrift: number
): Pick<Change, 'chance' | 'inTenMinutes'> => ({
	chance: chanceOfTake(candidate, causes, perDrift),
	inTenMinutes: chanceOfTake(
		candidate,
		causes,
		perDrift,
		Math.max(0, (JUDGED.values.hereMin - candidate.minutes) / JUDGED.values.proofMinutes)
	)
});

/** A change as it is told: without what it puts right, which is in its chance. */
export function toldOf(candidate: Candidate): Omit<Change, 'chance' | 'inTenMinutes'> {
	const { id, says, because, minutes, fly, tippetX, tippetM, from, depthM, way, moved, dressed, second } =
		candidate;
	return {
		id,
		says,
		because,
		minutes,
		...(fly && { fly }),
		...(tippetX !== undefined && { tippetX }),
		...(tippetM !== undefined && { tippetM }),
		...(from && { from }),
		...(depthM !== undefined && { depthM }),
		...(way && { way }),
		...(moved && { moved }),
		...(dressed !== undefined && { dressed }),
		...(second && { second })
	};
}

/** Nothing that is not in the box comes before what can be done at once. */
const notCarried = ({ fly }: Candidate): boolean => fly?.inBox === 0;

interface Weighed {
	candidate: Candidate;
	chance: number;
	rate: number;
}

/** Where both sizes can be tied on alike, the guide's school of refusal says which comes first. */
function sizesBySchool(refused: RefusedSchool) {
	const other = refused === 'smaller' ? 'larger' : 'smaller';
	return (before: Weighed[], next: Weighed): Weighed[] => {
		const at = before.findIndex(
			({ candidate }) =>
				next.candidate.id === refused &&
				candidate.id === other &&
				notCarried(candidate) === notCarried(next.candidate)
		);
		return at < 0 ? [...before, next] : before.toSpliced(at, 0, next);
	};
}

function patienceOrder(
	id: ChangeId,
	{ seen, trials }: Situation,
	patience: ChangeSchools['patience']
): number {
	const drifts = trials.reduce((sum, trial) => sum + trial.drifts + trial.dragged, 0);
	const { fromDrifts, stay, rest, unseenAlone } = PATIENCE.choices[patience];
	if (drifts < fromDrifts) return 1;
	if (id === 'stay') return unseenAlone && seen.until80 === 0 ? 1 : stay;
	return id === 'rest' ? rest : 1;
}

/** Chance that a fish takes in so many drifts after a change: those in which it is to prove itself. */
export function chanceOfTake(
	{ fixes, keeps }: Pick<Candidate, 'fixes' | 'keeps'>,
	causes: Causes,
	perDrift: number,
	drifts = JUDGED.values.proofDrifts
): number {
	const { take } = RESPONSE.values.fine;
	let chance = 0;
	for (const [cause, p] of Object.entries(causes) as [Cause, number][]) {
		const fixed = cause === 'fine' ? keeps : (fixes[cause] ?? 0) * keeps;
		const spoilt = cause === 'fine' ? 1 - keeps : 1 - (fixes[cause] ?? 0) * keeps;
		const left = RESPONSE.values[cause === 'fine' ? 'insect' : cause].take;
		const perMeeting = fixed * take + spoilt * left;
		chance += p * (1 - (1 - perDrift * perMeeting) ** drifts);
	}
	return chance;
}
