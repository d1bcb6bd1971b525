<script lang="ts">
	interface Props {
		legend: string;
		name: string;
		choices: readonly { value: string; label: string; hint?: string }[];
		value: string;
		columns?: string | undefined;
		onchange?: ((value: string) => void) | undefined;
	}
	let { legend, name, choices, value = $bindable(), columns = 'grid-cols-3', onchange }: Props = $props();
</script>

<fieldset>
	<legend class="mb-1 font-semibold">{legend}</legend>
	<div class="grid gap-1.5 {columns}">
		{#each choices as choice (choice.value)}
			<label class="pad text-sm">
				<input
					type="radio"
					class="sr-only"
					{name}
					value={choice.value}
					bind:group={value}
					onchange={() => onchange?.(choice.value)}
				/>
				<span
					><span>{choice.label}</span>{#if choice.hint}<span class="block text-xs font-normal"
							>{choice.hint}</span
						>{/if}</span
				>
			</label>
		{/each}
	</div>
</fieldset>
