<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { AttemptBody } from '$lib/core/note';
	import {
		DRIFT_PART_NAMES,
		DRIFT_PARTS,
		RELEASE_NAMES,
		RELEASES,
		type DriftPart
	} from '$lib/core/vocabulary';

	interface Props {
		/** The fish that took last, as noted. */
		took: AttemptBody;
		/** The fly fished below the film. */
		below: boolean;
		onsay: (more: Partial<Pick<AttemptBody, 'part' | 'release' | 'foughtS'>>) => void;
	}
	let { took, below, onsay }: Props = $props();
	const { say } = useWords(words);
	const MINUTE_S = 60;
	const FOUGHT_MIN = [1, 2, 3, 5, 8, 12] as const;
	const parts: readonly DriftPart[] = DRIFT_PARTS;
</script>

{#if below}
	<section aria-label={say('in-which-part')} class="grid gap-1.5">
		<p class="font-semibold">{say('in-which-part')}</p>
		<div class="grid grid-cols-2 gap-1.5">
			{#each parts as part (part)}
				<button
					type="button"
					class="pad min-h-12 text-sm"
					aria-pressed={took.part === part}
					onclick={() => onsay({ part })}>{say(DRIFT_PART_NAMES[part])}</button
				>
			{/each}
		</div>
	</section>
{/if}
{#if took.outcome === 'landed'}
	<section aria-label={say('how-it-went-off')} class="grid gap-1.5">
		<p class="font-semibold">{say('how-it-went-off')}</p>
		<div class="grid grid-cols-2 gap-1.5">
			{#each RELEASES as release (release)}
				<button
					type="button"
					class="pad min-h-12 text-sm"
					aria-pressed={took.release === release}
					onclick={() => onsay({ release })}>{say(RELEASE_NAMES[release])}</button
				>
			{/each}
		</div>
		<p class="font-semibold">{say('fought-for-minutes')}</p>
		<div class="grid grid-cols-6 gap-1.5">
			{#each FOUGHT_MIN as minutes (minutes)}
				<button
					type="button"
					class="pad min-h-12 font-mono"
					aria-pressed={took.foughtS === minutes * MINUTE_S}
					onclick={() => onsay({ foughtS: minutes * MINUTE_S })}>{minutes}</button
				>
			{/each}
		</div>
	</section>
{/if}
