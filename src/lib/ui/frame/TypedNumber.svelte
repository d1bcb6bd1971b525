<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
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

	function troubleWith(text: string): string {
		const read = typedMeasure(measure, text, units());
		if (read === undefined) return say('does-not-read-type', { text: text.trim(), written: written(usual) });
		return read < least || read > most
			? say('is-outside-to', { written: written(read), written2: written(least), written3: written(most) })
			: '';
	}
	/**
	 * What is being typed, or does not read: over which value, and what came of it. A value that comes from elsewhere
	 * meanwhile, stepped or cleared, leaves nothing of it.
	 */
	let typed = $state.raw<{
		text: string;
		over: number | undefined;
		made: number | undefined;
		wrong: boolean;
	}>();
	const typing = $derived(typed && typed.made === value ? typed : undefined);
	/** Taken letter by letter, since not every device leaves a field when a button is tapped. */
	function type(text: string) {
		const over = typing ? typing.over : value;
		const reads = text.trim() !== '' && troubleWith(text) === '';
		const made = reads ? typedMeasure(measure, text, units()) : over;
		typed = { text, over, made, wrong: false };
		value = made;
	}
	function leave() {
		if (!typing) return;
		const trouble = typing.text.trim() === '' ? '' : troubleWith(typing.text);
		typed = trouble === '' ? undefined : { ...typing, wrong: true };
		ontrouble(trouble);
	}
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
	aria-invalid={typing?.wrong ?? false}
	placeholder="{written(usual)}?"
	value={typing?.text ?? (value === undefined ? '' : written(value))}
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
