<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { HatchBody } from '$lib/core/note';
	import { HATCH_TREND_NAMES, HATCH_TRENDS } from '$lib/core/vocabulary';
	import Sheet from '../frame/Sheet.svelte';

	const { say } = useWords(words);

	interface Props {
		onsay: (body: HatchBody) => void;
		onclose: () => void;
	}
	let { onsay, onclose }: Props = $props();
</script>

<Sheet title={say('how-the-hatch-goes')} {onclose}>
	<div class="grid grid-cols-3 gap-2">
		{#each HATCH_TRENDS as trend (trend)}
			<button type="button" class="pad min-h-16" onclick={() => onsay({ trend })}
				>{say(HATCH_TREND_NAMES[trend])}</button
			>
		{/each}
	</div>
</Sheet>
