import { flyWords } from '../tackle';
import { ATTEMPT_OUTCOME_NAMES } from '../vocabulary';
import type { Phrase } from '../units';
import type { SharedRecord } from './record';

/** Each fly of a record once, with what became of it: "wing-up cripple, olive #16: refused, taken × 2". */
export function tellFlies(flies: SharedRecord['flies']): Phrase[] {
	const told = new Map<string, { say: string; hookSize: number; fates: string[] }>();
	for (const fly of flies) {
		const name = flyWords(fly);
		const key = `${name} ${fly.hookSize}`;
		const one = told.get(key) ?? { say: name, hookSize: fly.hookSize, fates: [] };
		// That it was tied on goes without saying.
		if (fly.outcome !== 'tied-on') {
			const fate = ATTEMPT_OUTCOME_NAMES[fly.outcome].toLowerCase();
			one.fates.push(fly.times > 1 ? `${fate} × ${fly.times}` : fate);
		}
		told.set(key, one);
	}
	return [...told.values()].map(({ say, hookSize, fates }) => ({
		say: `{fly} {hook}${fates.length > 0 ? `: ${fates.join(', ')}` : ''}`,
		with: { fly: { text: say }, hook: { hookSize } }
	}));
}
