<script lang="ts">
	import type { CurrentConditions } from '$lib/core/outing';
	import { compassPoint } from '$lib/core/units';
	import { SKY_NAMES, SURFACE_NAMES } from '$lib/core/vocabulary';
	import { useUnits } from '../units';

	let { conditions }: { conditions: CurrentConditions } = $props();
	const { show } = useUnits();
	const TRENDS = { falling: '↘', steady: '→', rising: '↗' } as const;
	const from = $derived(conditions.windFromDeg && compassPoint(conditions.windFromDeg.value));
</script>

{#if conditions.waterC}<span>Water <b>{show({ temperatureC: conditions.waterC.value })}</b></span>{/if}
{#if conditions.clarityM}<span>Clear to <b>{show({ distanceM: conditions.clarityM.value })}</b></span>{/if}
{#if conditions.windMs}<span
		>Wind <b>{from ? `${from} ` : ''}{show({ windMs: conditions.windMs.value })}</b></span
	>{/if}
{#if conditions.sky}<span>{SKY_NAMES[conditions.sky.value]}</span>{/if}
{#if conditions.surface}<span>{SURFACE_NAMES[conditions.surface.value]}</span>{/if}
{#if conditions.levelM}
	<span>
		Level <b>{show({ levelM: conditions.levelM.value })}</b>
		{#if conditions.levelTrend}<span title={conditions.levelTrend.value}
				>{TRENDS[conditions.levelTrend.value]}</span
			>{/if}
	</span>
{/if}
{#if conditions.levelTrend?.value === 'rising'}<span class="text-accent font-bold">Rising water</span>{/if}
