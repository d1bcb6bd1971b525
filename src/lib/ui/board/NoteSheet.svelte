<script lang="ts">
	import { describeNote, type Note } from '$lib/core/note';
	import { localClock } from '$lib/core/units';
	import Sheet from '../frame/Sheet.svelte';
	import { useUnits } from '../units';

	interface Props {
		note: Note;
		timeZone: string;
		oncorrect?: () => void;
		onwithdraw: () => void;
		onclose: () => void;
	}
	let { note, timeZone, oncorrect, onwithdraw, onclose }: Props = $props();
	const { say } = useUnits();
	const described = $derived(describeNote(note));
</script>

<Sheet title={described.title} {onclose}>
	<p class="quiet">Written at {localClock(note.at, timeZone)}{note.replaces ? ', as a correction' : ''}.</p>
	{#if described.detail.say}<p class="mt-1">{say(described.detail)}</p>{/if}
	<p class="quiet mt-3 text-sm">
		A correction is written beside the first note, and a withdrawn note can be brought back: nothing is
		erased.
	</p>
	{#snippet actions()}
		<button type="button" class="btn btn-outline h-12" onclick={onwithdraw}>Withdraw</button>
		{#if oncorrect}<button type="button" class="btn btn-primary h-12" onclick={oncorrect}>Correct</button
			>{/if}
	{/snippet}
</Sheet>
