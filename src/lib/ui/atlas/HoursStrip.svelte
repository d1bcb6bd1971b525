<script lang="ts">
	import type { HourWindow } from '$lib/core/atlas';

	/** A day by the sun, midnight to midnight, with when something happens in it. */
	let { windows, fill }: { windows: readonly HourWindow[]; fill: string } = $props();
	const x = (hour: number) => (100 * Math.min(24, Math.max(0, hour))) / 24;
</script>

<svg width="100%" height="14" class="block" aria-hidden="true">
	<rect width="100%" height="14" fill="var(--color-base-200)" />
	{#each [6, 12, 18] as hour (hour)}
		<line x1="{x(hour)}%" x2="{x(hour)}%" y1="0" y2="14" stroke="var(--color-base-300)" />
	{/each}
	{#each windows as { from, peak, to } (from)}
		<rect x="{x(from)}%" width="{x(to) - x(from)}%" y="5" height="4" {fill} opacity="0.55" />
		<rect
			x="{x((from + peak) / 2)}%"
			width="{x((peak + to) / 2) - x((from + peak) / 2)}%"
			y="2"
			height="10"
			rx="2"
			{fill}
		/>
	{/each}
</svg>
