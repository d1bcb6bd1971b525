<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { type LifeStage, naturalName } from '$lib/core/atlas';
	import type { Outing } from '$lib/core/outing';
	import { compareToday } from '$lib/core/tray';

	const { say } = useWords(words);

	let { outing }: { outing: Outing } = $props();
	const compared = $derived(compareToday(outing));
	const hundredth = (share: number) => Math.round(share * 100);
	const nameOf = (kind: string) => {
		const [taxonId, stage] = kind.split('/');
		return naturalName(taxonId ?? '', stage as LifeStage);
	};
</script>

{#if compared.hatches.length > 0 || compared.selection}
	<section aria-label={say('todays-samples-compared')}>
		<h2>{say('todays-samples-compared-2')}</h2>
		{#if compared.hatches.length > 0}
			<h3 class="mt-2 text-sm font-semibold">
				{say('bed-against-surface-of')}
			</h3>
			<ul class="text-sm">
				{#each compared.hatches as { taxonId, index } (taxonId)}
					<li class="flex justify-between gap-3">
						<span>{say(naturalName(taxonId))}: <b>{say(index.says)}</b></span>
						{#if index.enough}<span class="quiet shrink-0 font-mono"
								>{say('to', { hundredth: hundredth(index.low), hundredth2: hundredth(index.high) })}</span
							>{/if}
					</li>
				{/each}
			</ul>
		{/if}
		{#if compared.selection}
			<h3 class="mt-2 text-sm font-semibold">{say('offered-against-eaten')}</h3>
			<ul class="text-sm">
				{#each compared.selection as selection (selection.kind)}
					<li class="flex justify-between gap-3">
						<span>{say(nameOf(selection.kind))}</span><b>{say(selection.says)}</b>
					</li>
				{/each}
			</ul>
		{/if}
	</section>
{/if}
