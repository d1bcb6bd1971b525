<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import { untrack } from 'svelte';
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
	import Choice from '$lib/ui/frame/Choice.svelte';
	import Field from '$lib/ui/frame/Field.svelte';

	const { say } = useWords(words);

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const submit = ({ currentTarget }: { currentTarget: HTMLSelectElement }) =>
		currentTarget.form?.requestSubmit();
	let live = $state(false);
	/** What was there when the page opened, to mark what came since. */
	const known: ReadonlySet<string> = untrack(() => new Set(data.feed.map(({ id }) => id)));

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
			<Choice label={say('insect')} name="taxon" value={data.filter.taxon ?? ''} onchange={submit}
				><option value="">{say('all')}</option>{#each TAXA as taxon (taxon.id)}<option value={taxon.id}
						>{say(taxonName(taxon.id))}</option
					>{/each}</Choice
			>
			<Choice label={say('stage')} name="stage" value={data.filter.stage ?? ''} onchange={submit}
				><option value="">{say('all')}</option>{#each LIFE_STAGES as stage (stage)}<option value={stage}
						>{say(STAGE_NAMES[stage])}</option
					>{/each}</Choice
			>
			<Choice label={say('water')} name="water" value={data.filter.water ?? ''} onchange={submit}
				><option value="">{say('all')}</option>{#each data.waters as water (water)}<option value={water}
						>{water}</option
					>{/each}</Choice
			>
			<Choice label={say('since')} name="days" value={data.filter.days ?? ''} onchange={submit}
				><option value="">{say('ever')}</option><option value="1">{say('yesterday')}</option><option value="7"
					>{say('a-week')}</option
				><option value="30">{say('a-month')}</option></Choice
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
					<FeedEntry {seen} fresh={seen.some(({ id }) => !known.has(id))} heldBack={when(seen[0])}>
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
			<Field label={say('start-a-circle')}
				><input
					class="input w-full"
					name="name"
					maxlength="60"
					required
					placeholder={say('its-name')}
				/></Field
			>
			<button class="btn btn-outline">{say('start-it')}</button>
		</form>
	</aside>
</div>
