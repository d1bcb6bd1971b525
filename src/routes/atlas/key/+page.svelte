<script lang="ts">
	import { WATER_KINDS, type Place } from '$lib/core/atlas';
	import type { Finding } from '$lib/core/key';
	import { now } from '$lib/ui/clock';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import Key from '$lib/ui/key/Key.svelte';
	import { WATER_KIND_NAMES } from '$lib/ui/waters';

	let water = $state('');
	const finding = $derived.by((): Finding => {
		if (!water) return {};
		const place: Place = { latitude: 47, longitude: 0, elevationM: 500, water: water as Place['water'] };
		return { place, at: now() };
	});
</script>

<PageHead
	title="What is this?"
	detail="Answer what you can see, in any order; a wrong answer is not fatal"
	back={{ href: '/atlas', name: 'Atlas' }}
/>
<div class="p-4 md:px-5">
	<label class="mb-4 flex max-w-sm items-center gap-2 text-sm">
		<span class="shrink-0 font-semibold">Found in</span>
		<select class="select h-12 w-full" bind:value={water}>
			<option value="">any water</option>
			{#each WATER_KINDS as kind (kind)}<option value={kind}>{WATER_KIND_NAMES[kind]}</option>{/each}
		</select>
	</label>
	<Key {finding} />
</div>
