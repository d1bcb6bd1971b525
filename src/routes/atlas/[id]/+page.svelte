<script lang="ts">
	import { atStart, within, joined } from '$lib/core/message';
	import {
		alsoCalled,
		referencePlace,
		findTaxon,
		localNamesOf,
		lookAlikesOf,
		movementWords,
		movementOf,
		REGION_IDS,
		regionName,
		replacedElsewhere,
		traitsIn,
		SOURCES,
		STAGE_NAMES,
		TAXA,
		WATER_KINDS,
		yearOf,
		yearsToGrow,
		ZONE_NAMES,
		zoneOf,
		type HourWindow,
		type Taxon,
		naturalName,
		shadeName,
		lookAlikeMark
	} from '$lib/core/atlas';
	import { yearOfTaxon } from '$lib/core/hatch';
	import { stylesServing } from '$lib/core/match';
	import { methodsReaching, riseFormsProvoked } from '$lib/core/reading';
	import { MONTH_NAMES } from '$lib/core/units';
	import { METHOD_NAMES, RISE_FORM_NAMES } from '$lib/core/vocabulary';
	import HoursStrip from '$lib/ui/atlas/HoursStrip.svelte';
	import YearStrip from '$lib/ui/atlas/YearStrip.svelte';
	import InsectDrawing from '$lib/ui/drawing/InsectDrawing.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { WATER_KIND_NAMES } from '$lib/ui/waters';
	import type { ActionData, PageData } from './$types';
	import Choice from '$lib/ui/frame/Choice.svelte';
	import { enhance } from '$app/forms';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const { show, say } = useWords(words);
	const taxon = $derived(findTaxon(data.id) ?? TAXA[0]);
	/** Whose year and hours are shown: those of the guide's region, or of the first that it lives in. */
	const region = $derived(data.region && taxon?.lives.includes(data.region) ? data.region : taxon?.lives[0]);
	const there = $derived(referencePlace(region ?? 'anywhere', 'freestone'));
	const elsewhere = $derived(taxon ? replacedElsewhere(taxon, TAXA) : []);
	const year = $derived(taxon && yearOfTaxon(taxon, region ?? 'anywhere', 2025));
	const dated = (at: Date) => `${at.getUTCDate()} ${MONTH_NAMES[at.getUTCMonth()]?.slice(0, 3) ?? ''}`;
	const longest = $derived(Math.max(...(taxon?.stages.map(({ lengthMm }) => lengthMm.typical) ?? [1])));
	/** All stages at one scale, the longest filling its place. */
	const scale = $derived(Math.min(9, 150 / (1.9 * longest)));
	const WAYS = {
		'open-water': say('rises-through-open-water'),
		'crawls-out': say('crawls-out-on-stones'),
		never: say('never-leaves-the-water'),
		land: say('comes-from-the-land')
	};
	/** What happens when in the day, in cold and in warm water. */
	const dayRows = (one: Taxon) => {
		const emergenceHours = traitsIn(one, there, 'emergenceHours');
		const flightHours = traitsIn(one, there, 'flightHours');
		return DAY_ROWS(one.emergence, emergenceHours, flightHours);
	};
	const DAY_ROWS = (
		emergence: Taxon['emergence'],
		emergenceHours: Taxon['emergenceHours'],
		flightHours: Taxon['flightHours']
	) => [
		...(emergence === 'land'
			? []
			: [
					{ name: say('hatch-cold-water'), windows: emergenceHours.cool, fill: 'var(--color-primary)' },
					{ name: say('hatch-warm-water'), windows: emergenceHours.warm, fill: 'var(--color-primary)' }
				]),
		{ name: say('flight-cold-water'), windows: flightHours.cool, fill: 'var(--color-accent)' },
		{ name: say('flight-warm-water'), windows: flightHours.warm, fill: 'var(--color-accent)' }
	];
	const LIKES = {
		dull: say('dull-and-damp-weather'),
		mild: say('mild-still-weather'),
		any: say('any-weather')
	};
	const clock = (hour: number) =>
		`${String(Math.floor(hour) % 24).padStart(2, '0')}:${hour % 1 >= 0.5 ? '30' : '00'}`;
	function growing({ least, most }: { least: number; most: number }): string {
		const words = (years: number) =>
			years < 0.9 ? say('months', { max: Math.max(1, Math.round(12 * years)) }) : String(years);
		if (least === most)
			return least === 1 ? say('takes-a-year-to') : say('takes-years-to-grow', { words: words(least) });
		return say('takes-to-to-grow', {
			from: words(least),
			to: words(most),
			unit: most < 0.9 ? 'none' : most === 1 ? 'year' : 'years',
			sizes: most >= 2 ? 'yes' : 'no'
		});
	}
	const span = (windows: readonly HourWindow[]) =>
		windows.map(({ from, to }) => `${clock(from)}–${clock(to)}`).join(say('and-hours'));
</script>

{#if taxon}
	<PageHead
		title={say(naturalName(taxon.id))}
		detail={taxon.scientificName}
		scientific
		back={{ href: '/atlas', name: say('atlas') }}
	/>
	<div class="grid gap-6 p-4 md:px-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
		<section aria-label={say('stages')}>
			<h2 class="mb-1">{say('its-stages-at-one')}</h2>
			<ul class="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
				{#each taxon.stages as traits (traits.stage)}
					<li class="border-base-300 rounded border p-3">
						<div class="flex h-32 items-center justify-center overflow-hidden">
							<InsectDrawing taxonId={taxon.id} stage={traits.stage} {scale} class="max-h-32 max-w-full" />
						</div>
						<h3 class="font-bold">{say(atStart(STAGE_NAMES[traits.stage]))}</h3>
						<dl class="grid grid-cols-[4.5rem_1fr] gap-x-2 text-sm">
							<dt class="quiet">{say('body')}</dt>
							<dd>
								{say('to-mostly', {
									lengthMm: show({ lengthMm: traits.lengthMm.least }),
									lengthMm2: show({ lengthMm: traits.lengthMm.most }),
									lengthMm3: show({ lengthMm: traits.lengthMm.typical })
								})}
							</dd>
							<dt class="quiet">{say('belly')}</dt>
							<dd>
								{say('back', {
									belly: shadeName(traits.belly),
									back: shadeName(traits.back),
									value: traits.wing ? say('wing', { wing: shadeName(traits.wing) }) : ''
								})}
							</dd>
							<dt class="quiet">{say('where')}</dt>
							<dd>{say(ZONE_NAMES[zoneOf(taxon, traits)])}</dd>
							<dt class="quiet">{say('moves')}</dt>
							<dd>{say(movementWords(movementOf(taxon, traits)))}</dd>
							<dt class="quiet">{say('taken-with')}</dt>
							<dd>
								{say(
									joined(
										'; ',
										...riseFormsProvoked(taxon, traits).map((rise) => within(RISE_FORM_NAMES[rise]))
									)
								)}
							</dd>
							<dt class="quiet">{say('found-by')}</dt>
							<dd>
								{say(
									joined(
										', ',
										...methodsReaching(zoneOf(taxon, traits)).map((method) => within(METHOD_NAMES[method]))
									)
								)}
							</dd>
							<dt class="quiet">{say('tie-on')}</dt>
							<dd>
								{say(joined('; ', ...stylesServing(taxon, traits, 3).map(({ name }) => name)))}
							</dd>
						</dl>
					</li>
				{/each}
			</ul>
			{#if lookAlikesOf(taxon.id).length > 0}
				<h2 class="mt-5 mb-1">{say('taken-for')}</h2>
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
									>{say(naturalName(other.taxonId))}</a
								> <span class="science">{twin?.scientificName}</span>
								<span class="block">{say(lookAlikeMark(other))}</span>
							</span>
						</li>
					{/each}
				</ul>
			{/if}
		</section>
		<aside class="grid content-start gap-4">
			<section aria-label={say('its-year')}>
				<h2>{region ? say('its-year-in', { region: regionName(region) }) : say('its-year')}</h2>
				<YearStrip year={yearOf(taxon, region)} named />
				{#if year?.allYear}
					<p class="text-sm">{say('met-all-year')}</p>
				{:else}
					<ul class="text-sm">
						{#each year?.broods ?? [] as { begins, peaks, ends, size, waters, gathered } (peaks)}
							<li>
								{say('brood', { from: dated(begins), peak: dated(peaks), to: dated(ends) })}
								{#if size}<span class="quiet"
										>{say('its-animals', { percent: String(Math.round(100 * size)) })}</span
									>{/if}
								{#if waters}<span class="quiet"
										>{say('brood-in', {
											waters: joined(', ', ...waters.map((kind) => within(WATER_KIND_NAMES[kind])))
										})}</span
									>{/if}
								{#if gathered}<span class="quiet block"
										>{say('degree-days', { first: gathered.whenItBegins, most: gathered.atItsMost })}</span
									>{/if}
							</li>
						{/each}
					</ul>
				{/if}
				{#if year && !year.allYear && taxon.emergence !== 'land'}<p class="quiet text-sm">
						{say('degree-days-of', { water: within(WATER_KIND_NAMES[year.water]) })}
					</p>{/if}
				{#if year && !year.allYear}<p class="quiet text-sm">
						{say('days-scatter', { days: String(year.scatterDays) })}
					</p>{/if}
				<p class="quiet text-sm">{say('about-a-week-later')}</p>
			</section>
			<section aria-label={say('where-it-lives')}>
				<h2>{say('where-it-lives')}</h2>
				<p class="text-sm">
					{taxon.lives.length === REGION_IDS.length
						? say('in-every-region')
						: say(atStart(joined(', ', ...taxon.lives.map((one) => regionName(one)))))}
				</p>
				{#if elsewhere.length > 0}
					<h3 class="quiet mt-1 text-sm">{say('elsewhere-its-place')}</h3>
					<ul class="text-sm">
						{#each elsewhere as { region: one, stands } (one)}
							<li>
								<span class="quiet">{say(atStart(regionName(one)))}:</span>
								{#each stands as other, i (other.id)}{i > 0 ? ', ' : ''}<a
										class="link"
										href="/atlas/{other.id}">{say(naturalName(other.id))}</a
									>{/each}
							</li>
						{/each}
					</ul>
				{/if}
			</section>
			{#if taxon.emergence !== 'never'}
				<section aria-label={say('its-day')}>
					<h2>{say('its-day-by-the')}</h2>
					<dl class="grid grid-cols-[8rem_minmax(0,1fr)] gap-y-1 text-sm">
						{#each dayRows(taxon) as { name, windows, fill } (name)}
							<dt class="quiet">{name}</dt>
							<dd>
								<HoursStrip {windows} {fill} />
								{span(windows)}
							</dd>
						{/each}
					</dl>
					<p class="quiet text-xs">{say('from-midnight-to-midnight')}</p>
				</section>
			{/if}
			<section aria-label={say('how-it-lives')}>
				<h2>{say('how-it-lives')}</h2>
				<p class="text-sm">{WAYS[taxon.emergence]} {growing(yearsToGrow(taxon))}</p>
				<p class="text-sm">
					{say('water-of-to-suits', {
						temperatureC: show({ temperatureC: taxon.waterC.best[0] }),
						temperatureC2: show({
							temperatureC: taxon.waterC.best[1]
						}),
						value: LIKES[taxon.likes]
					})}
				</p>
				<dl class="mt-2 grid grid-cols-[7rem_1fr] items-center gap-y-1 text-sm">
					{#each WATER_KINDS as kind (kind)}
						{@const share = taxon.waters[kind] ?? 0}
						<dt class="quiet">{say(WATER_KIND_NAMES[kind])}</dt>
						<dd class="flex items-center gap-2">
							<svg width="100%" height="8" aria-hidden="true"
								><rect width="100%" height="8" fill="var(--color-base-200)" /><rect
									width="{100 * share}%"
									height="8"
									fill="var(--color-primary)"
								/></svg
							>
							<span class="w-16 shrink-0"
								>{share === 0
									? say('hardly')
									: share < 0.3
										? say('some')
										: share < 0.7
											? say('often')
											: say('plenty')}</span
							>
						</dd>
					{/each}
				</dl>
			</section>
			<section aria-label={say('names')}>
				<h2>{say('names')}</h2>
				<ul class="text-sm">
					{#each localNamesOf(taxon.id) as local (local.name)}
						<li class="mt-0.5">
							<b>{local.name}</b>
							<span class="quiet">{local.regions.map((region) => say(regionName(region))).join(', ')}</span>
							{#each alsoCalled(local) as other (other.taxonId)}
								<span class="quiet block pl-3 text-xs"
									>{say('elsewhere-the', {
										regions: joined(', ', ...other.regions.map((region) => regionName(region)))
									})}
									<a class="link" href="/atlas/{other.taxonId}">{say(naturalName(other.taxonId))}</a></span
								>
							{/each}
						</li>
					{/each}
					{#each data.names as own (own.id)}
						<li class="mt-0.5 flex items-center gap-2">
							<b>{own.name}</b>
							<span class="quiet">{own.circle ? say('in', { circle: own.circle }) : say('to-you-alone')}</span
							>
							{#if own.mine || data.circles.some(({ id, keeps }) => keeps && id === own.circleId)}
								<form method="POST" action="?/unname" use:enhance class="ml-auto">
									<input type="hidden" name="id" value={own.id} />
									<button class="link quiet"
										>{own.mine ? say('take-back') : say('take-out')}<span class="sr-only">
											{own.name}</span
										></button
									>
								</form>
							{/if}
						</li>
					{/each}
				</ul>
				<form method="POST" action="?/name" use:enhance class="mt-2 grid gap-1.5">
					<label class="text-sm font-semibold" for="own-name">{say('what-do-you-call')}</label>
					<div class="flex gap-1.5">
						<input id="own-name" name="name" class="input h-12 min-w-0 flex-1" maxlength="60" required />
						<button class="btn btn-primary h-12">{say('add')}</button>
					</div>
					{#if data.circles.length > 0}
						<Choice unseen label={say('who-sees-the-name')} name="circleId">
							<option value="">{say('for-you-alone')}</option>
							{#each data.circles as circle (circle.id)}<option value={circle.id}
									>{say('for', { name: circle.name })}</option
								>{/each}
						</Choice>
					{/if}
					{#if form?.message}<p role="status" class="text-sm">{say(form.message)}</p>{/if}
				</form>
			</section>
			<section aria-label={say('sources')}>
				<h2>{say('sources')}</h2>
				<p class="quiet text-xs">{say('works-hold')}</p>
				<ul class="quiet text-xs">
					{#each taxon.sources as source (source)}<li class="mt-1">{SOURCES[source]}</li>{/each}
				</ul>
			</section>
		</aside>
	</div>
{/if}
