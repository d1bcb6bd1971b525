import {
	hasGroupStage,
	LIFE_STAGES,
	zoneOfGroup,
	type ColumnZone,
	type Group,
	type LifeStage
} from '../atlas';
import { words, type Message } from '../message';
import { SAMPLE_METHODS, type SampleMethod } from '../vocabulary';
import { WEIGHTS } from './weights';

/** The ways of sampling that can show what is at a height, the surest first; a throat shows whatever was eaten. */
export function methodsReaching(zone: ColumnZone): SampleMethod[] {
	return SAMPLE_METHODS.filter(
		(method) => method !== 'throat' && WEIGHTS.sees[method][zone] >= WEIGHTS.passesFor.reaches
	).sort((a, b) => WEIGHTS.sees[b][zone] - WEIGHTS.sees[a][zone]);
}

/** The stage of a group that a way of sampling meets first, or the first that the group has; undefined where it has none. */
export function stageMet(group: Group, method: SampleMethod): LifeStage | undefined {
	const stages = LIFE_STAGES.filter((stage) => hasGroupStage({ group, stage }));
	return stages.find((stage) => methodsReaching(zoneOfGroup(group, stage)).includes(method)) ?? stages[0];
}

const says = words('method', {
	'surface-net.answers': 'What is on offer this minute, by stage.',
	'surface-net.blind-to': 'What is still below, and who is taking it.',
	'kick-net.answers': 'The menu of the bed, with proportions.',
	'kick-net.blind-to': 'Everything in the film and above.',
	'kick-net.caution':
		'A small patch and a short kick, away from spawning gravel. Put the animals back; collecting may need a permit.',
	'stones.answers': 'What lives here, and how ripe.',
	'stones.blind-to': 'Swimmers that let go, and the small beside the big. Turn several.',
	'stones.caution': 'Put stones back as they lay.',
	'bank.answers': 'Night emergence, today’s hatch, egg-layers waiting.',
	'bank.blind-to': 'What is in the water now.',
	'margin-strainer.answers': 'The kinds of still water, and above all their colours.',
	'margin-strainer.blind-to': 'What is eaten: showy damsels in the weed, tiny pupae in the fish.',
	'margin-strainer.caution': 'Check, clean and dry the net before the next water.',
	'throat.answers': 'What was actually eaten.',
	'throat.blind-to': 'What was there and refused; and what one fish alone preferred.',
	'throat.caution':
		'Only where lawful, only if you are practised, gently, and only on fish that are large enough.'
});

/** What each way of sampling answers, what it is blind to, and what to mind. */
export const METHODS: Record<SampleMethod, { answers: Message; blindTo: Message; caution?: Message }> = {
	'surface-net': { answers: says('surface-net.answers'), blindTo: says('surface-net.blind-to') },
	'kick-net': {
		answers: says('kick-net.answers'),
		blindTo: says('kick-net.blind-to'),
		caution: says('kick-net.caution')
	},
	stones: {
		answers: says('stones.answers'),
		blindTo: says('stones.blind-to'),
		caution: says('stones.caution')
	},
	bank: { answers: says('bank.answers'), blindTo: says('bank.blind-to') },
	'margin-strainer': {
		answers: says('margin-strainer.answers'),
		blindTo: says('margin-strainer.blind-to'),
		caution: says('margin-strainer.caution')
	},
	throat: {
		answers: says('throat.answers'),
		blindTo: says('throat.blind-to'),
		caution: says('throat.caution')
	}
};
