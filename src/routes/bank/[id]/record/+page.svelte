<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { foretoldBy, proposeRecords, type HatchRecord } from '$lib/core';
	import { useBoard } from '$lib/ui/board/context';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import RecordCard from '$lib/ui/record/RecordCard.svelte';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const board = useBoard();
	const { reach, latitude, longitude } = $derived(data.outing);
	const proposed = $derived(
		proposeRecords(
			board.outing,
			board.outbox.notes,
			{
				basin: reach.basin,
				water: reach.water,
				reach: reach.name,
				latitude,
				longitude,
				timeZone: reach.timeZone
			},
			data.options.hooks
		)
	);
	const key = ({ taxonId, stage }: Pick<HatchRecord, 'taxonId' | 'stage'>) => `${taxonId}/${stage}`;
	const confirmed = $derived(new Map(data.confirmed.map((own) => [key(own.record), own])));
	/** How every other record of this outing is shared. */
	const othersOf = (id: string | undefined) =>
		data.confirmed.filter((own) => own.id !== id).flatMap(({ shares }) => shares);
	const onlyConfirmed = $derived(
		data.confirmed.filter(({ record }) => !proposed.some((proposal) => key(proposal) === key(record)))
	);
</script>

<PageHead
	title="Records of this outing"
	detail="{reach.name}, {reach.water}"
	back={{ href: `/bank/${data.outing.id}`, name: 'Board' }}
/>
<div class="grid max-w-6xl grid-cols-1 gap-4 p-4 md:px-5 lg:grid-cols-2">
	{#if proposed.length === 0 && data.confirmed.length === 0}
		<p class="quiet">
			Nothing to record yet. Note what you see or net on the <a class="link" href="/bank/{data.outing.id}"
				>board</a
			>, and a record of each stage is proposed here.
		</p>
	{/if}
	{#each proposed as proposal (key(proposal))}
		{@const own = confirmed.get(key(proposal))}
		<RecordCard
			outingId={data.outing.id}
			{proposal}
			{own}
			foretold={foretoldBy(proposal, data.samples)}
			circles={data.circles}
			others={othersOf(own?.id)}
			usual={data.usual}
			onkept={() => invalidateAll()}
		/>
	{/each}
	{#each onlyConfirmed as own (own.id)}
		<RecordCard
			outingId={data.outing.id}
			proposal={own.record}
			{own}
			foretold={foretoldBy(own.record, data.samples)}
			circles={data.circles}
			others={othersOf(own.id)}
			usual={data.usual}
			onkept={() => invalidateAll()}
		/>
	{/each}
</div>
