<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { describeNote, type Note } from '$lib/core/note';
	import type { LiveNote } from '$lib/core/outing';
	import { scoreOfGuess, type Reading } from '$lib/core/reading';
	import { localClock } from '$lib/core/units';

	interface Props {
		live: readonly LiveNote[];
		here: ReadonlyMap<string, string | undefined>;
		timeZone: string;
		/** What the reading is now: it scores guesses. */
		reading?: Reading;
		onopen: (note: Note) => void;
	}
	let { live, here, timeZone, reading, onopen }: Props = $props();
	const { say } = useWords(words);
	/** So many are shown at first, and so many more on demand: a day of thousands of rises is no page of thousands. */
	const A_PAGE = 100;
	let shown = $state(A_PAGE);
	const newestFirst = $derived(live.slice(-shown).reverse());
	const earlier = $derived(live.length - newestFirst.length);
</script>

{#if live.length === 0}
	<p class="quiet py-4">
		{say('no-notes-yet-begin')}
	</p>
{:else}
	<ol>
		{#each newestFirst as { note, observedAt } (note.id)}
			{@const { title, detail } = describeNote(note)}
			{@const waits = here.has(note.id)}
			{@const refused = here.get(note.id)}
			<li class="border-base-300 border-b">
				<button
					type="button"
					class="hover:bg-base-200 grid w-full grid-cols-[3.4rem_1fr_auto] gap-x-2 px-1 py-2 text-left"
					onclick={() => onopen(note)}
				>
					<time class="quiet font-mono text-sm leading-6">{localClock(observedAt, timeZone)}</time>
					<span class="min-w-0">
						<span class="block font-semibold">{say(title)}</span>
						{#if detail}<span class="quiet block text-sm break-words">{say(detail)}</span>{/if}
						{#if reading && note.kind === 'suspicion'}
							<span class="quiet block text-sm">{say(scoreOfGuess(reading, note.body))}</span>
						{/if}
						{#if refused}<span class="text-error block text-sm">{say('not-taken', { refused })}</span>{/if}
					</span>
					<span class="quiet flex items-center gap-1 self-start pt-1 text-right text-xs">
						<svg width="9" height="9" aria-hidden="true">
							<circle
								cx="4.5"
								cy="4.5"
								r="3.6"
								fill={waits ? 'none' : 'var(--color-secondary)'}
								stroke={waits ? 'var(--color-accent)' : 'var(--color-secondary)'}
								stroke-width="1.6"
							/>
						</svg>
						{waits ? say('on-this-phone') : say('saved')}
					</span>
				</button>
			</li>
		{/each}
	</ol>
	{#if earlier > 0}
		<button type="button" class="btn btn-ghost my-2 w-full" onclick={() => (shown += A_PAGE)}>
			{say('earlier-note-notes', { earlier })}
		</button>
	{/if}
{/if}
