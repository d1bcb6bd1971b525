<script lang="ts">
	import type { Approach } from '$lib/core/approach';
	import { useWords } from '$lib/ui/writers';
	import words from './words';

	let { approach, most = 4 }: { approach: Pick<Approach, 'lies' | 'wind' | 'bestLanes'>; most?: number } =
		$props();
	const { say, show } = useWords(words);
	/** Each with the reason that tells most, and none of them twice while there is another. */
	const shown = $derived.by(() => {
		const told = new Set<string>();
		return approach.lies.slice(0, most).map((lie) => {
			const reason = lie.because.find(({ id }) => !told.has(id)) ?? lie.because[0];
			if (reason) told.add(reason.id);
			return { ...lie, reason };
		});
	});
	const widest = $derived(shown[0]?.chance ?? 1);
</script>

<section aria-labelledby="where-to-look" class="grid gap-1.5">
	<h2 id="where-to-look">{say('where-to-look')}</h2>
	<ol class="grid gap-2">
		{#each shown as { hold, name, chance, reason } (hold)}
			<li>
				<div class="flex items-baseline justify-between gap-3">
					<span class="font-semibold">{say(name)}</span>
					<span class="quiet text-sm whitespace-nowrap">{show({ probability: chance })}</span>
				</div>
				<svg viewBox="0 0 100 2" class="block h-1.5 w-full" preserveAspectRatio="none" aria-hidden="true">
					<rect width="100" height="2" fill="var(--color-base-300)" />
					<rect width={(100 * chance) / widest} height="2" fill="var(--film-lower)" />
				</svg>
				{#if reason}<p class="text-sm">{say(reason)}</p>{/if}
			</li>
		{/each}
	</ol>
	{#if approach.bestLanes}
		<p class="text-sm">{say('best-lanes', approach.bestLanes)}</p>
	{/if}
	{#if approach.wind.says.length > 0}
		<ul class="list-disc pl-5 text-sm">
			{#each approach.wind.says as told (told.id)}<li>{say(told)}</li>{/each}
		</ul>
	{/if}
</section>
