/**
 * How long the core takes for what a board does on each tap: fold + reading + match, for an outing of 200 notes
 * against the full atlas and 200 patterns. Prints medians, and the ratio to a plain loop that computes one
 * likelihood for each hypothesis and note and nothing else.
 */
import { colourDifference, SHADES, type Place } from '../src/lib/core/atlas';
import { shortlist } from '../src/lib/core/match';
import { seededRandom, pickWeighted } from '../src/lib/core/math';
import type { Note } from '../src/lib/core/note';
import { foldOuting } from '../src/lib/core/outing';
import { readWater, riseFormProbability } from '../src/lib/core/reading';
import { PATTERNS, type Pattern } from '../src/lib/core/tackle';
import { RISE_FORMS } from '../src/lib/core/vocabulary';
import { medianMs } from './median';
import { DEMO_NOW, demoMorning, simulatedNoteId } from '../src/lib/simulate';

const NOTES = 200;
const FLIES = 200;
const place: Place = {
	latitude: 47.17,
	longitude: -20.33,
	elevationM: 720,
	water: 'freestone',
	region: 'western-europe'
};
const random = seededRandom(11);
const forms = RISE_FORMS.filter((form) => form !== 'unsure');

function busyOuting(): Note[] {
	const morning = demoMorning(random).notes;
	const notes: Note[] = [...morning];
	// Any kind that could be about there that day, likely or not.
	const naturals = readWater(foldOuting(morning, place, DEMO_NOW))
		.beliefs.filter(({ hypothesis }) => hypothesis.kind === 'natural')
		.map(({ hypothesis: { taxonId, stage } }) => ({ taxonId, stage }));
	while (notes.length < NOTES) {
		const at = new Date(DEMO_NOW.getTime() - Math.floor(random() * 10_000_000));
		const id = simulatedNoteId(random, at);
		const natural = pickWeighted(
			random,
			naturals.map((n) => [n, 1] as const)
		);
		const draw = random();
		if (draw < 0.7)
			notes.push({
				id,
				at,
				kind: 'rise',
				body: {
					form: pickWeighted(
						random,
						forms.map((f) => [f, 1] as const)
					)
				}
			});
		else if (draw < 0.9)
			notes.push({
				id,
				at,
				kind: 'sighting',
				body: { ...natural, zone: 'on-film', abundance: 'few', sign: 'insects' }
			});
		else
			notes.push({
				id,
				at,
				kind: 'sample',
				body: {
					method: 'surface-net',
					lots: [{ ...natural, count: 1 + Math.floor(random() * 20), measured: 'body' }]
				}
			});
	}
	return notes;
}

const notes = busyOuting();
const flies: Pattern[] = Array.from({ length: FLIES }, (_, i) => {
	const pattern = PATTERNS[i % PATTERNS.length];
	if (!pattern) throw new Error('no patterns');
	return { ...pattern, id: `${pattern.id}-${i}` };
});

function fullTurn(): number {
	const outing = foldOuting(notes, place, DEMO_NOW);
	const reading = readWater(outing);
	return shortlist(outing, reading, { patterns: flies }).length;
}

const { beliefs } = readWater(foldOuting(notes, place, DEMO_NOW));
function plainLoop(): number {
	let total = 0;
	for (const { hypothesis } of beliefs)
		for (let i = 0; i < notes.length; i++) {
			const form = forms[i % forms.length];
			if (form) total += Math.log(riseFormProbability(hypothesis.taking, form));
		}
	return total;
}

const variants = flies.reduce((sum, { sizes }) => sum + sizes.length, 0);
const turn = medianMs(fullTurn, 200);
const plain = medianMs(plainLoop, 200);
console.log(
	`${notes.length} notes, ${beliefs.length} hypotheses, ${flies.length} patterns in ${variants} sizes`
);
console.log(
	`fold + reading + match   median ${turn.median.toFixed(2)} ms, 95th percentile ${turn.p95.toFixed(2)} ms`
);
const many: Pattern[] = Array.from({ length: 620 }, (_, i) => {
	const pattern = PATTERNS[i % PATTERNS.length];
	if (!pattern) throw new Error('no patterns');
	return { ...pattern, id: `${pattern.id}-${i}` };
});
const wholeOuting = foldOuting(notes, place, DEMO_NOW);
const wholeReading = readWater(wholeOuting);
const ranking = medianMs(() => shortlist(wholeOuting, wholeReading, { patterns: many }).length, 100);
const shades = Object.values(SHADES);
/** Nothing but one colour difference for each variant and hypothesis. */
function bareColours(): number {
	let total = 0;
	for (const { pattern, hypotheses } of bare)
		for (const belly of hypotheses) total += colourDifference(SHADES[pattern.belly], belly);
	return total;
}
const bare = many
	.flatMap((pattern) => pattern.sizes.map(() => pattern))
	.map((pattern) => ({
		pattern,
		hypotheses: beliefs.map((_, i) => shades[i % shades.length] ?? SHADES.brown)
	}));
const colours = medianMs(bareColours, 10);
console.log(`plain likelihood loop    median ${plain.median.toFixed(3)} ms`);
console.log(`ratio                    ${(turn.median / plain.median).toFixed(1)}`);
console.log(
	`\nranking of ${many.reduce((sum, { sizes }) => sum + sizes.length, 0)} variants   median ${ranking.median.toFixed(2)} ms, 95th percentile ${ranking.p95.toFixed(2)} ms`
);
console.log(`bare colour differences     median ${colours.median.toFixed(1)} ms`);
console.log(`ratio                       ${(ranking.median / colours.median).toFixed(3)}`);
