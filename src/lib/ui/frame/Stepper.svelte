<script lang="ts">
	import { typedMeasure, type Measure, type Quantity } from '$lib/core';
	import { useUnits } from '../units';

	interface Props {
		label: string;
		/** In the core's units; undefined until somebody has stepped or typed. */
		value: number | undefined;
		/** What it is a number of: how it is written, and how what is typed is read. */
		measure: Measure;
		/** Where the first step starts from. */
		usual: number;
		/** Small and large step, in the core's units. */
		steps: readonly [small: number, large: number];
		least: number;
		most: number;
	}
	let { label, value = $bindable(), measure, usual, steps, least, most }: Props = $props();
	const { show, units } = useUnits();
	const id = $props.id();
	const written = (number: number) => show({ [measure]: number } as unknown as Quantity);
	/** While it is being typed. */
	let typing = $state<string>();
	let trouble = $state('');

	function step(by: number) {
		const from = value ?? usual;
		// Steps land on whole multiples, so that 8.13 does not stay 8.13 for ever.
		const small = steps[0];
		const next = Math.round((from + by) / small) * small;
		set(Math.min(most, Math.max(least, Number(next.toFixed(4)))));
	}
	function set(next: number | undefined) {
		[value, typing, trouble] = [next, undefined, ''];
	}
	function typed() {
		if (typing === undefined) return;
		if (typing.trim() === '') return set(value);
		const read = typedMeasure(measure, typing, units());
		if (read === undefined) trouble = `“${typing.trim()}” does not read: type it like ${written(usual)}.`;
		else if (read < least || read > most)
			trouble = `${written(read)} is outside ${written(least)} to ${written(most)}.`;
		else set(read);
	}
</script>

<div role="group" aria-label={label}>
	<div class="mb-1 flex items-baseline justify-between">
		<label class="font-semibold" for={id}>{label}</label>
		{#if value === undefined}
			<button type="button" class="link quiet text-sm" onclick={() => set(usual)}
				>As usual, {written(usual)}</button
			>
		{:else}
			<button type="button" class="link quiet text-sm" onclick={() => set(undefined)}
				>Clear<span class="sr-only"> {label}</span></button
			>
		{/if}
	</div>
	<div class="grid grid-cols-[1fr_1fr_minmax(5.5rem,1.6fr)_1fr_1fr] gap-1">
		<button type="button" class="pad" aria-label="{label}: much less" onclick={() => step(-steps[1])}
			>−−</button
		>
		<button type="button" class="pad" aria-label="{label}: less" onclick={() => step(-steps[0])}>−</button>
		<input
			{id}
			type="text"
			inputmode={least < 0 ? 'text' : 'decimal'}
			autocomplete="off"
			class="border-base-300 min-h-12 w-full rounded border text-center font-mono text-lg placeholder:text-(--quiet) {value ===
			undefined
				? 'quiet'
				: 'font-semibold'}"
			aria-invalid={trouble !== ''}
			placeholder="{written(usual)}?"
			value={typing ?? (value === undefined ? '' : written(value))}
			onfocus={({ currentTarget }) => currentTarget.select()}
			oninput={({ currentTarget }) => (typing = currentTarget.value)}
			onchange={typed}
			onblur={typed}
			onkeydown={(event) => {
				if (event.key === 'Enter') {
					event.preventDefault();
					typed();
				}
			}}
		/>
		<button type="button" class="pad" aria-label="{label}: more" onclick={() => step(steps[0])}>+</button>
		<button type="button" class="pad" aria-label="{label}: much more" onclick={() => step(steps[1])}
			>++</button
		>
	</div>
	{#if trouble}<p role="alert" class="text-error mt-1 text-sm font-semibold">{trouble}</p>{/if}
</div>
