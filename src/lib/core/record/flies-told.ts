import { joined, sayMessage, within, words, type Message } from '../message';
import { flyWords } from '../tackle';
import { ATTEMPT_OUTCOME_NAMES } from '../vocabulary';
import type { SharedRecord } from './record';

const says = words('flies-told', {
	fly: '{fly} {hook}',
	'with-fates': '{fly} {hook}: {fates}',
	fate: '{fate}{times, plural, one {} other { × #}}'
});

/** Each fly of a record once, with what became of it: "wing-up cripple, olive #16: refused, taken × 2". */
export function tellFlies(flies: SharedRecord['flies']): Message[] {
	const told = new Map<string, { fly: Message; hookSize: number; fates: Message[] }>();
	for (const fly of flies) {
		const name = flyWords(fly);
		const key = `${sayMessage(name)} ${fly.hookSize}`;
		const one = told.get(key) ?? { fly: name, hookSize: fly.hookSize, fates: [] };
		// That it was tied on goes without saying.
		if (fly.outcome !== 'tied-on')
			one.fates.push(says('fate', { fate: within(ATTEMPT_OUTCOME_NAMES[fly.outcome]), times: fly.times }));
		told.set(key, one);
	}
	return [...told.values()].map(({ fly, hookSize, fates }) =>
		fates.length === 0
			? says('fly', { fly, hook: { hookSize } })
			: says('with-fates', { fly, hook: { hookSize }, fates: joined(', ', ...fates) })
	);
}
