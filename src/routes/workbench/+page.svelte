<script lang="ts">
	import type { PageData } from './$types';
	import Parts from './Parts.svelte';

	let { data }: { data: PageData } = $props();
	const LIGHTS = ['bankside', 'dusk', 'glare'] as const;
</script>

<div class="grid grid-cols-3 items-start">
	{#each LIGHTS as light (light)}
		<section data-theme={light} aria-label={light} class="bg-base-100 text-base-content min-w-0">
			<Parts {data} name={light} />
		</section>
	{/each}
</div>
