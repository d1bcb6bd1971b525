import { expect, it } from 'vitest';
import { lookNext } from './look-next';
import type { Place } from '../atlas';
import { likelyNaturals, reasonsFor } from '../reading';
import { SAMPLE_METHODS } from '../vocabulary';
import { BROOK, LAKE, RIVER, Story } from '../../../../tests/support/story';

const NOON = new Date('2026-05-19T11:30:00Z');
const DUSK = new Date('2026-05-19T20:10:00Z');
const digits = (value: number): string => value.toPrecision(4);
const at = (place: Place, begins: Date) => new Story(place, begins);

it('what to look at next, and why something is believed', async () => {
	const lines: string[] = [];
	for (const [name, story] of Object.entries({
		'brook at noon': at(BROOK, NOON),
		'brook at dusk': at(BROOK, DUSK).rises('nose', 4),
		'river with noses': at(RIVER, NOON).rises('nose', 3).saw('baetis', 'dun'),
		'with duns passing': at(BROOK, NOON).rises('bulge', 3).drifted('baetis', 'dun', 'passed', 1),
		'just netted': at(BROOK, NOON).net('surface-net', ['baetis', 'emerger', 3]),
		lake: at(LAKE, NOON),
		'a lake with damsels': at(LAKE, NOON).net('margin-strainer', ['zygoptera', 'nymph', 5]),
		'a lake with scuds': at(LAKE, NOON).net('margin-strainer', ['gammarus', 'crustacean', 9]),
		'a lake with olives': at(LAKE, NOON).net('margin-strainer', ['cloeon', 'nymph', 9]),
		'a lake with alders in the wind': at(LAKE, NOON)
			.weather({ windMs: 5, airC: 16 })
			.saw('sialis', 'adult', { abundance: 'many' })
			.rises('splash', 2),
		'a lake with midges': at(LAKE, DUSK).net('surface-net', ['chironomidae', 'pupa', 12]).rises('nose', 4),
		'a take in the deep': at(LAKE, NOON).fly(6, 'spent-wing-spinner-rust', 16, 'taken', { depthM: 3 }),
		'a fish that cruises': new Story(LAKE, NOON, { holding: 'cruising' }).rises('nose', 3, 150),
		'a hatch that grows': at(BROOK, NOON)
			.saw('baetis', 'dun', { abundance: 'many' })
			.rises('nose', 9)
			.says(5, { kind: 'hatch', body: { trend: 'growing' } }),
		'a hatch that fades': at(BROOK, NOON)
			.net('surface-net', ['baetis', 'dun', 24])
			.rises('nose', 9)
			.says(5, { kind: 'hatch', body: { trend: 'fading' } }),
		'cold duns': at(BROOK, NOON).weather({ airC: 6, waterC: 8 }).saw('baetis', 'dun'),
		'shucks at the edge': at(RIVER, NOON).saw('perla', 'nymph', { zone: 'air', sign: 'shucks' }),
		'a dun of no name': at(BROOK, NOON).says(4, {
			kind: 'unnamed',
			body: {
				group: 'mayfly',
				stage: 'dun',
				zone: 'on-film',
				abundance: 'many',
				lengthMm: 8,
				lengthIs: 'larger-than',
				shade: 'olive'
			}
		}),
		'a fish landed': at(BROOK, NOON)
			.fly(6, 'spent-wing-spinner-rust', 16, 'taken')
			.fly(7, 'spent-wing-spinner-rust', 16, 'landed', { fishLengthMm: 420 })
	})) {
		const outing = story.outing();
		const reading = story.read();
		const next = lookNext(outing, reading, 9, { throatFromMm: 300 });
		lines.push(
			name,
			...next.map(
				({ id, minutes, gainBits, outcomes }) =>
					`  ${id} ${minutes} min ${digits(gainBits)}: ${outcomes.map(({ finds, probability, meansId }) => `${finds.id} ${digits(probability)} ${meansId}`).join('; ')}`
			),
			...likelyNaturals(reading.beliefs, 'eye', 12).map(
				({ taxonId, stage }) => `  by eye ${taxonId}/${stage}`
			),
			...SAMPLE_METHODS.map(
				(method) =>
					`  ${method}: ${likelyNaturals(reading.beliefs, method, 6)
						.map(({ taxonId, stage }) => `${taxonId}/${stage}`)
						.join(', ')}`
			),
			...reasonsFor(reading, reading.beliefs[0]?.hypothesis.id ?? '').map(
				({ says, weight }) => `  ${says.id} ${digits(weight)}`
			)
		);
	}
	await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('worked.txt');
});
