<script lang="ts">
	import { within, chanceWord } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { Observation } from '$lib/core/look';

	const { say } = useWords(words);

	/** Best first; the rest are told in a line. Undefined while they are not known yet. */
	let { observations }: { observations: readonly Observation[] | undefined } = $props();
	const best = $derived(observations?.[0]);
	const others = $derived(observations?.slice(1) ?? []);
</script>

<section class="border-accent mt-2 rounded border px-3 py-2" aria-label={say('look-next')}>
	<h2 class="text-accent">
		{say('look-next')}
		{#if best}<span class="quiet font-normal">{say('about-min', { minutes: best.minutes })}</span>{/if}
	</h2>
	{#if best}
		<p class="mt-0.5">{say(best.title)}.</p>
		{#if best.caution}<p class="mt-1 text-sm font-semibold">{say(best.caution)}</p>{/if}
		<details class="text-sm">
			<summary class="link quiet min-h-8 cursor-pointer leading-8">{say('what-it-would-tell')}</summary>
			<ul>
				{#each best.outcomes.slice(0, 4) as outcome (outcome.finds.id)}
					<li>
						<b>{say(outcome.finds)}</b>
						{say('then-likeliest', {
							probabilityWord: chanceWord(outcome.probability),
							means: outcome.means
						})}
					</li>
				{/each}
			</ul>
			{#each others as other (other.id)}
				<p class="quiet mt-1">
					{say('or-about-min', {
						minutes: other.minutes,
						title: within(other.title)
					})}
				</p>
			{/each}
		</details>
	{:else}
		<p class="mt-0.5 min-h-6">{observations && say('nothing-to-look-at')}</p>
	{/if}
</section>
