<script lang="ts">
	import type { RiseForm } from '$lib/core/vocabulary';

	let { form, class: classes = '' }: { form: RiseForm; class?: string } = $props();
</script>

<!-- What breaks the film, and how; the film is the horizontal line. -->
<svg
	viewBox="0 0 64 36"
	class={classes}
	aria-hidden="true"
	fill="none"
	stroke="currentColor"
	stroke-width="2"
	stroke-linecap="round"
	stroke-linejoin="round"
>
	{#if form === 'nose'}
		<path d="M4 24h22M38 24h22" /><path d="M27 24c1-6 9-6 10 0Z" fill="currentColor" />
		<path d="M20 29c8 3 16 3 24 0" stroke-width="1.4" />
	{:else if form === 'head-back-tail'}
		<path d="M4 24h56" /><path d="M9 24c1-6 9-6 10 0ZM25 24c3-8 11-8 14 0Z" fill="currentColor" /><path
			d="M47 24l3-12 5 6-2 6Z"
			fill="currentColor"
		/>
	{:else if form === 'bulge'}
		<path d="M4 24c12 0 16-10 28-10s16 10 28 10" /><path d="M23 28c3-6 15-6 18 0Z" fill="currentColor" />
	{:else if form === 'splash'}
		<path d="M4 26h18M42 26h18" /><path d="M24 24 17 12M29 22l-3-13M35 22l3-13M40 24l7-12" />
	{:else if form === 'crash'}
		<path d="M4 28h12M48 28h12" /><g stroke-width="3.4"
			><path d="M18 25 9 12M25 23 20 6M32 22V4M39 23l5-17M46 25l9-13" /></g
		>
	{:else if form === 'leap'}
		<path d="M4 31h56" /><path d="M18 15c6-7 18-7 24 0l8-5-2 6 2 6-8-4c-6 5-18 5-24-3Z" fill="currentColor" />
	{:else if form === 'weaving'}
		<path d="M4 7h56" /><path d="M8 24c6-8 12 8 18 0s12 8 18 0 9 5 12 0" stroke-dasharray="3 4" />
	{:else if form === 'broke-film'}
		<path d="M4 24h16M44 24h16" /><path d="M22 24c2-5 5-5 6 0M36 24c2-5 5-5 6 0M28 15l-3-7M36 15l3-7" />
	{:else if form === 'lifted'}
		<path d="M4 10h56" /><path d="M16 30c8-1 14-5 18-11M28 19l7-2 0 7" />
	{:else}
		<path d="M4 24h18M42 24h18" /><path d="M27 14c0-7 11-7 11 0 0 5-6 4-6 10" /><path
			d="M32 30v.5"
			stroke-width="3"
		/>
	{/if}
</svg>
