<script lang="ts">
	import {
		findTaxon,
		METHOD_NAMES,
		methodsReaching,
		naturalName,
		SOURCES,
		STAGE_NAMES,
		stylesServing,
		TAXA,
		WATER_KINDS,
		yearOf,
		ZONE_NAMES,
		zoneOf,
		type HourWindow
	} from '$lib/core';
	import YearStrip from '$lib/ui/atlas/YearStrip.svelte';
	import InsectDrawing from '$lib/ui/drawing/InsectDrawing.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { useUnits } from '$lib/ui/units';
	import { WATER_KIND_NAMES } from '$lib/ui/waters';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const { show } = useUnits();
	const taxon = $derived(findTaxon(data.id) ?? TAXA[0]);
	const longest = $derived(Math.max(...(taxon?.stages.map(({ lengthMm }) => lengthMm.typical) ?? [1])));
	/** All stages at one scale, the longest filling its place. */
	const scale = $derived(Math.min(9, 150 / (1.9 * longest)));
	const WAYS = {
		'open-water': 'Rises through open water and leaves its skin in the film.',
		'crawls-out': 'Crawls out on stones or reeds, often by night: no hatch on open water.',
		never: 'Never leaves the water as a hatch; fish meet it all year.',
		land: 'Comes from the land and falls in.'
	};
	const LIKES = { dull: 'dull and damp weather', mild: 'mild, still weather', any: 'any weather' };
	const clock = (hour: number) =>
		`${String(Math.floor(hour) % 24).padStart(2, '0')}:${hour % 1 >= 0.5 ? '30' : '00'}`;
	const span = (windows: readonly HourWindow[]) =>
		windows.map(({ from, to }) => `${clock(from)}–${clock(to)}`).join(' and ');
</script>

{#if taxon}
	<PageHead
		title={naturalName(taxon.id)}
		detail={taxon.scientificName}
		scientific
		back={{ href: '/atlas', name: 'Atlas' }}
	/>
	<div class="grid gap-6 p-4 md:px-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
		<section aria-label="Stages">
			<h2 class="mb-1">Its stages, at one scale</h2>
			<ul class="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
				{#each taxon.stages as traits (traits.stage)}
					<li class="border-base-300 rounded border p-3">
						<div class="flex h-32 items-center justify-center overflow-hidden">
							<InsectDrawing taxonId={taxon.id} stage={traits.stage} {scale} class="max-h-32 max-w-full" />
						</div>
						<h3 class="font-bold">{STAGE_NAMES[traits.stage].replace(/^./, (c) => c.toUpperCase())}</h3>
						<dl class="grid grid-cols-[4.5rem_1fr] gap-x-2 text-sm">
							<dt class="quiet">Body</dt>
							<dd>
								{show({ lengthMm: traits.lengthMm.least })} to {show({ lengthMm: traits.lengthMm.most })},
								mostly {show({ lengthMm: traits.lengthMm.typical })}
							</dd>
							<dt class="quiet">Belly</dt>
							<dd>{traits.belly}; back {traits.back}{traits.wing ? `; wing ${traits.wing}` : ''}</dd>
							<dt class="quiet">Where</dt>
							<dd>{ZONE_NAMES[zoneOf(taxon, traits)]}</dd>
							<dt class="quiet">Found by</dt>
							<dd>
								{methodsReaching(zoneOf(taxon, traits))
									.map((method) => METHOD_NAMES[method].toLowerCase())
									.join(', ')}
							</dd>
							<dt class="quiet">Tie on</dt>
							<dd>
								{stylesServing(taxon, traits, 3)
									.map(({ name }) => name)
									.join('; ')}
							</dd>
						</dl>
					</li>
				{/each}
			</ul>
		</section>
		<aside class="grid content-start gap-4">
			<section aria-label="Its year">
				<h2>Its year, at 47° N and 500 m</h2>
				<YearStrip year={yearOf(taxon)} named />
				<p class="quiet text-sm">About a week later for each 150 m; half a year later in the south.</p>
			</section>
			{#if taxon.emergence !== 'never'}
				<section aria-label="Its day">
					<h2>Its day, by the sun</h2>
					<dl class="grid grid-cols-[8rem_1fr] text-sm">
						{#if taxon.emergence !== 'land'}
							<dt class="quiet">Hatch, cold water</dt>
							<dd>{span(taxon.emergenceHours.cool)}</dd>
							<dt class="quiet">Hatch, warm water</dt>
							<dd>{span(taxon.emergenceHours.warm)}</dd>
						{/if}
						<dt class="quiet">Flight, cold water</dt>
						<dd>{span(taxon.flightHours.cool)}</dd>
						<dt class="quiet">Flight, warm water</dt>
						<dd>{span(taxon.flightHours.warm)}</dd>
					</dl>
				</section>
			{/if}
			<section aria-label="How it lives">
				<h2>How it lives</h2>
				<p class="text-sm">{WAYS[taxon.emergence]}</p>
				<p class="text-sm">
					Water of {show({ temperatureC: taxon.waterC.best[0] })} to {show({
						temperatureC: taxon.waterC.best[1]
					})} suits it best; likes {LIKES[taxon.likes]}.
				</p>
				<dl class="mt-2 grid grid-cols-[7rem_1fr] items-center gap-y-1 text-sm">
					{#each WATER_KINDS as kind (kind)}
						{@const share = taxon.waters[kind] ?? 0}
						<dt class="quiet">{WATER_KIND_NAMES[kind]}</dt>
						<dd class="flex items-center gap-2">
							<svg width="100%" height="8" aria-hidden="true"
								><rect width="100%" height="8" fill="var(--color-base-200)" /><rect
									width="{100 * share}%"
									height="8"
									fill="var(--color-primary)"
								/></svg
							>
							<span class="w-16 shrink-0"
								>{share === 0 ? 'hardly' : share < 0.3 ? 'some' : share < 0.7 ? 'often' : 'plenty'}</span
							>
						</dd>
					{/each}
				</dl>
			</section>
			<section aria-label="Sources">
				<h2>Sources</h2>
				<ul class="quiet text-xs">
					{#each taxon.sources as source (source)}<li class="mt-1">{SOURCES[source]}</li>{/each}
				</ul>
			</section>
		</aside>
	</div>
{/if}
