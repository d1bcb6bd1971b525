<script lang="ts">
	import { atStart } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import catalogue from './words';
	import {
		GROUP_NAMES,
		GROUPS,
		LIFE_STAGES,
		REGION_IDS,
		regionName,
		searchAtlas,
		STAGE_NAMES,
		WATER_KINDS,
		type Group,
		type LifeStage,
		type Region,
		type WaterKind
	} from '$lib/core/atlas';
	import { MONTH_NAMES } from '$lib/core/units';
	import TaxonRow from '$lib/ui/atlas/TaxonRow.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { WATER_KIND_NAMES } from '$lib/ui/waters';
	import type { PageData } from './$types';
	import Choice from '$lib/ui/frame/Choice.svelte';

	const { say } = useWords(catalogue);

	let { data }: { data: PageData } = $props();

	let words = $state('');
	let group = $state('');
	let stage = $state('');
	let water = $state('');
	let month = $state('');
	// svelte-ignore state_referenced_locally
	let region = $state<string>(data.region ?? '');
	const found = $derived(
		searchAtlas(
			{
				words,
				...(group && { group: group as Group }),
				...(stage && { stage: stage as LifeStage }),
				...(water && { water: water as WaterKind }),
				...(month && { month: Number(month) }),
				...(region && { region: region as Region })
			},
			data.names
		)
	);
</script>

<PageHead title={say('atlas')} detail={say('kind-kinds', { length: found.length })}>
	<a class="link font-semibold" href="/atlas/key">{say('what-is-this')}</a>
</PageHead>
<div class="p-4 md:px-5">
	<div class="grid grid-cols-2 gap-2 lg:grid-cols-[minmax(10rem,1fr)_16rem_repeat(4,9.5rem)]" role="search">
		<input
			class="input col-span-2 h-12 w-full lg:col-span-1"
			type="search"
			placeholder={say('a-name-common-local')}
			aria-label={say('name')}
			bind:value={words}
		/>
		<Choice unseen label={say('region')} bind:value={region}>
			<option value="">{say('any-region')}</option>
			{#each REGION_IDS as name (name)}<option value={name}>{say(atStart(regionName(name)))}</option>{/each}
		</Choice>
		<Choice unseen label={say('group')} bind:value={group}>
			<option value="">{say('any-group')}</option>
			{#each GROUPS as name (name)}<option value={name}>{say(atStart(GROUP_NAMES[name]))}</option>{/each}
		</Choice>
		<Choice unseen label={say('stage')} bind:value={stage}>
			<option value="">{say('any-stage')}</option>
			{#each LIFE_STAGES as name (name)}<option value={name}>{say(atStart(STAGE_NAMES[name]))}</option>{/each}
		</Choice>
		<Choice unseen label={say('water')} bind:value={water}>
			<option value="">{say('any-water')}</option>
			{#each WATER_KINDS as name (name)}<option value={name}>{say(WATER_KIND_NAMES[name])}</option>{/each}
		</Choice>
		<Choice unseen label={say('month')} bind:value={month}>
			<option value="">{say('any-month')}</option>
			{#each MONTH_NAMES as name, i (name)}<option value={String(i + 1)}>{name}</option>{/each}
		</Choice>
	</div>
	{#if found.length === 0}
		<p class="quiet mt-4">{say('nothing-by-that-name')}</p>
	{:else}
		<ul class="border-base-300 mt-3 grid gap-x-8 border-t lg:grid-cols-2">
			{#each found as taxon (taxon.id)}<TaxonRow
					{taxon}
					{words}
					region={region === '' ? undefined : (region as Region)}
					names={data.names}
				/>{/each}
		</ul>
	{/if}
</div>
