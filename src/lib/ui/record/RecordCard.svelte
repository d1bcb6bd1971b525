<script lang="ts">
	import { within, chanceWord } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { findTaxon, naturalName } from '$lib/core/atlas';
	import {
		HOW_SURE,
		HOW_SURE_NAMES,
		NAMED_BY,
		NAMED_BY_NAMES,
		PRECISION_NAMES,
		type Foretold,
		type HatchRecord,
		type Precision
	} from '$lib/core/record';
	import { localClock, localDate } from '$lib/core/units';
	import { ABUNDANCE_NAMES, ABUNDANCES } from '$lib/core/vocabulary';
	import { enhance } from '$app/forms';
	import InsectDrawing from '../drawing/InsectDrawing.svelte';
	import { confirm, type Trouble } from './confirm';
	import type { RecordDraft, WordsAnswer } from './draft.svelte';
	import RecordEvidence from './RecordEvidence.svelte';
	import ShareChoices from './ShareChoices.svelte';
	import Choice from '$lib/ui/frame/Choice.svelte';
	import Field from '$lib/ui/frame/Field.svelte';
	import WordsTrouble from './WordsTrouble.svelte';

	interface Props {
		outingId: string;
		draft: RecordDraft;
		own?:
			| {
					id: string;
					record: HatchRecord;
					shares: { circleId: string; circle: string; precision: Precision; appearsAt: Date }[];
					earlier: { confirmedAt: Date; record: HatchRecord }[];
			  }
			| undefined;
		foretold?: Foretold | undefined;
		circles: readonly { id: string; name: string }[];
		/** How other records of the same outing are shared already. */
		others: readonly { circleId: string; precision: Precision }[];
		onkept: () => Promise<void>;
	}
	let { outingId, draft, own, foretold, circles, others, onkept }: Props = $props();
	const { show, say } = useWords(words);

	const proposal = $derived(draft.proposal);
	let busy = $state(false);
	let trouble = $state<Trouble>();
	const picture = $derived(
		draft.edited.photoId && `/api/v1/outings/${outingId}/photos/${draft.edited.photoId}`
	);
	const name = $derived(say(naturalName(proposal.taxonId, proposal.stage)));
	const STEP_MS = 5 * 60_000;

	async function keep(shared: boolean) {
		busy = true;
		const shares = shared && draft.share.circleId ? [draft.share] : [];
		trouble = await confirm(outingId, [{ record: draft.edited, shares }]);
		if (!trouble) await onkept();
		busy = false;
	}
	/** The guide was asked about the names in the words. */
	function answered(change: WordsAnswer) {
		Object.assign(draft, change);
		return keep(true);
	}
</script>

{#snippet time(label: string, value: Date, set: (value: Date) => void)}
	<div
		role="group"
		aria-label={say('seen', { label })}
		class="max-sm:grid max-sm:grid-cols-[4rem_minmax(0,1fr)] max-sm:items-center"
	>
		<p class="text-sm font-semibold">{label}</p>
		<div class="grid grid-cols-[3rem_minmax(0,1fr)_3rem] gap-1">
			<button
				type="button"
				class="pad"
				aria-label={say('earlier')}
				onclick={() => set(new Date(value.getTime() - STEP_MS))}>−</button
			>
			<output class="self-center text-center font-mono">{localClock(value, proposal.timeZone)}</output>
			<button
				type="button"
				class="pad"
				aria-label={say('later')}
				onclick={() => set(new Date(value.getTime() + STEP_MS))}>+</button
			>
		</div>
	</div>
{/snippet}

<article class="border-base-300 grid content-start gap-3 rounded border p-4" aria-label={name}>
	<header class="flex items-center gap-4">
		<InsectDrawing
			taxonId={proposal.taxonId}
			stage={proposal.stage}
			lengthMm={proposal.lengthMm}
			class="h-14 w-20 shrink-0 sm:w-32"
		/>
		<div>
			<h2>{name}</h2>
			<p class="quiet text-sm">
				<span class="science">{findTaxon(proposal.taxonId)?.scientificName}</span>
				{#if proposal.lengthMm !== undefined}· {show({ lengthMm: proposal.lengthMm })}{/if}
			</p>
			<p class="text-sm">{say('fish-on-it')} <b>{say(chanceWord(proposal.taken))}</b></p>
		</div>
		{#if own}<span class="badge badge-secondary ml-auto self-start">{say('confirmed')}</span>{/if}
		{#if circles.length > 0 && !own?.shares.length}
			<label class="flex min-h-11 items-center gap-2 self-start text-sm {own ? '' : 'ml-auto'}">
				<input type="checkbox" class="checkbox checkbox-sm" bind:checked={draft.included} />
				{say('with-the-outing')}
			</label>
		{/if}
	</header>
	<div class="grid gap-2 sm:grid-cols-3">
		{@render time(say('first'), draft.firstSeen, (value) => (draft.firstSeen = value))}
		{@render time(say('most-2'), draft.mostSeen, (value) => (draft.mostSeen = value))}
		{@render time(say('last'), draft.lastSeen, (value) => (draft.lastSeen = value))}
	</div>
	{#if !draft.inOrder}<p role="alert" class="text-error text-sm">
			{say('most-seen-must-lie')}
		</p>{/if}
	<div class="grid grid-cols-2 gap-2 sm:grid-cols-3">
		<Choice label={say('how-many')} bind:value={draft.abundance}>
			{#each ABUNDANCES as step (step)}<option value={step}>{say(ABUNDANCE_NAMES[step])}</option>{/each}
		</Choice>
		<Choice label={say('named')} bind:value={draft.naming.by}>
			{#each NAMED_BY as way (way)}<option value={way}>{say(NAMED_BY_NAMES[way])}</option>{/each}
		</Choice>
		<Choice label={say('how-sure')} bind:value={draft.naming.sure}>
			{#each HOW_SURE as step (step)}<option value={step}>{say(HOW_SURE_NAMES[step])}</option>{/each}
		</Choice>
	</div>
	<RecordEvidence record={draft.edited} {foretold} {picture} />
	<Field label={say('in-your-own-words')}
		><textarea class="textarea w-full" rows="2" maxlength="2000" bind:value={draft.words}></textarea></Field
	>
	{#if circles.length > 0}<ShareChoices {draft} {circles} {others} />{/if}
	{#if trouble}<WordsTrouble {trouble} {busy} onanswer={answered} />{/if}
	<div class="grid grid-cols-2 gap-2">
		<button
			type="button"
			class="btn btn-outline h-12"
			disabled={busy || !draft.inOrder}
			onclick={() => keep(false)}>{say('confirm-keep-to-myself')}</button
		>
		<button
			type="button"
			class="btn btn-primary h-12"
			disabled={busy || !draft.inOrder || !draft.share.circleId}
			onclick={() => keep(true)}>{say('confirm-and-share')}</button
		>
	</div>
	{#if own && own.earlier.length > 0}
		<details class="text-sm">
			<summary class="link quiet min-h-8 cursor-pointer leading-8">{say('what-it-said-before')}</summary>
			<ul class="list-disc pl-5">
				{#each own.earlier as { confirmedAt, record } (confirmedAt.getTime())}
					<li>
						{say('most', {
							localDate: localDate(confirmedAt, record.timeZone, true),
							localClock: localClock(confirmedAt, record.timeZone),
							within: within(ABUNDANCE_NAMES[record.abundance]),
							localClock2: localClock(record.firstSeen, record.timeZone),
							localClock3: localClock(record.lastSeen, record.timeZone),
							localClock4: localClock(record.mostSeen, record.timeZone),
							value: record.words ? `; “${record.words}”` : ''
						})}
					</li>
				{/each}
			</ul>
		</details>
	{/if}
	{#if own}
		{#each own.shares as share (share.circleId)}
			<form
				method="POST"
				action="?/unshare"
				class="flex items-center justify-between gap-2 text-sm"
				use:enhance
			>
				<span
					>{say('sees-it-from', {
						circle: share.circle,
						within: within(PRECISION_NAMES[share.precision]),
						localDate: localDate(share.appearsAt, proposal.timeZone, true),
						localClock: localClock(share.appearsAt, proposal.timeZone)
					})}</span
				>
				<input type="hidden" name="recordId" value={own.id} />
				<input type="hidden" name="circleId" value={share.circleId} />
				<button class="btn btn-ghost btn-sm">{say('take-back')}</button>
			</form>
		{/each}
	{/if}
</article>
