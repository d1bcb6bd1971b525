<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { PAD_STATES, type PadCounts } from '$lib/core/tray';

	const { say } = useWords(words);

	let { pads, onchange }: { pads: PadCounts | undefined; onchange: (pads: PadCounts) => void } = $props();
	const NAMES = { pale: say('as-the-body'), dark: 'darker', black: say('black-swollen') } as const;
	const FILLS = { pale: '#b9a77c', dark: '#5d4a2f', black: '#151210' } as const;
	const none: PadCounts = { pale: 0, dark: 0, black: 0 };
	const counts = $derived(pads ?? none);
</script>

<!-- Each tap is one animal whose wing pads were looked at. -->
<div class="grid grid-cols-3 gap-1" role="group" aria-label={say('wing-pads')}>
	{#each PAD_STATES as state (state)}
		<button
			type="button"
			class="pad flex-col text-xs"
			onclick={() => onchange({ ...counts, [state]: counts[state] + 1 })}
		>
			<svg width="34" height="12" viewBox="0 0 34 12" aria-hidden="true"
				><path d="M2 3C12 0 26 2 32 10 22 12 8 11 2 8Z" fill={FILLS[state]} stroke="currentColor" /></svg
			>
			<span>{say('wing-pads-2', { value: NAMES[state] })} <b>{counts[state]}</b></span>
		</button>
	{/each}
</div>
