<script lang="ts">
	import { v7 as uuidV7 } from 'uuid';
	import { enhance } from '$app/forms';
	import { instantOn, localDay } from '$lib/core/units';
	import { now } from '$lib/ui/clock';
	import Choices from '$lib/ui/frame/Choices.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import PlacePicker from '$lib/ui/place/PlacePicker.svelte';
	import { useUnits } from '$lib/ui/units';
	import { WATER_KIND_NAMES } from '$lib/ui/waters';
	import type { ActionData, PageData } from './$types';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const { show } = useUnits();
	const wrong = (field: string) => form?.issues?.find((issue) => issue.field === field)?.message;
	let chosen = $derived(form?.added ?? data.lastReachId ?? data.reaches[0]?.id);
	interface Position {
		latitude: number;
		longitude: number;
	}
	/** Of the outing, and of a reach that is added. */
	let position = $state<Position>();
	let reachAt = $state<Position>();
	let onMap = $state(false);
	// svelte-ignore state_referenced_locally
	let adding = $state(data.reaches.length === 0 || (form?.issues !== undefined && !wrong('reachId')));
	/** Clock times are those of the reach. */
	const zoneOf = (reachId: unknown): string =>
		data.reaches.find(({ id }) => id === reachId)?.timeZone ??
		Intl.DateTimeFormat().resolvedOptions().timeZone;
	let day = $state('today');
	const today = $derived(localDay(data.now, zoneOf(chosen)));
	let pastDay = $state('');
	let pastTime = $state('10:00');
	const near = $derived(
		data.reaches.map(({ name, place: { latitude, longitude } }) => ({ name, latitude, longitude }))
	);
	/** When the outing begins: now, or at the hour of a day that is past. */
	function begins(reachId: unknown): Date {
		if (day === 'today' || pastDay === '') return now();
		const [hours = 10, minutes = 0] = pastTime.split(':').map(Number);
		return instantOn(pastDay, zoneOf(reachId), hours, minutes);
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
			formData.set('startedAt', begins(formData.get('reachId')).toISOString());
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
		<Choices
			legend="When"
			name="when"
			bind:value={day}
			columns="grid-cols-2"
			choices={[
				{ value: 'today', label: 'Now' },
				{ value: 'past', label: 'A past day', hint: 'from a notebook' }
			]}
		/>
		{#if day === 'past'}
			<div class="grid grid-cols-2 gap-2">
				<label class="grid gap-1"
					><span class="text-sm font-semibold">Day</span>
					<input class="input h-12 w-full" type="date" required max={today} bind:value={pastDay} /></label
				>
				<label class="grid gap-1"
					><span class="text-sm font-semibold">From</span>
					<input class="input h-12 w-full" type="time" required bind:value={pastTime} /></label
				>
			</div>
		{/if}
		<div>
			{#if onMap}
				<PlacePicker label="Exactly where" bind:position {near} />
				<p class="quiet mt-1 text-sm">Only you will ever see it.</p>
			{:else}
				<button type="button" class="btn btn-outline" onclick={() => (onMap = true)}>Say exactly where</button
				>
				<p class="quiet mt-1 text-sm">Otherwise the middle of the reach. Either stays with you.</p>
			{/if}
			{#if position}
				<input type="hidden" name="latitude" value={position.latitude} />
				<input type="hidden" name="longitude" value={position.longitude} />
			{/if}
		</div>
		{#if data.boxEmpty}
			<label class="flex items-center gap-2">
				<input type="checkbox" class="checkbox" name="fillBox" value="1" checked />
				Fill my empty box with a starting set for this water and month
			</label>
		{/if}
		{#if wrong('startedAt')}<p role="alert" class="text-error">The day {wrong('startedAt')}</p>{/if}
		<button class="btn btn-primary h-12" disabled={data.reaches.length === 0}>Begin</button>
		<p class="quiet text-sm">
			Wading staff and belt; off the water and rod down in lightning. Check the local rules before you fish.
		</p>
	</form>

	<details bind:open={adding}>
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
			{#if adding}
				<PlacePicker label="Where it is" bind:position={reachAt} {near} />
				<input type="hidden" name="latitude" value={reachAt?.latitude ?? ''} />
				<input type="hidden" name="longitude" value={reachAt?.longitude ?? ''} />
			{/if}
			{#each [['latitude', 'Latitude'], ['longitude', 'Longitude']] as const as [field, label] (field)}
				{#if wrong(field)}<p role="alert" class="text-error text-sm">
						{reachAt ? `${label} ${wrong(field)}` : 'Tap the map where the reach is.'}
					</p>{/if}
			{/each}
			<label class="grid gap-1">
				<span class="font-semibold">Height, m</span>
				<input class="input w-full font-mono" name="elevationM" type="number" step="any" required />
				{#if wrong('elevationM')}<span role="alert" class="text-error text-sm">{wrong('elevationM')}</span
					>{/if}
			</label>
			<button class="btn btn-outline btn-primary">Add the reach</button>
		</form>
	</details>
</div>
