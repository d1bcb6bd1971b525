import { names, within, words, type Message } from '../message';
import type { Answer } from './answer';
import { MARKS, stateWords, type MarkId } from './mark';

/** Two answers that hardly any animal gives together: one of them wants another look. */
export interface Contradiction {
	marks: readonly [MarkId, MarkId];
	/** The one that agrees less with everything else. */
	lookAgain: MarkId;
	says: Message;
}

/** Together less likely than this share of what chance alone would give: something is off. */
const AT_ODDS = 0.6;
/** An animal that gives both answers at least this likely each, and is likely itself, settles the doubt. */
const GIVES_BOTH = 0.5;
const LIKELY = 0.4;

/**
 * Pairs of answers that contradict each other, the worst first: those that come together much less often than
 * by chance, unless one animal that shows both has become likely.
 *
 * @param rows for each answer, its likelihood under every suspect
 * @param prior probability of each suspect before, and `posterior` after all answers
 */
export function contradictionsIn(
	given: readonly Answer[],
	rows: readonly Float64Array[],
	prior: readonly number[],
	posterior: readonly number[]
): Contradiction[] {
	const found: { pair: [number, number]; lift: number }[] = [];
	for (let a = 0; a < given.length; a++)
		for (let b = a + 1; b < given.length; b++) {
			const lift = liftOf(rows[a], rows[b], prior, posterior);
			if (lift < AT_ODDS) found.push({ pair: [a, b], lift });
		}
	return found
		.sort((x, y) => x.lift - y.lift)
		.flatMap(({ pair: [a, b] }): Contradiction[] => {
			const [one, other] = [given[a], given[b]];
			if (!one || !other) return [];
			const rest = rows.filter((_, k) => k !== a && k !== b);
			const fit = (kept: Float64Array | undefined) =>
				prior.reduce(
					(sum, p, i) => sum + rest.reduce((product, row) => product * (row[i] ?? 0), p * (kept?.[i] ?? 0)),
					0
				);
			const doubted = rest.length > 0 ? (fit(rows[a]) < fit(rows[b]) ? one : other) : harder(one, other);
			return [
				{
					marks: [one.mark, other.mark],
					lookAgain: doubted.mark,
					says: says('at-odds', {
						one: saying(one),
						other: saying(other),
						doubted: MARK_WORDS[doubted.mark]
					})
				}
			];
		});
}

/** How much oftener two answers come together than by chance; infinite when a likely animal gives both. */
function liftOf(
	one: Float64Array | undefined,
	other: Float64Array | undefined,
	prior: readonly number[],
	posterior: readonly number[]
): number {
	let [both, first, second] = [0, 0, 0];
	for (let i = 0; i < prior.length; i++) {
		const [p, l1, l2] = [prior[i] ?? 0, one?.[i] ?? 0, other?.[i] ?? 0];
		if (Math.min(l1, l2) >= GIVES_BOTH && (posterior[i] ?? 0) >= LIKELY) return Infinity;
		both += p * l1 * l2;
		first += p * l1;
		second += p * l2;
	}
	return both / (first * second);
}

const harder = (one: Answer, other: Answer): Answer =>
	MARKS[one.mark].misread >= MARKS[other.mark].misread ? one : other;

/** How each mark is called inside a sentence. */
export const MARK_WORDS = names('mark.name', {
	wings: 'wings',
	build: 'build',
	tails: 'tails',
	'tail-length': 'length of the tails',
	'tail-look': 'look of the tails',
	gills: 'gills',
	'gill-shape': 'shape of the gills',
	pads: 'wing pads',
	legs: 'legs',
	case: 'case',
	'case-form': 'form of the case',
	plates: 'plates behind the head',
	head: 'head',
	antennae: 'antennae',
	'wing-look': 'wings against the light',
	'hind-wing': 'hind wing',
	'wing-marks': 'marks on the wing',
	'wing-colour': 'colour of the wing',
	belly: 'colour of the belly',
	length: 'length',
	'back-colour': 'colour of the back',
	'pad-colour': 'colour of the wing pads',
	back: 'pattern of the back',
	movement: 'way it moves',
	skin: 'skin',
	eggs: 'eggs',
	forelegs: 'build of the legs',
	side: 'way it is flattened'
} satisfies Record<MarkId, string>);

const says = words('key', {
	'at-odds': '{one} and {other} hardly go together: look again at the {doubted}.',
	answer: '{mark} "{state}"'
});

const saying = ({ mark, state }: Answer): Message =>
	says('answer', { mark: MARK_WORDS[mark], state: within(stateWords(mark, state)) });
