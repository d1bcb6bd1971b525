<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { localClock, localDate } from '$lib/core/units';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import type { PageData } from './$types';

	const { say } = useWords(words);

	let { data }: { data: PageData } = $props();
	const open = $derived(data.outings.filter(({ endedAt }) => endedAt === null));
	const past = $derived(data.outings.filter(({ endedAt }) => endedAt !== null));
	const last = $derived(data.outings.at(-1));
</script>

<PageHead title={say('bank')} detail={say('the-outing-in-hand')}>
	<a class="btn btn-primary h-12" href="/bank/new">{say('begin-an-outing')}</a>
</PageHead>
<div class="grid gap-6 p-4 md:px-5">
	{#if open.length > 0}
		<section aria-labelledby={say('open')}>
			<h2 id="open" class="mb-2">{say('under-way')}</h2>
			<ul class="grid gap-2 lg:grid-cols-2">
				{#each open as outing (outing.id)}
					<li>
						<a class="border-primary hover:bg-base-200 block rounded border-2 p-4" href="/bank/{outing.id}">
							<span class="block text-lg font-bold">{outing.reach.name}, {outing.reach.water}</span>
							<span class="quiet">
								{say('since-notes', {
									localDate: localDate(outing.startedAt, outing.reach.timeZone),
									localClock: localClock(outing.startedAt, outing.reach.timeZone),
									noteCount: outing.noteCount
								})}
							</span>
						</a>
					</li>
				{/each}
			</ul>
		</section>
	{/if}
	<section aria-labelledby={say('past')}>
		<h2 id="past" class="mb-2">{say('before')}</h2>
		{#if past.length === 0}
			<p class="quiet">{say('no-outings-yet-begin')}</p>
		{:else}
			<ul class="border-base-300 border-t">
				{#each past as outing (outing.id)}
					<li class="border-base-300 border-b">
						<a
							class="hover:bg-base-200 grid min-h-12 grid-cols-[8.5rem_1fr_auto] items-center gap-3 px-1 py-2"
							href="/bank/{outing.id}"
						>
							<span class="quiet text-sm">{localDate(outing.startedAt, outing.reach.timeZone, true)}</span>
							<span><span class="font-semibold">{outing.reach.name}</span>, {outing.reach.water}</span>
							<span class="quiet font-mono text-sm">{say('notes', { noteCount: outing.noteCount })}</span>
						</a>
					</li>
				{/each}
			</ul>
		{/if}
		{#if data.more && last}
			<a class="btn btn-outline mt-3" href="/bank?before={last.startedAt.toISOString()}&id={last.id}"
				>{say('earlier-ones')}</a
			>
		{/if}
	</section>
</div>
