import { words, type Message } from '../message';
import type { FishSize, Wariness } from '../vocabulary';
import { BY_SCHOOL, FIRST_FISH, TAKES } from './tables';

const F = FIRST_FISH.values;

const says = words('first-fish', {
	worth: 'The best of them.',
	alone: 'It gives no alarm to the others.',
	disturbs: '{count, plural, one {One other} other {# others}} would be disturbed on the way to it.',
	wary: 'It is easily put down.',
	nearest: 'The nearest, working upstream.'
});

/** A fish under watch, as far as it is known. */
export interface FishThere {
	id: string;
	size?: FishSize | undefined;
	lengthMm?: number | undefined;
	holding?: 'on-station' | 'cruising' | undefined;
	wary?: Wariness | undefined;
	/** Upstream of the lowest of them, and from the left bank, m. */
	upM?: number | undefined;
	acrossM?: number | undefined;
	/** Chance that it takes, where more is known of it. */
	takes?: number | undefined;
}

/** A fish in the order in which they are best fished. */
export interface FishInTurn {
	id: string;
	because: Message[];
}

const worthOf = ({ lengthMm, size = 'middling' }: FishThere): number =>
	lengthMm === undefined ? F[size] : (lengthMm / F.middlingMm) ** F.power;
const takesOf = ({ takes, holding = 'on-station', wary = 'wary' }: FishThere): number =>
	takes ?? TAKES.values[holding] * TAKES.values[wary];

/** Whether to fish one disturbs another: on the way to it from below, or when it is hooked. */
function disturbs(one: FishThere, other: FishThere): boolean {
	if (one.upM === undefined || other.upM === undefined) return false;
	const aside = Math.abs((one.acrossM ?? 0) - (other.acrossM ?? 0));
	const up = other.upM - one.upM;
	const passed = up < -F.belowM && up > -F.castM - F.passesM && aside < F.passesM;
	const hooked = up >= -F.belowM && up <= F.aboveM && aside < F.passesM;
	return passed || hooked;
}

/**
 * The order in which fish are best fished: each next one by its worth and its chance, less those of the others whom it
 * would disturb, which are then out of it.
 *
 * @param school who goes for the best minds the others less
 */
export function fishInTurn(fish: readonly FishThere[], school: 'nearest' | 'best'): FishInTurn[] {
	const by = BY_SCHOOL.values[school];
	const left = [...fish];
	const turn: FishInTurn[] = [];
	const value = (one: FishThere) => worthOf(one) ** by.worth * takesOf(one);
	while (left.length > 0) {
		const weighed = left.map((one) => {
			const others = left.filter((other) => other !== one && disturbs(one, other));
			return {
				one,
				others,
				net: value(one) - by.cost * others.reduce((sum, other) => sum + value(other), 0)
			};
		});
		// Of equals the lowest, which alarms nobody above it.
		weighed.sort((a, b) => b.net - a.net || (a.one.upM ?? 0) - (b.one.upM ?? 0));
		const [first] = weighed;
		if (!first) break;
		const { one, others } = first;
		const best = left.every((other) => worthOf(other) <= worthOf(one));
		const lowest = left.every((other) => (other.upM ?? 0) >= (one.upM ?? 0));
		const placed = one.upM !== undefined;
		turn.push({
			id: one.id,
			because: [
				...(best && left.length > 1 && left.some((other) => worthOf(other) < worthOf(one))
					? [says('worth')]
					: []),
				...(others.length === 0 && placed && left.length > 1 ? [says('alone')] : []),
				...(others.length > 0 ? [says('disturbs', { count: others.length })] : []),
				...(lowest && placed && left.length > 1 ? [says('nearest')] : []),
				...(one.wary === 'very-wary' ? [says('wary')] : [])
			]
		});
		left.splice(left.indexOf(one), 1);
	}
	return turn;
}
