<script lang="ts">
	import type { Figure } from '$lib/core/figure';
	import FigurePaths from './FigurePaths.svelte';

	interface Props {
		figure: Figure;
		/** Pixels per mm; left out, the drawing fills its box. */
		scale?: number | undefined;
		/** Height in mm at which to draw the film. */
		filmY?: number | undefined;
		class?: string | undefined;
	}
	let { figure, scale, filmY, class: classes = '' }: Props = $props();

	const box = $derived.by(() => {
		const { left, right } = figure.bounds;
		const top = Math.min(figure.bounds.top, filmY ?? Infinity);
		const bottom = Math.max(figure.bounds.bottom, filmY ?? -Infinity);
		const edge = (right - left) * 0.04;
		return { x: left - edge, y: top - edge, width: right - left + 2 * edge, height: bottom - top + 2 * edge };
	});
</script>

<svg
	viewBox="{box.x} {box.y} {box.width} {box.height}"
	width={scale ? box.width * scale : undefined}
	height={scale ? box.height * scale : undefined}
	class="figure {classes}"
	aria-hidden="true"
	overflow="visible"
>
	{#if filmY !== undefined}
		<line
			x1={box.x - 400}
			x2={box.x + box.width + 400}
			y1={filmY}
			y2={filmY}
			stroke="#0a5c63"
			stroke-width="1.5"
			vector-effect="non-scaling-stroke"
		/>
	{/if}
	<FigurePaths paths={figure.paths} />
</svg>
