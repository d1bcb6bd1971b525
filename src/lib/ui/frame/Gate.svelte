<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { Snippet } from 'svelte';
	import Mark from './Mark.svelte';

	const { say } = useWords(words);

	let { title, children }: { title: string; children: Snippet } = $props();
</script>

<svelte:head><title>{say('lacewing', { title })}</title></svelte:head>
<div class="grid min-h-dvh md:grid-cols-[minmax(18rem,2fr)_3fr]">
	<div class="bg-neutral text-neutral-content flex flex-col justify-between gap-6 p-6 md:p-10">
		<div>
			<Mark class="h-12" />
			<p class="mt-4 text-2xl font-bold">{say('lacewing-2')}</p>
			<p class="mt-2 max-w-prose">
				{say('what-hatches-what-the')}
			</p>
		</div>
		<p class="hidden text-sm md:block">
			{say('your-places-stay-yours')}
		</p>
	</div>
	<div class="mx-auto w-full max-w-md p-6 md:self-center">
		<h1>{title}</h1>
		<div class="film-rule mt-2 mb-5"></div>
		{@render children()}
	</div>
</div>
