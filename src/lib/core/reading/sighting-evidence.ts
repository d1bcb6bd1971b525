import { groupOfUnnamed, hypothesisIdOf } from '../atlas';
import type { Hypothesis } from '../likeness';
import { clamp } from '../math';
import type { NoteOf, SightingBody } from '../note';
import type { LiveNote, Outing } from '../outing';
import type { MenuScale } from './clock';
import type { Evidence } from './weight-of-evidence';
import type { Weights } from './weights';

/** What the eye had before it: the hypotheses, how far it sees each, and how much of all it would see each natural was. */
interface View {
	hypotheses: readonly Hypothesis[];
	visible: Float64Array;
	shareOf: (id: string) => number;
	weights: Weights;
}

/**
 * An eye is a net too: so many of a kind, by the word that was said, against its share of what was expected to be seen.
 * Who says "masses" of one kind has not counted the others: they are not spoken against. Who says it again has not met
 * with others of it: each further one counts less (Kish 1965). A take that was seen is a sighting as well.
 */
export function fromSightings(
	outing: Outing,
	hypotheses: readonly Hypothesis[],
	priors: readonly number[],
	visible: Float64Array,
	ofMenu: MenuScale,
	weights: Weights
): Evidence[] {
	const { scales, halfLifeMin } = weights;
	const view: View = {
		hypotheses,
		visible,
		shareOf: sharesByEye(hypotheses, priors, visible, weights),
		weights
	};
	const sightings = alike(
		outing.sightings,
		({ taxonId, stage, sign, abundance }) => `${taxonId}/${stage} ${sign} ${abundance === 'none'}`
	);
	const [takes, passes] = (['taken', 'passed'] as const).map((fate) =>
		alike(
			outing.drifted.filter(({ note }) => note.body.fate === fate),
			({ taxonId, stage }) => `${taxonId}/${stage}`
		)
	) as [LiveNote<'drifted'>[][], LiveNote<'drifted'>[][]];
	return [
		...sightings.flatMap((same) =>
			same.map(({ note, observedAt }): Evidence => {
				const tempered = 1 / (1 + (same.length - 1) * scales.alikeSightings);
				const scale = tempered * ofMenu(observedAt, halfLifeMin.sighting);
				return { noteId: note.id, logLikelihoods: ofSighting(note.body, scale, view) };
			})
		),
		...passes.flatMap((same) =>
			same.map(({ note, observedAt }): Evidence => {
				const scale = (scales.passSeen * ofMenu(observedAt, halfLifeMin.drifted)) / same.length;
				return { noteId: note.id, logLikelihoods: ofPasses(note.body, same.length, scale, view) };
			})
		),
		...takes.flatMap((same) =>
			same.map(({ note, observedAt }): Evidence => {
				const scale = ofMenu(observedAt, halfLifeMin.drifted) / same.length;
				return { noteId: note.id, logLikelihoods: ofTake(note.body, scale, view) };
			})
		)
	];
}

/** To have seen none speaks against that stage alone, as far as an eye would have seen it; to have seen some, for its kin. */
function ofSighting(
	{ taxonId, stage, sign, zone, abundance }: SightingBody,
	scale: number,
	{ hypotheses, visible, shareOf, weights }: View
): Float64Array {
	const { scales } = weights;
	if (abundance === 'none')
		return Float64Array.from(hypotheses, (h, i) =>
			h.taxonId === taxonId && h.stage === stage && h.kind === 'natural'
				? scale * Math.log(1 - scales.emptyEye * (visible[i] ?? 0))
				: 0
		);
	const spread: Partial<Record<string, number>> = weights.sightingSpread[sign][stage];
	const said = scale * saidByEye(weights.abundance[abundance], shareOf(`${taxonId}/${stage}`), weights);
	return Float64Array.from(hypotheses, (h) => {
		if (h.taxonId !== taxonId || h.kind === 'unseen') return 0;
		// In the air they are out of reach; lower down than they live, they have come to where fish are.
		const elsewhere = h.stage === stage && zone === 'air' && h.zone !== zone && sign === 'insects';
		return said * (elsewhere ? scales.otherHeight : 1) * (spread[h.stage] ?? 0);
	});
}

/**
 * What drifts by untouched has been seen as well: it speaks for the other stages of its hatch, and not for itself. To
 * have it pass is weighed apart.
 */
function ofPasses(
	{ taxonId, stage }: NoteOf<'drifted'>['body'],
	count: number,
	scale: number,
	{ hypotheses, shareOf, weights }: View
): Float64Array {
	const spread: Partial<Record<string, number>> = weights.sightingSpread.insects[stage];
	const said = scale * saidByEye(count, shareOf(hypothesisIdOf(taxonId, stage)), weights);
	const unnamed = groupOfUnnamed(taxonId);
	return Float64Array.from(hypotheses, (h) =>
		h.kind === 'natural' && (unnamed ? h.group === unnamed : h.taxonId === taxonId) && h.stage !== stage
			? said * (spread[h.stage] ?? 0)
			: 0
	);
}

/** What is taken is here, however unlikely it was: it stands as likely as a usual kind. */
function ofTake(
	{ taxonId, stage }: NoteOf<'drifted'>['body'],
	scale: number,
	{ hypotheses, shareOf, weights }: View
): Float64Array {
	const taken = hypothesisIdOf(taxonId, stage);
	const lift = scale * Math.max(0, Math.log(weights.expected.leastWhenTaken / shareOf(taken)));
	return Float64Array.from(hypotheses, ({ id }) => (id === taken ? lift : 0));
}

/** Notes in groups of what is alike. */
function alike<Entry extends { note: { body: unknown } }>(
	entries: readonly Entry[],
	keyOf: (body: Entry['note']['body']) => string
): Entry[][] {
	const groups = new Map<string, Entry[]>();
	for (const entry of entries) {
		const key = keyOf(entry.note.body);
		const group = groups.get(key);
		if (group) group.push(entry);
		else groups.set(key, [entry]);
	}
	return [...groups.values()];
}

/** How much of all that an eye would see now each natural was expected to be. */
function sharesByEye(
	hypotheses: readonly Hypothesis[],
	priors: readonly number[],
	visible: Float64Array,
	{ bounds }: Weights
): (id: string) => number {
	const mass = visible.map((sees, i) => sees * (priors[i] ?? 0));
	const all = mass.reduce((sum, one) => sum + one, 0);
	const index = new Map(hypotheses.map(({ id }, i) => [id, i]));
	return (id) => Math.max(bounds.leastShare, all > 0 ? (mass[index.get(id) ?? -1] ?? 0) / all : 0);
}

const saidByEye = (count: number, share: number, weights: Weights): number =>
	saidByNumber(count, share, weights.trust.eye, weights);

/**
 * What so many of a kind say for it that was expected to be such a share of all that would be met with.
 *
 * @param total animals that were met with in all; as many as of this kind, where nobody counted others
 */
export function saidByNumber(
	count: number,
	share: number,
	trust: number,
	{ bounds }: Weights,
	total = count
): number {
	const alpha = bounds.sampleConcentration;
	const expected = Math.max(bounds.leastShare, share);
	const ratio = Math.log((count + alpha * expected) / (expected * (total + alpha)));
	return clamp(trust * ratio, trust * (count / total) * Math.log(1 + count), bounds.most);
}
