<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import Choice from '$lib/ui/frame/Choice.svelte';
	import words from './words';
	import { WATER_KINDS, type Place } from '$lib/core/atlas';
	import type { Finding } from '$lib/core/key';
	import { now } from '$lib/ui/clock';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import Key from '$lib/ui/key/Key.svelte';
	import { WATER_KIND_NAMES } from '$lib/ui/waters';

	const { say } = useWords(words);

	let water = $state('');
	const finding = $derived.by((): Finding => {
		if (!water) return {};
		const place: Place = { latitude: 47, longitude: 0, elevationM: 500, water: water as Place['water'] };
		return { place, at: now() };
	});
</script>

<PageHead
	title={say('what-is-this')}
	detail={say('answer-what-you-can')}
	back={{ href: '/atlas', name: say('atlas') }}
/>
<div class="p-4 md:px-5">
	<Choice label={say('found-in')} class="mb-4 max-w-sm" bind:value={water}>
		<option value="">{say('any-water')}</option>
		{#each WATER_KINDS as kind (kind)}<option value={kind}>{say(WATER_KIND_NAMES[kind])}</option>{/each}
	</Choice>
	<Key {finding} />
</div>
