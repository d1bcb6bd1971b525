<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		label: string | Snippet;
		/** How it lies among others. */
		class?: string;
		/** What is filled in, and what is wrong with it. */
		children: Snippet;
	}
	let { label, class: place = '', children }: Props = $props();
</script>

<label class="grid content-start gap-1 {place}">
	{#if typeof label === 'string'}
		<span class="text-sm font-semibold">{label}</span>
	{:else}{@render label()}{/if}
	{@render children()}
</label>
