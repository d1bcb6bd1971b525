<script lang="ts">
	import { findTaxon } from '$lib/core/atlas';
	import { naturalName } from '$lib/core/note';
	import { ABUNDANCE_NAMES } from '$lib/core/vocabulary';
	import InsectDrawing from '$lib/ui/drawing/InsectDrawing.svelte';
	import QrCode from '$lib/ui/frame/QrCode.svelte';
	import PlaceText from '$lib/ui/record/PlaceText.svelte';
	import { useUnits } from '$lib/ui/units';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const { show } = useUnits();
</script>

<svelte:head><title>{data.board.title} · Lacewing</title></svelte:head>
<div class="mx-auto max-w-3xl p-6 print:max-w-none print:p-0">
	<header class="flex items-start justify-between gap-6">
		<div>
			<h1 class="text-3xl">{data.board.title}</h1>
			<p class="quiet">What {data.board.by} saw hatch</p>
		</div>
		<QrCode text={data.link} label="This board as a code to scan" class="w-24 shrink-0" />
	</header>
	<div class="film-rule my-3"></div>
	<ul>
		{#each data.board.records as record (`${record.taxonId}/${record.stage}`)}
			<li class="border-base-300 grid grid-cols-[6rem_1fr_auto] items-center gap-4 border-b py-1.5">
				<InsectDrawing
					taxonId={record.taxonId}
					stage={record.stage}
					lengthMm={record.lengthMm}
					scale={4}
					class="max-h-10 max-w-full justify-self-center"
				/>
				<span
					><b>{naturalName(record.taxonId, record.stage)}</b>
					<span class="science">{findTaxon(record.taxonId)?.scientificName}</span>
					<span class="quiet block text-sm"><PlaceText place={record.place} />, {record.when}</span></span
				>
				<span class="text-right text-sm"
					>{ABUNDANCE_NAMES[record.abundance]}{#if record.lengthMm !== undefined}<br />{show({
							lengthMm: record.lengthMm
						})}{/if}</span
				>
			</li>
		{:else}
			<li class="quiet">Nothing to show yet. Come back in a few days.</li>
		{/each}
	</ul>
	<p class="quiet mt-3 text-sm">
		Check the rules of the water and the day before you fish. Check, clean and dry between waters.
		<button type="button" class="link ml-2 print:hidden" onclick={() => window.print()}>Print</button>
	</p>
</div>
