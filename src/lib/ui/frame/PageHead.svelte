<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		title: string;
		detail?: string;
		/** A way back, on pages below another. */
		back?: { href: string; name: string };
		children?: Snippet;
	}
	let { title, detail = '', back, children }: Props = $props();
</script>

<svelte:head><title>{title} · Lacewing</title></svelte:head>
<header class="px-4 pt-3 md:px-5">
	{#if back}<a class="link quiet text-sm" href={back.href}>{back.name}</a>{/if}
	<div class="flex flex-wrap items-baseline gap-x-4 gap-y-1 pb-2">
		<h1>{title}</h1>
		{#if detail}<p class="quiet">{detail}</p>{/if}
		{#if children}<div class="ml-auto flex flex-wrap items-baseline gap-x-5 gap-y-1">{@render children()}</div>{/if}
	</div>
	<div class="film-rule"></div>
</header>
