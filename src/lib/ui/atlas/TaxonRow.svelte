<script lang="ts">
	import { naturalName, STAGE_NAMES, yearOf, type Taxon } from '$lib/core';
	import InsectDrawing from '../drawing/InsectDrawing.svelte';
	import { useUnits } from '../units';
	import YearStrip from './YearStrip.svelte';

	let { taxon }: { taxon: Taxon } = $props();
	const { show } = useUnits();
	/** The stage that shows best what it is: winged where there are wings. */
	const shown = $derived(
		taxon.stages.find(({ stage }) => stage === 'dun' || stage === 'adult') ?? taxon.stages[0]
	);
	const lengths = $derived(taxon.stages.map(({ lengthMm }) => lengthMm.typical));
</script>

<li class="border-base-300 border-b">
	<a
		class="hover:bg-base-200 grid min-h-16 grid-cols-[6.5rem_1fr_5.5rem] items-center gap-3 px-1 py-1.5"
		href="/atlas/{taxon.id}"
	>
		<span class="flex h-13 items-center justify-center overflow-hidden">
			{#if shown}<InsectDrawing
					taxonId={taxon.id}
					stage={shown.stage}
					scale={Math.min(4, 90 / (1.6 * shown.lengthMm.typical))}
					class="max-h-13 max-w-full"
				/>{/if}
		</span>
		<span class="min-w-0">
			<span class="block leading-tight font-bold">{naturalName(taxon.id)}</span>
			<span class="science block text-sm">{taxon.scientificName}</span>
			<span class="quiet block text-xs">
				{taxon.stages.map(({ stage }) => STAGE_NAMES[stage]).join(', ')} · {show({
					lengthMm: Math.min(...lengths)
				})}{Math.max(...lengths) > Math.min(...lengths)
					? ` to ${show({ lengthMm: Math.max(...lengths) })}`
					: ''}
			</span>
		</span>
		<YearStrip year={yearOf(taxon)} />
	</a>
</li>
