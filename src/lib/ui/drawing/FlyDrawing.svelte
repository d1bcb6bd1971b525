<script lang="ts">
	import { drawFly } from '$lib/core/figure';
	import type { Pattern } from '$lib/core/tackle';
	import FigureView from './FigureView.svelte';

	interface Props {
		pattern: Pattern;
		hookSize: number;
		class?: string | undefined;
	}
	let { pattern, hookSize, class: classes = '' }: Props = $props();
	const figure = $derived(drawFly(pattern, hookSize));
</script>

<FigureView {figure} filmY={figure.filmY} class={classes} />
