<script lang="ts">
	import type { Snippet } from 'svelte';
	import Mark from './Mark.svelte';

	let { title, children }: { title: string; children: Snippet } = $props();
</script>

<svelte:head><title>{title} · Lacewing</title></svelte:head>
<div class="grid min-h-dvh md:grid-cols-[minmax(18rem,2fr)_3fr]">
	<div class="bg-neutral text-neutral-content flex flex-col justify-between gap-6 p-6 md:p-10">
		<div>
			<Mark class="h-12" />
			<p class="mt-4 text-2xl font-bold">Lacewing</p>
			<p class="mt-2 max-w-prose">
				What hatches, what the trout are taking, and which fly to tie on, with the reasons beside it.
			</p>
		</div>
		<p class="hidden text-sm md:block">
			Your places stay yours. Fellow guides see what and when; where, only as far as you choose.
		</p>
	</div>
	<div class="mx-auto w-full max-w-md p-6 md:self-center">
		<h1>{title}</h1>
		<div class="film-rule mt-2 mb-5"></div>
		{@render children()}
	</div>
</div>
