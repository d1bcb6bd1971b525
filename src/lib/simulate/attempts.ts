import { findStage, findTaxon } from '$lib/core/atlas';
import { pickWeighted, type Random } from '$lib/core/math';
import { stylesServing } from '$lib/core/match';
import { dressedMm, hookOf, PATTERNS, STYLES } from '$lib/core/tackle';
import type { AttemptBody, Note } from '$lib/core/note';
import type { AttemptOutcome } from '$lib/core/vocabulary';
import { simulatedNoteId } from './outing';

const MINUTE_MS = 60_000;

/**
 * What a guide of the demonstration tried on a past outing: for what was netted most, a fly of a style that serves
 * it, in the size of the natural, and what became of it; a second one where the first was turned away.
 */
export function simulateAttempts(random: Random, notes: readonly Note[]): Note[] {
	const lots = notes.flatMap((note) =>
		note.kind === 'sample' ? note.body.lots.map((lot) => ({ lot, at: note.at })) : []
	);
	const [most] = [...lots].sort((a, b) => b.lot.count - a.lot.count);
	const taxon = most && findTaxon(most.lot.taxonId);
	const traits = most && taxon && findStage(taxon, most.lot.stage);
	if (!most || !taxon || !traits) return [];
	const { lengthMm = traits.lengthMm.typical } = most.lot;
	const flies = stylesServing(taxon, traits).flatMap((style) => {
		const patterns = PATTERNS.filter((pattern) => pattern.style === style.id);
		const pattern = patterns[Math.floor(random() * patterns.length)];
		if (!pattern) return [];
		const hook = hookOf(STYLES[style.id]);
		const off = (size: number) => Math.abs(Math.log(dressedMm(size, hook) / lengthMm));
		const hookSize = pattern.sizes.reduce((best, next) => (off(next) < off(best) ? next : best));
		return [{ patternId: pattern.id, hookSize }];
	});
	const attempts: Note[] = [];
	let minutes = 10;
	const write = (body: AttemptBody) => {
		const at = new Date(most.at.getTime() + minutes * MINUTE_MS);
		attempts.push({ id: simulatedNoteId(random, at), at, kind: 'attempt', body });
		minutes += 4 + Math.floor(random() * 6);
	};
	for (const { patternId, hookSize } of flies.slice(0, 2)) {
		write({ patternId, hookSize, outcome: 'tied-on' });
		const outcome = pickWeighted<AttemptOutcome>(random, [
			['taken', 4],
			['refused', 3],
			['drifted', 2],
			['missed', 1]
		]);
		write({ patternId, hookSize, outcome, ...(outcome === 'drifted' && { drifts: 4 }) });
		if (outcome !== 'taken') continue;
		write({ patternId, hookSize, outcome: 'landed' });
		break;
	}
	return attempts;
}
