import { expect, it } from 'vitest';
import { BROOK, LAKE, RIVER, Story } from '../../../../tests/support/story';
import { LIFE_STAGES, type LifeStage, type Place } from '../atlas';
import { ABUNDANCES, ATTEMPT_OUTCOMES, RISE_FORMS, SAMPLE_METHODS, SIGNS } from '../vocabulary';
import { byStage } from './spread';
import { WEIGHING } from './weights';

/**
 * Readings worked through, printed into worked.txt: what is believed after each kind of note, alone and repeated. A
 * number that is changed shows there as a difference, to be looked at and understood before it is kept
 * (`npx vitest run -u --project core worked`).
 */
const NOON = new Date('2026-05-19T11:30:00Z');
const DUSK = new Date('2026-05-19T20:10:00Z');
const digits = (value: number): string => value.toPrecision(4);

const stages = (story: Story, minutes = 9, id: Parameters<Story['read']>[1] = 'even-handed'): string => {
	const reading = story.read(minutes, id);
	const { top, word, mixed } = reading.certainty;
	return [
		`${word}${mixed ? ', mixed' : ''}, ${digits(top)}`,
		...byStage(reading).map(({ stage, probability }) => `${stage} ${digits(probability)}`),
		...reading.beliefs
			.slice(0, 5)
			.map(({ hypothesis, probability }) => `${hypothesis.id} ${digits(probability)}`)
	].join('; ');
};
const at = (place: Place, begins: Date) => new Story(place, begins);

it('each kind of note, alone and repeated', async () => {
	const lines: string[] = [];
	const tell = (name: string, story: Story, minutes?: number, id?: Parameters<Story['read']>[1]) =>
		lines.push(`${name}: ${stages(story, minutes, id)}`);

	for (const [name, place] of Object.entries({ river: RIVER, brook: BROOK, lake: LAKE }))
		for (const hour of [6, 9, 12, 15, 18, 21])
			tell(`${name} at ${hour}`, at(place, new Date(Date.UTC(2026, 4, 19, hour))));
	for (const month of [0, 2, 6, 7, 9, 10])
		for (const place of [RIVER, LAKE])
			tell(`${place.water} in month ${month + 1}`, at(place, new Date(Date.UTC(2026, month, 15, 13))));

	for (const form of RISE_FORMS)
		for (const begins of [NOON, DUSK])
			for (const times of [1, 4]) tell(`${times} ${form}`, at(BROOK, begins).rises(form, times));
	for (const [everyS, times] of [
		[12, 9],
		[60, 7]
	] as const)
		tell(`rhythm ${everyS}`, at(BROOK, NOON).rises('nose', times, everyS));
	const bursts = at(BROOK, NOON);
	for (const minute of [3, 3.1, 3.2, 6, 6.1, 6.2, 9, 9.1, 9.2]) bursts.riseAt(minute, 'bulge');
	tell('bursts', bursts, 10);
	const wandering = at(BROOK, NOON);
	for (const minute of [3, 3.2, 4.5, 4.8, 6.9, 7, 8.4]) wandering.riseAt(minute, 'splash');
	tell('wandering', wandering, 9);

	for (const method of SAMPLE_METHODS) {
		tell(`${method}, empty`, at(BROOK, NOON).net(method));
		tell(`${method}, emergers`, at(BROOK, NOON).net(method, ['baetis', 'emerger', 6]));
		tell(
			`${method}, mixed`,
			at(BROOK, NOON).net(method, ['baetis', 'nymph', 14], ['chironomidae', 'pupa', 3])
		);
		tell(`${method}, later`, at(BROOK, NOON).net(method, ['baetis', 'emerger', 6]), 70);
		tell(
			`${method}, of the lake`,
			at(LAKE, NOON).net(method, ['chironomidae', 'pupa', 9], ['gammarus', 'crustacean', 2])
		);
		tell(`${method}, full`, at(BROOK, DUSK).net(method, ['baetis', 'spinner', 60], ['baetis', 'cripple', 2]));
	}
	for (const state of ['pale', 'dark', 'black'] as const)
		tell(
			`pads ${state}`,
			at(BROOK, NOON).says(1, {
				kind: 'sample',
				body: {
					method: 'kick-net',
					lots: [
						{
							taxonId: 'baetis',
							stage: 'nymph',
							count: 12,
							measured: 'body',
							pads: { pale: 0, dark: 0, black: 0, [state]: 9 }
						}
					]
				}
			})
		);
	const seen: Partial<Record<LifeStage, string>> = {
		nymph: 'baetis',
		emerger: 'baetis',
		cripple: 'baetis',
		dun: 'baetis',
		spinner: 'baetis',
		larva: 'hydropsyche',
		pupa: 'hydropsyche',
		adult: 'hydropsyche',
		'egg-laying': 'hydropsyche',
		terrestrial: 'formicidae',
		crustacean: 'gammarus',
		aquatic: 'corixidae',
		fry: 'phoxinus'
	};
	for (const sign of SIGNS)
		for (const stage of LIFE_STAGES) {
			const taxonId = seen[stage];
			if (taxonId)
				tell(`${sign} of ${stage}`, at(BROOK, NOON).saw(taxonId, stage, { sign, abundance: 'many' }));
		}
	for (const abundance of ABUNDANCES)
		for (const zone of ['on-film', 'air'] as const)
			tell(`${abundance} ${zone}`, at(BROOK, NOON).saw('baetis', 'dun', { abundance, zone }));
	tell('seen an hour ago', at(BROOK, NOON).saw('baetis', 'dun', { abundance: 'many' }), 62);

	for (const fate of ['passed', 'taken'] as const)
		for (const times of [1, 6]) {
			tell(
				`${times} ${fate}, rising`,
				at(BROOK, NOON).rises('nose', 3).drifted('baetis', 'dun', fate, times)
			);
			tell(`${times} ${fate}, not rising`, at(BROOK, NOON).drifted('baetis', 'dun', fate, times));
		}
	tell(
		'passed, then taken',
		at(BROOK, NOON)
			.rises('bulge', 3)
			.drifted('baetis', 'dun', 'passed', 5)
			.drifted('baetis', 'emerger', 'taken', 2)
	);
	for (const outcome of ATTEMPT_OUTCOMES) {
		tell(`a fly ${outcome}`, at(BROOK, NOON).fly(4, 'spent-wing-spinner-rust', 16, outcome));
		tell(
			`a second fly ${outcome}`,
			at(BROOK, NOON)
				.fly(3, 'spent-wing-spinner-rust', 16, 'refused')
				.fly(6, 'parachute-dun-grey-olive', 16, outcome, { drifts: 4, dragged: 1 })
		);
	}
	for (const mark of [undefined, 'other'] as const) {
		const story = at(BROOK, NOON).rises('nose', 2);
		story.says(4, { kind: 'rise', body: { form: 'splash', ...(mark && { mark }) } });
		const own = story.watchId;
		const another = new Story(BROOK, NOON, { mark: 'alder' }).rises('splash', 5);
		story.notes.push(...another.notes);
		story.watchId = own;
		tell(`another fish ${mark ?? ''}`, story);
	}
	const lie = new Story(BROOK, NOON, { mark: 'alder' }).rises('nose', 1);
	lie.notes.push(...new Story(BROOK, NOON, { mark: 'alder' }).rises('splash', 5).notes);
	tell('another fish of the same lie', lie);
	for (const id of WEIGHING.ids)
		tell(
			`by ${id}`,
			at(BROOK, NOON)
				.rises('bulge', 6)
				.net('surface-net', ['baetis', 'dun', 8])
				.drifted('baetis', 'dun', 'passed', 3),
			9,
			id
		);
	await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('worked.txt');
});
