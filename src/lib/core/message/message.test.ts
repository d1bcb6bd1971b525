import { describe, expect, it } from 'vitest';
import { chanceWord } from './chance-word';
import { ENGLISH } from './language';
import { atStart, joined, names, typed, within, withArticle, words } from './message';
import { METRIC, tippetX, type UnitSettings } from './quantity';
import { sayMessage, showQuantity, showRange } from './say';

const IMPERIAL: UnitSettings = { system: 'imperial', tippet: 'diameter', size: 'both' };
const says = words('test', {
	natural: 'Natural {n} in water of {w}',
	flies: '{n, plural, one {# fly} other {# flies}} left',
	passes: 'It passes for {natural}.'
});
const insects = names('test.insect', { olive: 'olive dun', midge: 'Midge pupa' });

describe('messages', () => {
	it('writes numbers in the units of the guide who reads them', () => {
		const message = says('natural', { n: { lengthMm: 7 }, w: { temperatureC: 9.8 } });
		expect(message.id).toBe('test.natural');
		expect(sayMessage(message)).toBe('Natural 7 mm in water of 9.8 °C');
		expect(sayMessage(message, { units: IMPERIAL })).toBe('Natural 0.28 in in water of 50 °F');
	});

	it('refuses a sentence with a value missing, naming it', () => {
		expect(() => sayMessage(says('natural', { n: { lengthMm: 7 } }))).toThrow(/test\.natural.*w/);
	});

	it('counts in the plurals of the language, and keeps what is typed as it is', () => {
		expect([1, 2].map((n) => sayMessage(says('flies', { n })))).toEqual(['1 fly left', '2 flies left']);
		expect(sayMessage(says('flies', { n: { count: 1 } }))).toBe('1 fly left');
		expect(sayMessage(typed("{n} 'tis <b>#1</b> at O'Brien's"))).toBe("{n} 'tis <b>#1</b> at O'Brien's");
	});

	it('puts names at the start, within, and with their article', () => {
		expect(sayMessage(atStart(insects.olive))).toBe('Olive dun');
		expect(sayMessage(within(insects.midge))).toBe('midge pupa');
		expect(sayMessage(says('passes', { natural: withArticle(insects.olive) }))).toBe(
			'It passes for an olive dun.'
		);
		expect(sayMessage(joined('and', insects.olive, within(insects.midge), typed('ant')))).toBe(
			'olive dun, midge pupa, and ant'
		);
		expect(sayMessage(joined(' · ', insects.olive, typed('ant')))).toBe('olive dun · ant');
	});

	it('takes the text of another language by its id, whole', () => {
		const other = {
			...ENGLISH,
			tag: 'de',
			text: (id: string, english: string) => (id === 'test.flies' ? '{n} da' : english)
		};
		expect(sayMessage(says('flies', { n: 3 }), { language: other })).toBe('3 da');
	});
});

describe('quantities', () => {
	it.each([
		[{ levelM: 0.12 }, '+12 cm', '+5 in'],
		[{ levelM: -0.05 }, '−5 cm', '−2 in'],
		[{ distanceM: 1.4 }, '1.4 m', '4.6 ft'],
		[{ windMs: 2 }, '2 m/s', '4 mph'],
		[{ currentMs: 0.45 }, '0.45 m/s', '1.5 ft/s'],
		[{ wayM: 420 }, '420 m', '1378 ft'],
		[{ wayM: 3100 }, '3.1 km', '1.9 mi'],
		[{ tippetMm: 0.127 }, '6X', '0.005 in'],
		[{ hookSize: 18 }, '#18', '#18'],
		[{ count: 14 }, '14', '14']
	])('writes %o', (quantity, metric, imperial) => {
		expect(showQuantity(quantity, { units: METRIC })).toBe(metric);
		expect(showQuantity(quantity, { units: IMPERIAL })).toBe(imperial);
	});

	it('writes a range with its unit once', () => {
		expect(showRange({ distanceM: 0.6 }, { distanceM: 0.75 })).toBe('60 to 75 cm');
	});

	it('gives the customary X of the usual diameters', () => {
		expect([0.279, 0.178, 0.152, 0.127, 0.102].map(tippetX)).toEqual([0, 4, 5, 6, 7]);
	});

	it('speaks of chances in words that only ever climb', () => {
		const ranks = ['hardly', 'unlikely', 'could be', 'likely', 'almost surely'];
		const said = [0, 0.05, 0.2, 0.5, 0.9].map((p) => ranks.indexOf(sayMessage(chanceWord(p))));
		expect(said).toEqual([0, 1, 2, 3, 4]);
	});
});
