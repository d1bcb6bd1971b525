<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { patternName, type Pattern } from '$lib/core/tackle';

	interface Props {
		/** The two flies on the leader; one that is in no library any more has no name. */
		flies: { first: Pattern | undefined; second: Pattern | undefined };
		onsay: (which: 'first' | 'second') => void;
	}
	let { flies, onsay }: Props = $props();
	const { say } = useWords(words);
	const nameOf = (fly: Pattern | undefined, which: 'first' | 'second') =>
		say(fly ? patternName(fly) : which === 'first' ? 'the-first-fly' : 'the-second-fly');
</script>

<section aria-label={say('which-fly-was-it')} class="grid gap-1.5">
	<p class="font-semibold">{say('which-fly-was-it')}</p>
	<div class="grid grid-cols-2 gap-1.5">
		{#each ['first', 'second'] as const as which (which)}
			<button type="button" class="pad text-sm" onclick={() => onsay(which)}
				>{nameOf(flies[which], which)}</button
			>
		{/each}
	</div>
</section>
