import { getContext, setContext } from 'svelte';
import {
	ENGLISH,
	METRIC,
	sayMessage,
	showQuantity,
	showRange,
	type Language,
	type Message,
	type Quantity,
	type Reader,
	type UnitSettings,
	type Values,
	type Words
} from '$lib/core/message';

const KEY = Symbol('reader');

/** Gives the guide's units and language to everything below. */
export function provideReader(units: () => UnitSettings, language: () => Language = () => ENGLISH): void {
	setContext<() => Required<Reader>>(KEY, () => ({ units: units(), language: language() }));
}

/** In whose units and language is written here; call it while a component begins. */
export const readerHere = (): (() => Required<Reader>) =>
	getContext<(() => Required<Reader>) | undefined>(KEY) ?? (() => ({ units: METRIC, language: ENGLISH }));

/** Writers of numbers and sentences for the guide who looks. */
export interface Writers<Key extends string> {
	show: (quantity: Quantity) => string;
	range: (from: Quantity, to: Quantity) => string;
	/** A sentence of this part of the catalogue by its key, or a message from elsewhere. */
	say: (sentence: Key | Message, values?: Values) => string;
	units: () => UnitSettings;
}

/**
 * What a component writes with; call it while the component begins.
 *
 * @param words the part of the catalogue that it says by key
 */
export function useWords<Key extends string = never>(words?: Words<Key>): Writers<Key> {
	const reader = readerHere();
	return {
		units: () => reader().units,
		show: (quantity) => showQuantity(quantity, reader()),
		range: (from, to) => showRange(from, to, reader()),
		say: (sentence, values) => {
			if (typeof sentence !== 'string') return sayMessage(sentence, reader());
			if (!words) throw new Error(`There is no catalogue for "${sentence}".`);
			return sayMessage(words(sentence, values), reader());
		}
	};
}
