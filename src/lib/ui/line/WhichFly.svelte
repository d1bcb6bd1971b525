<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { RigBody } from '$lib/core/note';
	import { patternFor, patternName } from '$lib/core/tackle';

	type Fly = Omit<NonNullable<RigBody['second']>, 'distanceM'>;
	interface Props {
		/** The two flies on the leader; one that is in no library any more has no name. */
		flies: { first: Fly; second: Fly; named: 'first' | 'second' };
		onsay: (which: 'first' | 'second') => void;
	}
	let { flies, onsay }: Props = $props();
	const { say, show } = useWords(words);
	const order = $derived(
		flies.named === 'second' ? (['second', 'first'] as const) : (['first', 'second'] as const)
	);
	function nameOf(which: 'first' | 'second'): string {
		const pattern = patternFor(flies[which]);
		const name = pattern ? patternName(pattern) : which === 'first' ? 'the-first-fly' : 'the-second-fly';
		return `${say(name)}, ${show({ hookSize: flies[which].hookSize })}`;
	}
</script>

<section aria-label={say('which-fly-was-it')} class="grid gap-1.5">
	<p class="font-semibold">{say('which-fly-was-it')}</p>
	<div class="grid grid-cols-2 gap-1.5">
		{#each order as which (which)}
			<button type="button" class="pad text-sm" onclick={() => onsay(which)}>{nameOf(which)}</button>
		{/each}
	</div>
</section>
