import {
	activityOf,
	coloursOf,
	eldestHaveLeft,
	findStage,
	findTaxon,
	groupOfUnnamed,
	movementOf,
	SHADES,
	shareAt,
	TAXA,
	zoneOf,
	zoneOfGroup,
	type Activity,
	type ColumnZone,
	type Group,
	type Lab,
	type LifeStage,
	type Place,
	type StageTraits,
	type Taxon,
	type Weather,
	bodyLengthMm
} from '../atlas';
import { type CurrentConditions, type Outing, weatherOf } from '../outing';
import type { Hypothesis, Taking } from '../likeness';
import type { UnnamedLot } from '../note';
import { conditionFactor } from './conditions';
import { WEIGHTS, type Weights } from './weights';

/** All hypotheses for an outing: what the atlas allows here and now, what was seen, and the unseen of each emerging group. */
export function hypothesesFor(outing: Outing): Hypothesis[] {
	const { place, now } = outing;
	const weather = weatherOf(outing);
	const seen = naturalsSeen(outing);
	const measured = { lengths: lengthsMeasured(outing), bellies: belliesMeasured(outing) };
	const { expected } = WEIGHTS;
	const hypotheses: Hypothesis[] = [];
	const emerging = new Map<Group, { total: number; best: number; taxon: Taxon; size: number }>();

	for (const taxon of TAXA) {
		const present = shareAt(taxon, place) > 0;
		const noted = seen.has(taxon.id);
		if (!present && !noted) continue;
		const activity = activityOf(taxon, place, now, weather);
		for (const traits of taxon.stages) {
			const prior = stagePrior(taxon, traits.stage, activity, activity, place, WEIGHTS);
			if (prior < expected.worthHaving && !noted) continue;
			const young = !measured.lengths.has(taxon.id) && isYounger(taxon, traits, place, now, weather);
			hypotheses.push({
				...naturalHypothesis(
					taxon,
					traits.stage,
					measured,
					activity.size * (young ? expected.youngerLength : 1)
				),
				...(young && { younger: expected.youngerLength })
			});
		}
		if (taxon.emergence !== 'open-water') continue;
		const group = emerging.get(taxon.group);
		const { emerging: own, size } = activity;
		if (!group) emerging.set(taxon.group, { total: own, best: own, taxon, size });
		else {
			group.total += own;
			if (own > group.best) Object.assign(group, { best: own, taxon, size });
		}
	}
	for (const [group, { total, taxon, size }] of emerging) {
		const stage = group === 'mayfly' ? 'emerger' : 'pupa';
		if (total < expected.emergingFrom || !findStage(taxon, stage)) continue;
		hypotheses.push({
			...naturalHypothesis(taxon, stage, measured, size),
			id: `unseen/${group}`,
			kind: 'unseen',
			zone: 'in-film',
			taking: 'film'
		});
	}
	hypotheses.push(...groupsNoted(outing), ANYTHING);
	return hypotheses;
}

/** Groups that something was noted of and nobody could name it further: as long and of the colour as it was seen. */
function groupsNoted({ unnamed, samples, drifted }: Outing): Hypothesis[] {
	const seen: Pick<UnnamedLot, 'group' | 'stage' | 'lengthMm' | 'shade'>[] = [
		...drifted.flatMap(({ note: { body } }) => {
			const group = groupOfUnnamed(body.taxonId);
			return group ? [{ group, stage: body.stage }] : [];
		}),
		...unnamed.filter(({ note }) => note.body.abundance !== 'none').map(({ note }) => note.body),
		...samples.flatMap(({ note }) => note.body.unnamed ?? [])
	];
	const groups = new Map(seen.map((one) => [`group/${one.group}/${one.stage}`, one]));
	return [...groups].map(([id, { group, stage, lengthMm, shade }]) => {
		const zone = zoneOfGroup(group, stage);
		const length = lengthMm ?? USUAL_MM;
		const colour = SHADES[shade ?? 'brown'];
		return {
			id,
			kind: 'group' as const,
			taxonId: '',
			group,
			stage,
			zone,
			taking: takingOf(stage, zone, length, group),
			lengthMm: length,
			colours: { belly: colour, back: colour }
		};
	});
}
/** As long as most insects that fish take, mm. */
const USUAL_MM = 9;

/** A fish that takes what comes: its colours and length are of no insect. */
export const ANYTHING: Hypothesis = {
	id: 'anything',
	kind: 'anything',
	taxonId: '',
	group: 'terrestrial',
	stage: 'terrestrial',
	zone: 'on-film',
	taking: 'anything',
	lengthMm: 10,
	colours: { belly: SHADES.brown, back: SHADES.brown }
};

/**
 * Prior weight (not yet a probability) of each hypothesis under a given weather: how much of it should be
 * within reach of fish, from season, hour and temperature.
 *
 * @param leastSeason how far into its season each taxon is taken to be at least, 0 to 1: above 0 for what has
 * been seen to be about
 * @param conditions water and air, as far as they do more than move the insects
 * @param apart each taxon by itself, not as a part of its group
 */
export function priorWeights(
	hypotheses: readonly Hypothesis[],
	place: Place,
	now: Date,
	weather: Weather,
	table: Weights = WEIGHTS,
	{
		leastSeason = 0,
		conditions = {},
		apart = false
	}: { leastSeason?: number; conditions?: CurrentConditions; apart?: boolean } = {}
): number[] {
	const { expected } = table;
	const later = new Date(now.getTime() + 3_600_000);
	const activities = new Map<string, { now: Activity; soon: Activity }>();
	const activityFor = (taxon: Taxon) => {
		let found = activities.get(taxon.id);
		if (!found) {
			found = {
				now: activityOf(taxon, place, now, weather, leastSeason),
				soon: activityOf(taxon, place, later, weather, leastSeason)
			};
			activities.set(taxon.id, found);
		}
		return found;
	};
	const weights = hypotheses.map((hypothesis) => {
		if (hypothesis.kind === 'anything') return 0;
		if (hypothesis.kind === 'unseen') {
			const most = Math.max(
				...TAXA.filter((t) => t.group === hypothesis.group && t.emergence === 'open-water').map(
					(taxon) => activityFor(taxon).now.emerging
				)
			);
			return conditionFactor(hypothesis, conditions, table) * expected.unseenShare * most + expected.least;
		}
		if (hypothesis.kind === 'group') return 0;
		const taxon = findTaxon(hypothesis.taxonId);
		if (!taxon) return expected.least;
		const { now: active, soon } = activityFor(taxon);
		const within = stagePrior(taxon, hypothesis.stage, active, soon, place, table);
		return conditionFactor(hypothesis, conditions, table) * within + expected.least;
	});
	if (!apart) sharedWithinGroups(hypotheses, weights, expected);
	const particular = ofTheCommonest(hypotheses, weights);
	const anything = (particular * expected.opportunist) / (1 - expected.opportunist);
	return weights.map((weight, i) =>
		hypotheses[i]?.kind === 'anything' ? Math.max(expected.least, anything) : weight
	);
}

/** The weights of the commonest of each group and stage: into how many taxa a region is told apart does not count. */
function ofTheCommonest(hypotheses: readonly Hypothesis[], weights: readonly number[]): number {
	const most = new Map<string, number>();
	hypotheses.forEach(({ group, stage }, i) => {
		const key = `${group} ${stage}`;
		most.set(key, Math.max(most.get(key) ?? 0, weights[i] ?? 0));
	});
	return [...most.values()].reduce((a, b) => a + b, 0);
}

/**
 * A stage of a group is about as much within reach as its commonest taxon, however many taxa the group is told apart
 * into; they share that by what each would have by itself. Where something of it could not be named, it may be none of
 * them.
 *
 */
function sharedWithinGroups(
	hypotheses: readonly Hypothesis[],
	weights: number[],
	{ together, unlisted, least }: Weights['expected']
): void {
	const stages = new Map<string, { sum: number; most: number }>();
	const keyOf = ({ group, stage }: Hypothesis) => `${group} ${stage}`;
	hypotheses.forEach((hypothesis, i) => {
		if (hypothesis.kind !== 'natural') return;
		const own = weights[i] ?? 0;
		const all = stages.get(keyOf(hypothesis)) ?? { sum: 0, most: 0 };
		stages.set(keyOf(hypothesis), { sum: all.sum + own, most: Math.max(all.most, own) });
	});
	hypotheses.forEach((hypothesis, i) => {
		const all = hypothesis.kind === 'natural' ? stages.get(keyOf(hypothesis)) : undefined;
		if (hypothesis.kind === 'group')
			weights[i] = least + unlisted * (stages.get(keyOf(hypothesis))?.most ?? 0);
		if (all && all.sum > 0)
			weights[i] = ((weights[i] ?? 0) * (all.most + together * (all.sum - all.most))) / all.sum;
	});
}

/**
 * How much of a stage is within reach of fish, given what its taxon is doing; nymphs drift before they hatch, so
 * theirs hangs on what emerges soon.
 */
function stagePrior(
	taxon: Taxon,
	stage: LifeStage,
	now: Activity,
	soon: Activity,
	place: Place,
	{ stagePrior: table, comesAdrift }: Weights
): number {
	const row = table[rowOf(taxon, stage, place)];
	const emerging = stage === 'nymph' ? soon.emerging : now.emerging;
	return (
		adrift(taxon, stage, comesAdrift) * (row.present * shareAt(taxon, place) + row.season * now.season) +
		row.emerging * emerging +
		row.flying * now.flying
	);
}

/** How readily a stage comes adrift that lives on the bed, of another 1. */
function adrift(taxon: Taxon, stage: LifeStage, table: Weights['comesAdrift']): number {
	const traits = findStage(taxon, stage);
	if (!traits || (stage !== 'nymph' && stage !== 'larva' && stage !== 'aquatic')) return 1;
	const movement = movementOf(taxon, traits);
	return movement in table ? table[movement as keyof typeof table] : table.others;
}

/** The row of a stage: some linger longer, or come in smaller numbers, than others of that stage. */
function rowOf(taxon: Taxon, stage: LifeStage, { water }: Place): keyof Weights['stagePrior'] {
	const { group, emergence } = taxon;
	switch (stage) {
		case 'emerger':
			// A fly that rises from the bed in a bubble; a mayfly that crawls out, and now and then does not.
			if (group === 'true-fly') return 'emerger-bubble';
			return emergence === 'crawls-out' ? 'emerger-crawling' : stage;
		case 'pupa':
			if (findStage(taxon, stage)?.zone === 'bed') return 'pupa-fixed';
			return water === 'lake' ? 'pupa-still' : stage;
		case 'adult':
			// Stoneflies linger on stones and bushes for days after a night's emergence.
			if (group === 'stonefly') return 'adult-stonefly';
			// Ants swarm, and boatmen fall back from their flights, on a few days of the year; snails float up in its warmest weeks.
			if (group === 'snail') return 'adult-floating';
			return emergence === 'land' || group === 'bug' ? 'adult-land' : stage;
		default:
			return stage;
	}
}

/** Whether large nymphs are there of the next year alone: those of stoneflies that take two years or more, after a hatch. */
const isYounger = (
	taxon: Taxon,
	{ stage, lengthMm }: Taxon['stages'][number],
	place: Place,
	now: Date,
	{ daysLate }: Weather
): boolean =>
	stage === 'nymph' &&
	taxon.group === 'stonefly' &&
	lengthMm.typical >= WEIGHTS.bounds.largeFromMm &&
	eldestHaveLeft(taxon, place, now, daysLate);

/** What was measured today, by `taxon/stage`. */
interface Measurements {
	lengths: Map<string, number>;
	bellies: Map<string, Lab>;
}

/** @param size of the brood's animals, against the table */
export function naturalHypothesis(
	taxon: Taxon,
	stage: LifeStage,
	{ lengths, bellies }: Measurements,
	size: number
): Hypothesis {
	const traits = findStage(taxon, stage);
	if (!traits) throw new Error(`${taxon.id} has no ${stage}`);
	const lengthMm =
		lengths.get(`${taxon.id}/${stage}`) ?? lengths.get(taxon.id) ?? size * traits.lengthMm.typical;
	const zone = zoneOf(taxon, traits);
	return {
		id: `${taxon.id}/${stage}`,
		kind: 'natural',
		taxonId: taxon.id,
		group: taxon.group,
		stage,
		zone,
		taking: takingOf(stage, zone, lengthMm, taxon.group),
		lengthMm,
		colours:
			bellies.size > 0 ? measuredColours(traits, bellies.get(`${taxon.id}/${stage}`)) : coloursOf(traits)
	};
}

/** How fish take a stage: what its rise can look like follows from that. */
export function takingOf(stage: LifeStage, zone: ColumnZone, lengthMm: number, group: Group): Taking {
	if (zone === 'bed' || zone === 'drift' || stage === 'larva') return 'drift';
	if (stage === 'fry') return 'active';
	if (zone === 'under-film') return 'rising';
	if (zone === 'in-film') return 'film';
	if (stage === 'spinner' || group === 'ant') return 'spent';
	if (stage === 'dun') return 'upright';
	// Needle flies and their like are blown onto the water and sit there; it is when they lay that they flutter.
	if (group === 'stonefly' && stage === 'adult' && lengthMm <= WEIGHTS.bounds.stillToMm) return 'upright';
	if (lengthMm >= WEIGHTS.bounds.largeFromMm) return 'large';
	return group === 'true-fly' || group === 'terrestrial' ? 'spent' : 'active';
}

/** Taxa that somebody has noted as there, whatever the season says. */
function naturalsSeen(outing: Outing): Set<string> {
	const seen = new Set<string>();
	for (const { note } of outing.samples) for (const lot of note.body.lots) seen.add(lot.taxonId);
	for (const { note } of outing.sightings) if (note.body.abundance !== 'none') seen.add(note.body.taxonId);
	for (const { note } of outing.drifted) seen.add(note.body.taxonId);
	return seen;
}

function measuredColours(traits: StageTraits, belly: Lab | undefined): Hypothesis['colours'] {
	const colours = coloursOf(traits);
	return belly ? { ...colours, belly } : colours;
}

/** The belly colour last measured in a picture, by `taxon/stage`. */
function belliesMeasured(outing: Outing): Map<string, Lab> {
	const bellies = new Map<string, Lab>();
	for (const { note } of outing.samples)
		for (const { taxonId, stage, belly } of note.body.lots)
			if (belly) bellies.set(`${taxonId}/${stage}`, belly);
	return bellies;
}

/** Mean body length by `taxon/stage`, and by taxon for the stages nobody measured. */
function lengthsMeasured(outing: Outing): Map<string, number> {
	const sums = new Map<string, { total: number; count: number }>();
	const add = (key: string, lengthMm: number, count: number) => {
		const sum = sums.get(key) ?? { total: 0, count: 0 };
		sums.set(key, { total: sum.total + Math.log(lengthMm) * count, count: sum.count + count });
	};
	for (const { note } of outing.samples)
		for (const { taxonId, stage, count, lengthMm, measured } of note.body.lots) {
			if (lengthMm === undefined) continue;
			const body = bodyLengthMm(lengthMm, measured, taxonId, stage);
			add(`${taxonId}/${stage}`, body, count);
			add(taxonId, body, count);
		}
	return new Map([...sums].map(([key, { total, count }]) => [key, Math.exp(total / count)]));
}
