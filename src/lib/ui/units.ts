import { getContext, setContext } from 'svelte';
import {
	METRIC,
	sayPhrase,
	showQuantity,
	showRange,
	type Phrase,
	type Quantity,
	type UnitSettings
} from '$lib/core/units';

const KEY = Symbol('units');

/** Gives the guide's units to everything below. */
export const provideUnits = (units: () => UnitSettings): void => void setContext(KEY, units);

/** Writers of numbers and sentences in the guide's units. */
export function useUnits(): {
	show: (quantity: Quantity) => string;
	range: (from: Quantity, to: Quantity) => string;
	say: (phrase: Phrase) => string;
	units: () => UnitSettings;
} {
	const units = getContext<(() => UnitSettings) | undefined>(KEY) ?? (() => METRIC);
	return {
		units,
		show: (quantity) => showQuantity(quantity, units()),
		range: (from, to) => showRange(from, to, units()),
		say: (phrase) => sayPhrase(phrase, units())
	};
}
