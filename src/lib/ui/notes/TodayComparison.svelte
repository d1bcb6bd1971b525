<script lang="ts">
	import type { LifeStage } from '$lib/core/atlas';
	import { naturalName } from '$lib/core/note';
	import type { Outing } from '$lib/core/outing';
	import { compareToday } from '$lib/core/tray';

	let { outing }: { outing: Outing } = $props();
	const compared = $derived(compareToday(outing));
	const hundredth = (share: number) => Math.round(share * 100);
	const nameOf = (kind: string) => {
		const [taxonId, stage] = kind.split('/');
		return naturalName(taxonId ?? '', stage as LifeStage);
	};
</script>

{#if compared.hatches.length > 0 || compared.selection}
	<section aria-label="Today's samples compared">
		<h2>Today’s samples compared</h2>
		{#if compared.hatches.length > 0}
			<h3 class="mt-2 text-sm font-semibold">
				Bed against surface: of 100 animals of each kind, how many are leaving the water
			</h3>
			<ul class="text-sm">
				{#each compared.hatches as { taxonId, index } (taxonId)}
					<li class="flex justify-between gap-3">
						<span>{naturalName(taxonId)}: <b>{index.says}</b></span>
						{#if index.says !== 'too few to tell'}<span class="quiet shrink-0 font-mono"
								>{hundredth(index.low)} to {hundredth(index.high)}</span
							>{/if}
					</li>
				{/each}
			</ul>
		{/if}
		{#if compared.selection}
			<h3 class="mt-2 text-sm font-semibold">Offered against eaten</h3>
			<ul class="text-sm">
				{#each compared.selection as selection (selection.kind)}
					<li class="flex justify-between gap-3">
						<span>{nameOf(selection.kind)}</span><b>{selection.says}</b>
					</li>
				{/each}
			</ul>
		{/if}
	</section>
{/if}
