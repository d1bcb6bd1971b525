<script lang="ts">
	import { localWeek, naturalName, seasonRows, sharesByWeek, weekBesideUsual } from '$lib/core';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import SeasonRibbons from '$lib/ui/log/SeasonRibbons.svelte';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const rows = $derived(seasonRows(sharesByWeek(data.season.weeks), data.season.hours, 20));
	const today = $derived(localWeek(data.now, Intl.DateTimeFormat().resolvedOptions().timeZone));
	const beside = $derived(weekBesideUsual(data.season.weeks, today.year, today.week));
</script>

<PageHead title="The circle’s season" detail="Week {today.week}" back={{ href: '/circle', name: 'Circle' }} />
<div class="grid gap-6 p-4 pb-24 md:px-5">
	<section aria-label="This week" class="min-w-0">
		<h2 class="mb-1">This week against the usual week</h2>
		<p class="quiet mb-2 text-sm">
			Days on which somebody saw it, this week and on the average of earlier years about this week. More eyes
			see more: a difference may be of guides, not of insects.
		</p>
		{#if beside.length === 0}
			<p class="quiet">No earlier year to compare with yet.</p>
		{:else}
			<ul class="grid gap-x-10 lg:grid-cols-2">
				{#each beside as { taxonId, now, usual, says } (taxonId)}
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
		<p class="quiet mb-2 text-sm">
			By week of the year and hour of the day. A bar is as tall as its share of that kind’s tallest; the
			numbers say how many shares stand behind the row, and behind its tallest week.
		</p>
		{#if rows.length > 0}<SeasonRibbons {rows} />{:else}<p class="quiet">Nothing shared yet.</p>{/if}
	</section>
</div>
