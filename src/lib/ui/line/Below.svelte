<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { asRigged, belowPlans, isRiggedSo, waterDepthOf, type BelowPlan } from '$lib/core/match';
	import type { RigBody } from '$lib/core/note';
	import type { Outing } from '$lib/core/outing';
	import { BEADS_MM, type HookCalibration, type Pattern } from '$lib/core/tackle';
	import { WAY_NAMES } from '$lib/core/vocabulary';
	import Choice from '../frame/Choice.svelte';
	import Stepper from '../frame/Stepper.svelte';

	interface Props {
		outing: Outing;
		fly: { pattern: Pattern; hookSize: number };
		tippetMm: number;
		hooks: HookCalibration | undefined;
		/** As it is noted to be rigged. */
		rig: RigBody | undefined;
		onrig: (change: Pick<RigBody, 'way' | 'depthM' | 'waterM' | 'beadMm'>) => void;
	}
	let { outing, fly, tippetMm, hooks, rig, onrig }: Props = $props();
	const { say, show } = useWords(words);
	let stated = $state<number>();
	const waterM = $derived(stated ?? waterDepthOf(outing));
	/** The bead of the fly as it is tied, or undefined for the lightest that is down in time. */
	let beadMm = $state<number>();
	const plans = $derived(belowPlans(outing, { ...fly, tippetMm, beadMm }, { hooks, waterM }));
	let asked = $state<BelowPlan['way']>();
	const plan = $derived(plans.find(({ way }) => way === (asked ?? rig?.way)) ?? plans[0]);
	const fishes = $derived(plan !== undefined && isRiggedSo(rig, plan, waterM));
</script>

<section aria-label={say('below-the-film')} class="grid gap-2">
	<h2>{say('below-the-film')}</h2>
	<Stepper
		label={say('water-at-the-lie')}
		bind:value={() => waterM, (value) => (stated = value)}
		usual={1}
		steps={[0.1, 0.5]}
		least={0.2}
		most={8}
		measure="distanceM"
	/>
	<Choice label={say('its-bead')} bind:value={beadMm}>
		<option value={undefined}>{say('lightest-bead')}</option>
		<option value={0}>{say('no-bead')}</option>
		{#each BEADS_MM as mm (mm)}<option value={mm}>{say('bead-mm', { mm })}</option>{/each}
	</Choice>
	{#if plan}
		<div class="grid grid-cols-2 gap-1.5" role="group" aria-label={say('how-it-is-brought')}>
			{#each plans as { way } (way)}
				<button
					type="button"
					class="pad min-h-12 text-sm"
					aria-pressed={way === plan.way}
					onclick={() => (asked = way)}>{say(WAY_NAMES[way])}</button
				>
			{/each}
		</div>
		<p class="font-semibold">{say(plan.told)}</p>
		<ul class="list-disc pl-5 text-sm">
			{#each plan.because as phrase, i (i)}<li>{say(phrase)}</li>{/each}
		</ul>
		<button
			type="button"
			class="btn btn-outline h-12"
			disabled={fishes}
			onclick={() => onrig(asRigged(plan, waterM))}
			>{fishes ? say('it-fishes-so') : say('it-fishes-so-now')}</button
		>
		{#if rig?.depthM !== undefined}
			<p class="quiet text-sm">{say('noted-at-depth', { depth: show({ distanceM: rig.depthM }) })}</p>
		{/if}
	{/if}
</section>
