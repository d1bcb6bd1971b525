<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { WatchBegin } from '$lib/core/note';
	import { CURRENTS, currentFrom, PACED_M, CURRENT_NAMES } from '$lib/core/rise';
	import {
		FISH_SIZE_NAMES,
		FISH_SIZES,
		LIE_NAMES,
		LIES,
		LIES_WHERE_STILL,
		WARINESS,
		WARINESS_NAMES,
		type Lie,
		type Wariness
	} from '$lib/core/vocabulary';
	import Choices from '../frame/Choices.svelte';
	import Stepper from '../frame/Stepper.svelte';
	import Field from '$lib/ui/frame/Field.svelte';
	import { stillWrong } from '../frame/still-wrong';

	interface Props {
		/** Still water: no seams, no current. */
		still: boolean;
		onbegin: (fish: WatchBegin) => void;
		oncancel?: (() => void) | undefined;
	}
	let { still, onbegin, oncancel }: Props = $props();
	const { show, say } = useWords(words);
	// svelte-ignore state_referenced_locally
	let lie = $state<string>(still ? 'margin' : 'seam');
	// svelte-ignore state_referenced_locally
	let holding = $state<string>(still ? 'cruising' : 'on-station');
	let size = $state<string>('middling');
	let wary = $state<string>('');
	let speedMs = $state<number>();
	let depthM = $state<number>();
	let mark = $state('');
	let startedAt = $state<number>();

	function float() {
		if (startedAt === undefined) startedAt = performance.now();
		else {
			speedMs = currentFrom(PACED_M, Math.max(0.1, (performance.now() - startedAt) / 1000));
			startedAt = undefined;
		}
	}
	function begin() {
		onbegin({
			event: 'begin',
			lie: lie as Lie,
			holding: holding as WatchBegin['holding'],
			size: size as (typeof FISH_SIZES)[number],
			...(wary && { wary: wary as Wariness }),
			...(speedMs !== undefined && { speedMs }),
			...(depthM !== undefined && { depthM }),
			...(mark.trim() && { mark: mark.trim() })
		});
	}
</script>

<form
	class="grid gap-3"
	onsubmit={(event) => {
		event.preventDefault();
		if (!stillWrong()) begin();
	}}
>
	<Choices
		legend={say('where-it-lies')}
		name="lie"
		bind:value={lie}
		columns="grid-cols-4"
		choices={(still ? LIES_WHERE_STILL : LIES).map((value) => ({ value, label: say(LIE_NAMES[value]) }))}
	/>
	<Choices
		legend={say('what-it-does')}
		name="holding"
		bind:value={holding}
		columns="grid-cols-2"
		choices={[
			{ value: 'on-station', label: say('on-station') },
			{ value: 'cruising', label: say('cruising') }
		]}
	/>
	<Choices
		legend={say('size')}
		name="size"
		bind:value={size}
		choices={FISH_SIZES.map((value) => ({ value, label: say(FISH_SIZE_NAMES[value]) }))}
	/>
	<Choices
		legend={say('how-wary')}
		name="wary"
		bind:value={wary}
		choices={WARINESS.map((value) => ({ value, label: say(WARINESS_NAMES[value]) }))}
	/>
	{#if !still}<fieldset>
			<legend class="mb-1 font-semibold"
				>{say('current', { value: speedMs === undefined ? '' : show({ currentMs: speedMs }) })}</legend
			>
			<div class="grid grid-cols-4 gap-1.5">
				{#each Object.entries(CURRENTS) as [name, ms] (name)}
					<button
						type="button"
						class="pad text-sm capitalize"
						aria-pressed={speedMs === ms}
						onclick={() => (speedMs = ms)}>{say(CURRENT_NAMES[name as keyof typeof CURRENT_NAMES])}</button
					>
				{/each}
				<button type="button" class="pad text-sm" aria-pressed={startedAt !== undefined} onclick={float}>
					{startedAt === undefined ? say('time', { distanceM: show({ distanceM: PACED_M }) }) : say('there')}
				</button>
			</div>
		</fieldset>{/if}
	<Stepper
		label={say('depth')}
		bind:value={depthM}
		usual={0.6}
		steps={[0.1, 0.5]}
		least={0.1}
		most={10}
		measure="distanceM"
	/>
	<Field label={say('a-mark-to-find')}
		><input
			class="input h-12 w-full"
			maxlength="80"
			bind:value={mark}
			placeholder={say('left-of-the-split')}
		/></Field
	>
	<div class="grid grid-flow-col gap-2">
		<button class="btn btn-primary h-12">{say('watch-it')}</button>
		{#if oncancel}<button type="button" class="btn btn-ghost h-12" onclick={oncancel}>{say('not-now')}</button
			>{/if}
	</div>
	<p class="quiet text-xs">
		{say('stay-low-keep-your')}
	</p>
</form>
