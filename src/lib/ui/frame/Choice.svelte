<script lang="ts" generics="Value">
	import type { Snippet } from 'svelte';
	import type { HTMLSelectAttributes } from 'svelte/elements';
	import Field from './Field.svelte';

	interface Props extends Omit<HTMLSelectAttributes, 'value' | 'class'> {
		label: string | Snippet;
		/** The label is read, and not shown: what stands beside it says as much. */
		unseen?: boolean;
		value?: Value;
		/** How it lies among others. */
		class?: string;
		/** Its options. */
		children: Snippet;
	}
	let { label, unseen = false, value = $bindable(), class: place = '', children, ...rest }: Props = $props();
</script>

{#snippet select()}
	<select
		class="select h-12 w-full {unseen ? place : ''}"
		aria-label={unseen && typeof label === 'string' ? label : undefined}
		bind:value
		{...rest}
	>
		{@render children()}
	</select>
{/snippet}

{#if unseen}
	{@render select()}
{:else}
	<Field {label} class={place}>{@render select()}</Field>
{/if}
