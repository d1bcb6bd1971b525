import {
	activityOf,
	coloursOf,
	findStage,
	findTaxon,
	SHADES,
	TAXA,
	zoneOf,
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
import { type Outing, weatherOf } from '../outing';
import type { Hypothesis, Taking } from '../likeness';
import { WEIGHTS, type Weights } from './weights';

/** Under this prior weight a stage is not worth a line, unless somebody has seen it. */
const WORTH_HAVING = 0.008;
/** A group counts as emerging above this summed activity. */
const EMERGING = 0.04;

/** All hypotheses for an outing: what the atlas allows here and now, what was seen, and the unseen of each emerging group. */
export function hypothesesFor(outing: Outing): Hypothesis[] {
	const { place, now } = outing;
	const weather = weatherOf(outing);
	const seen = naturalsSeen(outing);
	const measured = { lengths: lengthsMeasured(outing), bellies: belliesMeasured(outing) };
	const hypotheses: Hypothesis[] = [];
	const emerging = new Map<Group, { total: number; best: number; taxon: Taxon }>();

	for (const taxon of TAXA) {
		const present = taxon.waters[place.water] !== undefined;
		const noted = seen.has(taxon.id);
		if (!present && !noted) continue;
		const activity = activityOf(taxon, place, now, weather);
		for (const traits of taxon.stages) {
			const prior = stagePrior(taxon, traits.stage, activity, activity, place, WEIGHTS);
			if (prior < WORTH_HAVING && !noted) continue;
			hypotheses.push(naturalHypothesis(taxon, traits.stage, measured));
		}
		if (taxon.emergence !== 'open-water') continue;
		const group = emerging.get(taxon.group);
		if (!group) emerging.set(taxon.group, { total: activity.emerging, best: activity.emerging, taxon });
		else {
			group.total += activity.emerging;
			if (activity.emerging > group.best) Object.assign(group, { best: activity.emerging, taxon });
		}
	}
	for (const [group, { total, taxon }] of emerging) {
		const stage = group === 'mayfly' ? 'emerger' : 'pupa';
		if (total < EMERGING || !findStage(taxon, stage)) continue;
		hypotheses.push({
			...naturalHypothesis(taxon, stage, measured),
			id: `unseen/${group}`,
			kind: 'unseen',
			zone: 'in-film',
			taking: 'film'
		});
	}
	hypotheses.push(ANYTHING);
	return hypotheses;
}

/** A fish that takes what comes: its colours and length are of no insect. */
const ANYTHING: Hypothesis = {
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
 */
export function priorWeights(
	hypotheses: readonly Hypothesis[],
	place: Place,
	now: Date,
	weather: Weather,
	table: Weights = WEIGHTS,
	leastSeason = 0
): number[] {
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
			const total = TAXA.filter((t) => t.group === hypothesis.group && t.emergence === 'open-water').reduce(
				(sum, taxon) => sum + activityFor(taxon).now.emerging,
				0
			);
			return table.unseenShare * total + 1e-4;
		}
		const taxon = findTaxon(hypothesis.taxonId);
		if (!taxon) return 1e-4;
		const { now: active, soon } = activityFor(taxon);
		return stagePrior(taxon, hypothesis.stage, active, soon, place, table) + 1e-4;
	});
	const particular = weights.reduce((a, b) => a + b, 0);
	const anything = (particular * table.opportunist) / (1 - table.opportunist);
	return weights.map((weight, i) => (hypotheses[i]?.kind === 'anything' ? Math.max(1e-4, anything) : weight));
}

/**
 * How much of a stage is within reach of fish, given what its taxon is doing. Nymphs are always somewhere, and
 * drift before they hatch; emergers are the hatch itself; duns ride a while; adults linger about the bank.
 * Field rules; only their order matters much, evidence soon outweighs them.
 */
function stagePrior(
	taxon: Taxon,
	stage: LifeStage,
	now: Activity,
	soon: Activity,
	place: Place,
	{ pupaeLinger }: Weights
): number {
	const present = taxon.waters[place.water] ?? 0;
	switch (stage) {
		case 'nymph':
			return 0.04 * present + 0.06 * now.season + 0.25 * soon.emerging;
		case 'larva':
			return 0.06 * present + 0.08 * now.season;
		case 'emerger':
			return now.emerging;
		case 'pupa':
			// Pupae hang and drift for minutes where nymphs break through in seconds.
			return pupaeLinger * now.emerging;
		case 'cripple':
			return 0.3 * now.emerging;
		case 'dun':
			return 0.65 * now.emerging;
		case 'adult':
			// Stoneflies linger on stones and bushes for days after a night's emergence.
			return taxon.group === 'stonefly'
				? 0.2 * now.emerging + 0.3 * now.flying + 0.12 * now.season
				: 0.4 * now.emerging + 0.15 * now.flying + 0.03 * now.season;
		case 'egg-laying':
			return 0.5 * now.flying;
		case 'spinner':
			return 0.7 * now.flying;
		case 'terrestrial':
			return 0.15 * now.flying;
		case 'crustacean':
			return 0.08 * present + 0.02 * now.season;
		case 'aquatic':
			return 0.02 * present + 0.03 * now.season;
		case 'fry':
			return 0.02 * now.season;
	}
}

/** What was measured today, by `taxon/stage`. */
interface Measurements {
	lengths: Map<string, number>;
	bellies: Map<string, Lab>;
}

function naturalHypothesis(taxon: Taxon, stage: LifeStage, { lengths, bellies }: Measurements): Hypothesis {
	const traits = findStage(taxon, stage);
	if (!traits) throw new Error(`${taxon.id} has no ${stage}`);
	const lengthMm = lengths.get(`${taxon.id}/${stage}`) ?? lengths.get(taxon.id) ?? traits.lengthMm.typical;
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
	if (lengthMm >= 16) return 'large';
	return group === 'true-fly' || group === 'terrestrial' ? 'spent' : 'active';
}

/** Taxa that somebody has noted as there, whatever the season says. */
function naturalsSeen(outing: Outing): Set<string> {
	const seen = new Set<string>();
	for (const { note } of outing.samples) for (const lot of note.body.lots) seen.add(lot.taxonId);
	for (const { note } of outing.sightings) if (note.body.abundance !== 'none') seen.add(note.body.taxonId);
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
