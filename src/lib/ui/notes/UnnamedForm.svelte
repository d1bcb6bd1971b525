<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import {
		COLUMN_ZONES,
		GROUP_NAMES,
		GROUPS,
		hasGroupStage,
		LIFE_STAGES,
		SHADE_NAMES,
		shadeName,
		STAGE_NAMES,
		ZONE_NAMES,
		zoneOfGroup,
		type Group
	} from '$lib/core/atlas';
	import { atStart } from '$lib/core/message';
	import type { UnnamedBody } from '$lib/core/note';
	import { ABUNDANCE_NAMES, ABUNDANCES } from '$lib/core/vocabulary';
	import Choice from '../frame/Choice.svelte';
	import Choices from '../frame/Choices.svelte';
	import Sheet from '../frame/Sheet.svelte';
	import Stepper from '../frame/Stepper.svelte';
	import { stillWrong } from '../frame/still-wrong';

	const { say, units } = useWords(words);

	interface Props {
		initial?: UnnamedBody | undefined;
		onsay: (body: UnnamedBody) => void;
		onclose: () => void;
	}
	let { initial, onsay, onclose }: Props = $props();
	// svelte-ignore state_referenced_locally
	let group = $state<Group | undefined>(initial?.group);
	// svelte-ignore state_referenced_locally
	let stage = $state<string>(initial?.stage ?? '');
	// svelte-ignore state_referenced_locally
	let zone = $state<string>(initial?.zone ?? '');
	// svelte-ignore state_referenced_locally
	let lengthMm = $state(initial?.lengthMm);
	// svelte-ignore state_referenced_locally
	let lengthIs = $state<string>(initial?.lengthIs ?? 'about');
	// svelte-ignore state_referenced_locally
	let shade = $state<string>(initial?.shade ?? '');
	const stages = $derived.by(() => {
		const of = group;
		return of ? LIFE_STAGES.filter((one) => hasGroupStage({ group: of, stage: one })) : [];
	});
	const MM = [0.5, 2] as const;
	const IN_16THS = [25.4 / 32, 25.4 / 8] as const;

	function choose(one: Group) {
		group = one;
		stage = '';
	}
	function chooseStage(value: string) {
		const one = stages.find((each) => each === value);
		if (group && one) zone = zoneOfGroup(group, one);
	}
	function keep(abundance: UnnamedBody['abundance']) {
		const as = stages.find((one) => one === stage);
		if (!group || !as || stillWrong()) return;
		onsay({
			group,
			stage: as,
			zone: zone as UnnamedBody['zone'],
			abundance,
			...(lengthMm !== undefined && { lengthMm, lengthIs: lengthIs as NonNullable<UnnamedBody['lengthIs']> }),
			...(shade && { shade: shade as NonNullable<UnnamedBody['shade']> })
		});
	}
</script>

<Sheet title={group ? say(atStart(GROUP_NAMES[group])) : say('which-group')} {onclose}>
	{#if !group}
		<div class="grid grid-cols-3 gap-1.5">
			{#each GROUPS as one (one)}
				<button type="button" class="pad text-sm" onclick={() => choose(one)}
					>{say(atStart(GROUP_NAMES[one]))}</button
				>
			{/each}
		</div>
	{:else}
		<div class="grid gap-4">
			<Choices
				legend={say('stage')}
				name="stage"
				bind:value={stage}
				onchange={chooseStage}
				choices={stages.map((value) => ({ value, label: say(STAGE_NAMES[value]) }))}
			/>
			{#if stage}
				<Stepper
					label={say('how-long-is-it')}
					bind:value={lengthMm}
					usual={9}
					steps={units().system === 'metric' ? MM : IN_16THS}
					least={0.5}
					most={120}
					measure="lengthMm"
				/>
				{#if lengthMm !== undefined}
					<Choices
						legend={say('it-is')}
						name="length-is"
						bind:value={lengthIs}
						choices={[
							{ value: 'about', label: say('about-that') },
							{ value: 'larger-than', label: say('larger') },
							{ value: 'smaller-than', label: say('smaller') }
						]}
					/>
				{/if}
				<Choice label={say('its-colour')} bind:value={shade}>
					<option value="">{say('not-seen')}</option>
					{#each SHADE_NAMES as one (one)}<option value={one}>{say(shadeName(one))}</option>{/each}
				</Choice>
				<Choices
					legend={say('where')}
					name="zone"
					bind:value={zone}
					choices={COLUMN_ZONES.map((value) => ({ value, label: say(ZONE_NAMES[value]) }))}
				/>
				<div>
					<p class="mb-1 font-semibold">{say('how-many-tap-to')}</p>
					<div class="grid grid-cols-2 gap-1.5 sm:grid-cols-3">
						{#each ABUNDANCES.filter((one) => one !== 'none') as abundance (abundance)}
							<button type="button" class="pad" onclick={() => keep(abundance)}
								>{say(ABUNDANCE_NAMES[abundance])}</button
							>
						{/each}
					</div>
				</div>
			{/if}
			<button type="button" class="link justify-self-start" onclick={() => (group = undefined)}
				>{say('another-group')}</button
			>
		</div>
	{/if}
</Sheet>
