/**
 * The key in the hands of simulated guides who err: 10 % of answers wrong, 20 % of marks not made out, on every
 * taxon and stage of the atlas. Compared with always asking in the same order. Seeded; `npm run trial -- key`.
 */
import { faunaOf, findTaxon, REGION_IDS, TAXA, type Region } from '../../src/lib/core/atlas';
import { MARK_IDS, type MarkId } from '../../src/lib/core/key';
import { seededRandom } from '../../src/lib/core/math';
import { benchAnswers, findingOf, useKey } from '../../src/lib/simulate';
import { count, median, percent, table } from './print';

const ROUNDS = 1;
/** Of all animals, one in so many is tried: an atlas of 668 takes long. */
const EVERY = Number(process.env['EVERY'] ?? 3);
const HABITS = { wrong: 0.1, cantSee: 0.2, most: 16 };
/** What a book would ask, coarse before fine. */
const FIXED: readonly MarkId[] = [
	'wings',
	'build',
	'legs',
	'tails',
	'gills',
	'case',
	'length',
	'antennae',
	'movement',
	'belly',
	'wing-look',
	'pads',
	'tail-length',
	'skin',
	'eggs',
	'wing-marks',
	'back',
	...MARK_IDS
].filter((mark, i, all) => all.indexOf(mark) === i) as MarkId[];

interface Way {
	name: string;
	order?: readonly MarkId[];
	prior: boolean;
	/** Goes on from what the photo bench measured. */
	bench?: boolean;
	/** Only what lives there, met there. */
	region?: Region;
}
const WAYS: readonly Way[] = [
	{ name: 'The key asks', prior: true },
	{ name: 'It goes on from length, belly and back', prior: true, bench: true },
	{ name: 'The key asks, place and day unknown', prior: false },
	{ name: 'Fixed order', prior: true, order: FIXED },
	{ name: 'Fixed order, place and day unknown', prior: false, order: FIXED },
	...REGION_IDS.map((region): Way => ({ name: `In ${region}`, prior: true, region }))
];

function trial({ name, order, prior, bench, region }: Way): string[] {
	const random = seededRandom(20_260);
	let tried = 0;
	const tally = { group: 0, groupAtEnd: 0, three: 0, threeAtStop: 0, enough: 0 };
	const asked: number[] = [];
	const efforts: number[] = [];
	for (let round = 0; round < ROUNDS; round++)
		for (const taxon of faunaOf(TAXA, region))
			for (const traits of taxon.stages) {
				if (tried++ % EVERY !== 0) continue;
				const finding = findingOf(taxon, traits, random, region);
				const session = useKey(
					taxon,
					traits,
					prior ? finding : {},
					{ ...HABITS, ...(order && { order }) },
					random,
					bench ? benchAnswers(traits, random) : []
				);
				const rank = ({ candidates }: typeof session.stopped) =>
					candidates.findIndex((c) => c.taxonId === taxon.id && c.stage === traits.stage);
				const group = ({ candidates }: typeof session.stopped) =>
					findTaxon(candidates[0]?.taxonId ?? '')?.group === taxon.group;
				tally.group += Number(group(session.stopped));
				tally.groupAtEnd += Number(group(session.carriedOn));
				tally.threeAtStop += Number(rank(session.stopped) < 3);
				tally.three += Number(rank(session.carriedOn) < 3);
				tally.enough += Number(session.enough);
				asked.push(session.asked);
				efforts.push(session.effortS);
			}
	const total = asked.length;
	return [
		name,
		percent(tally.group / total),
		percent(tally.groupAtEnd / total),
		percent(tally.threeAtStop / total),
		percent(tally.three / total),
		count(median(asked)),
		`${count(median(efforts))} s`,
		percent(tally.enough / total)
	];
}

console.log(
	`Key: ${TAXA.flatMap((t) => t.stages).length} taxon × stage, ${ROUNDS} guide each, ` +
		`one in ${EVERY} tried; ${percent(HABITS.wrong)} of answers wrong, ${percent(HABITS.cantSee)} not made out, ${HABITS.most} questions at the most.`
);
console.log(
	'Asked for: right group 95 %, true one among the first three 85 %, median 6 questions to good enough.\n'
);
console.log(
	table(
		[
			'',
			'Group at stop',
			'Group at end',
			'Of 3 at stop',
			'Of 3 at end',
			'Questions',
			'Looking',
			'Good enough'
		],
		WAYS.map(trial)
	)
);
