<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { AttemptBody } from '$lib/core/note';
	import {
		DRIFT_PART_NAMES,
		DRIFT_PARTS,
		RELEASE_NAMES,
		RELEASES,
		type DriftPart,
		type Release
	} from '$lib/core/vocabulary';
	import Choices from '../frame/Choices.svelte';

	interface Props {
		/** The fish that took last, as noted. */
		took: AttemptBody;
		/** The fly fished below the film. */
		below: boolean;
		onsay: (more: Partial<Pick<AttemptBody, 'part' | 'release' | 'foughtMin'>>) => void;
	}
	let { took, below, onsay }: Props = $props();
	const { say } = useWords(words);
	const FOUGHT_MIN = [1, 2, 3, 5, 8, 12] as const;
</script>

{#if below}
	<Choices
		legend={say('in-which-part')}
		name="part"
		columns="grid-cols-2"
		value={took.part ?? ''}
		choices={DRIFT_PARTS.map((value) => ({ value, label: say(DRIFT_PART_NAMES[value]) }))}
		onchange={(part) => onsay({ part: part as DriftPart })}
	/>
{/if}
{#if took.outcome === 'landed'}
	<Choices
		legend={say('how-it-went-off')}
		name="release"
		columns="grid-cols-2"
		value={took.release ?? ''}
		choices={RELEASES.map((value) => ({ value, label: say(RELEASE_NAMES[value]) }))}
		onchange={(release) => onsay({ release: release as Release })}
	/>
	<Choices
		legend={say('fought-for-minutes')}
		name="fought"
		columns="grid-cols-6"
		value={String(took.foughtMin ?? '')}
		choices={FOUGHT_MIN.map((minutes) => ({ value: String(minutes), label: String(minutes) }))}
		onchange={(minutes) => onsay({ foughtMin: Number(minutes) })}
	/>
{/if}
