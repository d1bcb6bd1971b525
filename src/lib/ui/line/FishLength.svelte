<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { mmFromInch } from '$lib/core/units';
	import Stepper from '../frame/Stepper.svelte';

	interface Props {
		/** As it was noted, mm. */
		lengthMm: number | undefined;
		onsay: (lengthMm: number) => void;
	}
	let { lengthMm, onsay }: Props = $props();
	const { show, units, say } = useWords(words);
	let stated = $state<number>();
	const shown = $derived(stated ?? lengthMm);
</script>

<section aria-label={say('how-long-was-it')} class="grid gap-2">
	<Stepper
		label={say('how-long-was-it')}
		bind:value={() => shown, (value) => (stated = value)}
		measure="fishMm"
		usual={350}
		steps={units().system === 'metric' ? [10, 50] : [mmFromInch(0.5), mmFromInch(2)]}
		least={50}
		most={1500}
	/>
	{#if stated !== undefined && stated !== lengthMm}
		<button type="button" class="btn btn-primary h-12" onclick={() => stated !== undefined && onsay(stated)}
			>{say('note', { fishMm: show({ fishMm: stated }) })}</button
		>
	{/if}
</section>
