<script lang="ts">
	import type { Snippet } from 'svelte';

	/** The file of a part of a page, and the part as it looks. */
	let { file, children }: { file: string; children: Snippet } = $props();
</script>

<figure class="border-base-300 min-w-0 overflow-hidden border-b p-3">
	<figcaption class="quiet mb-2 font-mono text-xs">{file}</figcaption>
	{@render children()}
</figure>
