<script lang="ts">
	import { afterNavigate } from '$app/navigation';
	import { untrack } from 'svelte';
	import { seasonRows } from '$lib/core/record';
	import { STYLE_IDS, STYLES } from '$lib/core/tackle';
	import { MONTH_NAMES } from '$lib/core/units';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import MonthPage from '$lib/ui/log/MonthPage.svelte';
	import OutingsTable from '$lib/ui/log/OutingsTable.svelte';
	import RecordsTable from '$lib/ui/log/RecordsTable.svelte';
	import SeasonRibbons from '$lib/ui/log/SeasonRibbons.svelte';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	/** What is being typed; what was sought, once that is shown. Bound, so that what is typed early stays. */
	let sought = $state(untrack(() => data.filter.q));
	afterNavigate(({ type }) => {
		if (type !== 'enter') sought = data.filter.q;
	});
	const rows = $derived(seasonRows(data.season.weeks, data.season.hours, 12, data.hemisphere));
	const total = $derived(data.season.total);
	const submit = ({ currentTarget }: { currentTarget: HTMLSelectElement }) =>
		currentTarget.form?.requestSubmit();

	const VIEWS = [
		['records', 'Records'],
		['outings', 'Outings'],
		['calendar', 'Calendar']
	] as const;
	const ORDERS = [
		['newest', 'newest first'],
		['oldest', 'oldest first'],
		['kind', 'by kind'],
		['most', 'most first'],
		['largest', 'largest first'],
		['taken', 'likeliest taken first']
	] as const;
	const EXPORTS = [
		['csv', 'A table (CSV)'],
		['geojson', 'A map layer (GeoJSON)'],
		['shared', 'What my circles shared (GeoJSON)'],
		['ics', 'A calendar (iCalendar)'],
		['expected', 'What to expect (iCalendar)'],
		['dwca', 'For science, by water (Darwin Core)'],
		['packet', 'Everything of mine (packet)']
	] as const;

	/** Those of one's own records obey the search. */
	const SEARCHED = new Set<string>(['csv', 'geojson', 'ics', 'dwca']);

	/** The log as it is looked at, with something changed. */
	function address(change: Record<string, string>): string {
		const query = new URLSearchParams({ view: data.view, ...data.filter, ...change });
		for (const [name, value] of [...query])
			if (value === '' || value === 'newest' || (name === 'view' && value === 'records')) query.delete(name);
		return query.size > 0 ? `/log?${query}` : '/log';
	}
	const next = $derived.by(() => {
		if (data.view === 'calendar' || !data.more) return undefined;
		if (data.view === 'records') {
			const last = data.entries.at(-1);
			return last && address({ after: last.key, id: last.id });
		}
		const last = data.outings.at(-1);
		return last && address({ before: last.startedAt.toISOString(), id: last.id });
	});
	/** What is taken along obeys the search, where it is one of records. */
	const searched = $derived.by(() => {
		const { q, month, water, style } = data.filter;
		const query = new URLSearchParams({ q, month, water, style });
		for (const [name, value] of [...query]) if (value === '') query.delete(name);
		return query.size > 0 ? `?${query}` : '';
	});
	const filtered = $derived(
		Boolean(data.filter.q || data.filter.month || data.filter.water || data.filter.style)
	);
</script>

{#snippet choice(name: string, label: string, value: string, options: readonly (readonly [string, string])[])}
	<label class="grid gap-0.5 text-sm"
		><span>{label}</span><select class="select h-12 w-full" {name} onchange={submit}
			>{#each options as [id, text] (id)}<option value={id} selected={value === id}>{text}</option
				>{/each}</select
		></label
	>
{/snippet}

<PageHead title="Log" detail={total === 1 ? '1 record of yours' : `${total} records of yours`}>
	{#each VIEWS as [view, name] (view)}
		<a
			class="inline-flex min-h-11 min-w-11 items-center {data.view === view ? 'font-bold' : 'link'}"
			aria-current={data.view === view ? 'page' : undefined}
			href={view === 'records' ? '/log' : `/log?view=${view}`}>{name}</a
		>
	{/each}
</PageHead>
<div class="grid gap-6 p-4 pb-24 md:px-5">
	{#if rows.length > 0 && data.view === 'records'}
		<section aria-label="Your seasons" class="min-w-0">
			<h2 class="mb-1">Your seasons</h2>
			<p class="quiet mb-2 text-sm">
				What you recorded, by week of the year and hour of the day. A bar is as tall as its share of that
				kind’s tallest; the numbers say how many records stand behind the row, and behind its tallest week.
			</p>
			<SeasonRibbons {rows} hemisphere={data.hemisphere} />
		</section>
	{/if}
	{#if data.view === 'calendar'}
		<section aria-label="Calendar" class="min-w-0">
			<MonthPage month={data.month} outings={data.outings} />
		</section>
	{:else}
		<section aria-label={data.view === 'records' ? 'Records' : 'Outings'} class="min-w-0">
			<form
				method="GET"
				class="mb-3 grid grid-cols-2 gap-2 {data.view === 'records'
					? 'sm:grid-cols-3 lg:grid-cols-[minmax(12rem,1fr)_repeat(4,10rem)_auto]'
					: 'sm:grid-cols-[12rem_12rem_auto] sm:justify-start'}"
				role="search"
				data-sveltekit-keepfocus
			>
				{#if data.view === 'records'}
					<label class="grid gap-0.5 text-sm max-sm:col-span-2"
						><span>Any name, water or words</span><input
							class="input h-12 w-full"
							name="q"
							bind:value={sought}
							maxlength="80"
						/></label
					>
				{:else}<input type="hidden" name="view" value="outings" />{/if}
				{@render choice('month', 'Month', data.filter.month, [
					['', 'all'],
					...MONTH_NAMES.map((name, i) => [String(i + 1), name] as const)
				])}
				{@render choice('water', 'Water', data.filter.water, [
					['', 'all'],
					...data.waters.map((water) => [water, water] as const)
				])}
				{#if data.view === 'records'}
					{@render choice('style', 'Fly style', data.filter.style, [
						['', 'any'],
						...STYLE_IDS.map((id) => [id, STYLES[id].name] as const)
					])}
					{@render choice('order', 'Order', data.filter.order, ORDERS)}
				{/if}
				<button class="btn btn-outline h-12 self-end max-sm:col-span-2">Look</button>
			</form>
			{#if data.view === 'records' && data.entries.length > 0}
				<RecordsTable
					entries={data.entries}
					order={data.filter.order}
					orderedBy={(order) => address({ order })}
				/>
			{:else if data.view === 'outings' && data.outings.length > 0}
				<OutingsTable outings={data.outings} />
			{:else}
				<p class="quiet">
					{filtered
						? `No ${data.view === 'records' ? 'record' : 'outing'} of yours fits that.`
						: 'Nothing recorded yet. Confirm a record of an outing, and it stands here.'}
				</p>
			{/if}
			{#if next}<a class="btn btn-outline mt-3" href={next}>More</a>{/if}
		</section>
	{/if}
	<section aria-label="Take along" class="grid gap-3 lg:grid-cols-2">
		<div>
			<h2 class="mb-1">Take along</h2>
			<p class="quiet mb-2 max-w-prose text-sm">
				{searched ? 'The records that were searched for' : 'Your own records'} with their places, exact as you noted
				them: mind whom you give them to. The packet holds everything of yours, and goes back in here or on another
				server.
			</p>
			<ul class="flex flex-wrap gap-2">
				{#each EXPORTS as [format, name] (format)}
					<li>
						<a
							class="btn btn-outline h-12"
							href="/api/v1/export/{format}{SEARCHED.has(format) ? searched : ''}"
							download>{name}</a
						>
					</li>
				{/each}
			</ul>
		</div>
		<div>
			<h2 class="mb-1">Bring in</h2>
			<p class="quiet mb-2 max-w-prose text-sm">
				A notebook’s table, waters and reaches from a map, or a packet: looked at first, kept when you say so.
			</p>
			<a class="btn btn-outline h-12" href="/log/bring-in">Bring in a file</a>
		</div>
	</section>
</div>
