import { readWater } from '../../src/lib/core/reading';
import { isAmong, SITUATIONS } from '../../tests/support/situations';

/** Holds the reading against written situations: is what it puts first what an experienced guide would say? */
const told = SITUATIONS.map(({ says, story, after, first, notSure }) => {
	const { beliefs, certainty } = readWater(story.outing(after), story.watchId);
	const [best] = beliefs;
	const right = best !== undefined && isAmong(best.hypothesis, first);
	const rank = beliefs.findIndex(({ hypothesis }) => isAmong(hypothesis, first)) + 1;
	const sure = certainty.word === 'sure';
	return { says, right, rank, sureAndWrong: sure && (!right || notSure === true), best };
});
const count = (of: (one: (typeof told)[number]) => boolean) => told.filter(of).length;
console.log(
	`Written situations: ${told.length}. Asked for: right first in 9 of 10, and none sure and wrong.\n`
);
console.log(`Right first       ${count(({ right }) => right)}`);
console.log(`Right among three ${count(({ rank }) => rank >= 1 && rank <= 3)}`);
console.log(`Sure and wrong    ${count(({ sureAndWrong }) => sureAndWrong)}`);
console.log('\nNot first, with the place of what is right and what was put first:');
for (const { says, right, rank, sureAndWrong, best } of told)
	if (!right || sureAndWrong)
		console.log(
			`${String(rank).padStart(4)}  ${says}: ${best?.hypothesis.id} ${Math.round(100 * (best?.probability ?? 0))} %${sureAndWrong ? ', sure' : ''}`
		);
