<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import {
		faunaOf,
		findTaxon,
		GROUP_NAMES,
		GROUPS,
		regionOf,
		searchAtlas,
		STAGE_NAMES,
		TAXA,
		unnamedOf,
		zoneOf,
		type Group,
		type GuidesName,
		type LifeStage,
		type Place,
		type StageTraits,
		type Taxon,
		naturalName
	} from '$lib/core/atlas';
	import { fetchFauna } from '../atlas/fauna';
	import { atStart } from '$lib/core/message';
	import { likelyNaturals, methodsReaching, type Belief } from '$lib/core/reading';
	import type { SampleMethod } from '$lib/core/vocabulary';
	import InsectDrawing from '../drawing/InsectDrawing.svelte';

	const { say } = useWords(words);

	interface Props {
		/** The reading in hand: its likeliest naturals come first. */
		beliefs: readonly Belief[];
		/** How it was sampled, or seen by eye: the likeliest come first. */
		method: SampleMethod | 'eye';
		/** How many of one are on the tray already, where there is a tray. */
		counted?: ((taxonId: string, stage: LifeStage) => number) | undefined;
		/** What the guide and the guide's circles call insects. */
		names?: readonly GuidesName[] | undefined;
		onpick: (taxonId: string, stage: LifeStage) => void;
		/** Takes a group where nobody can name more; without it, none is offered. */
		ongroup?: ((group: Group) => void) | undefined;
		/** Where it was found: only what lives there is offered, unless anything is asked for. */
		place?: Place | undefined;
		/** It has the width of a page. */
		wide?: boolean | undefined;
	}
	const NONE: readonly GuidesName[] = [];
	let { beliefs, method, counted, names = NONE, onpick, ongroup, place, wide = false }: Props = $props();
	let anywhere = $state(false);
	const region = $derived(place && !anywhere ? regionOf(place) : undefined);
	/** All animals come to hand, not only those that live here. */
	async function askAnywhere() {
		await fetchFauna(fetch, 'anywhere').catch(() => undefined);
		anywhere = true;
	}
	let group = $state<Group | 'likely'>('likely');
	let sought = $state('');

	/** Whole rows of three and of four. */
	const MOST = 12;
	const likely = $derived(likelyNaturals(beliefs, method, MOST));
	const inReach = (taxon: Taxon, traits: StageTraits) =>
		method === 'eye' || method === 'throat' || methodsReaching(zoneOf(taxon, traits)).includes(method);
	const MOST_FOUND = 30;
	/** All its stages, or the one that is named too: "olive dun". */
	function stagesMeant(taxon: Taxon): readonly StageTraits[] {
		const said = sought.toLowerCase().split(/\s+/);
		const named = taxon.stages.filter(({ stage }) => said.includes(say(STAGE_NAMES[stage])));
		return named.length > 0 ? named : taxon.stages;
	}
	const found = $derived(
		searchAtlas({ words: sought, ...(region && { region }) }, names)
			.flatMap((taxon) => stagesMeant(taxon).map((traits) => ({ taxon, traits })))
			.toSorted((a, b) => Number(inReach(b.taxon, b.traits)) - Number(inReach(a.taxon, a.traits)))
			.slice(0, MOST_FOUND)
			.map(({ taxon, traits }) => ({ taxonId: taxon.id, stage: traits.stage }))
	);
	/** What nobody can name comes first in its group, a stage each; a tray asks for the stage afterwards. */
	const unnamedFirst = (one: Group): readonly Taxon[] => {
		const taxon = ongroup ? undefined : findTaxon(unnamedOf(one));
		return taxon ? [taxon] : [];
	};
	const shown = $derived(
		sought.trim() !== ''
			? found
			: group === 'likely'
				? likely
				: [...unnamedFirst(group), ...faunaOf(TAXA, region).filter((taxon) => taxon.group === group)].flatMap(
						(taxon) =>
							taxon.stages
								.filter((traits) => inReach(taxon, traits))
								.map(({ stage }) => ({ taxonId: taxon.id, stage }))
					)
	);
</script>

<label class="mb-2 block">
	<span class="sr-only">{say('find-an-insect-by')}</span>
	<input
		type="search"
		class="input h-12 w-full"
		placeholder={say('find-by-any-name')}
		autocomplete="off"
		maxlength="60"
		bind:value={sought}
	/>
</label>
{#if sought.trim() !== ''}
	{#if shown.length === 0}<p class="quiet mb-2 text-sm">
			{say('no-insect-goes-by', { sought: sought.trim() })}
		</p>{/if}
{:else}
	<div class="mb-2 flex gap-1 overflow-x-auto" role="group" aria-label={say('group')}>
		<button
			type="button"
			class="pad shrink-0 text-sm"
			aria-pressed={group === 'likely'}
			onclick={() => (group = 'likely')}
		>
			{say('likely')}
		</button>
		{#each GROUPS as name (name)}
			<button
				type="button"
				class="pad shrink-0 text-sm capitalize"
				aria-pressed={group === name}
				onclick={() => (group = name)}
			>
				{say(GROUP_NAMES[name])}
			</button>
		{/each}
	</div>
{/if}
<div class="{wide ? 'grid-cols-3 lg:grid-cols-4' : 'grid-cols-3'} grid gap-1.5">
	{#if ongroup && group !== 'likely' && sought.trim() === ''}
		{@const unnamed = group}
		<button type="button" class="pad flex-col border-dashed text-xs" onclick={() => ongroup(unnamed)}>
			<span class="text-base">{say(atStart(GROUP_NAMES[unnamed]))}</span>
			<span class="font-normal">{say('without-a-name')}</span>
		</button>
	{/if}
	{#each shown as { taxonId, stage } (`${taxonId}/${stage}`)}
		<button type="button" class="pad relative flex-col text-xs" onclick={() => onpick(taxonId, stage)}>
			<span class="flex h-10 w-full items-center justify-center overflow-hidden">
				<InsectDrawing {taxonId} {stage} scale={4.5} class="max-h-10 max-w-full" />
			</span>
			<span
				>{say(naturalName(taxonId, stage))}<span class="science block font-normal"
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
{#if place && !anywhere && regionOf(place)}
	<button type="button" class="link quiet mt-1 min-h-11 text-sm" onclick={askAnywhere}
		>{say('anything-anywhere')}</button
	>
{/if}
