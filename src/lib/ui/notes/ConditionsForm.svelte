<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { untrack } from 'svelte';
	import { warmWater } from '$lib/core/hatch';
	import type { ConditionsBody } from '$lib/core/note';
	import type { CurrentConditions } from '$lib/core/outing';
	import {
		celsiusFromFahrenheit,
		COMPASS,
		COMPASS_STEP_DEG,
		compassPoint,
		metresFromFeet
	} from '$lib/core/units';
	import {
		COMPASS_NAMES,
		LEVEL_NAMES,
		LEVELS,
		LEVEL_TREND_NAMES,
		LEVEL_TRENDS,
		LIGHT_NAMES,
		LIGHTS,
		SKIES,
		SKY_NAMES,
		SURFACE_NAMES,
		SURFACES
	} from '$lib/core/vocabulary';
	import Choices from '../frame/Choices.svelte';
	import Sheet from '../frame/Sheet.svelte';
	import Stepper from '../frame/Stepper.svelte';
	import { stillWrong } from '../frame/still-wrong';

	interface Props {
		/** The note being corrected, if one is. */
		initial?: ConditionsBody | undefined;
		current: CurrentConditions;
		usualWaterC: number;
		onsay: (body: ConditionsBody) => void;
		onclose: () => void;
	}
	let { initial, current, usualWaterC, onsay, onclose }: Props = $props();
	const { say, units } = useWords(words);
	const start: ConditionsBody = untrack(() => ({ ...initial }));
	let body = $state(start);
	let sky = $state(start.sky ?? '');
	let surface = $state(start.surface ?? '');
	let light = $state(start.light ?? '');
	let trend = $state(start.levelTrend ?? '');
	let level = $state(start.level ?? '');
	let from = $state<string>(start.windFromDeg === undefined ? '' : compassPoint(start.windFromDeg));
	const metric = $derived(units().system === 'metric');
	const stated = $derived.by((): ConditionsBody => {
		const all: ConditionsBody = {
			...body,
			...(sky && { sky: sky as ConditionsBody['sky'] }),
			...(surface && { surface: surface as ConditionsBody['surface'] }),
			...(light && { light: light as ConditionsBody['light'] }),
			...(level && { level: level as ConditionsBody['level'] }),
			...(from && { windFromDeg: COMPASS.findIndex((point) => point === from) * COMPASS_STEP_DEG }),
			...(trend && { levelTrend: trend as ConditionsBody['levelTrend'] })
		};
		return Object.fromEntries(Object.entries(all).filter(([, value]) => value !== undefined));
	});
	const warm = $derived(body.waterC === undefined ? undefined : warmWater(body.waterC));
	// One and five degrees Fahrenheit above freezing, which is nought Celsius.
	const degree = $derived(
		metric ? ([0.1, 1] as const) : ([celsiusFromFahrenheit(33), celsiusFromFahrenheit(37)] as const)
	);
	const metre = $derived(
		metric ? ([0.1, 0.5] as const) : ([metresFromFeet(0.5), metresFromFeet(2)] as const)
	);
</script>

<Sheet title={initial ? say('correct-conditions') : say('conditions')} {onclose}>
	<div class="grid gap-4">
		<Stepper
			label={say('water')}
			bind:value={body.waterC}
			usual={current.waterC?.value ?? Math.round(usualWaterC)}
			steps={degree}
			least={-1}
			most={35}
			measure="temperatureC"
		/>
		<Choices
			legend={say('sky')}
			name="sky"
			bind:value={sky}
			choices={SKIES.map((value) => ({ value, label: say(SKY_NAMES[value]) }))}
		/>
		<Stepper
			label={say('wind')}
			bind:value={body.windMs}
			usual={current.windMs?.value ?? 2}
			steps={metric ? [0.5, 2] : [0.44704, 2.2352]}
			least={0}
			most={40}
			measure="windMs"
		/>
		<Choices
			legend={say('wind-from')}
			name="wind-from"
			bind:value={from}
			columns="grid-cols-4"
			choices={COMPASS.map((value) => ({ value, label: say(COMPASS_NAMES[value]) }))}
		/>
		<Choices
			legend={say('surface')}
			name="surface"
			bind:value={surface}
			choices={SURFACES.map((value) => ({ value, label: say(SURFACE_NAMES[value]) }))}
		/>
		<Choices
			legend={say('light-on-the-water')}
			name="light"
			bind:value={light}
			choices={LIGHTS.map((value) => ({ value, label: say(LIGHT_NAMES[value]) }))}
		/>
		<Stepper
			label={say('clear-to')}
			bind:value={body.clarityM}
			usual={current.clarityM?.value ?? 1.5}
			steps={metre}
			least={0}
			most={20}
			measure="distanceM"
		/>
		<Stepper
			label={say('air')}
			bind:value={body.airC}
			usual={current.airC?.value ?? Math.round(usualWaterC) + 3}
			steps={degree}
			least={-40}
			most={50}
			measure="temperatureC"
		/>
		<Choices
			legend={say('level-for-this-water')}
			name="level"
			bind:value={level}
			choices={LEVELS.map((value) => ({ value, label: say(LEVEL_NAMES[value]) }))}
		/>
		<Stepper
			label={say('level-against-usual')}
			bind:value={body.levelM}
			usual={current.levelM?.value ?? 0}
			steps={metric ? [0.01, 0.1] : [metresFromFeet(1 / 12), metresFromFeet(0.5)]}
			least={-5}
			most={10}
			measure="levelM"
		/>
		<Choices
			legend={say('level-is')}
			name="trend"
			bind:value={trend}
			choices={LEVEL_TRENDS.map((value) => ({ value, label: say(LEVEL_TREND_NAMES[value]) }))}
		/>
		{#if trend === 'rising'}
			<p class="text-accent font-semibold">{say('rising-water-mind-the')}</p>
		{/if}
		{#if warm}<p class="text-accent font-semibold">{say(warm.says)}</p>{/if}
	</div>
	{#snippet actions()}
		<button
			type="button"
			class="btn btn-primary h-12"
			disabled={Object.keys(stated).length === 0}
			onclick={() => stillWrong() || onsay(stated)}>{say('save')}</button
		>
	{/snippet}
</Sheet>
