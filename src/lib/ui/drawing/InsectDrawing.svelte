<script lang="ts">
	import type { LifeStage } from '$lib/core/atlas';
	import { drawInsect } from '$lib/core/figure';
	import FigureView from './FigureView.svelte';

	interface Props {
		taxonId: string;
		stage: LifeStage;
		lengthMm?: number | undefined;
		scale?: number | undefined;
		class?: string | undefined;
	}
	let { taxonId, stage, lengthMm, scale, class: classes = '' }: Props = $props();
	const figure = $derived(drawInsect(taxonId, stage, lengthMm));
</script>

<FigureView {figure} {scale} class={classes} />
