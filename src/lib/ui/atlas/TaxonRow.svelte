<script lang="ts">
	import { joined } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import catalogue from './words';
	import {
		namesFound,
		regionName,
		STAGE_NAMES,
		yearOf,
		type GuidesName,
		type Region,
		type Taxon,
		naturalName
	} from '$lib/core/atlas';
	import InsectDrawing from '../drawing/InsectDrawing.svelte';
	import YearStrip from './YearStrip.svelte';

	interface Props {
		taxon: Taxon;
		/** What was searched for: the local names that hold it are shown with where they are used. */
		words?: string | undefined;
		names?: readonly GuidesName[] | undefined;
		/** Whose year is shown. */
		region?: Region | undefined;
	}
	let { taxon, words = '', names = [], region }: Props = $props();
	const local = $derived(namesFound(words, taxon.id));
	const own = $derived(names.filter(({ taxonId }) => taxonId === taxon.id));
	const { show, say } = useWords(catalogue);
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
			<span class="block leading-tight font-bold">{say(naturalName(taxon.id))}</span>
			<span class="science block text-sm">{taxon.scientificName}</span>
			{#each local as { name, regions } (name)}
				<span class="block text-xs"
					><b>{name}</b>
					{say('in-regions', { regions: joined(', ', ...regions.map((region) => regionName(region))) })}</span
				>
			{/each}
			{#each own as { id, name, circle } (id)}
				<span class="block text-xs"
					><b>{name}</b> {circle ? say('in-circle', { circle }) : say('to-you')}</span
				>
			{/each}
			<span class="quiet block text-xs">
				{say(joined(', ', ...taxon.stages.map(({ stage }) => STAGE_NAMES[stage])))} · {show({
					lengthMm: Math.min(...lengths)
				})}{Math.max(...lengths) > Math.min(...lengths)
					? say('to', { lengthMm: show({ lengthMm: Math.max(...lengths) }) })
					: ''}
			</span>
		</span>
		<YearStrip year={yearOf(taxon, region)} />
	</a>
</li>
