<script lang="ts">
	import { v7 as uuidV7 } from 'uuid';
	import { enhance } from '$app/forms';
	import type { WaterKind } from '$lib/core/atlas';
	import { instantOn, localDay } from '$lib/core/units';
	import { now } from '$lib/ui/clock';
	import Choices from '$lib/ui/frame/Choices.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import DrawnReach from '$lib/ui/place/DrawnReach.svelte';
	import type { Line } from '$lib/ui/place/line';
	import type { Position } from '$lib/ui/place/map';
	import PlacePicker from '$lib/ui/place/PlacePicker.svelte';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { WATER_KIND_NAMES } from '$lib/ui/waters';
	import type { ActionData, PageData } from './$types';
	import Field from '$lib/ui/frame/Field.svelte';
	import Choice from '$lib/ui/frame/Choice.svelte';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const { show, say } = useWords(words);
	const wrong = (field: string) => {
		const issue = form?.issues?.find((issue) => issue.field === field);
		return issue && say(issue.says);
	};
	const wrongLine = $derived.by(() => {
		const issue = form?.issues?.find(({ field }) => field.startsWith('line'));
		return issue && say(issue.says);
	});
	let chosen = $derived(form?.added ?? data.lastReachId ?? data.reaches[0]?.id);
	let position = $state<Position>();
	/** The reach that is added. */
	let line = $state.raw<Line>([]);
	let kind = $state<WaterKind>('freestone');
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

<PageHead title={say('begin-an-outing')} back={{ href: '/bank', name: say('bank') }} />
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
			<legend class="mb-1 font-semibold">{say('where')}</legend>
			{#if data.reaches.length === 0}
				<p class="quiet">{say('no-reaches-yet-add')}</p>
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
							>{say(WATER_KIND_NAMES[reach.place.water])}, {show({ distanceM: reach.place.elevationM })}</span
						>
					</label>
				{/each}
			</div>
			{#if wrong('reachId')}<p role="alert" class="text-error">{wrong('reachId')}</p>{/if}
		</fieldset>
		<fieldset>
			<legend class="mb-1 font-semibold">{say('guests')}</legend>
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
			legend={say('when')}
			name="when"
			bind:value={day}
			columns="grid-cols-2"
			choices={[
				{ value: 'today', label: say('now') },
				{ value: 'past', label: say('a-past-day'), hint: say('from-a-notebook') }
			]}
		/>
		{#if day === 'past'}
			<div class="grid grid-cols-2 gap-2">
				<Field label={say('day')}
					><input class="input h-12 w-full" type="date" required max={today} bind:value={pastDay} /></Field
				>
				<Field label={say('from')}
					><input class="input h-12 w-full" type="time" required bind:value={pastTime} /></Field
				>
			</div>
		{/if}
		<div>
			{#if onMap}
				<PlacePicker label={say('exactly-where')} bind:position {near} />
				<p class="quiet mt-1 text-sm">{say('only-you-will-ever')}</p>
			{:else}
				<button type="button" class="btn btn-outline" onclick={() => (onMap = true)}
					>{say('say-exactly-where')}</button
				>
				<p class="quiet mt-1 text-sm">{say('otherwise-the-middle-of')}</p>
			{/if}
			{#if position}
				<input type="hidden" name="latitude" value={position.latitude} />
				<input type="hidden" name="longitude" value={position.longitude} />
			{/if}
		</div>
		{#if data.boxEmpty}
			<label class="flex items-center gap-2">
				<input type="checkbox" class="checkbox" name="fillBox" value="1" checked />
				{say('fill-my-empty-box')}
			</label>
		{/if}
		{#if wrong('startedAt')}<p role="alert" class="text-error">
				{say('the-day', { wrong: wrong('startedAt') ?? '' })}
			</p>{/if}
		<button class="btn btn-primary h-12" disabled={data.reaches.length === 0}>{say('begin')}</button>
		<p class="quiet text-sm">
			{say('wading-staff-and-belt')}
		</p>
	</form>

	<details bind:open={adding}>
		<summary class="cursor-pointer font-semibold">{say('add-a-reach-of')}</summary>
		<form
			method="POST"
			action="?/reach"
			class="mt-3 grid gap-3"
			use:enhance={({ formData }) =>
				formData.set('timeZone', Intl.DateTimeFormat().resolvedOptions().timeZone)}
		>
			<p class="quiet text-sm">
				{say('only-you-can-see')}
			</p>
			{#each [['name', say('reach')], ['water', say('water')], ['basin', say('basin')]] as const as [field, label] (field)}
				<Field {label}
					><input class="input w-full" name={field} required maxlength="80" />
					{#if wrong(field)}<span role="alert" class="text-error">{wrong(field)}</span>{/if}</Field
				>
			{/each}
			<Choice label={say('kind')} name="kind" bind:value={kind}>
				{#each Object.entries(WATER_KIND_NAMES) as [value, label] (value)}<option {value}>{say(label)}</option
					>{/each}
			</Choice>
			{#if adding}
				<DrawnReach label={say('where-it-runs')} bind:line {near} still={kind === 'lake'} />
				<input type="hidden" name="line" value={JSON.stringify(line)} />
			{/if}
			{#if wrongLine}<p role="alert" class="text-error text-sm">
					{line.length > 0 ? say('the-line', { wrong: wrongLine }) : say('tap-the-map-where')}
				</p>{/if}
			<Field label={say('height-m')}
				><input class="input w-full font-mono" name="elevationM" type="number" step="any" required />
				{#if wrong('elevationM')}<span role="alert" class="text-error text-sm">{wrong('elevationM')}</span
					>{/if}</Field
			>
			<Choice label={say('whose-insects')} name="region">
				<option value="">{say('by-where-it-lies')}</option>
				{#each data.regions as { id, name } (id)}<option value={id}>{say(name)}</option>{/each}
			</Choice>
			<button class="btn btn-outline btn-primary">{say('add-the-reach')}</button>
		</form>
	</details>
</div>
