<script lang="ts">
	import { enhance } from '$app/forms';
	import { SCHOOL_IDS, SCHOOLS, WEIGHING_IDS, WEIGHINGS } from '$lib/core';
	import Choices from '$lib/ui/frame/Choices.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { useUnits } from '$lib/ui/units';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const { show } = useUnits();
	let form = $state<HTMLFormElement>();
	const keep = () => form?.requestSubmit();
	let chosen = $derived({ ...data.settings });
</script>

<PageHead title="Settings" detail={data.me?.name ?? ''} />
<form
	bind:this={form}
	method="POST"
	class="grid max-w-6xl content-start items-start gap-5 p-4 md:px-5 lg:grid-cols-2 lg:gap-x-10"
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
	<Choices
		legend="Tippet: how fine"
		name="tippetSchool"
		bind:value={chosen.tippetSchool}
		onchange={keep}
		columns="grid-cols-1 sm:grid-cols-2"
		choices={[
			{
				value: 'as-fine-as-clear',
				label: 'As fine as the water is clear',
				hint: 'more takes, more break-offs'
			},
			{ value: 'never-too-fine', label: 'Never too fine for the fish', hint: 'short fights, some refusals' }
		]}
	/>
	<Choices
		legend="When a fly is refused"
		name="refused"
		bind:value={chosen.refused}
		onchange={keep}
		columns="grid-cols-1 sm:grid-cols-2"
		choices={[
			{ value: 'smaller', label: 'Smaller', hint: 'most flies are too large' },
			{ value: 'larger', label: 'Larger', hint: 'in murk, fast water, and as half emerged' }
		]}
	/>
	<Choices
		legend="Stay or go"
		name="patience"
		bind:value={chosen.patience}
		onchange={keep}
		columns="grid-cols-1 sm:grid-cols-2"
		choices={[
			{ value: 'two-then-rest', label: 'Two drifts, rest, change', hint: 'spares the fish, changes sooner' },
			{
				value: 'thirty-drifts',
				label: 'Thirty drifts on one rhythm',
				hint: 'most casts never meet lane and moment'
			}
		]}
	/>
	<Choices
		legend="Soft feathers"
		name="softFeathers"
		bind:value={chosen.softFeathers}
		onchange={keep}
		columns="grid-cols-1 sm:grid-cols-2"
		choices={[
			{ value: 'dress', label: 'Dress them', hint: 'with their own powder or oil' },
			{ value: 'never', label: 'Never dress them', hint: 'they float by themselves, for a while' }
		]}
	/>
	<Choices
		legend="A change of fly uses up"
		name="knotCm"
		bind:value={chosen.knotCm}
		onchange={keep}
		columns="grid-cols-5"
		choices={data.knotsCm.map((cm) => ({ value: cm, label: show({ lengthMm: 10 * Number(cm) }) }))}
	/>
	<Choices
		legend="Smallest fly that guests see"
		name="smallestSeen"
		bind:value={chosen.smallestSeen}
		onchange={keep}
		columns="grid-cols-3 sm:grid-cols-6"
		choices={data.smallestSeen.map((size) => ({ value: size, label: size === 'any' ? 'Any' : `#${size}` }))}
	/>
	<noscript><button class="btn btn-primary">Keep</button></noscript>
</form>
<p class="flex flex-wrap gap-6 px-4 pb-3 md:px-5">
	<a class="link font-semibold" href="/settings/hooks">How my hooks run</a>
	<a class="link quiet" href="/settings/leave">Take my account away</a>
</p>
<form method="POST" action="/sign-out" class="p-4 pt-0 md:px-5">
	<button class="btn btn-outline">Sign out</button>
</form>
