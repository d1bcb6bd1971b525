<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { CurrentConditions } from '$lib/core/outing';
	import { compassPoint } from '$lib/core/units';
	import { COMPASS_NAMES, SKY_NAMES, SURFACE_NAMES } from '$lib/core/vocabulary';

	let { conditions }: { conditions: CurrentConditions } = $props();
	const { show, say } = useWords(words);
	const TRENDS = { falling: '↘', steady: '→', rising: '↗' } as const;
	const from = $derived(conditions.windFromDeg && compassPoint(conditions.windFromDeg.value));
</script>

{#if conditions.waterC}<span>{say('water')} <b>{show({ temperatureC: conditions.waterC.value })}</b></span
	>{/if}
{#if conditions.clarityM}<span>{say('clear-to')} <b>{show({ distanceM: conditions.clarityM.value })}</b></span
	>{/if}
{#if conditions.windMs}<span
		>{say('wind')}
		<b>{from ? `${say(COMPASS_NAMES[from])} ` : ''}{show({ windMs: conditions.windMs.value })}</b></span
	>{/if}
{#if conditions.sky}<span>{say(SKY_NAMES[conditions.sky.value])}</span>{/if}
{#if conditions.surface}<span>{say(SURFACE_NAMES[conditions.surface.value])}</span>{/if}
{#if conditions.levelM}
	<span>
		{say('level')} <b>{show({ levelM: conditions.levelM.value })}</b>
		{#if conditions.levelTrend}<span title={conditions.levelTrend.value}
				>{TRENDS[conditions.levelTrend.value]}</span
			>{/if}
	</span>
{/if}
{#if conditions.levelTrend?.value === 'rising'}<span class="text-accent font-bold">{say('rising-water')}</span
	>{/if}
