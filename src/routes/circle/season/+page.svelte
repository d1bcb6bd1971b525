<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { naturalName } from '$lib/core/atlas';
	import { seasonYear } from '$lib/core/record';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import KindsTable from '$lib/ui/circle/KindsTable.svelte';
	import SeasonRibbons from '$lib/ui/log/SeasonRibbons.svelte';
	import Choice from '$lib/ui/frame/Choice.svelte';
	import type { PageData } from './$types';

	const { say } = useWords(words);

	let { data }: { data: PageData } = $props();
	const submit = ({ currentTarget }: { currentTarget: HTMLSelectElement }) =>
		currentTarget.form?.requestSubmit();
	/** Less than this would read as none. */
	const SHOWN = 0.05;
</script>

<PageHead
	title={say('the-circles-season')}
	detail={say('week', { week: data.week })}
	back={{ href: '/circle', name: say('circle') }}
/>
<div class="grid gap-6 p-4 pb-24 md:px-5">
	<section aria-label={say('this-week')} class="min-w-0">
		<h2 class="mb-1">
			{say('this-week-against-the', { value: data.filter.water ? `, ${data.filter.water}` : '' })}
		</h2>
		<p class="quiet mb-2 text-sm">
			{say('days-on-which-somebody')}
		</p>
		{#if data.beside.length === 0}
			<p class="quiet">{say('no-earlier-year-to')}</p>
		{:else}
			<ul class="grid gap-x-10 lg:grid-cols-2">
				{#each data.beside as { taxonId, now, usual, says } (taxonId)}
					<li class="border-base-300 flex items-baseline justify-between gap-3 border-b py-1.5">
						<span>{say(naturalName(taxonId))}</span>
						<span class="text-sm {says.id === 'beside-usual.same' ? 'quiet' : 'font-semibold'}"
							>{say(usual < SHOWN ? 'usually-hardly' : 'usually', {
								now,
								usual: usual.toFixed(1),
								says
							})}</span
						>
					</li>
				{/each}
			</ul>
		{/if}
	</section>
	<section aria-label={say('all-seasons')} class="min-w-0">
		<h2 class="mb-1">{say('all-that-was-shared')}</h2>
		<form method="GET" class="mb-2 flex flex-wrap items-end gap-2" data-sveltekit-keepfocus>
			<Choice label={say('water')} class="w-44" name="water" value={data.filter.water ?? ''} onchange={submit}
				><option value="">{say('all')}</option>{#each data.waters as water (water)}<option value={water}
						>{water}</option
					>{/each}</Choice
			>
			<Choice label={say('year')} class="w-28" name="year" value={data.filter.year ?? ''} onchange={submit}
				><option value="">{say('all')}</option>{#each data.years as year (year)}<option value={String(year)}
						>{seasonYear(year, data.hemisphere)}</option
					>{/each}</Choice
			>
			<Choice label={say('as')} class="w-32" name="view" value={data.filter.view} onchange={submit}
				><option value="ribbons">{say('ribbons')}</option><option value="table">{say('a-table')}</option
				></Choice
			>
			<noscript><button class="btn btn-outline h-12">{say('look')}</button></noscript>
		</form>
		{#if data.rows.length === 0}
			<p class="quiet">
				{say('nothing-shared-fits-that', { waterIs: data.filter.water || data.filter.year ? 'yes' : 'no' })}
			</p>
		{:else if data.kinds}
			<KindsTable kinds={data.kinds} hemisphere={data.hemisphere} />
		{:else}
			<p class="quiet mb-2 text-sm">
				{say('by-week-of-the')}
			</p>
			<SeasonRibbons rows={data.rows} hemisphere={data.hemisphere} />
		{/if}
	</section>
</div>
