<script lang="ts">
	import { approachOf } from '$lib/core/approach';
	import type { GroundBody } from '$lib/core/note';
	import { within } from '$lib/core/message';
	import { useBoard } from '$lib/ui/board/context';
	import { useWords } from '$lib/ui/writers';
	import words from './look-where-words';

	/** Beside what to look at next: where to look, in a line, and the way to where to stand. */
	const { href, known }: { href: string; known: GroundBody } = $props();
	const board = useBoard();
	const { say } = useWords(words);
	const approach = $derived(approachOf(board.outing, board.at, {}, { known }));
	const [best, next] = $derived(approach.lies);
	const reason = $derived(best?.because[0]);
	const wind = $derived(approach.wind.says[0]);
</script>

{#if best}
	<section class="border-base-300 mt-2 rounded border px-3 py-2" aria-label={say('where-to-look')}>
		<h2>{say('where-to-look')}</h2>
		<p>
			<b>{say(best.name)}</b>{#if next}, {say('then', { next: within(next.name) })}{/if}.
		</p>
		{#if reason}<p class="text-sm">{say(reason)}</p>{/if}
		{#if wind}<p class="text-sm">{say(wind)}</p>{/if}
		<a class="link inline-flex min-h-12 items-center" {href}>{say('where-to-stand')}</a>
	</section>
{/if}
