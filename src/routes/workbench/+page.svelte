<script lang="ts">
	import type { PageData } from './$types';
	import Parts from './Parts.svelte';

	let { data }: { data: PageData } = $props();
	const LIGHTS = ['bankside', 'dusk', 'glare'] as const;
</script>

<div class="grid grid-cols-[repeat(3,minmax(44rem,1fr))] items-start overflow-x-auto">
	{#each LIGHTS as light (light)}
		<section data-theme={light} aria-label={light} class="bg-base-100 text-base-content min-w-0">
			<Parts {data} name={light} />
		</section>
	{/each}
</div>
