import { naturalWords, ZONE_NAMES, type LifeStage } from '../atlas';
import type { Phrase, Quantity } from '../units';
import { flyWords, tippetMm } from '../tackle';
import {
	ABUNDANCE_NAMES,
	ATTEMPT_OUTCOME_NAMES,
	FISH_SIZE_NAMES,
	LIE_NAMES,
	LEVEL_TREND_NAMES,
	LIGHT_NAMES,
	METHOD_NAMES,
	RISE_FORM_NAMES,
	SKY_NAMES,
	SURFACE_NAMES
} from '../vocabulary';
import type { AttemptBody, ConditionsBody, Lot, Note, RigBody, WatchBody } from './note';

/** A note in a line or two, as the board lists it: what kind, and what it says. */
export function describeNote(note: Note): { title: string; detail: Phrase } {
	switch (note.kind) {
		case 'conditions':
			return { title: 'Conditions', detail: describeConditions(note.body) };
		case 'sighting': {
			const { taxonId, stage, zone, abundance, sign } = note.body;
			const what = sign === 'shucks' ? 'skins' : sign === 'swarm' ? 'swarm' : undefined;
			return {
				title: `${naturalName(taxonId, what ? undefined : stage)}${what ? ` ${what}` : ''}`,
				detail: { say: `${ABUNDANCE_NAMES[abundance]} · ${ZONE_NAMES[zone].toLowerCase()}` }
			};
		}
		case 'sample':
			return { title: METHOD_NAMES[note.body.method], detail: describeLots(note.body.lots) };
		case 'rise':
			return {
				title: `Rise: ${RISE_FORM_NAMES[note.body.form].toLowerCase()}`,
				detail: typed(note.body.mark)
			};
		case 'watch':
			return describeWatch(note.body);
		case 'drifted': {
			const { taxonId, stage, fate } = note.body;
			return {
				title: fate === 'taken' ? 'Taken' : 'Passed',
				detail: { say: naturalWords(taxonId, stage) }
			};
		}
		case 'attempt':
			return describeAttempt(note.body);
		case 'rig':
			return describeRig(note.body);
		case 'remark':
			return { title: 'Remark', detail: typed(note.body.text) };
		case 'void':
			return { title: 'Withdrawn', detail: { say: '' } };
	}
}

/** "olive dun", "midge pupa"; the common name alone without a stage. */
export function naturalName(taxonId: string, stage?: LifeStage): string {
	return capital(naturalWords(taxonId, stage));
}

function describeAttempt(body: AttemptBody): { title: string; detail: Phrase } {
	const { outcome, lastMoment, drifts = 0, dragged = 0, hookSize, depthM } = body;
	const title = lastMoment ? 'Refused at the last moment' : ATTEMPT_OUTCOME_NAMES[outcome];
	const counted = [
		...(drifts > 0 ? ['{drifts} good'] : []),
		...(dragged > 0 ? ['{dragged} dragged'] : []),
		...(depthM === undefined ? [] : ['at {depth}'])
	];
	return {
		title,
		detail: {
			say: ['{fly} {hook}', ...counted].join(' · '),
			with: {
				fly: { text: flyWords(body) },
				hook: { hookSize },
				...(drifts > 0 && { drifts: { count: drifts } }),
				...(dragged > 0 && { dragged: { count: dragged } }),
				...(depthM !== undefined && { depth: { distanceM: depthM } })
			}
		}
	};
}

function describeRig({ leaderM, tippetX, tippetM, second }: RigBody): { title: string; detail: Phrase } {
	return {
		title: second ? 'Rigged two flies' : 'Rigged',
		detail: {
			say: `leader {leader}, of it {tippet} of {diameter}${second ? '; {second} {distance} behind' : ''}`,
			with: {
				leader: { distanceM: leaderM },
				tippet: { distanceM: tippetM },
				diameter: { tippetMm: tippetMm(tippetX) },
				...(second && { second: { text: flyWords(second) }, distance: { distanceM: second.distanceM } })
			}
		}
	};
}

function describeWatch(body: WatchBody): { title: string; detail: Phrase } {
	if (body.event !== 'begin')
		return {
			title: { pause: 'Looked away', resume: 'Looking again', end: 'Watch ended' }[body.event],
			detail: { say: '' }
		};
	const parts = [
		LIE_NAMES[body.lie].toLowerCase(),
		body.holding === 'cruising' ? 'cruising' : 'on station',
		...(body.size ? [`${FISH_SIZE_NAMES[body.size].toLowerCase()} fish`] : []),
		...(body.mark ? ['{mark}'] : [])
	];
	return {
		title: 'Fish under watch',
		detail: { say: parts.join(' · '), ...(body.mark && { with: { mark: { text: body.mark } } }) }
	};
}

function describeConditions(body: ConditionsBody): Phrase {
	const parts: string[] = [];
	const values: Record<string, Quantity> = {};
	const add = (name: string, say: string, quantity?: Quantity) => {
		parts.push(say);
		if (quantity) values[name] = quantity;
	};
	if (body.waterC !== undefined) add('water', 'Water {water}', { temperatureC: body.waterC });
	if (body.airC !== undefined) add('air', 'air {air}', { temperatureC: body.airC });
	if (body.sky) add('sky', SKY_NAMES[body.sky].toLowerCase());
	if (body.windMs !== undefined) add('wind', 'wind {wind}', { windMs: body.windMs });
	if (body.clarityM !== undefined) add('clarity', 'clear to {clarity}', { distanceM: body.clarityM });
	if (body.surface) add('surface', `${SURFACE_NAMES[body.surface].toLowerCase()} surface`);
	if (body.light) add('light', `${LIGHT_NAMES[body.light].toLowerCase()} light`);
	if (body.levelM !== undefined) add('level', 'level {level}', { levelM: body.levelM });
	if (body.levelTrend) add('trend', LEVEL_TREND_NAMES[body.levelTrend].toLowerCase());
	if (body.speedMs !== undefined) add('speed', 'current {speed}', { windMs: body.speedMs });
	return { say: capital(parts.join(', ')), with: values };
}

function describeLots(lots: readonly Lot[]): Phrase {
	if (lots.length === 0) return { say: 'Looked, found none' };
	return {
		say: lots
			.map((lot) => `${lot.count} ${naturalWords(lot.taxonId, lot.stage)}${describePads(lot)}`)
			.join(' · ')
	};
}

function describePads({ pads }: Lot): string {
	if (!pads) return '';
	const looked = pads.pale + pads.dark + pads.black;
	const [state, count] =
		pads.black > 0 ? ['black', pads.black] : pads.dark > 0 ? ['dark', pads.dark] : ['pale', pads.pale];
	return ` (wing pads ${state} in ${count} of ${looked})`;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
/** A guide's own words, whatever they hold. */
const typed = (text: string | undefined): Phrase =>
	text ? { say: '{words}', with: { words: { text } } } : { say: '' };
