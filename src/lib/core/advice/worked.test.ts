import { expect, it } from 'vitest';
import { BROOK, LAKE, Story } from '../../../../tests/support/story';
import { LIES, POSITIONS } from '../vocabulary';
import type { AttemptBody } from '../note';
import { adviceFor, type AdviceOptions } from './advice';

/**
 * Advice worked through, printed into worked.txt; a number that is changed shows there as a difference, to be looked at
 * before it is kept (`npx vitest run -u --project core worked`).
 */
const NOON = new Date('2026-05-19T11:30:00Z');
const digits = (value: number): string => String(Number(value.toPrecision(4)));
const FLY = 'parachute-dun-grey-olive';

it('what may be wrong, and what to change', async () => {
	const lines: string[] = [];
	const tell = (name: string, story: Story, minutes = 14, options: AdviceOptions = {}) => {
		const advice = adviceFor(story.outing(minutes), story.read(minutes), options);
		if (!advice) return void lines.push(`${name}: no advice`);
		const change = ({ id, minutes: costs, chance, fly, tippetX, says, because }: (typeof advice)['next']) =>
			`${id} ${costs} min ${digits(chance)} ${fly ? `${fly.patternId} ${fly.hookSize}` : ''} ${tippetX ?? ''} ${[says, ...because].map((message) => message.id).join(' ')}`;
		lines.push(
			`${name}: seen ${digits(advice.seen.chance)}, ${advice.seen.until80} more; ${advice.leave ? 'leave; ' : ''}${advice.works ? 'works; ' : ''}tippet ${digits(advice.tippet.leftM)} ${advice.tippet.changesLeft} ${advice.tippet.short}`,
			`  ${advice.causes.map(({ cause, probability }) => `${cause} ${digits(probability)}`).join(', ')}`,
			...[advice.next, ...advice.others].map((one) => `  ${change(one)}`)
		);
	};
	const tried = (
		outcome: AttemptBody['outcome'],
		more: Partial<AttemptBody> = {},
		fish: ConstructorParameters<typeof Story>[2] = {}
	) =>
		new Story(BROOK, NOON, fish)
			.rises('nose', 5)
			.net('surface-net', ['baetis', 'dun', 6])
			.fly(6, FLY, 16, 'tied-on')
			.fly(9, FLY, 16, outcome, { drifts: 4, ...more });

	for (const outcome of [
		'tied-on',
		'drifted',
		'refused',
		'short',
		'missed',
		'taken',
		'landed',
		'came-off',
		'put-down',
		'lost'
	] as const)
		tell(outcome, tried(outcome));
	tell('refused at the last moment', tried('refused', { lastMoment: true }));
	for (const drifts of [1, 8, 30]) tell(`${drifts} drifts`, tried('drifted', { drifts }));
	for (const dragged of [1, 5]) tell(`${dragged} dragged`, tried('drifted', { dragged }));
	for (const lie of LIES) tell(`in a ${lie}`, tried('refused', {}, { lie }));
	for (const from of POSITIONS) tell(`from ${from}`, tried('refused').rig(5, { from }));
	tell('mending', tried('refused', { dragged: 2 }).rig(5, { mending: true }));
	for (const tippetX of [2, 4, 7]) tell(`on ${tippetX}X`, tried('refused').rig(5, { tippetX }));
	tell('a short tippet', tried('refused').rig(5, { tippetM: 0.3 }));
	for (const weather of [
		{ surface: 'glassy', speedMs: 0.2, clarityM: 3 },
		{ surface: 'glassy', speedMs: 0.45, clarityM: 1.3 },
		{ clarityM: 0.5 },
		{ speedMs: 0.9 },
		{ surface: 'broken', sky: 'overcast' }
	] as const) {
		const story = new Story(BROOK, NOON)
			.weather(weather)
			.rises('nose', 3)
			.fly(6, FLY, 16, 'tied-on')
			.fly(9, FLY, 16, 'refused', { drifts: 4 });
		tell(JSON.stringify(weather), story);
		tell(`${JSON.stringify(weather)}, stout`, story.rig(5, { tippetX: 3 }));
	}
	tell(
		'four flies',
		tried('refused')
			.fly(10, 'flush-stub-wing-emerger-olive', 18, 'refused', { drifts: 3 })
			.fly(11, 'wing-up-cripple-olive', 16, 'refused', { drifts: 3 })
			.fly(12, FLY, 18, 'refused', { drifts: 3 })
	);
	tell('rose since', tried('put-down').riseAt(10, 'nose').riseAt(11, 'nose'));
	tell('rose since, not told', tried('refused', { dragged: 3 }).riseAt(11, 'nose'));
	tell('long silence', tried('refused'), 25);
	tell('another mood', tried('put-down'), 40);
	tell(
		'a lake',
		new Story(LAKE, NOON)
			.fly(6, 'hanging-midge-pupa-charcoal', 18, 'tied-on')
			.fly(9, 'hanging-midge-pupa-charcoal', 18, 'drifted', { drifts: 6 })
	);
	for (const [name, options] of Object.entries({
		size: { school: 'size-first' },
		colour: { school: 'colour-first' },
		presentation: { school: 'presentation-first' },
		larger: { refused: 'larger' },
		patient: { patience: 'thirty-drifts' },
		'with a box': {
			box: [
				{ patternId: FLY, hookSize: 20, count: 1 },
				{ patternId: 'wing-up-cripple-olive', hookSize: 16, count: 2 }
			]
		},
		'long knots': { perKnotM: 0.2 }
	} satisfies Record<string, AdviceOptions>))
		for (const drifts of [1, 9]) tell(`${name}, ${drifts} drifts`, tried('refused', { drifts }), 14, options);
	await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('worked.txt');
});
