import { words, type Message } from './message';

const says = words('chance', {
	'almost-surely': 'almost surely',
	likely: 'likely',
	'could-be': 'could be',
	unlikely: 'unlikely',
	hardly: 'hardly'
});

/** From which probability on each word is said. Field rule. */
const CHANCE_WORDS = {
	'almost-surely': 0.8,
	likely: 0.45,
	'could-be': 0.15,
	unlikely: 0.03,
	hardly: 0
} as const;
type ChanceWord = keyof typeof CHANCE_WORDS;
const FROM_THE_TOP = Object.keys(CHANCE_WORDS) as ChanceWord[];

const wordOf = (probability: number): ChanceWord =>
	FROM_THE_TOP.find((word) => probability >= CHANCE_WORDS[word]) ?? 'hardly';

/** The word for a probability. Never decimals: they would claim a certainty nobody has on a river. */
export const chanceWord = (probability: number): Message => says(wordOf(probability));

/** The least probability that is said with the same word: no more is told than the word does. */
export const leastOfWord = (probability: number): number => CHANCE_WORDS[wordOf(probability)];
