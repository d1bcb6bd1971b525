/**
 * The reading against the stand-in fish: 1,000 seeded watches that were not used for setting any weight, with
 * three ways of guessing beside it. SEED and WATCHES choose others. Seeded; `npm run trial -- reading`.
 */
import type { LifeStage } from '../../src/lib/core/atlas';
import { seededRandom } from '../../src/lib/core/math';
import { foldOuting } from '../../src/lib/core/outing';
import { standInWatch } from '../../src/lib/simulate';
import { count, percent, table } from './print';
import { WAYS } from './ways';

const WATCHES = Number(process.env['WATCHES'] ?? 1000);
const SEED = Number(process.env['SEED'] ?? 13_000);

interface Score {
	stageFirst: number;
	three: number;
	brier: number;
	log: number;
	unseenWrong: number;
}
const scores = new Map<string, Score>(
	Object.keys(WAYS).map((name) => [name, { stageFirst: 0, three: 0, brier: 0, log: 0, unseenWrong: 0 }])
);
const bins = Array.from({ length: 10 }, () => ({ said: 0, right: 0, times: 0 }));
const confusion = new Map<string, number>();
let unseenWatches = 0;
const random = seededRandom(SEED);
for (let i = 0; i < WATCHES; i++) {
	const watch = standInWatch(random);
	const outing = foldOuting(watch.notes, watch.place, watch.endsAt);
	if (watch.unseen) unseenWatches++;
	for (const [name, way] of Object.entries(WAYS)) {
		const { naturals, stages } = way(outing, watch);
		const score = scores.get(name);
		const [first] = stages;
		if (!score || !first) continue;
		const right = first.stage === watch.truth.stage;
		score.stageFirst += Number(right);
		score.three += Number(
			naturals
				.slice(0, 3)
				.some(({ taxonId, stage }) => taxonId === watch.truth.taxonId && stage === watch.truth.stage)
		);
		const of = (stage: LifeStage) => stages.find((s) => s.stage === stage)?.probability ?? 0;
		const truth = of(watch.truth.stage);
		score.brier += stages.reduce(
			(sum, { stage, probability }) => sum + (probability - Number(stage === watch.truth.stage)) ** 2,
			truth === 0 ? 1 : 0
		);
		score.log += -Math.log(Math.max(truth, 0.001));
		if (watch.unseen && !right && first.probability > 0.6) score.unseenWrong++;
		if (name !== 'The reading') continue;
		const bin = bins[Math.min(9, Math.floor(first.probability * 10))];
		if (bin) {
			bin.said += first.probability;
			bin.right += Number(right);
			bin.times++;
		}
		if (!right) {
			const key = `${watch.truth.stage} read as ${first.stage}`;
			confusion.set(key, (confusion.get(key) ?? 0) + 1);
		}
	}
}
console.log(
	`Reading: ${WATCHES} watches of a quarter of an hour, seed ${SEED}; in ${unseenWatches} of them nothing in the notes showed the food.`
);
console.log(
	'Asked for: stage first 75 %, taxon × stage among three 85 %, clearly better scores than each other way;'
);
console.log('of the watches whose food was unseen, at most 10 % more than 60 % sure and wrong.\n');
console.log(
	table(
		['', 'Stage first', 'Of three', 'Brier', 'Log score', 'Unseen: sure and wrong'],
		[...scores].map(([name, s]) => [
			name,
			percent(s.stageFirst / WATCHES),
			percent(s.three / WATCHES),
			count(s.brier / WATCHES, 3),
			count(s.log / WATCHES, 3),
			percent(s.unseenWrong / Math.max(1, unseenWatches))
		])
	)
);
console.log('\nHow far it can be trusted: of the stages it put first,');
console.log(
	table(
		['said', 'mean', 'right', 'watches'],
		bins.flatMap(({ said: sum, right, times }, i) =>
			times === 0
				? []
				: [[`${10 * i} to ${10 * i + 10} %`, percent(sum / times), percent(right / times), String(times)]]
		)
	)
);
console.log(
	'\nMistakes: ' +
		[...confusion]
			.sort((a, b) => b[1] - a[1])
			.slice(0, 8)
			.map(([what, times]) => `${what} ${times}`)
			.join(', ')
);
