<script lang="ts">
	import {
		findTaxon,
		GROUP_NAMES,
		GROUPS,
		likelyNaturals,
		methodsReaching,
		naturalName,
		TAXA,
		zoneOf,
		type Belief,
		type Group,
		type LifeStage,
		type SampleMethod,
		type StageTraits,
		type Taxon
	} from '$lib/core';
	import InsectDrawing from '../drawing/InsectDrawing.svelte';

	interface Props {
		/** The reading in hand: its likeliest naturals come first. */
		beliefs: readonly Belief[];
		/** How it was sampled, or seen by eye: the likeliest come first. */
		method: SampleMethod | 'eye';
		/** How many of one are on the tray already, where there is a tray. */
		counted?: (taxonId: string, stage: LifeStage) => number;
		onpick: (taxonId: string, stage: LifeStage) => void;
	}
	let { beliefs, method, counted, onpick }: Props = $props();
	let group = $state<Group | 'likely'>('likely');

	const MOST = 9;
	const likely = $derived(likelyNaturals(beliefs, method, MOST));
	const inReach = (taxon: Taxon, traits: StageTraits) =>
		method === 'eye' || method === 'throat' || methodsReaching(zoneOf(taxon, traits)).includes(method);
	const shown = $derived(
		group === 'likely'
			? likely
			: TAXA.filter((taxon) => taxon.group === group).flatMap((taxon) =>
					taxon.stages
						.filter((traits) => inReach(taxon, traits))
						.map(({ stage }) => ({ taxonId: taxon.id, stage }))
				)
	);
</script>

<div class="mb-2 flex gap-1 overflow-x-auto" role="group" aria-label="Group">
	<button
		type="button"
		class="pad shrink-0 text-sm"
		aria-pressed={group === 'likely'}
		onclick={() => (group = 'likely')}
	>
		Likely
	</button>
	{#each GROUPS as name (name)}
		<button
			type="button"
			class="pad shrink-0 text-sm capitalize"
			aria-pressed={group === name}
			onclick={() => (group = name)}
		>
			{GROUP_NAMES[name]}
		</button>
	{/each}
</div>
<div class="grid grid-cols-3 gap-1.5">
	{#each shown as { taxonId, stage } (`${taxonId}/${stage}`)}
		<button type="button" class="pad relative flex-col text-xs" onclick={() => onpick(taxonId, stage)}>
			<span class="flex h-10 w-full items-center justify-center overflow-hidden">
				<InsectDrawing {taxonId} {stage} scale={4.5} class="max-h-10 max-w-full" />
			</span>
			<span
				>{naturalName(taxonId, stage)}<span class="science block font-normal"
					>{findTaxon(taxonId)?.scientificName}</span
				></span
			>
			{#if counted && counted(taxonId, stage) > 0}
				<span class="bg-primary text-primary-content absolute top-1 right-1 rounded px-1.5 font-mono text-sm"
					>{counted(taxonId, stage)}</span
				>
			{/if}
		</button>
	{/each}
</div>
