<script lang="ts">
	import type { Figure } from '$lib/core/figure';

	let { paths }: { paths: Figure['paths'] } = $props();
</script>

{#each paths as path, i (i)}
	<path
		d={path.d}
		fill={path.fill}
		stroke={path.stroke}
		stroke-width={path.width}
		opacity={path.opacity}
		stroke-linecap="round"
		stroke-linejoin="round"
	/>
{/each}
