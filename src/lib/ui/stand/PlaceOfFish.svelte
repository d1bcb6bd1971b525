<script lang="ts">
	import type { Lane } from '$lib/core/drift';
	import Stepper from '$lib/ui/frame/Stepper.svelte';
	import { useWords } from '$lib/ui/writers';
	import words from './place-words';

	interface Props {
		lanes: readonly Lane[];
		/** In which it lies, from 0. */
		lane: number;
		upM: number | undefined;
		/** Several are under watch: how far upstream each lies tells whom one passes. */
		several: boolean;
		onlane: (lane: number) => void;
		onup: (upM: number | undefined) => void;
	}
	let { lanes, lane, upM, several, onlane, onup }: Props = $props();
	const { say } = useWords(words);
</script>

<div class="grid gap-3">
	<div class="grid gap-1" role="group" aria-label={say('its-lane')}>
		<span class="font-semibold">{say('its-lane')}</span>
		<div class="flex gap-1.5">
			{#each lanes.keys() as i (i)}
				<button
					type="button"
					class="btn h-12 min-w-10 flex-1 px-0 {lane === i ? 'btn-primary' : 'btn-outline'}"
					aria-pressed={lane === i}
					onclick={() => onlane(i)}>{i + 1}</button
				>
			{/each}
		</div>
		<span class="quiet text-sm">{say('from-left')}</span>
	</div>
	{#if several}
		<Stepper
			label={say('up-from-lowest')}
			bind:value={() => upM, onup}
			usual={0}
			steps={[1, 5]}
			least={0}
			most={100}
			measure="distanceM"
		/>
	{/if}
</div>
