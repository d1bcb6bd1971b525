<script lang="ts">
	import type { Message } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { Trouble } from './confirm';
	import type { WordsAnswer } from './draft.svelte';

	const { say } = useWords(words);

	interface Props {
		trouble: Trouble;
		/** Whose words they are, where there are several records. */
		whose?: Message | undefined;
		busy: boolean;
		onanswer: (answer: WordsAnswer) => void;
	}
	let { trouble, whose, busy, onanswer }: Props = $props();
	const ANSWERS: readonly (readonly [name: string, answer: WordsAnswer])[] = [
		[say('share-without-my-words'), { wordsGo: false }],
		[say('they-may-know-that'), { namesMayGo: true }]
	];
</script>

<!-- What went wrong in sharing; a name in the words that says more than the share is asked about. -->
<div role="alert" class="text-error grid max-w-3xl gap-2 font-semibold">
	<p>{say(trouble.says)}</p>
	{#if trouble.names.length > 0}
		{#if whose}<p class="text-sm">{say('in-the-words-of', { whose })}</p>{/if}
		<div class="grid grid-cols-2 gap-2">
			{#each ANSWERS as [name, answer] (name)}
				<button type="button" class="btn btn-outline h-12" disabled={busy} onclick={() => onanswer(answer)}
					>{name}</button
				>
			{/each}
		</div>
	{/if}
</div>
