<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { afterNavigate } from '$app/navigation';
	import { untrack } from 'svelte';
	import { seasonRows } from '$lib/core/record';
	import { STYLE_IDS, styleName } from '$lib/core/tackle';
	import { MONTH_NAMES } from '$lib/core/units';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import MonthPage from '$lib/ui/log/MonthPage.svelte';
	import OutingsTable from '$lib/ui/log/OutingsTable.svelte';
	import RecordsTable from '$lib/ui/log/RecordsTable.svelte';
	import SeasonRibbons from '$lib/ui/log/SeasonRibbons.svelte';
	import type { PageData } from './$types';
	import Choice from '$lib/ui/frame/Choice.svelte';
	import Field from '$lib/ui/frame/Field.svelte';

	const { say } = useWords(words);

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
		['records', say('records')],
		['outings', say('outings')],
		['calendar', say('calendar')]
	] as const;
	const ORDERS = [
		['newest', say('newest-first')],
		['oldest', say('oldest-first')],
		['kind', say('by-kind')],
		['most', say('most-first')],
		['largest', say('largest-first')],
		['taken', say('likeliest-taken-first')]
	] as const;
	const EXPORTS = [
		['csv', say('a-table-csv')],
		['geojson', say('a-map-layer-geojson')],
		['shared', say('what-my-circles-shared')],
		['ics', say('a-calendar-icalendar')],
		['expected', say('what-to-expect-icalendar')],
		['dwca', say('for-science-by-water')],
		['packet', say('everything-of-mine-packet')]
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
	<Choice {label} {name} {value} onchange={submit}
		>{#each options as [id, text] (id)}<option value={id}>{text}</option>{/each}</Choice
	>
{/snippet}

<PageHead
	title={say('log')}
	detail={total === 1 ? say('1-record-of-yours') : say('records-of-yours', { total })}
>
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
		<section aria-label={say('your-seasons')} class="min-w-0">
			<h2 class="mb-1">{say('your-seasons')}</h2>
			<p class="quiet mb-2 text-sm">
				{say('what-you-recorded-by')}
			</p>
			<SeasonRibbons {rows} hemisphere={data.hemisphere} />
		</section>
	{/if}
	{#if data.view === 'calendar'}
		<section aria-label={say('calendar')} class="min-w-0">
			<MonthPage month={data.month} outings={data.outings} />
		</section>
	{:else}
		<section aria-label={data.view === 'records' ? say('records') : say('outings')} class="min-w-0">
			<form
				method="GET"
				class="mb-3 grid grid-cols-2 gap-2 {data.view === 'records'
					? 'sm:grid-cols-3 lg:grid-cols-[minmax(12rem,1fr)_repeat(4,10rem)_auto]'
					: 'sm:grid-cols-[12rem_12rem_auto] sm:justify-start'}"
				role="search"
				data-sveltekit-keepfocus
			>
				{#if data.view === 'records'}
					<Field label={say('any-name-water-or')} class="max-sm:col-span-2"
						><input class="input h-12 w-full" name="q" bind:value={sought} maxlength="80" /></Field
					>
				{:else}<input type="hidden" name="view" value="outings" />{/if}
				{@render choice('month', say('month'), data.filter.month, [
					['', say('all')],
					...MONTH_NAMES.map((name, i) => [String(i + 1), name] as const)
				])}
				{@render choice('water', say('water'), data.filter.water, [
					['', say('all')],
					...data.waters.map((water) => [water, water] as const)
				])}
				{#if data.view === 'records'}
					{@render choice('style', say('fly-style'), data.filter.style, [
						['', say('any')],
						...STYLE_IDS.map((id) => [id, say(styleName(id))] as const)
					])}
					{@render choice('order', say('order'), data.filter.order, ORDERS)}
				{/if}
				<button class="btn btn-outline h-12 self-end max-sm:col-span-2">{say('look')}</button>
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
						? say('no-record-outing-of', { viewIs: data.view === 'records' ? 'yes' : 'no' })
						: say('nothing-recorded-yet-confirm')}
				</p>
			{/if}
			{#if next}<a class="btn btn-outline mt-3" href={next}>{say('more')}</a>{/if}
		</section>
	{/if}
	<section aria-label={say('take-along')} class="grid gap-3 lg:grid-cols-2">
		<div>
			<h2 class="mb-1">{say('take-along')}</h2>
			<p class="quiet mb-2 max-w-prose text-sm">
				{say('the-records-that-were', { searched: searched ? 'yes' : 'no' })}
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
			<h2 class="mb-1">{say('bring-in')}</h2>
			<p class="quiet mb-2 max-w-prose text-sm">
				{say('a-notebooks-table-waters')}
			</p>
			<a class="btn btn-outline h-12" href="/log/bring-in">{say('bring-in-a-file')}</a>
		</div>
	</section>
</div>
