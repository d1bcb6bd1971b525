<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { naturalName } from '$lib/core/atlas';
	import { joined } from '$lib/core/message';
	import WaterMap from '$lib/ui/circle/WaterMap.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import type { PageData } from './$types';

	const { say } = useWords(words);

	let { data }: { data: PageData } = $props();
	let chosen = $state('');
</script>

<PageHead
	title={say('map-of-waters')}
	detail={say('the-last-fortnight')}
	back={{ href: '/circle', name: say('circle') }}
/>
<div class="grid gap-5 p-4 pb-24 md:px-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
	<WaterMap waters={data.waters} tiles={data.tiles} {chosen} onchoose={(water) => (chosen = water)} />
	<section aria-label={say('waters')}>
		<h2 class="mb-1">{say('what-was-shared-of')}</h2>
		<ul>
			{#each data.waters as { water, shares, taxa } (water)}
				<li class="border-base-300 border-b py-2 {chosen === water ? 'bg-base-200' : ''}">
					<p class="flex justify-between gap-3">
						<a class="link font-semibold" href="/circle?water={encodeURIComponent(water)}&days=30">{water}</a>
						<span class="quiet text-sm">{shares === 0 ? say('nothing') : shares}</span>
					</p>
					{#if taxa.length > 0}<p class="text-sm">
							{say(joined(', ', ...taxa.map((id) => naturalName(id))))}
						</p>{/if}
				</li>
			{/each}
		</ul>
		<p class="quiet mt-2 text-sm">
			{say('only-what-was-shared')}
		</p>
	</section>
</div>
