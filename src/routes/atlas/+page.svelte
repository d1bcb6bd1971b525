<script lang="ts">
	import {
		GROUP_NAMES,
		GROUPS,
		LIFE_STAGES,
		searchAtlas,
		STAGE_NAMES,
		WATER_KINDS,
		type Group,
		type LifeStage,
		type WaterKind
	} from '$lib/core/atlas';
	import { MONTH_NAMES } from '$lib/core/units';
	import TaxonRow from '$lib/ui/atlas/TaxonRow.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { WATER_KIND_NAMES } from '$lib/ui/waters';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();

	let words = $state('');
	let group = $state('');
	let stage = $state('');
	let water = $state('');
	let month = $state('');
	const found = $derived(
		searchAtlas(
			{
				words,
				...(group && { group: group as Group }),
				...(stage && { stage: stage as LifeStage }),
				...(water && { water: water as WaterKind }),
				...(month && { month: Number(month) })
			},
			data.names
		)
	);
	const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
</script>

<PageHead title="Atlas" detail="{found.length} {found.length === 1 ? 'kind' : 'kinds'}">
	<a class="link font-semibold" href="/atlas/key">What is this?</a>
</PageHead>
<div class="p-4 md:px-5">
	<div class="grid grid-cols-2 gap-2 lg:grid-cols-[minmax(14rem,1fr)_repeat(4,11rem)]" role="search">
		<input
			class="input col-span-2 h-12 w-full lg:col-span-1"
			type="search"
			placeholder="A name: common, local or scientific"
			aria-label="Name"
			bind:value={words}
		/>
		<select class="select h-12 w-full" aria-label="Group" bind:value={group}>
			<option value="">Any group</option>
			{#each GROUPS as name (name)}<option value={name}>{capital(GROUP_NAMES[name])}</option>{/each}
		</select>
		<select class="select h-12 w-full" aria-label="Stage" bind:value={stage}>
			<option value="">Any stage</option>
			{#each LIFE_STAGES as name (name)}<option value={name}>{capital(STAGE_NAMES[name])}</option>{/each}
		</select>
		<select class="select h-12 w-full" aria-label="Water" bind:value={water}>
			<option value="">Any water</option>
			{#each WATER_KINDS as name (name)}<option value={name}>{WATER_KIND_NAMES[name]}</option>{/each}
		</select>
		<select class="select h-12 w-full" aria-label="Month" bind:value={month}>
			<option value="">Any month</option>
			{#each MONTH_NAMES as name, i (name)}<option value={String(i + 1)}>{name}</option>{/each}
		</select>
	</div>
	{#if found.length === 0}
		<p class="quiet mt-4">Nothing by that name here. Try part of it, or fewer of the other choices.</p>
	{:else}
		<ul class="border-base-300 mt-3 grid gap-x-8 border-t lg:grid-cols-2">
			{#each found as taxon (taxon.id)}<TaxonRow {taxon} {words} names={data.names} />{/each}
		</ul>
	{/if}
</div>
