/** Ways of guessing what a stand-in fish takes: the reading, and simpler ones beside it. */
import type { LifeStage } from '../../src/lib/core/atlas';
import type { Random } from '../../src/lib/core/math';
import { foldOuting, type Outing } from '../../src/lib/core/outing';
import {
	byNatural,
	byStage,
	readWater,
	riseFormProbability,
	type NaturalBelief
} from '../../src/lib/core/reading';
import { expectedDiet, formChance, oneWhoKnows, type StandInWatch } from '../../src/lib/simulate';

export interface Said {
	naturals: NaturalBelief[];
	stages: { stage: LifeStage; probability: number }[];
}

function fromNaturals(weights: readonly NaturalBelief[]): Said {
	const total = weights.reduce((sum, { probability }) => sum + probability, 0);
	const naturals = weights
		.map((natural) => ({ ...natural, probability: natural.probability / total }))
		.sort((a, b) => b.probability - a.probability);
	const sums = new Map<LifeStage, number>();
	for (const { stage, probability } of naturals) sums.set(stage, (sums.get(stage) ?? 0) + probability);
	const stages = [...sums]
		.map(([stage, probability]) => ({ stage, probability }))
		.sort((a, b) => b.probability - a.probability);
	return { naturals, stages };
}

const without = (outing: Outing): Outing =>
	foldOuting(
		outing.live.map(({ note }) => note).filter(({ kind }) => kind === 'conditions'),
		outing.place,
		outing.now
	);
const season = (outing: Outing): Said => said(readWater(without(outing)));
const said = (reading: ReturnType<typeof readWater>): Said => ({
	naturals: byNatural(reading),
	stages: byStage(reading)
});

export const WAYS: Record<string, (outing: Outing, watch: StandInWatch) => Said> = {
	'The reading': (outing, watch) => said(readWater(outing, watch.watchId)),
	'Season and hour only': season,
	'Most abundant in the surface net': (outing) => {
		const net = outing.samples.find(({ note }) => note.body.method === 'surface-net');
		const expected = season(outing);
		if (!net || net.note.body.lots.length === 0) return expected;
		// Shares of the net, with a tenth left to what the season expects.
		const total = net.note.body.lots.reduce((sum, lot) => sum + lot.count, 0);
		const shares = new Map(
			net.note.body.lots.map((lot) => [`${lot.taxonId}/${lot.stage}`, lot.count / total])
		);
		return fromNaturals(
			expected.naturals.map((n) => ({
				...n,
				probability: 0.1 * n.probability + 0.9 * (shares.get(`${n.taxonId}/${n.stage}`) ?? 0)
			}))
		);
	},
	'Rise forms alone': (outing) => {
		const { beliefs } = readWater(without(outing));
		const naturals = beliefs.filter(({ hypothesis }) => hypothesis.kind === 'natural');
		const logs = naturals.map(({ hypothesis }) =>
			outing.rises.reduce(
				(sum, { note }) =>
					note.body.form === 'unsure'
						? sum
						: sum + Math.log(riseFormProbability(hypothesis.taking, note.body.form)),
				0
			)
		);
		const most = Math.max(...logs);
		return fromNaturals(
			naturals.map(({ hypothesis: { taxonId, stage } }, i) => ({
				taxonId,
				stage,
				probability: Math.exp((logs[i] ?? 0) - most)
			}))
		);
	}
};

/** One who knows the rules of the river and of its guides, and of the day what was noted. */
export const knowsTheRules = (watch: StandInWatch, random: Random): Said =>
	fromNaturals(oneWhoKnows(watch, random));

/**
 * One who knows the river's own rules, all that drifts by, and the fish: what it should eat of it, and how that shows.
 * Nobody on a bank can be so good; it is what the notes of rises could be worth at most.
 */
export function ceiling(outing: Outing, { drift, fish, switchedAt }: StandInWatch): Said {
	const logs = expectedDiet(drift, fish).map((share, i) => {
		const prey = drift[i];
		if (!prey) return -Infinity;
		return outing.rises
			.filter(({ observedAt }) => !switchedAt || observedAt >= switchedAt)
			.reduce((sum, { note }) => {
				const { form } = note.body;
				return form === 'unsure' ? sum : sum + Math.log(formChance(prey, fish, form));
			}, Math.log(share));
	});
	const most = Math.max(...logs);
	return fromNaturals(
		drift.map(({ taxonId, stage }, i) => ({
			taxonId,
			stage,
			probability: Math.exp((logs[i] ?? -Infinity) - most)
		}))
	);
}
