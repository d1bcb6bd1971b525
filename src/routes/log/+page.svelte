<script lang="ts">
	import {
		ABUNDANCE_NAMES,
		findTaxon,
		tellFlies,
		localClock,
		localDate,
		MONTH_NAMES,
		naturalName,
		probabilityWord,
		seasonRows
	} from '$lib/core';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import PacketIn from '$lib/ui/log/PacketIn.svelte';
	import SeasonRibbons from '$lib/ui/log/SeasonRibbons.svelte';
	import { useUnits } from '$lib/ui/units';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const { say, show } = useUnits();
	const rows = $derived(seasonRows(data.season.weeks, data.season.hours));
	const last = $derived(data.entries.at(-1));
	const total = $derived(data.season.weeks.reduce((sum, { count }) => sum + count, 0));
	const submit = ({ currentTarget }: { currentTarget: HTMLSelectElement }) =>
		currentTarget.form?.requestSubmit();
	const next = $derived.by(() => {
		if (!data.more || !last) return undefined;
		const query = new URLSearchParams(Object.entries(data.filter).filter(([, value]) => value !== ''));
		query.set('after', last.record.day);
		query.set('id', last.id);
		return `/log?${query}`;
	});
	const EXPORTS = [
		['csv', 'A table (CSV)'],
		['geojson', 'A map layer (GeoJSON)'],
		['ics', 'A calendar (iCalendar)'],
		['dwca', 'For science, by water (Darwin Core)'],
		['packet', 'Everything of mine (packet)']
	] as const;
</script>

<PageHead title="Log" detail={total === 1 ? '1 record of yours' : `${total} records of yours`} />
<div class="grid gap-6 p-4 pb-24 md:px-5">
	{#if rows.length > 0}
		<section aria-label="Your seasons" class="min-w-0">
			<h2 class="mb-1">Your seasons</h2>
			<p class="quiet mb-2 text-sm">
				What you recorded, by week of the year and hour of the day. A bar is as tall as its share of that
				kind’s tallest; the numbers say how many records stand behind the row, and behind its tallest week.
			</p>
			<SeasonRibbons {rows} />
		</section>
	{/if}
	<section aria-label="Records" class="min-w-0">
		<form
			method="GET"
			class="mb-3 grid grid-cols-2 gap-2 sm:grid-cols-[minmax(14rem,1fr)_11rem_11rem_auto]"
			role="search"
			data-sveltekit-keepfocus
		>
			<label class="grid gap-0.5 text-sm max-sm:col-span-2"
				><span>Any name, water or words</span><input
					class="input h-12 w-full"
					name="q"
					value={data.filter.q}
					maxlength="80"
				/></label
			>
			<label class="grid gap-0.5 text-sm"
				><span>Month</span><select class="select h-12 w-full" name="month" onchange={submit}
					><option value="">all</option>{#each MONTH_NAMES as month, i (month)}<option
							value={String(i + 1)}
							selected={data.filter.month === String(i + 1)}>{month}</option
						>{/each}</select
				></label
			>
			<label class="grid gap-0.5 text-sm"
				><span>Order</span><select class="select h-12 w-full" name="order" onchange={submit}
					><option value="newest">newest first</option><option
						value="oldest"
						selected={data.filter.order === 'oldest'}>oldest first</option
					></select
				></label
			>
			<button class="btn btn-outline h-12 self-end max-sm:col-span-2">Look</button>
		</form>
		{#if data.entries.length === 0}
			<p class="quiet">
				{data.filter.q || data.filter.month
					? 'No record of yours fits that.'
					: 'Nothing recorded yet. Confirm a record of an outing, and it stands here.'}
			</p>
		{:else}
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div class="overflow-x-auto" tabindex="0" role="group" aria-label="Records, table">
				<table class="table-sm table">
					<thead>
						<tr>
							{#each ['Day', 'What', 'Where', 'How many', 'Size', 'First', 'Most', 'Last', 'Water', 'Fish on it', 'Flies'] as column (column)}<th
									scope="col"
									class="text-base-content">{column}</th
								>{/each}
						</tr>
					</thead>
					<tbody>
						{#each data.entries as { id, outingId, record } (id)}
							{@const clock = (at: Date) => localClock(at, record.timeZone)}
							<tr>
								<td class="whitespace-nowrap"
									><a class="link" href="/bank/{outingId}/record"
										>{localDate(record.mostSeen, record.timeZone, true)}</a
									></td
								>
								<th scope="row" class="font-semibold"
									>{naturalName(record.taxonId, record.stage)}
									<span class="science block text-sm font-normal"
										>{findTaxon(record.taxonId)?.scientificName}</span
									></th
								>
								<td>{record.place.reach}, {record.place.water}</td>
								<td>{ABUNDANCE_NAMES[record.abundance]}</td>
								<td class="font-mono whitespace-nowrap"
									>{record.lengthMm === undefined ? '' : show({ lengthMm: record.lengthMm })}</td
								>
								<td class="font-mono">{clock(record.firstSeen)}</td>
								<td class="font-mono">{clock(record.mostSeen)}</td>
								<td class="font-mono">{clock(record.lastSeen)}</td>
								<td class="font-mono whitespace-nowrap"
									>{record.conditions.waterC === undefined
										? ''
										: show({ temperatureC: record.conditions.waterC })}</td
								>
								<td>{probabilityWord(record.taken)}</td>
								<td class="min-w-40 text-sm">{tellFlies(record.flies).map(say).join('; ')}</td>
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
		{/if}
		{#if next}<a class="btn btn-outline mt-3" href={next}>More</a>{/if}
	</section>
	<section aria-label="Take along" class="grid gap-3 lg:grid-cols-2">
		<div>
			<h2 class="mb-1">Take along</h2>
			<p class="quiet mb-2 max-w-prose text-sm">
				Your own records with their places, exact as you noted them: mind whom you give them to. The packet
				holds everything of yours, and goes back in here or on another server.
			</p>
			<ul class="flex flex-wrap gap-2">
				{#each EXPORTS as [format, name] (format)}
					<li><a class="btn btn-outline h-12" href="/api/v1/export/{format}" download>{name}</a></li>
				{/each}
			</ul>
		</div>
		<PacketIn />
	</section>
</div>
