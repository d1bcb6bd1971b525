<script lang="ts">
	import {
		alsoCalled,
		findTaxon,
		localNamesOf,
		lookAlikesOf,
		MOVEMENTS,
		movementOf,
		REGIONS,
		SOURCES,
		STAGE_NAMES,
		TAXA,
		WATER_KINDS,
		yearOf,
		yearsToGrow,
		ZONE_NAMES,
		zoneOf,
		type HourWindow,
		type Taxon
	} from '$lib/core/atlas';
	import { stylesServing } from '$lib/core/match';
	import { naturalName } from '$lib/core/note';
	import { methodsReaching, riseFormsProvoked } from '$lib/core/reading';
	import { METHOD_NAMES, RISE_FORM_NAMES } from '$lib/core/vocabulary';
	import HoursStrip from '$lib/ui/atlas/HoursStrip.svelte';
	import YearStrip from '$lib/ui/atlas/YearStrip.svelte';
	import InsectDrawing from '$lib/ui/drawing/InsectDrawing.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { useUnits } from '$lib/ui/units';
	import { WATER_KIND_NAMES } from '$lib/ui/waters';
	import type { ActionData, PageData } from './$types';
	import { enhance } from '$app/forms';

	let { data, form }: { data: PageData; form: ActionData } = $props();
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
	/** What happens when in the day, in cold and in warm water. */
	const DAY_ROWS = ({ emergence, emergenceHours, flightHours }: Taxon) => [
		...(emergence === 'land'
			? []
			: [
					{ name: 'Hatch, cold water', windows: emergenceHours.cool, fill: 'var(--color-primary)' },
					{ name: 'Hatch, warm water', windows: emergenceHours.warm, fill: 'var(--color-primary)' }
				]),
		{ name: 'Flight, cold water', windows: flightHours.cool, fill: 'var(--color-accent)' },
		{ name: 'Flight, warm water', windows: flightHours.warm, fill: 'var(--color-accent)' }
	];
	const LIKES = { dull: 'dull and damp weather', mild: 'mild, still weather', any: 'any weather' };
	const clock = (hour: number) =>
		`${String(Math.floor(hour) % 24).padStart(2, '0')}:${hour % 1 >= 0.5 ? '30' : '00'}`;
	function growing({ least, most }: { least: number; most: number }): string {
		const words = (years: number) =>
			years < 0.9 ? `${Math.max(1, Math.round(12 * years))} months` : String(years);
		if (least === most) return least === 1 ? 'Takes a year to grow.' : `Takes ${words(least)} years to grow.`;
		const unit = most < 0.9 ? '' : most === 1 ? ' year' : ' years';
		return `Takes ${words(least)} to ${words(most)}${unit} to grow${most >= 2 ? ': two or more sizes may live side by side' : ''}.`;
	}
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
							<dt class="quiet">Moves</dt>
							<dd>{MOVEMENTS[movementOf(taxon, traits)]}</dd>
							<dt class="quiet">Taken with</dt>
							<dd>
								{riseFormsProvoked(taxon, traits)
									.map((rise) => RISE_FORM_NAMES[rise].toLowerCase())
									.join('; ')}
							</dd>
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
			{#if lookAlikesOf(taxon.id).length > 0}
				<h2 class="mt-5 mb-1">Taken for</h2>
				<ul class="grid gap-x-6 lg:grid-cols-2">
					{#each lookAlikesOf(taxon.id) as other (other.taxonId + other.mark)}
						{@const twin = findTaxon(other.taxonId)}
						{@const shared = other.stages.find((s) => twin?.stages.some(({ stage }) => stage === s))}
						{@const stage = twin?.stages.find((s) => s.stage === shared) ?? twin?.stages[0]}
						<li class="border-base-300 grid grid-cols-[5rem_minmax(0,1fr)] items-center gap-3 border-b py-2">
							<span class="flex h-12 items-center justify-center overflow-hidden">
								{#if stage}<InsectDrawing
										taxonId={other.taxonId}
										stage={stage.stage}
										scale={4.5}
										class="max-h-12 max-w-full"
									/>{/if}
							</span>
							<span class="text-sm">
								<a class="font-semibold hover:underline" href="/atlas/{other.taxonId}"
									>{naturalName(other.taxonId)}</a
								> <span class="science">{twin?.scientificName}</span>
								<span class="block">{other.mark}</span>
							</span>
						</li>
					{/each}
				</ul>
			{/if}
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
					<dl class="grid grid-cols-[8rem_minmax(0,1fr)] gap-y-1 text-sm">
						{#each DAY_ROWS(taxon) as { name, windows, fill } (name)}
							<dt class="quiet">{name}</dt>
							<dd>
								<HoursStrip {windows} {fill} />
								{span(windows)}
							</dd>
						{/each}
					</dl>
					<p class="quiet text-xs">From midnight to midnight, with lines at 6, 12 and 18.</p>
				</section>
			{/if}
			<section aria-label="How it lives">
				<h2>How it lives</h2>
				<p class="text-sm">{WAYS[taxon.emergence]} {growing(yearsToGrow(taxon))}</p>
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
			<section aria-label="Names">
				<h2>Names</h2>
				<ul class="text-sm">
					{#each localNamesOf(taxon.id) as local (local.name)}
						<li class="mt-0.5">
							<b>{local.name}</b>
							<span class="quiet">{local.regions.map((region) => REGIONS[region]).join(', ')}</span>
							{#each alsoCalled(local) as other (other.taxonId)}
								<span class="quiet block pl-3 text-xs"
									>elsewhere ({other.regions.map((region) => REGIONS[region]).join(', ')}) the
									<a class="link" href="/atlas/{other.taxonId}">{naturalName(other.taxonId)}</a></span
								>
							{/each}
						</li>
					{/each}
					{#each data.names as own (own.id)}
						<li class="mt-0.5 flex items-center gap-2">
							<b>{own.name}</b>
							<span class="quiet">{own.circle ? `in ${own.circle}` : 'to you alone'}</span>
							{#if own.mine || data.circles.some(({ id, keeps }) => keeps && id === own.circleId)}
								<form method="POST" action="?/unname" use:enhance class="ml-auto">
									<input type="hidden" name="id" value={own.id} />
									<button class="link quiet"
										>{own.mine ? 'Take back' : 'Take out'}<span class="sr-only"> {own.name}</span></button
									>
								</form>
							{/if}
						</li>
					{/each}
				</ul>
				<form method="POST" action="?/name" use:enhance class="mt-2 grid gap-1.5">
					<label class="text-sm font-semibold" for="own-name">What do you call it?</label>
					<div class="flex gap-1.5">
						<input id="own-name" name="name" class="input h-12 min-w-0 flex-1" maxlength="60" required />
						<button class="btn btn-primary h-12">Add</button>
					</div>
					{#if data.circles.length > 0}
						<select name="circleId" class="select h-12 w-full" aria-label="Who sees the name">
							<option value="">For you alone</option>
							{#each data.circles as circle (circle.id)}<option value={circle.id}>For {circle.name}</option
								>{/each}
						</select>
					{/if}
					{#if form?.message}<p role="status" class="text-sm">{form.message}</p>{/if}
				</form>
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
