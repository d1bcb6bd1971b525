<script lang="ts">
	import { naturalName } from '$lib/core/note';
	import WaterMap from '$lib/ui/circle/WaterMap.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	let chosen = $state('');
</script>

<PageHead title="Map of waters" detail="The last fortnight" back={{ href: '/circle', name: 'Circle' }} />
<div class="grid gap-5 p-4 pb-24 md:px-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
	<WaterMap waters={data.waters} tiles={data.tiles} {chosen} onchoose={(water) => (chosen = water)} />
	<section aria-label="Waters">
		<h2 class="mb-1">What was shared of each</h2>
		<ul>
			{#each data.waters as { water, shares, taxa } (water)}
				<li class="border-base-300 border-b py-2 {chosen === water ? 'bg-base-200' : ''}">
					<p class="flex justify-between gap-3">
						<a class="link font-semibold" href="/circle?water={encodeURIComponent(water)}&days=30">{water}</a>
						<span class="quiet text-sm">{shares === 0 ? 'nothing' : shares}</span>
					</p>
					{#if taxa.length > 0}<p class="text-sm">{taxa.map((id) => naturalName(id)).join(', ')}</p>{/if}
				</li>
			{/each}
		</ul>
		<p class="quiet mt-2 text-sm">
			Only what was shared with the name of a water stands here; what is told of a basin stands in the feed.
		</p>
	</section>
</div>
