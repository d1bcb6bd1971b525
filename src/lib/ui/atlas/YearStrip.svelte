<script lang="ts">
	let { year, named = false }: { year: readonly number[]; named?: boolean } = $props();
	const LETTERS = ['J', 'F', 'M', 'A', 'M', 'J', 'J', 'A', 'S', 'O', 'N', 'D'];
</script>

<!-- The year as twelve bars, January first. -->
<svg width="100%" height={named ? 64 : 22} class="block" aria-hidden="true">
	{#each year as weight, i (i)}
		{@const tall = (named ? 44 : 20) * weight}
		<rect
			x="{(100 * i) / 12 + 0.6}%"
			width="7.2%"
			y={(named ? 46 : 21) - Math.max(1, tall)}
			height={Math.max(1, tall)}
			fill="var(--color-secondary)"
		/>
		{#if named}<text
				x="{(100 * i) / 12 + 4.2}%"
				y="61"
				text-anchor="middle"
				font-size="12"
				fill="currentColor">{LETTERS[i]}</text
			>{/if}
	{/each}
</svg>
