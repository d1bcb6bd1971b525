<script lang="ts">
	import '../app.css';
	import { untrack, type Snippet } from 'svelte';
	import { setClock } from '$lib/ui/clock';
	import Rail from '$lib/ui/frame/Rail.svelte';
	import { provideUnits } from '$lib/ui/units';
	import type { LayoutData } from './$types';

	let { data, children }: { data: LayoutData; children: Snippet } = $props();
	provideUnits(() => data.settings);
	untrack(() => setClock(data.now));
	$effect.pre(() => setClock(data.now));
	$effect(() => {
		document.documentElement.dataset['theme'] = data.settings.theme;
	});
</script>

{#if data.me}
	<div class="desk:flex">
		<div class="contents print:hidden"><Rail /></div>
		<main class="desk:pb-0 aside:pb-0 aside:pl-16 min-w-0 flex-1 pb-16">{@render children()}</main>
	</div>
{:else}
	<main>{@render children()}</main>
{/if}
