<script lang="ts">
	import { within } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { finestOf, isFiner, PRECISION_NAMES, PRECISIONS, type Precision } from '$lib/core/record';
	import { coarsen, EMBARGO_NAMES, EMBARGOES, type Embargo } from '$lib/core/share';
	import type { RecordDraft } from './draft.svelte';
	import PlaceText from './PlaceText.svelte';
	import Choice from '$lib/ui/frame/Choice.svelte';

	const { say } = useWords(words);

	interface Props {
		draft: RecordDraft;
		circles: readonly { id: string; name: string }[];
		/** How other records of the same outing are shared already. */
		others: readonly { circleId: string; precision: Precision }[];
	}
	let { draft, circles, others }: Props = $props();
	const share = $derived(draft.share);
	/** The finest that this circle knows of the outing already: day, hour and guide put the two together. */
	const known = $derived(
		finestOf(others.filter(({ circleId }) => circleId === share.circleId).map(({ precision }) => precision))
	);
	const told = $derived(coarsen(draft.edited, share.precision, share.withWords));
	const change = (own: RecordDraft['own']) => (draft.own = { ...draft.own, ...own });
</script>

<p class="quiet text-sm">
	{say('they-will-see')} <b><PlaceText place={told.place} /></b>{share.embargo === 'now' &&
	share.precision === 'season'
		? say('within-half-a-day')
		: share.embargo === 'now'
			? ''
			: `, ${say(within(EMBARGO_NAMES[share.embargo]))}`}
</p>
{#if known && isFiner(known, share.precision)}
	<p class="text-accent text-sm font-semibold">
		{say('another-record-of-this', { within: within(PRECISION_NAMES[known]) })}
	</p>
{/if}
<div class="grid text-sm">
	{#if draft.edited.words}
		<label class="flex min-h-8 items-center gap-2">
			<input
				type="checkbox"
				class="checkbox checkbox-sm"
				bind:checked={() => share.withWords, (goes) => (draft.wordsGo = goes)}
			/>
			{say('my-words-go-along')}
		</label>
	{/if}
	{#if draft.edited.photoId}
		<label class="flex min-h-8 items-center gap-2">
			<input type="checkbox" class="checkbox checkbox-sm" bind:checked={draft.withPicture} />
			{say('the-picture-goes-along')}
		</label>
	{/if}
</div>
<details class="text-sm" open={draft.otherwise}>
	<summary class="link quiet cursor-pointer">{say('share-this-one-otherwise')}</summary>
	<div class="mt-1 grid grid-cols-2 gap-2 sm:grid-cols-3">
		<Choice
			label={say('circle')}
			value={share.circleId}
			onchange={({ currentTarget: { value } }) => change({ circleId: value })}
		>
			{#each circles as circle (circle.id)}<option value={circle.id}>{circle.name}</option>{/each}
		</Choice>
		<Choice
			label={say('they-may-know-the')}
			value={share.precision}
			onchange={({ currentTarget: { value } }) => {
				change({ precision: value as Precision });
				draft.wordsGo = undefined;
			}}
		>
			{#each [...PRECISIONS].reverse() as step (step)}<option value={step}
					>{say(PRECISION_NAMES[step])}</option
				>{/each}
		</Choice>
		<Choice
			label={say('from-when')}
			value={share.embargo}
			onchange={({ currentTarget: { value } }) => change({ embargo: value as Embargo })}
		>
			{#each [...EMBARGOES].reverse() as step (step)}<option value={step}>{say(EMBARGO_NAMES[step])}</option
				>{/each}
		</Choice>
	</div>
</details>
