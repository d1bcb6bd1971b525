<script lang="ts">
	interface Props {
		label: string;
		/** In the core's units; undefined until somebody has stepped. */
		value: number | undefined;
		/** Where the first step starts from. */
		usual: number;
		/** Small and large step, in the core's units. */
		steps: readonly [small: number, large: number];
		least: number;
		most: number;
		show: (value: number) => string;
	}
	let { label, value = $bindable(), usual, steps, least, most, show }: Props = $props();

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
		<span class="font-semibold">{label}</span>
		{#if value !== undefined}
			<button type="button" class="link quiet text-xs" onclick={() => (value = undefined)}>not noted</button>
		{/if}
	</div>
	<div class="grid grid-cols-[1fr_1fr_minmax(5.5rem,1.6fr)_1fr_1fr] gap-1">
		<button type="button" class="pad" aria-label="{label}: much less" onclick={() => step(-steps[1])}
			>−−</button
		>
		<button type="button" class="pad" aria-label="{label}: less" onclick={() => step(-steps[0])}>−</button>
		<button
			type="button"
			class="border-base-300 min-h-12 rounded border text-center font-mono text-lg {value === undefined
				? 'quiet'
				: 'font-semibold'}"
			aria-label="{label}: {value === undefined ? `not noted; take ${show(usual)}` : show(value)}"
			aria-live="polite"
			onclick={() => (value ??= usual)}
		>
			{value === undefined ? `${show(usual)}?` : show(value)}
		</button>
		<button type="button" class="pad" aria-label="{label}: more" onclick={() => step(steps[0])}>+</button>
		<button type="button" class="pad" aria-label="{label}: much more" onclick={() => step(steps[1])}
			>++</button
		>
	</div>
</div>
