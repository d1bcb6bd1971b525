import { describe, expect, it } from 'vitest';
import { adviceFor } from '../advice';
import { PATTERNS, type Pattern } from '../tackle';
import { compareSchools } from './compare';
import { pairFor } from './pair';
import { shortlist } from './shortlist';
import { describeNote } from '../note';
import { lookNext } from '../look';
import { readWater, reasonsFor } from '../reading';
import { tellFlies } from '../record';
import { BROOK, Story } from '../../../../tests/support/story';
import { sayMessage, typed, type Message } from '../message';

const may = '2026-05-19T11:00:00Z';
/** Whatever a guide may call a fly, or write. */
const NAMES = [
	'My {special} emerger',
	'{fly}',
	'{hook} {',
	'}}{{count}',
	'$& $1 $`',
	'constructor',
	'<b>Bold</b> & "quoted"; 50 %3B',
	'%25 \\n \u202Eback'
];

describe.each(NAMES)('a fly called %s', (name) => {
	const own: Pattern = {
		id: '11111111-1111-4111-8111-111111111111',
		name,
		style: 'hanging-parachute',
		belly: 'olive',
		sizes: [14, 16, 18],
		own: true
	};
	const dressing = { name, style: own.style, belly: own.belly };
	const story = new Story(BROOK, new Date(may), { mark: name });
	story.rises('bulge', 4, 40);
	const fly = { patternId: own.id, hookSize: 16, dressing };
	story.says(3, { kind: 'remark', body: { text: name } });
	story.says(4, { kind: 'rise', body: { form: 'bulge', mark: name } });
	story.fly(5, own.id, 16, 'tied-on', { dressing });
	story.rig(5.5, { second: { ...fly, distanceM: 0.5 } });
	for (const [i, outcome] of (['drifted', 'refused', 'refused', 'short'] as const).entries())
		story.fly(6 + i, own.id, 16, outcome, { dressing });

	const outing = story.outing(11);
	const reading = readWater(outing, story.watchId);
	const options = { patterns: [own, ...PATTERNS], box: [{ patternId: own.id, hookSize: 18, count: 2 }] };

	it('is told as it was typed, in every note, reason, change and record', () => {
		const notes = outing.live.map(({ note }) => sayMessage(describeNote(note).detail ?? typed('')));
		expect(notes.filter((said) => said.includes(name)).length).toBeGreaterThanOrEqual(6);

		const flies = shortlist(outing, reading, { ...options, most: 40 });
		const advice = adviceFor(outing, reading, options);
		const said: Message[] = [
			...reading.beliefs
				.slice(0, 12)
				.flatMap(({ hypothesis }) => reasonsFor(reading, hypothesis.id).map(({ says }) => says)),
			...flies.flatMap(({ because, rig }) => [...because, ...rig.because]),
			...(pairFor(outing, reading, options)?.because ?? []),
			...[advice?.next, ...(advice?.others ?? [])].flatMap((change) =>
				change ? [change.says, ...change.because] : []
			),
			...(advice?.cautions ?? []),
			...compareSchools(outing, reading, options).flatMap(({ flies: best }) =>
				best.flatMap((choice) => choice.because)
			)
		];
		const all = said.map((phrase) => sayMessage(phrase));
		expect(all.some((line) => line.includes(name))).toBe(true);
		expect(lookNext(outing, reading, 3).length).toBeGreaterThan(0);

		const told = tellFlies([{ patternId: own.id, name, hookSize: 16, outcome: 'taken', times: 1 }]);
		expect(told.map((phrase) => sayMessage(phrase))).toEqual([`${name} #16: taken`]);
	});
});
