<script lang="ts">
	import { enhance } from '$app/forms';
	import { LIFE_STAGES, STAGE_NAMES, TAXA } from '$lib/core/atlas';
	import { gatherEvents } from '$lib/core/share';
	import { localClock, localDate } from '$lib/core/units';
	import CircleCard from '$lib/ui/circle/CircleCard.svelte';
	import Replies from '$lib/ui/circle/Replies.svelte';
	import FeedEntry from '$lib/ui/circle/FeedEntry.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { refresh } from '$lib/ui/refresh';
	import type { ActionData, PageData } from './$types';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const submit = ({ currentTarget }: { currentTarget: HTMLSelectElement }) =>
		currentTarget.form?.requestSubmit();
	let live = $state(false);
	/** What was there when the page opened, to mark what came since. */
	let known = $state<ReadonlySet<string>>();
	$effect(() => {
		known ??= new Set(data.feed.map(({ id }) => id));
	});

	$effect(() => {
		const events = new EventSource('/api/v1/events');
		// A stream that was lost may have missed something: on every start, look.
		events.addEventListener('ready', () => {
			live = true;
			void refresh('lacewing:feed');
		});
		events.addEventListener('news', () => void refresh('lacewing:feed'));
		events.addEventListener('error', () => (live = false));
		return () => events.close();
	});

	/** Seen within so many hours counts as on now. */
	const ON_NOW_MS = 3 * 3_600_000;
	const groups = $derived.by(() => {
		const made: { title: string; events: { seen: [Item, ...Item[]] }[] }[] = [];
		for (const event of gatherEvents(data.feed)) {
			const [first, ...rest] = event.seen;
			if (!first) continue;
			const { record } = first;
			const title =
				data.now.getTime() - record.lastSeen.getTime() < ON_NOW_MS
					? 'On now'
					: record.place.precision === 'season'
						? 'Not told to the day'
						: localDate(record.mostSeen, record.timeZone, true);
			const group = made.at(-1);
			if (group?.title === title) group.events.push({ seen: [first, ...rest] });
			else made.push({ title, events: [{ seen: [first, ...rest] }] });
		}
		return made;
	});
	type Item = PageData['feed'][number];
	const mayAnswer = (circleId: string) =>
		data.circles.some(({ id, role }) => id === circleId && role !== 'reader');
	const keeps = (circleId: string) =>
		data.circles.some(({ id, role }) => id === circleId && role === 'keeper');
	const when = ({ heldUntil, record: { timeZone } }: Item) =>
		heldUntil && `${localDate(heldUntil, timeZone, true)} ${localClock(heldUntil, timeZone)}`;
	const earlier = $derived.by(() => {
		if (!data.next) return undefined;
		const query = new URLSearchParams(
			Object.entries(data.filter).filter((entry): entry is [string, string] => Boolean(entry[1]))
		);
		query.set('after', data.next);
		return `/circle?${query}`;
	});
	const filtered = $derived(Object.values(data.filter).some(Boolean));
</script>

<PageHead title="Circle" detail="What colleagues saw, and when">
	<a class="link text-sm font-semibold" href="/circle/season">Season</a>
	<a class="link text-sm font-semibold" href="/circle/map">Map</a>
	<a class="link text-sm font-semibold" href="/circle/boards">Public boards</a>
	<p class="text-sm" aria-live="polite">
		<svg width="9" height="9" class="mr-1 inline" aria-hidden="true"
			><circle
				cx="4.5"
				cy="4.5"
				r="3.6"
				fill={live ? 'var(--color-secondary)' : 'none'}
				stroke="var(--color-secondary)"
				stroke-width="1.6"
			/></svg
		>
		{live ? 'Live' : 'Reconnecting'}
	</p>
</PageHead>
<div class="grid gap-6 p-4 md:px-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
	<section aria-label="Feed">
		<form
			method="GET"
			class="mb-3 grid grid-cols-2 gap-2 sm:grid-cols-4"
			aria-label="Show"
			data-sveltekit-keepfocus
		>
			<label class="grid gap-0.5 text-sm"
				><span>Insect</span><select class="select w-full" name="taxon" onchange={submit}
					><option value="">all</option>{#each TAXA as taxon (taxon.id)}<option
							value={taxon.id}
							selected={data.filter.taxon === taxon.id}>{taxon.commonName}</option
						>{/each}</select
				></label
			>
			<label class="grid gap-0.5 text-sm"
				><span>Stage</span><select class="select w-full" name="stage" onchange={submit}
					><option value="">all</option>{#each LIFE_STAGES as stage (stage)}<option
							value={stage}
							selected={data.filter.stage === stage}>{STAGE_NAMES[stage]}</option
						>{/each}</select
				></label
			>
			<label class="grid gap-0.5 text-sm"
				><span>Water</span><select class="select w-full" name="water" onchange={submit}
					><option value="">all</option>{#each data.waters as water (water)}<option
							selected={data.filter.water === water}>{water}</option
						>{/each}</select
				></label
			>
			<label class="grid gap-0.5 text-sm"
				><span>Since</span><select class="select w-full" name="days" onchange={submit}
					><option value="">ever</option><option value="1" selected={data.filter.days === '1'}
						>yesterday</option
					><option value="7" selected={data.filter.days === '7'}>a week</option><option
						value="30"
						selected={data.filter.days === '30'}>a month</option
					></select
				></label
			>
			<noscript><button class="btn btn-outline">Show</button></noscript>
		</form>
		{#if data.unreadable.length > 0}
			<p class="border-warning my-2 border-l-4 pl-3 text-sm" role="status">
				{data.unreadable.length === 1 ? 'An entry' : `${data.unreadable.length} entries`} of {[
					...new Set(data.unreadable)
				].join(' and ')} cannot be read and {data.unreadable.length === 1 ? 'is' : 'are'} left out here. Whoever
				runs this server finds which in its log; only keepers are told.
			</p>
		{/if}
		{#each groups as { title, events } (title + events[0]?.seen[0].id)}
			<h2 class="mt-3 mb-1 first:mt-0 {title === 'On now' ? 'text-accent' : 'quiet'}">{title}</h2>
			<ul class="border-base-300 border-t">
				{#each events as { seen } (seen[0].id)}
					<FeedEntry
						{seen}
						fresh={known !== undefined && seen.some(({ id }) => !known?.has(id))}
						heldBack={when(seen[0])}
					>
						<!-- One row of answers for an event, however many guides saw it. -->
						{@const answerable = seen.filter(({ circleId }) => mayAnswer(circleId))}
						{@const answered = answerable.find(({ mine }) => !mine) ?? answerable[0]}
						{#each seen as item (item.id)}
							<Replies {item} mayAnswer={item === answered} keeps={keeps(item.circleId)} />
						{/each}
					</FeedEntry>
				{/each}
			</ul>
		{:else}
			<p class="quiet">
				{filtered
					? 'Nothing shared fits that.'
					: data.circles.length === 0
						? 'You are in no circle yet. Start one, or ask a colleague for an invitation.'
						: 'Nothing shared yet. Confirm a record of an outing and share it: the circle sees it at once.'}
			</p>
		{/each}
		{#if earlier}<a class="btn btn-outline mt-4" href={earlier}>Earlier ones</a>{/if}
	</section>
	<aside class="grid content-start gap-4">
		{#if form?.message && form.message !== 'Done.'}<p role="alert" class="font-semibold">
				{form.message}
			</p>{/if}
		{#each data.circles as circle (circle.id)}
			<CircleCard
				{circle}
				link={form?.circleId === circle.id ? form.link : undefined}
				day={(at) => localDate(at, Intl.DateTimeFormat().resolvedOptions().timeZone, true)}
			/>
		{/each}
		<form method="POST" action="?/create" class="grid gap-2" use:enhance>
			<label class="grid gap-1">
				<span class="font-semibold">Start a circle</span>
				<input class="input w-full" name="name" maxlength="60" required placeholder="Its name" />
			</label>
			<button class="btn btn-outline">Start it</button>
		</form>
	</aside>
</div>
