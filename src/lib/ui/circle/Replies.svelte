<script lang="ts">
	import type { Message } from '$lib/core/message';
	import { naturalWords, findTaxon, TAXA, type LifeStage, taxonName } from '$lib/core/atlas';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { enhance } from '$app/forms';
	import Choice from '$lib/ui/frame/Choice.svelte';
	import Field from '$lib/ui/frame/Field.svelte';
	import { weighNames, type Reply, type ShownRecord } from '$lib/core/share';

	const { say } = useWords(words);

	interface Props {
		item: {
			id: string;
			author: string;
			mine: boolean;
			record: ShownRecord;
			replies: { id: string; author: string; mine: boolean; reply: Reply; ownOutingId?: string }[];
		};
		/** May share and answer in this circle, not only read. */
		mayAnswer: boolean;
		/** Keeps the circle: may take out what anybody says in it. */
		keeps: boolean;
	}
	let { item, mayAnswer, keeps }: Props = $props();
	let open = $state<'question' | 'word'>();
	const saw = $derived(item.replies.filter(({ reply }) => reply.kind === 'saw-it-too'));
	const names = $derived(weighNames([item], item.replies));
	const group = $derived(findTaxon(item.record.taxonId)?.group);
	const others = $derived(TAXA.filter((taxon) => taxon.group === group && taxon.id !== item.record.taxonId));
	const name = (taxonId: string, stage?: LifeStage) => naturalWords(taxonId, stage);
	/** What the server asks about before it is said. */
	let asked = $state('');
</script>

{#snippet takeBack(id: string, mine: boolean)}
	<form method="POST" action="?/takeBack" class="inline" use:enhance>
		<input type="hidden" name="id" value={id} />
		<button class="link quiet ml-1 text-xs">{mine ? say('take-back') : say('take-out-2')}</button>
	</form>
{/snippet}

<div class="mt-1 text-sm">
	{#if names.length > 1}
		<p class="font-semibold">
			{say('names', {
				names: names.map(({ taxonId, by }) => `${say(name(taxonId))} (${by.join(', ')})`).join(' · ')
			})}
		</p>
	{/if}
	{#if saw.length > 0}
		<div>
			{say('saw-it-too', { saw: saw.map(({ author }) => author).join(', ') })}
			{#each saw.filter(({ mine }) => mine) as { id, ownOutingId } (id)}
				{#if ownOutingId}<a class="link" href="/bank/{ownOutingId}/record">{say('your-record-of-it')}</a>{/if}
				{@render takeBack(id, true)}
			{/each}
		</div>
	{/if}
	{#each item.replies.filter(({ reply }) => reply.kind !== 'saw-it-too') as { id, author, mine, reply } (id)}
		<div>
			<b>{mine ? say('you-2') : author}</b>
			{#if reply.kind === 'question'}{say('could-it-be', {
					name: name(reply.taxonId),
					mark: reply.mark
				})}{:else if reply.kind === 'word'}{reply.text}{/if}
			{#if mine || keeps}{@render takeBack(id, mine)}{/if}
		</div>
	{/each}
	{#if mayAnswer}
		<div class="mt-1 flex flex-wrap gap-2">
			{#if !item.mine && !saw.some(({ mine }) => mine)}
				<form method="POST" action="?/reply" use:enhance>
					<input type="hidden" name="sharedId" value={item.id} />
					<input type="hidden" name="kind" value="saw-it-too" />
					<button class="btn btn-outline btn-sm max-md:h-12">{say('saw-it-too-2')}</button>
				</form>
			{/if}
			{#if !item.mine}<button
					type="button"
					class="btn btn-outline btn-sm max-md:h-12"
					aria-expanded={open === 'question'}
					onclick={() => (open = open === 'question' ? undefined : 'question')}
					>{say('question-the-name')}</button
				>{/if}
			<button
				type="button"
				class="btn btn-outline btn-sm max-md:h-12"
				aria-expanded={open === 'word'}
				onclick={() => (open = open === 'word' ? undefined : 'word')}>{say('say-something')}</button
			>
		</div>
		{#if open}
			<form
				method="POST"
				action="?/reply"
				class="mt-2 grid max-w-lg gap-2"
				use:enhance={() =>
					async ({ result, update }) => {
						asked =
							result.type === 'failure' && result.status === 409
								? say(result.data?.['message'] as Message)
								: '';
						if (asked) return;
						open = undefined;
						await update();
					}}
			>
				<input type="hidden" name="sharedId" value={item.id} />
				<input type="hidden" name="kind" value={open} />
				{#if open === 'question'}
					<Choice label={say('it-could-be')} name="taxonId">
						{#each others as taxon (taxon.id)}<option value={taxon.id}
								>{say(taxonName(taxon.id))} ({taxon.scientificName})</option
							>{/each}
					</Choice>
					<Field label={say('the-mark-that-tells')}
						><input class="input w-full" name="mark" maxlength="300" required /></Field
					>
				{:else}
					<Field label={say('to-the-circle')}
						><textarea class="textarea w-full" name="text" rows="2" maxlength="1000" required
						></textarea></Field
					>
				{/if}
				{#if asked}
					<p role="alert" class="text-error font-semibold">{asked}</p>
					<button class="btn btn-outline btn-sm justify-self-start max-md:h-12" name="namesMayGo" value="1"
						>{say('they-may-know-that')}</button
					>
				{/if}
				<button class="btn btn-primary btn-sm justify-self-start max-md:h-12">{say('say-it')}</button>
			</form>
		{/if}
	{/if}
</div>
