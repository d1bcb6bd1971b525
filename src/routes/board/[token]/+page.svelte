<script lang="ts">
	import { findTaxon, naturalName } from '$lib/core/atlas';
	import { ABUNDANCE_NAMES } from '$lib/core/vocabulary';
	import InsectDrawing from '$lib/ui/drawing/InsectDrawing.svelte';
	import QrCode from '$lib/ui/frame/QrCode.svelte';
	import PlaceText from '$lib/ui/record/PlaceText.svelte';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const { show, say } = useWords(words);
</script>

<svelte:head><title>{say('lacewing', { title: data.board.title })}</title></svelte:head>
<div class="mx-auto max-w-3xl p-6 print:max-w-none print:p-0">
	<header class="flex items-start justify-between gap-6">
		<div>
			<h1 class="text-3xl">{data.board.title}</h1>
			<p class="quiet">{say('what-saw-hatch', { by: data.board.by })}</p>
		</div>
		<QrCode text={data.link} label={say('this-board-as-a')} class="w-24 shrink-0" />
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
					><b>{say(naturalName(record.taxonId, record.stage))}</b>
					<span class="science">{findTaxon(record.taxonId)?.scientificName}</span>
					<span class="quiet block text-sm"><PlaceText place={record.place} />, {say(record.when)}</span
					></span
				>
				<span class="text-right text-sm"
					>{say(ABUNDANCE_NAMES[record.abundance])}{#if record.lengthMm !== undefined}<br />{show({
							lengthMm: record.lengthMm
						})}{/if}</span
				>
			</li>
		{:else}
			<li class="quiet">{say('nothing-to-show-yet')}</li>
		{/each}
	</ul>
	<p class="quiet mt-3 text-sm">
		{say('check-the-rules-of')}
		<button type="button" class="link ml-2 print:hidden" onclick={() => window.print()}>{say('print')}</button
		>
	</p>
</div>
