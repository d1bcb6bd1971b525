<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { belowPlans, waterDepthOf, type BelowPlan } from '$lib/core/match';
	import type { RigBody } from '$lib/core/note';
	import type { Outing } from '$lib/core/outing';
	import type { HookCalibration, Pattern } from '$lib/core/tackle';
	import { WAY_NAMES } from '$lib/core/vocabulary';
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
	const plans = $derived(belowPlans(outing, { ...fly, tippetMm }, { hooks, waterM }));
	let asked = $state<BelowPlan['way']>();
	const plan = $derived(plans.find(({ way }) => way === (asked ?? rig?.way)) ?? plans[0]);
	const DECIMETRE = 10;
	const rounded = (m: number) => Math.round(m * DECIMETRE) / DECIMETRE;
	const fishes = $derived(
		plan !== undefined &&
			rig?.way === plan.way &&
			rig.waterM === rounded(waterM) &&
			rig.depthM === rounded(plan.depthM)
	);
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
			onclick={() =>
				onrig({
					way: plan.way,
					depthM: rounded(plan.depthM),
					waterM: rounded(waterM),
					beadMm: plan.beadMm
				})}>{fishes ? say('it-fishes-so') : say('it-fishes-so-now')}</button
		>
		{#if rig?.depthM !== undefined}
			<p class="quiet text-sm">{say('noted-at-depth', { depth: show({ distanceM: rig.depthM }) })}</p>
		{/if}
	{/if}
</section>
