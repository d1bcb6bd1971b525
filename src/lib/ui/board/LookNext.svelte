<script lang="ts">
	import type { Observation } from '$lib/core/reading';
	import { probabilityWord } from '$lib/core/units';

	/** Best first; the rest are told in a line. */
	let { observations }: { observations: readonly Observation[] } = $props();
	const best = $derived(observations[0]);
	const others = $derived(observations.slice(1));
</script>

{#if best}
	<section class="border-accent mt-2 rounded border px-3 py-2" aria-label="Look next">
		<h2 class="text-accent">
			Look next <span class="quiet font-normal">· about {best.minutes} min</span>
		</h2>
		<p class="mt-0.5">{best.title}.</p>
		{#if best.caution}<p class="mt-1 text-sm font-semibold">{best.caution}</p>{/if}
		<details class="text-sm">
			<summary class="link quiet min-h-8 cursor-pointer leading-8">What it would tell</summary>
			<ul>
				{#each best.outcomes.slice(0, 4) as outcome (outcome.finds)}
					<li>
						<b>{outcome.finds}</b> ({probabilityWord(outcome.probability)}): then likeliest {outcome.means}.
					</li>
				{/each}
			</ul>
			{#each others as other (other.id)}
				<p class="quiet mt-1">
					Or, about {other.minutes} min: {other.title.charAt(0).toLowerCase() + other.title.slice(1)}.
				</p>
			{/each}
		</details>
	</section>
{/if}
