<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import {
		GROUP_NAMES,
		hasGroupStage,
		LIFE_STAGES,
		SHADE_NAMES,
		shadeName,
		STAGE_NAMES,
		type LifeStage,
		type ShadeName
	} from '$lib/core/atlas';
	import { atStart } from '$lib/core/message';
	import type { UnnamedLot } from '$lib/core/note';
	import Choice from '../frame/Choice.svelte';
	import Stepper from '../frame/Stepper.svelte';

	interface Props {
		lot: UnnamedLot;
		onchange: (lot: UnnamedLot) => void;
		ondrop: () => void;
		/** Asks what it is, by its length and colour. */
		onask: () => void;
	}
	let { lot, onchange, ondrop, onask }: Props = $props();
	const { say, units } = useWords(words);
	const MM = [0.5, 2] as const;
	const IN_16THS = [25.4 / 32, 25.4 / 8] as const;
	const stages = $derived(LIFE_STAGES.filter((stage) => hasGroupStage({ group: lot.group, stage })));
	function count(by: number) {
		if (lot.count + by < 1) ondrop();
		else onchange({ ...lot, count: Math.min(10_000, lot.count + by) });
	}
	function long(lengthMm: number | undefined) {
		const { group, stage, count, shade, lengthIs = 'about' } = lot;
		const long = lengthMm !== undefined && { lengthMm, lengthIs };
		onchange({ group, stage, count, ...(shade && { shade }), ...long });
	}
	function coloured(shade: string) {
		const { group, stage, count, lengthMm, lengthIs } = lot;
		const long = lengthMm !== undefined && lengthIs && { lengthMm, lengthIs };
		onchange({ group, stage, count, ...long, ...(shade && { shade: shade as ShadeName }) });
	}
</script>

<li class="border-base-300 grid gap-2 border-b py-2.5">
	<div class="flex items-center gap-3">
		<span class="min-w-0 flex-1">
			<span class="block font-bold">{say(atStart(GROUP_NAMES[lot.group]))}</span>
			<span class="quiet block text-sm">{say('without-a-name')}</span>
		</span>
		<button type="button" class="pad w-12" aria-label={say('one-fewer')} onclick={() => count(-1)}>−</button>
		<span class="w-10 text-center font-mono text-lg">{lot.count}</span>
		<button type="button" class="pad w-12" aria-label={say('one-more')} onclick={() => count(1)}>+</button>
	</div>
	<div class="grid grid-cols-2 items-end gap-2">
		<Choice
			label={say('stage')}
			bind:value={() => lot.stage, (stage: string) => onchange({ ...lot, stage: stage as LifeStage })}
		>
			{#each stages as stage (stage)}<option value={stage}>{say(atStart(STAGE_NAMES[stage]))}</option>{/each}
		</Choice>
		<Choice label={say('its-colour')} bind:value={() => lot.shade ?? '', coloured}>
			<option value="">{say('not-seen')}</option>
			{#each SHADE_NAMES as one (one)}<option value={one}>{say(shadeName(one))}</option>{/each}
		</Choice>
		<div class="col-span-2">
			<Stepper
				label={say('how-long-is-it')}
				bind:value={() => lot.lengthMm, long}
				usual={9}
				steps={units().system === 'metric' ? MM : IN_16THS}
				least={0.5}
				most={120}
				measure="lengthMm"
			/>
		</div>
	</div>
	<button type="button" class="link justify-self-start text-sm font-semibold" onclick={onask}
		>{say('what-is-it')}</button
	>
</li>
