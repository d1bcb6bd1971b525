<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { WATER_KINDS, type WaterKind } from '$lib/core/atlas';
	import type { NamedPosition, Position } from '../../place/map';
	import PlacePicker from '../../place/PlacePicker.svelte';
	import { WATER_KIND_NAMES } from '../../waters';
	import Choice from '$lib/ui/frame/Choice.svelte';
	import Field from '$lib/ui/frame/Field.svelte';

	const { say } = useWords(words);

	interface Props {
		kind: WaterKind;
		elevationM: number;
		/** A place for reaches whose rows have none. */
		position?: Position | undefined;
		/** Rows have no place of their own. */
		placeless?: boolean | undefined;
		near?: readonly NamedPosition[] | undefined;
	}
	let {
		kind = $bindable(),
		elevationM = $bindable(),
		position = $bindable(),
		placeless = false,
		near = []
	}: Props = $props();
</script>

<!-- What reaches are like that are not here yet, and do not say so themselves. -->
<section aria-label={say('reaches-that-are-new')} class="grid gap-2 sm:grid-cols-2 lg:grid-cols-4">
	<h2 class="sm:col-span-2 lg:col-span-4">{say('reaches-that-are-new')}</h2>
	<Choice label={say('they-are')} bind:value={kind}>
		{#each WATER_KINDS as one (one)}<option value={one}>{say(WATER_KIND_NAMES[one])}</option>{/each}
	</Choice>
	<Field label={say('height-above-the-sea')}
		><input
			class="input h-12 w-full"
			type="number"
			min="-400"
			max="5500"
			step="10"
			required
			bind:value={elevationM}
		/></Field
	>
	{#if placeless}
		<div class="sm:col-span-2"><PlacePicker label={say('where-they-are')} bind:position {near} /></div>
	{/if}
</section>
