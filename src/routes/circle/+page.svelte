<script lang="ts">
	import { enhance } from '$app/forms';
	import { invalidate } from '$app/navigation';
	import { localDate } from '$lib/core';
	import FeedEntry from '$lib/ui/circle/FeedEntry.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import type { ActionData, PageData } from './$types';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const last = $derived(data.feed.at(-1));
	let live = $state(false);
	/** What was there when the page opened, to mark what came since. */
	let known = $state<ReadonlySet<string>>();
	$effect(() => {
		known ??= new Set(data.feed.map(({ id }) => id));
	});

	$effect(() => {
		const events = new EventSource('/api/v1/events');
		const refresh = () => void invalidate('lacewing:feed');
		// A stream that was lost may have missed something: on every start, look.
		events.addEventListener('ready', () => {
			live = true;
			refresh();
		});
		events.addEventListener('news', refresh);
		events.addEventListener('error', () => (live = false));
		return () => events.close();
	});

	const days = $derived.by(() => {
		const groups: { day: string; items: PageData['feed'] }[] = [];
		for (const item of data.feed) {
			const day = localDate(item.record.mostSeen, item.record.timeZone, true);
			const group = groups.at(-1);
			if (group?.day === day) group.items.push(item);
			else groups.push({ day, items: [item] });
		}
		return groups;
	});
</script>

<PageHead title="Circle" detail="What colleagues saw, and when">
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
		{#each days as { day, items } (day + items[0]?.id)}
			<h2 class="quiet mt-3 mb-1 first:mt-0">{day}</h2>
			<ul class="border-base-300 border-t">
				{#each items as item (item.id)}
					<FeedEntry {item} fresh={known !== undefined && !known.has(item.id)} />
				{/each}
			</ul>
		{:else}
			<p class="quiet">
				{data.circles.length === 0
					? 'You are in no circle yet. Start one, or ask a colleague for an invitation.'
					: 'Nothing shared yet. Confirm a record of an outing and share it: the circle sees it at once.'}
			</p>
		{/each}
		{#if data.more && last}
			<a class="btn btn-outline mt-4" href="/circle?before={last.sharedAt.toISOString()}&id={last.id}"
				>Earlier ones</a
			>
		{/if}
	</section>
	<aside class="grid content-start gap-4">
		{#each data.circles as circle (circle.id)}
			<section class="border-base-300 rounded border p-4" aria-label={circle.name}>
				<h2>{circle.name}</h2>
				<ul class="mt-1">
					{#each circle.members as member (member.name)}
						<li>
							{member.name}{member.role === 'keeper' ? ', keeper' : ''}
						</li>
					{/each}
				</ul>
				<form method="POST" action="?/invite" class="mt-3" use:enhance>
					<input type="hidden" name="circleId" value={circle.id} />
					<button class="btn btn-outline btn-sm">Make an invitation link</button>
				</form>
				{#if form?.link && form.circleId === circle.id}
					<label class="mt-2 grid gap-1 text-sm">
						<span>Good for seven days. Give it only to whom you mean.</span>
						<input
							class="input w-full font-mono text-xs"
							readonly
							value={form.link}
							aria-label="Invitation link"
						/>
					</label>
				{/if}
			</section>
		{/each}
		<form method="POST" action="?/create" class="grid gap-2" use:enhance>
			<label class="grid gap-1">
				<span class="font-semibold">Start a circle</span>
				<input class="input w-full" name="name" maxlength="60" required placeholder="Its name" />
			</label>
			{#if form?.message}<p role="alert" class="text-error">{form.message}</p>{/if}
			<button class="btn btn-outline">Start it</button>
		</form>
	</aside>
</div>
