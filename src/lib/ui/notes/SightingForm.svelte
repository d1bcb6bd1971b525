<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import {
		COLUMN_ZONES,
		findStage,
		findTaxon,
		ZONE_NAMES,
		zoneOf,
		type ColumnZone,
		type LifeStage,
		naturalName,
		type Place
	} from '$lib/core/atlas';
	import type { SightingBody } from '$lib/core/note';
	import type { Belief } from '$lib/core/reading';
	import { ABUNDANCE_NAMES, ABUNDANCES } from '$lib/core/vocabulary';
	import Choices from '../frame/Choices.svelte';
	import Sheet from '../frame/Sheet.svelte';
	import NaturalPicker from './NaturalPicker.svelte';

	const { say } = useWords(words);

	interface Props {
		initial?: SightingBody | undefined;
		beliefs: readonly Belief[];
		place?: Place | undefined;
		onsay: (body: SightingBody) => void;
		onclose: () => void;
	}
	let { initial, beliefs, place, onsay, onclose }: Props = $props();
	// svelte-ignore state_referenced_locally
	let natural = $state(initial && { taxonId: initial.taxonId, stage: initial.stage });
	// svelte-ignore state_referenced_locally
	let zone = $state<string>(initial?.zone ?? 'on-film');
	// svelte-ignore state_referenced_locally
	let sign = $state<string>(initial?.sign ?? 'insects');

	/** Stages that can be seen on the move beneath the film. */
	const GROWS: ReadonlySet<LifeStage> = new Set(['nymph', 'larva', 'pupa', 'aquatic', 'crustacean']);

	function pick(taxonId: string, stage: LifeStage) {
		natural = { taxonId, stage };
		const taxon = findTaxon(taxonId);
		const traits = taxon && findStage(taxon, stage);
		if (taxon && traits) zone = zoneOf(taxon, traits);
	}
</script>

<Sheet title={natural ? say(naturalName(natural.taxonId, natural.stage)) : say('what-did-you-see')} {onclose}>
	{#if !natural}
		<NaturalPicker {beliefs} {place} method="eye" onpick={pick} />
	{:else}
		{@const seen = natural}
		<div class="grid gap-4">
			<Choices
				legend={say('as')}
				name="sign"
				bind:value={sign}
				choices={[
					{ value: 'insects', label: say('insects') },
					{ value: 'shucks', label: say('empty-skins') },
					{ value: 'swarm', label: say('a-swarm') },
					...(GROWS.has(seen.stage)
						? [
								{ value: 'restless', label: say('restless') },
								{ value: 'to-shallows', label: say('moving-to-shallows') }
							]
						: [])
				]}
			/>
			<Choices
				legend={say('where')}
				name="zone"
				bind:value={zone}
				choices={COLUMN_ZONES.map((value) => ({ value, label: say(ZONE_NAMES[value]) }))}
			/>
			<div>
				<p class="mb-1 font-semibold">{say('how-many-tap-to')}</p>
				<div class="grid grid-cols-2 gap-1.5 sm:grid-cols-3">
					{#each ABUNDANCES as abundance (abundance)}
						<button
							type="button"
							class="pad"
							onclick={() =>
								onsay({
									...seen,
									zone: zone as ColumnZone,
									abundance,
									sign: sign as SightingBody['sign']
								})}>{say(ABUNDANCE_NAMES[abundance])}</button
						>
					{/each}
				</div>
			</div>
			<button type="button" class="link justify-self-start" onclick={() => (natural = undefined)}
				>{say('another-natural')}</button
			>
		</div>
	{/if}
</Sheet>
