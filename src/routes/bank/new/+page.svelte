<script lang="ts">
	import { v7 as uuidV7 } from 'uuid';
	import { enhance } from '$app/forms';
	import { now } from '$lib/ui/clock';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { useUnits } from '$lib/ui/units';
	import { WATER_KIND_NAMES } from '$lib/ui/waters';
	import type { ActionData, PageData } from './$types';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const { show } = useUnits();
	let chosen = $derived(form?.added ?? data.lastReachId ?? data.reaches[0]?.id);
	let position = $state<{ latitude: number; longitude: number }>();
	let positionTrouble = $state('');
	const wrong = (field: string) => form?.issues?.find((issue) => issue.field === field)?.message;

	function usePosition() {
		positionTrouble = '';
		navigator.geolocation.getCurrentPosition(
			({ coords }) => (position = { latitude: coords.latitude, longitude: coords.longitude }),
			() => (positionTrouble = 'This device does not give its position. The middle of the reach will do.'),
			{ timeout: 15_000 }
		);
	}
</script>

<PageHead title="Begin an outing" back={{ href: '/bank', name: 'Bank' }} />
<div class="grid max-w-5xl gap-8 p-4 md:grid-cols-2 md:px-5">
	<form
		method="POST"
		action="?/begin"
		class="grid content-start gap-4"
		use:enhance={({ formData }) => {
			const at = now();
			formData.set('id', uuidV7({ msecs: at.getTime() }));
			formData.set('startedAt', at.toISOString());
		}}
	>
		<fieldset>
			<legend class="mb-1 font-semibold">Where</legend>
			{#if data.reaches.length === 0}
				<p class="quiet">No reaches yet: add your first one beside this.</p>
			{/if}
			<div class="grid gap-1.5">
				{#each data.reaches as reach (reach.id)}
					<label class="pad justify-between text-left">
						<input
							type="radio"
							class="sr-only"
							name="reachId"
							value={reach.id}
							checked={reach.id === chosen}
						/>
						<span
							><span class="block">{reach.name}</span><span class="block text-sm font-normal"
								>{reach.water}, {reach.basin}</span
							></span
						>
						<span class="text-sm font-normal"
							>{WATER_KIND_NAMES[reach.place.water]}, {show({ distanceM: reach.place.elevationM })}</span
						>
					</label>
				{/each}
			</div>
			{#if wrong('reachId')}<p role="alert" class="text-error">{wrong('reachId')}</p>{/if}
		</fieldset>
		<fieldset>
			<legend class="mb-1 font-semibold">Guests</legend>
			<div class="grid grid-cols-5 gap-1.5">
				{#each [0, 1, 2, 3, 4] as count (count)}
					<label class="pad"
						><input
							type="radio"
							class="sr-only"
							name="guests"
							value={count}
							checked={count === 2}
						/>{count}</label
					>
				{/each}
			</div>
		</fieldset>
		<div>
			<button type="button" class="btn btn-outline" onclick={usePosition}>Use this device's position</button>
			<p class="quiet mt-1 text-sm">
				{position
					? 'Taken. Only you will ever see it.'
					: positionTrouble || 'Otherwise the middle of the reach. Either stays with you.'}
			</p>
			{#if position}
				<input type="hidden" name="latitude" value={position.latitude} />
				<input type="hidden" name="longitude" value={position.longitude} />
			{/if}
		</div>
		<button class="btn btn-primary h-12" disabled={data.reaches.length === 0}>Begin</button>
		<p class="quiet text-sm">
			Wading staff and belt; off the water and rod down in lightning. Check the local rules before you fish.
		</p>
	</form>

	<details open={data.reaches.length === 0 || (form?.issues !== undefined && !wrong('reachId'))}>
		<summary class="cursor-pointer font-semibold">Add a reach of your own</summary>
		<form
			method="POST"
			action="?/reach"
			class="mt-3 grid gap-3"
			use:enhance={({ formData }) =>
				formData.set('timeZone', Intl.DateTimeFormat().resolvedOptions().timeZone)}
		>
			<p class="quiet text-sm">
				Only you can see it. What colleagues see of its records is chosen each time you share.
			</p>
			{#each [['name', 'Reach'], ['water', 'Water'], ['basin', 'Basin']] as const as [field, label] (field)}
				<label class="grid gap-1">
					<span class="font-semibold">{label}</span>
					<input class="input w-full" name={field} required maxlength="80" />
					{#if wrong(field)}<span role="alert" class="text-error">{wrong(field)}</span>{/if}
				</label>
			{/each}
			<label class="grid gap-1">
				<span class="font-semibold">Kind</span>
				<select class="select w-full" name="kind">
					{#each Object.entries(WATER_KIND_NAMES) as [value, label] (value)}<option {value}>{label}</option
						>{/each}
				</select>
			</label>
			<div class="grid grid-cols-3 gap-2">
				{#each [['latitude', 'Latitude, °N'], ['longitude', 'Longitude, °E'], ['elevationM', 'Height, m']] as const as [field, label] (field)}
					<label class="grid gap-1">
						<span class="text-sm font-semibold">{label}</span>
						<input class="input w-full font-mono" name={field} type="number" step="any" required />
						{#if wrong(field)}<span role="alert" class="text-error text-sm">{wrong(field)}</span>{/if}
					</label>
				{/each}
			</div>
			<button class="btn btn-outline btn-primary">Add the reach</button>
		</form>
	</details>
</div>
