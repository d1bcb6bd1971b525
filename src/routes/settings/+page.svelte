<script lang="ts">
	import { enhance } from '$app/forms';
	import { SCHOOL_IDS, SCHOOLS, WEIGHING_IDS, WEIGHINGS } from '$lib/core';
	import Choices from '$lib/ui/frame/Choices.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	let form = $state<HTMLFormElement>();
	const keep = () => form?.requestSubmit();
	let chosen = $derived({ ...data.settings });
</script>

<PageHead title="Settings" detail={data.me?.name ?? ''} />
<form
	bind:this={form}
	method="POST"
	class="grid max-w-2xl gap-5 p-4 md:px-5"
	use:enhance={() =>
		({ update }) =>
			update({ reset: false })}
>
	<Choices
		legend="Light"
		name="theme"
		bind:value={chosen.theme}
		onchange={keep}
		choices={[
			{ value: 'bankside', label: 'Bankside', hint: 'by day' },
			{ value: 'dusk', label: 'Dusk', hint: 'the evening rise' },
			{ value: 'glare', label: 'Glare', hint: 'full sun' }
		]}
	/>
	<Choices
		legend="Units"
		name="system"
		bind:value={chosen.system}
		onchange={keep}
		columns="grid-cols-2"
		choices={[
			{ value: 'metric', label: 'Metric', hint: 'mm, m, °C' },
			{ value: 'imperial', label: 'Imperial', hint: 'in, ft, °F' }
		]}
	/>
	<Choices
		legend="Tippet"
		name="tippet"
		bind:value={chosen.tippet}
		onchange={keep}
		columns="grid-cols-2"
		choices={[
			{ value: 'X', label: 'X', hint: '6X' },
			{ value: 'diameter', label: 'Diameter', hint: '0.13 mm or 0.005 in' }
		]}
	/>
	<Choices
		legend="Fly size"
		name="size"
		bind:value={chosen.size}
		onchange={keep}
		choices={[
			{ value: 'hook', label: 'Hook', hint: '#16' },
			{ value: 'length', label: 'Length', hint: 'as dressed' },
			{ value: 'both', label: 'Both' }
		]}
	/>
	<Choices
		legend="What decides a fly"
		name="school"
		bind:value={chosen.school}
		onchange={keep}
		columns="grid-cols-1 sm:grid-cols-2"
		choices={SCHOOL_IDS.map((id) => ({ value: id, label: SCHOOLS[id].name, hint: SCHOOLS[id].consequence }))}
	/>
	<Choices
		legend="What is trusted most"
		name="weighing"
		bind:value={chosen.weighing}
		onchange={keep}
		columns="grid-cols-1 sm:grid-cols-2"
		choices={WEIGHING_IDS.map((id) => ({
			value: id,
			label: WEIGHINGS[id].name,
			hint: WEIGHINGS[id].consequence
		}))}
	/>
	<noscript><button class="btn btn-primary">Keep</button></noscript>
</form>
<form method="POST" action="/sign-out" class="p-4 pt-0 md:px-5">
	<button class="btn btn-outline">Sign out</button>
</form>
