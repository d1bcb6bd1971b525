<script lang="ts">
	import { naturalName } from '$lib/core/note';
	import { seasonYear } from '$lib/core/record';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import KindsTable from '$lib/ui/circle/KindsTable.svelte';
	import SeasonRibbons from '$lib/ui/log/SeasonRibbons.svelte';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const submit = ({ currentTarget }: { currentTarget: HTMLSelectElement }) =>
		currentTarget.form?.requestSubmit();
</script>

<PageHead title="The circle’s season" detail="Week {data.week}" back={{ href: '/circle', name: 'Circle' }} />
<div class="grid gap-6 p-4 pb-24 md:px-5">
	<section aria-label="This week" class="min-w-0">
		<h2 class="mb-1">
			This week against the usual week{data.filter.water ? `, ${data.filter.water}` : ''}
		</h2>
		<p class="quiet mb-2 text-sm">
			Days on which somebody saw it, this week and on the average of earlier years about this week. More eyes
			see more: a difference may be of guides, not of insects.
		</p>
		{#if data.beside.length === 0}
			<p class="quiet">No earlier year to compare with yet.</p>
		{:else}
			<ul class="grid gap-x-10 lg:grid-cols-2">
				{#each data.beside as { taxonId, now, usual, says } (taxonId)}
					<li class="border-base-300 flex items-baseline justify-between gap-3 border-b py-1.5">
						<span>{naturalName(taxonId)}</span>
						<span class="text-sm {says === 'as usual' ? 'quiet' : 'font-semibold'}"
							>{now}, usually {usual.toFixed(1)} · {says}</span
						>
					</li>
				{/each}
			</ul>
		{/if}
	</section>
	<section aria-label="All seasons" class="min-w-0">
		<h2 class="mb-1">All that was shared with you</h2>
		<form method="GET" class="mb-2 flex flex-wrap items-end gap-2" data-sveltekit-keepfocus>
			<label class="grid gap-0.5 text-sm"
				><span>Water</span><select class="select h-12 w-44" name="water" onchange={submit}
					><option value="">all</option>{#each data.waters as water (water)}<option
							selected={water === data.filter.water}>{water}</option
						>{/each}</select
				></label
			>
			<label class="grid gap-0.5 text-sm"
				><span>Year</span><select class="select h-12 w-28" name="year" onchange={submit}
					><option value="">all</option>{#each data.years as year (year)}<option
							value={year}
							selected={String(year) === data.filter.year}>{seasonYear(year, data.hemisphere)}</option
						>{/each}</select
				></label
			>
			<label class="grid gap-0.5 text-sm"
				><span>As</span><select class="select h-12 w-32" name="view" onchange={submit}
					><option value="ribbons">ribbons</option><option
						value="table"
						selected={data.filter.view === 'table'}>a table</option
					></select
				></label
			>
			<noscript><button class="btn btn-outline h-12">Look</button></noscript>
		</form>
		{#if data.rows.length === 0}
			<p class="quiet">Nothing shared {data.filter.water || data.filter.year ? 'fits that' : 'yet'}.</p>
		{:else if data.kinds}
			<KindsTable kinds={data.kinds} hemisphere={data.hemisphere} />
		{:else}
			<p class="quiet mb-2 text-sm">
				By week of the year and hour of the day. A bar is as tall as its share of that kind’s tallest; the
				numbers say how many shares stand behind the row, and behind its tallest week.
			</p>
			<SeasonRibbons rows={data.rows} hemisphere={data.hemisphere} />
		{/if}
	</section>
</div>
