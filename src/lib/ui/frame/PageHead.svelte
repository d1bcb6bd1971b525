<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { Snippet } from 'svelte';

	const { say } = useWords(words);

	interface Props {
		title: string;
		detail?: string | undefined;
		/** The detail is a scientific name. */
		scientific?: boolean | undefined;
		/** A way back, on pages below another. */
		back?: { href: string; name: string } | undefined;
		children?: Snippet | undefined;
	}
	let { title, detail = '', scientific = false, back, children }: Props = $props();
</script>

<svelte:head><title>{say('lacewing', { title })}</title></svelte:head>
<header class="px-4 pt-3 md:px-5">
	{#if back}<a class="link quiet text-sm" href={back.href}>{back.name}</a>{/if}
	<div class="flex flex-wrap items-baseline gap-x-4 gap-y-0.5 pb-1.5">
		<h1>{title}</h1>
		{#if detail}<p class={scientific ? 'science text-lg' : 'quiet'}>{detail}</p>{/if}
		{#if children}<div
				class="flex flex-wrap items-baseline gap-x-4 gap-y-0.5 text-sm md:ml-auto md:gap-x-5 md:text-base"
			>
				{@render children()}
			</div>{/if}
	</div>
	<div class="film-rule"></div>
</header>
