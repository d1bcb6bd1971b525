<script lang="ts">
	import { mmFromInch } from '$lib/core/units';
	import Stepper from '../frame/Stepper.svelte';
	import { useUnits } from '../units';

	interface Props {
		/** As it was noted, mm. */
		lengthMm: number | undefined;
		onsay: (lengthMm: number) => void;
	}
	let { lengthMm, onsay }: Props = $props();
	const { show, units } = useUnits();
	let stated = $state<number>();
	const shown = $derived(stated ?? lengthMm);
</script>

<section aria-label="How long was it" class="grid gap-2">
	<Stepper
		label="How long was it"
		bind:value={() => shown, (value) => (stated = value)}
		measure="fishMm"
		usual={350}
		steps={units().system === 'metric' ? [10, 50] : [mmFromInch(0.5), mmFromInch(2)]}
		least={50}
		most={1500}
	/>
	{#if stated !== undefined && stated !== lengthMm}
		<button type="button" class="btn btn-primary h-12" onclick={() => stated !== undefined && onsay(stated)}
			>Note {show({ fishMm: stated })}</button
		>
	{/if}
</section>
