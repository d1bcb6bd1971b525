<script lang="ts">
	import { drawMark } from '$lib/core/figure';
	import type { MarkId } from '$lib/core/key';
	import FigurePaths from './FigurePaths.svelte';

	interface Props {
		mark: MarkId;
		state: string;
		class?: string | undefined;
	}
	let { mark, state, class: classes = '' }: Props = $props();
	const figure = $derived(drawMark(mark, state));
	const { right, bottom } = $derived(figure.bounds);
</script>

<svg viewBox="0 0 {right} {bottom}" class="figure {classes}" aria-hidden="true">
	<FigurePaths paths={figure.paths} />
</svg>
