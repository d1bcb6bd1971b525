<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { describeNote, type Note } from '$lib/core/note';
	import { localClock } from '$lib/core/units';
	import Sheet from '../frame/Sheet.svelte';

	interface Props {
		note: Note;
		timeZone: string;
		oncorrect?: (() => void) | undefined;
		onwithdraw: () => void;
		onclose: () => void;
	}
	let { note, timeZone, oncorrect, onwithdraw, onclose }: Props = $props();
	const { say } = useWords(words);
	const described = $derived(describeNote(note));
</script>

<Sheet title={say(described.title)} {onclose}>
	<p class="quiet">
		{say('written-at-as-a', {
			localClock: localClock(note.at, timeZone),
			replacesIs: note.replaces ? 'yes' : 'no'
		})}
	</p>
	{#if described.detail}<p class="mt-1">{say(described.detail)}</p>{/if}
	<p class="quiet mt-3 text-sm">
		{say('a-correction-is-written')}
	</p>
	{#snippet actions()}
		<button type="button" class="btn btn-outline h-12" onclick={onwithdraw}>{say('withdraw')}</button>
		{#if oncorrect}<button type="button" class="btn btn-primary h-12" onclick={oncorrect}
				>{say('correct')}</button
			>{/if}
	{/snippet}
</Sheet>
