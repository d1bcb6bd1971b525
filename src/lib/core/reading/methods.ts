import type { ColumnZone } from '../atlas';
import { SAMPLE_METHODS, type SampleMethod } from '../vocabulary';
import { WEIGHTS } from './weights';

/** A method that sees less than this share of what is at a height does not count as reaching it. */
const REACHES = 0.3;

/** The ways of sampling that can show what is at a height, the surest first; a throat shows whatever was eaten. */
export function methodsReaching(zone: ColumnZone): SampleMethod[] {
	return SAMPLE_METHODS.filter((method) => method !== 'throat' && WEIGHTS.sees[method][zone] >= REACHES).sort(
		(a, b) => WEIGHTS.sees[b][zone] - WEIGHTS.sees[a][zone]
	);
}

/** What each way of sampling answers, what it is blind to, and what to mind. */
export const METHODS: Record<SampleMethod, { answers: string; blindTo: string; caution?: string }> = {
	'surface-net': {
		answers: 'What is on offer this minute, by stage.',
		blindTo: 'What is still below, and who is taking it.'
	},
	'kick-net': {
		answers: 'The menu of the bed, with proportions.',
		blindTo: 'Everything in the film and above.',
		caution:
			'A small patch and a short kick, away from spawning gravel. Put the animals back; collecting may need a permit.'
	},
	stones: {
		answers: 'What lives here, and how ripe.',
		blindTo: 'Swimmers that let go, and the small beside the big. Turn several.',
		caution: 'Put stones back as they lay.'
	},
	bank: {
		answers: 'Night emergence, today’s hatch, egg-layers waiting.',
		blindTo: 'What is in the water now.'
	},
	'margin-strainer': {
		answers: 'The kinds of still water, and above all their colours.',
		blindTo: 'What is eaten: showy damsels in the weed, tiny pupae in the fish.',
		caution: 'Check, clean and dry the net before the next water.'
	},
	throat: {
		answers: 'What was actually eaten.',
		blindTo: 'What was there and refused; and what one fish alone preferred.',
		caution: 'Only where lawful, only if you are practised, gently, and only on fish that are large enough.'
	}
};
