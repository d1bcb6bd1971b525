<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import { joined, typed } from '$lib/core/message';
	import words from './words';
	import { enhance } from '$app/forms';
	import { LIFE_STAGES, STAGE_NAMES, TAXA, taxonName } from '$lib/core/atlas';
	import { gatherEvents } from '$lib/core/share';
	import { localClock, localDate } from '$lib/core/units';
	import CircleCard from '$lib/ui/circle/CircleCard.svelte';
	import Replies from '$lib/ui/circle/Replies.svelte';
	import FeedEntry from '$lib/ui/circle/FeedEntry.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { refresh } from '$lib/ui/refresh';
	import type { ActionData, PageData } from './$types';

	const { say } = useWords(words);

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
		const made: { title: string; now: boolean; events: { seen: [Item, ...Item[]] }[] }[] = [];
		for (const event of gatherEvents(data.feed)) {
			const [first, ...rest] = event.seen;
			if (!first) continue;
			const { record } = first;
			const now = data.now.getTime() - record.lastSeen.getTime() < ON_NOW_MS;
			const title = now
				? say('on-now')
				: record.place.precision === 'season'
					? say('not-told-to-the')
					: localDate(record.mostSeen, record.timeZone, true);
			const group = made.at(-1);
			if (group?.title === title) group.events.push({ seen: [first, ...rest] });
			else made.push({ title, now, events: [{ seen: [first, ...rest] }] });
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

<PageHead title={say('circle')} detail={say('what-colleagues-saw-and')}>
	<a class="link text-sm font-semibold" href="/circle/season">{say('season')}</a>
	<a class="link text-sm font-semibold" href="/circle/map">{say('map')}</a>
	<a class="link text-sm font-semibold" href="/circle/boards">{say('public-boards')}</a>
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
		{live ? say('live') : say('reconnecting')}
	</p>
</PageHead>
<div class="grid gap-6 p-4 md:px-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
	<section aria-label={say('feed')}>
		<form
			method="GET"
			class="mb-3 grid grid-cols-2 gap-2 sm:grid-cols-4"
			aria-label={say('show')}
			data-sveltekit-keepfocus
		>
			<label class="grid gap-0.5 text-sm"
				><span>{say('insect')}</span><select class="select w-full" name="taxon" onchange={submit}
					><option value="">{say('all')}</option>{#each TAXA as taxon (taxon.id)}<option
							value={taxon.id}
							selected={data.filter.taxon === taxon.id}>{say(taxonName(taxon.id))}</option
						>{/each}</select
				></label
			>
			<label class="grid gap-0.5 text-sm"
				><span>{say('stage')}</span><select class="select w-full" name="stage" onchange={submit}
					><option value="">{say('all')}</option>{#each LIFE_STAGES as stage (stage)}<option
							value={stage}
							selected={data.filter.stage === stage}>{say(STAGE_NAMES[stage])}</option
						>{/each}</select
				></label
			>
			<label class="grid gap-0.5 text-sm"
				><span>{say('water')}</span><select class="select w-full" name="water" onchange={submit}
					><option value="">{say('all')}</option>{#each data.waters as water (water)}<option
							selected={data.filter.water === water}>{water}</option
						>{/each}</select
				></label
			>
			<label class="grid gap-0.5 text-sm"
				><span>{say('since')}</span><select class="select w-full" name="days" onchange={submit}
					><option value="">{say('ever')}</option><option value="1" selected={data.filter.days === '1'}
						>{say('yesterday')}</option
					><option value="7" selected={data.filter.days === '7'}>{say('a-week')}</option><option
						value="30"
						selected={data.filter.days === '30'}>{say('a-month')}</option
					></select
				></label
			>
			<noscript><button class="btn btn-outline">{say('show')}</button></noscript>
		</form>
		{#if data.unreadable.length > 0}
			<p class="border-warning my-2 border-l-4 pl-3 text-sm" role="status">
				{say('of-cannot-be-read', {
					count: data.unreadable.length,
					circles: joined('and', ...[...new Set(data.unreadable)].map(typed))
				})}
			</p>
		{/if}
		{#each groups as { title, now, events } (title + events[0]?.seen[0].id)}
			<h2 class="mt-3 mb-1 first:mt-0 {now ? 'text-accent' : 'quiet'}">{title}</h2>
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
					? say('nothing-shared-fits-that')
					: data.circles.length === 0
						? say('you-are-in-no')
						: say('nothing-shared-yet-confirm')}
			</p>
		{/each}
		{#if earlier}<a class="btn btn-outline mt-4" href={earlier}>{say('earlier-ones')}</a>{/if}
	</section>
	<aside class="grid content-start gap-4">
		{#if form?.message && form.message.id !== 'server.done'}<p role="alert" class="font-semibold">
				{say(form.message)}
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
				<span class="font-semibold">{say('start-a-circle')}</span>
				<input class="input w-full" name="name" maxlength="60" required placeholder={say('its-name')} />
			</label>
			<button class="btn btn-outline">{say('start-it')}</button>
		</form>
	</aside>
</div>
