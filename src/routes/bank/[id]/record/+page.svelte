<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { untrack } from 'svelte';
	import { naturalWords } from '$lib/core/atlas';
	import { foretoldBy, proposeRecords, type HatchRecord } from '$lib/core/record';
	import { useBoard } from '$lib/ui/board/context';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { refresh } from '$lib/ui/refresh';
	import { confirm, type Trouble } from '$lib/ui/record/confirm';
	import { RecordDraft, SharePlan, type WordsAnswer } from '$lib/ui/record/draft.svelte';
	import RecordCard from '$lib/ui/record/RecordCard.svelte';
	import SharePlanCard from '$lib/ui/record/SharePlanCard.svelte';
	import WordsTrouble from '$lib/ui/record/WordsTrouble.svelte';
	import type { PageData } from './$types';

	const { say } = useWords(words);

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
	const plan = untrack(() => new SharePlan(data.circles[0]?.id ?? '', data.usual));
	const drafts = new Map<string, RecordDraft>();
	const proposals = $derived(
		new Map([...proposed, ...onlyConfirmed.map(({ record }) => record)].map((one) => [key(one), one]))
	);
	function draftOf(name: string, proposal: HatchRecord): RecordDraft {
		const known = drafts.get(name);
		if (known) return known;
		const draft = new RecordDraft(() => proposals.get(name) ?? proposal, confirmed.get(name)?.record, plan);
		drafts.set(name, draft);
		return draft;
	}
	const rows = $derived(
		[...proposals].map(([name, proposal]) => ({
			proposal,
			draft: untrack(() => draftOf(name, proposal)),
			own: confirmed.get(name)
		}))
	);
	const going = $derived(
		rows.filter(({ draft, own }) => draft.included && draft.inOrder && !own?.shares.length)
	);
	let busy = $state(false);
	let trouble = $state<Trouble>();

	/** Confirms and shares what goes with the outing: all of it, or nothing. */
	async function share() {
		busy = true;
		const sent = going.map(({ draft }) => ({ record: draft.edited, shares: [draft.share] }));
		const asked = going;
		trouble = await confirm(data.outing.id, sent, plan.usual);
		doubted = trouble && asked[trouble.record ?? -1]?.draft;
		if (!trouble) await refresh();
		busy = false;
	}
	/** The record whose words name what its readers may not know. */
	let doubted = $state.raw<RecordDraft>();
	function answered(change: WordsAnswer) {
		if (doubted) Object.assign(doubted, change);
		return share();
	}
</script>

<PageHead
	title={say('records-of-this-outing')}
	detail="{reach.name}, {reach.water}"
	back={{ href: `/bank/${data.outing.id}`, name: say('board-2') }}
/>
<div class="grid max-w-6xl grid-cols-1 gap-4 p-4 md:px-5 lg:grid-cols-2">
	{#if proposed.length === 0 && data.confirmed.length === 0}
		<p class="quiet">
			{say('nothing-to-record-yet')} <a class="link" href="/bank/{data.outing.id}">{say('board')}</a>{say(
				'and-a-record-of'
			)}
		</p>
	{:else if data.circles.length > 0}
		<div class="grid gap-2 lg:col-span-2">
			<SharePlanCard
				{plan}
				circles={data.circles}
				count={going.length}
				left={rows.filter(({ own }) => !own?.shares.length).length}
				water={reach.water}
				{busy}
				onshare={share}
			/>
			{#if trouble}
				<WordsTrouble
					{trouble}
					whose={doubted && naturalWords(doubted.proposal.taxonId, doubted.proposal.stage)}
					{busy}
					onanswer={answered}
				/>
			{/if}
		</div>
	{/if}
	{#each rows as { proposal, draft, own } (key(proposal))}
		<RecordCard
			outingId={data.outing.id}
			{draft}
			{own}
			foretold={foretoldBy(proposal, data.samples)}
			circles={data.circles}
			others={othersOf(own?.id)}
			onkept={() => refresh()}
		/>
	{/each}
</div>
