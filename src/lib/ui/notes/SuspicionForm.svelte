<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { SuspicionBody } from '$lib/core/note';
	import type { Place } from '$lib/core/atlas';
	import type { Belief } from '$lib/core/reading';
	import Sheet from '../frame/Sheet.svelte';
	import NaturalPicker from './NaturalPicker.svelte';

	const { say } = useWords(words);

	interface Props {
		beliefs: readonly Belief[];
		place?: Place | undefined;
		onsay: (body: SuspicionBody) => void;
		onclose: () => void;
	}
	let { beliefs, place, onsay, onclose }: Props = $props();
</script>

<Sheet title={say('what-do-you-suspect')} {onclose}>
	<p class="quiet mb-3 text-sm">{say('it-does-not-move')}</p>
	<NaturalPicker {beliefs} {place} method="eye" onpick={(taxonId, stage) => onsay({ taxonId, stage })} />
</Sheet>
