<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { hexOf } from '$lib/core/figure';
	import { mapped, type CardFit, type PatchColour, type PixelPoint } from '$lib/core/specimen';

	const { say } = useWords(words);

	interface Props {
		/** Of the picture, in pixels; everything else is in its pixels too. */
		size: { width: number; height: number };
		corners: readonly PixelPoint[];
		fit: CardFit | undefined;
		/** Along a body. */
		points: readonly PixelPoint[];
		patches: readonly { at: PixelPoint; colour: PatchColour }[];
		cross: PixelPoint | undefined;
		zoom: number;
		/** The corners can be taken hold of. */
		dragging: boolean;
		onhold: (corner: number) => void;
	}
	let { size, corners, fit, points, patches, cross, zoom, dragging, onhold }: Props = $props();
	const CORNER_NAMES = [say('large-dot'), say('second'), say('third'), say('fourth')];
	const mark = $derived(size.width / 110);
	/** Dots each 10 mm beneath the field, as a check by eye. */
	const rule = $derived.by(() => {
		if (!fit) return [];
		const { toPicture } = fit;
		return [0, 10, 20, 30, 40].map((mm) => mapped(toPicture, { x: 16 + mm, y: 65 }));
	});
</script>

<!-- What was found and drawn on a picture, over it. -->
<svg
	class="pointer-events-none absolute inset-0 h-full w-full"
	viewBox="0 0 {size.width} {size.height}"
	aria-hidden="true"
>
	{#if corners.length === 4}
		<polygon
			points={corners.map(({ x, y }) => `${x},${y}`).join(' ')}
			fill="none"
			stroke={fit ? '#0a5c63' : '#a8431a'}
			stroke-width={mark / 4}
			stroke-dasharray={fit ? '' : `${mark} ${mark}`}
		/>
	{/if}
	{#each rule as { x, y } (x)}<circle cx={x} cy={y} r={mark / 5} fill="#0a5c63" />{/each}
	{#if points.length > 0}
		<polyline
			points={points.map(({ x, y }) => `${x},${y}`).join(' ')}
			fill="none"
			stroke="#ffd23f"
			stroke-width={mark / 6 / zoom}
		/>
		{#each points as { x, y }, i (i)}<circle
				cx={x}
				cy={y}
				r={mark / 2.5 / zoom}
				fill="none"
				stroke="#ffd23f"
				stroke-width={mark / 6 / zoom}
			/>{/each}
	{/if}
	{#each patches as patch (patch.at)}
		<circle
			cx={patch.at.x}
			cy={patch.at.y}
			r={mark / 2.2 / zoom}
			fill={hexOf(patch.colour.lab)}
			stroke="#fff"
			stroke-width={mark / 5 / zoom}
		/>
	{/each}
	{#if cross}
		<path
			d="M{cross.x - mark} {cross.y}h{2 * mark}M{cross.x} {cross.y - mark}v{2 * mark}"
			stroke="#0a5c63"
			stroke-width={mark / 10}
		/>
	{/if}
	{#if dragging}
		{#each corners as { x, y }, i (i)}
			<circle
				class="pointer-events-auto cursor-grab touch-none"
				cx={x}
				cy={y}
				r={mark * 2}
				fill="#a8431a"
				fill-opacity="0.25"
				stroke="#a8431a"
				stroke-width={mark / 3}
				role="button"
				tabindex="-1"
				aria-label={say('corner-ring', { corner: CORNER_NAMES[i] ?? '' })}
				onpointerdown={() => onhold(i)}
			/>
		{/each}
	{/if}
</svg>
