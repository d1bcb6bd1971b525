<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { LookedBody } from '$lib/core/note';
	import Choices from '../frame/Choices.svelte';
	import Sheet from '../frame/Sheet.svelte';

	const { say } = useWords(words);

	interface Props {
		initial?: LookedBody | undefined;
		onsay: (body: LookedBody) => void;
		onclose: () => void;
	}
	let { initial, onsay, onclose }: Props = $props();
	const MINUTES = [2, 5, 10, 20, 30, 60] as const;
	/** As many as can be told apart at a glance; then by tens. */
	const RISING = [0, 1, 2, 3, 4, 5, 6, 8, 10, 15, 20, 30] as const;
	// svelte-ignore state_referenced_locally
	let minutes = $state(String(initial?.minutes ?? 5));
</script>

<Sheet title={initial ? say('correct-the-count') : say('how-many-fish-rise')} {onclose}>
	<div class="grid gap-4">
		<Choices
			legend={say('looked-for')}
			name="minutes"
			bind:value={minutes}
			choices={[...new Set([...MINUTES, Number(minutes)])]
				.toSorted((a, b) => a - b)
				.map((value) => ({ value: String(value), label: say('minutes', { minutes: value }) }))}
		/>
		<div>
			<p class="mb-1 font-semibold">{say('fish-rising-tap-to')}</p>
			<div class="grid grid-cols-4 gap-1.5">
				{#each RISING as rising (rising)}
					<button type="button" class="pad" onclick={() => onsay({ rising, minutes: Number(minutes) })}
						>{rising === 0 ? say('none') : rising}</button
					>
				{/each}
			</div>
		</div>
		<p class="quiet text-sm">{say('none-is-worth-a')}</p>
	</div>
</Sheet>
