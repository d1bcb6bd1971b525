<script lang="ts">
	import { untrack } from 'svelte';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { Measure } from '$lib/core/units';
	import type { Quantity } from '$lib/core/message';
	import TypedNumber from './TypedNumber.svelte';

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
	const { show, say } = useWords(words);
	const id = $props.id();
	/** What was wrong with what was typed, as long as the value is the one it was typed over. */
	let trouble = $state.raw({ said: '', over: untrack(() => value) });

	function step(by: number) {
		const from = value ?? usual;
		// Steps land on whole multiples, so that 8.13 does not stay 8.13 for ever.
		const small = steps[0];
		const next = Math.round((from + by) / small) * small;
		value = Math.min(most, Math.max(least, Number(next.toFixed(4))));
	}
</script>

<div role="group" aria-label={label}>
	<div class="mb-1 flex items-baseline justify-between">
		<label class="font-semibold" for={id}>{label}</label>
		{#if value === undefined}
			<button type="button" class="link quiet text-sm" onclick={() => (value = usual)}
				>{say('as-usual', { value: show({ [measure]: usual } as unknown as Quantity) })}</button
			>
		{:else}
			<button type="button" class="link quiet text-sm" onclick={() => (value = undefined)}
				>{say('clear')} <span class="sr-only">{label}</span></button
			>
		{/if}
	</div>
	<div class="grid grid-cols-[1fr_1fr_minmax(5.5rem,1.6fr)_1fr_1fr] gap-1">
		<button type="button" class="pad" aria-label={say('much-less', { label })} onclick={() => step(-steps[1])}
			>−−</button
		>
		<button type="button" class="pad" aria-label={say('less', { label })} onclick={() => step(-steps[0])}
			>−</button
		>
		<TypedNumber
			{id}
			bind:value
			{measure}
			{usual}
			{least}
			{most}
			ontrouble={(said) => (trouble = { said, over: value })}
			class="text-lg"
		/>
		<button type="button" class="pad" aria-label={say('more', { label })} onclick={() => step(steps[0])}
			>+</button
		>
		<button type="button" class="pad" aria-label={say('much-more', { label })} onclick={() => step(steps[1])}
			>++</button
		>
	</div>
	{#if trouble.said && trouble.over === value}<p role="alert" class="text-error mt-1 text-sm font-semibold">
			{trouble.said}
		</p>{/if}
</div>
