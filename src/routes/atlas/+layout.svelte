<script lang="ts">
	import type { Snippet } from 'svelte';
	import { speakAsIn } from '$lib/ui/atlas/dialect';
	import type { LayoutData } from './$types';

	let { data, children }: { data: LayoutData; children: Snippet } = $props();
	speakAsIn(() => data.region);
</script>

{@render children()}
