<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { untrack } from 'svelte';
	import { typedMeasure, type Measure } from '$lib/core/units';
	import type { Quantity } from '$lib/core/message';

	interface Props {
		id?: string | undefined;
		/** Its name, where no label stands beside it. */
		label?: string | undefined;
		/** In the core's units; undefined until somebody has typed or stepped. */
		value: number | undefined;
		/** What it is a number of: how it is written, and how what is typed is read. */
		measure: Measure;
		/** Shown until there is a value. */
		usual: number;
		least: number;
		most: number;
		/** Says what is wrong with what was typed; empty when nothing is. */
		ontrouble: (trouble: string) => void;
		class?: string | undefined;
	}
	let {
		id,
		label,
		value = $bindable(),
		measure,
		usual,
		least,
		most,
		ontrouble,
		class: classes = ''
	}: Props = $props();
	const { show, units, say } = useWords(words);
	const written = (number: number) => show({ [measure]: number } as unknown as Quantity);
	/** While it is being typed, or as long as it does not read. */
	let typing = $state<string>();
	let wrong = $state(false);

	function troubleWith(text: string): string {
		const read = typedMeasure(measure, text, units());
		if (read === undefined) return say('does-not-read-type', { text: text.trim(), written: written(usual) });
		return read < least || read > most
			? say('is-outside-to', { written: written(read), written2: written(least), written3: written(most) })
			: '';
	}
	/** What there was before it was typed over, and what came of typing. */
	let before: number | undefined;
	let own = untrack(() => value);
	/** Taken letter by letter, since not every device leaves a field when a button is tapped. */
	function type(text: string) {
		if (typing === undefined) before = value;
		typing = text;
		own = text.trim() !== '' && troubleWith(text) === '' ? typedMeasure(measure, text, units()) : before;
		value = own;
	}
	function leave() {
		if (typing === undefined) return;
		const trouble = typing.trim() === '' ? '' : troubleWith(typing);
		wrong = trouble !== '';
		if (!wrong) typing = undefined;
		ontrouble(trouble);
	}
	// Stepped or cleared meanwhile: what was typed is gone.
	$effect(() => {
		if (value === own) return;
		own = value;
		[typing, wrong] = [undefined, false];
		untrack(() => ontrouble(''));
	});
</script>

<input
	{id}
	type="text"
	inputmode={least < 0 ? 'text' : 'decimal'}
	autocomplete="off"
	class="border-base-300 min-h-12 w-full rounded border text-center font-mono placeholder:text-(--quiet) {value ===
	undefined
		? 'quiet'
		: 'font-semibold'} {classes}"
	aria-label={label}
	aria-invalid={wrong}
	placeholder="{written(usual)}?"
	value={typing ?? (value === undefined ? '' : written(value))}
	onfocus={({ currentTarget }) => currentTarget.select()}
	oninput={({ currentTarget }) => type(currentTarget.value)}
	onblur={leave}
	onkeydown={(event) => {
		if (event.key === 'Enter') {
			event.preventDefault();
			leave();
		}
	}}
/>
