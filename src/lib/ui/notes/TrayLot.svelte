<script lang="ts">
	import { untrack } from 'svelte';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { findStage, findTaxon, naturalName } from '$lib/core/atlas';
	import { hexOf } from '$lib/core/figure';
	import type { Lot } from '$lib/core/note';
	import { dressedMm, DRY_HOOK, hookFor, HOOK_SIZES } from '$lib/core/tackle';
	import { mmFromInch } from '$lib/core/units';
	import { MEASURED, MEASURED_NAMES, type Measured } from '$lib/core/vocabulary';
	import InsectDrawing from '../drawing/InsectDrawing.svelte';
	import TypedNumber from '../frame/TypedNumber.svelte';
	import PadCounter from './PadCounter.svelte';
	import Choice from '$lib/ui/frame/Choice.svelte';

	interface Props {
		lot: Lot;
		/** Of all on the tray, by number. */
		share: number;
		longestMm: number;
		onchange: (lot: Lot) => void;
		ondrop: () => void;
	}
	let { lot, share, longestMm, onchange, ondrop }: Props = $props();
	const { show, units, say } = useWords(words);
	/** Pixels for the longest animal of the tray. */
	const LONGEST_PX = 90;
	const name = $derived(naturalName(lot.taxonId, lot.stage));
	const traits = $derived.by(() => {
		const taxon = findTaxon(lot.taxonId);
		return taxon && findStage(taxon, lot.stage);
	});
	const typical = $derived(traits?.lengthMm.typical ?? 7);
	const step = $derived(units().system === 'metric' ? 0.5 : mmFromInch(0.02));

	const measuredSoFar = $derived.by(() => {
		const lengths = lot.lengthsMm ?? [];
		if (lengths.length === 0) return say('several-measured-one-by');
		return say('measured-to', {
			length: lengths.length,
			lengthMm: show({ lengthMm: Math.min(...lengths) }),
			lengthMm2: show({ lengthMm: Math.max(...lengths) })
		});
	});

	function count(by: number) {
		if (lot.count + by < 1) ondrop();
		else onchange({ ...lot, count: Math.min(10_000, lot.count + by) });
	}
	/** Against a hook, one step is one size; the length is that of a fly dressed on it. */
	const againstHook = $derived(lot.measured === 'against-hook');
	const hookSize = $derived(
		hookFor(Math.min(60, Math.max(1.5, lot.lengthMm ?? typical)), 'body', DRY_HOOK).size
	);
	function stepHook(by: -1 | 0 | 1) {
		const size = HOOK_SIZES[HOOK_SIZES.indexOf(hookSize) + by] ?? hookSize;
		onchange({ ...lot, measured: 'against-hook', lengthMm: dressedMm(size, DRY_HOOK) });
	}
	/** Body lengths that an animal on the tray can have, mm. */
	const [LEAST_MM, MOST_MM] = [0.5, 120];
	/** What was wrong with what was typed, as long as the length is the one it was typed over. */
	let trouble = $state.raw({ said: '', over: untrack(() => lot.lengthMm) });
	function long(lengthMm: number | undefined) {
		const { lengthMm: before, ...rest } = lot;
		if (lengthMm !== before) onchange({ ...rest, ...(lengthMm !== undefined && { lengthMm }) });
	}
	const measure = (by: number) =>
		long(Math.min(MOST_MM, Math.max(LEAST_MM, Number(((lot.lengthMm ?? typical) + by).toFixed(2)))));
</script>

<li class="border-base-300 grid gap-2 border-b py-2.5">
	<div class="flex items-center gap-3">
		<span class="flex h-14 w-28 shrink-0 items-center">
			<InsectDrawing
				taxonId={lot.taxonId}
				stage={lot.stage}
				lengthMm={lot.lengthMm ?? typical}
				scale={Math.min(LONGEST_PX / (2.4 * longestMm), 6)}
				class="max-h-14 max-w-full"
			/>
		</span>
		<div class="min-w-0 flex-1">
			<p class="leading-tight font-semibold">{say(name)}</p>
			{#if lot.belly || lot.photoId}
				<p class="flex items-center gap-2 text-xs">
					{#if lot.belly}<svg width="28" height="12" aria-hidden="true"
							><rect width="28" height="12" rx="3" fill={hexOf(lot.belly)} stroke="currentColor" /></svg
						>{say('belly-measured')}{/if}
					{#if lot.photoId}{say('with-a-picture')}{/if}
				</p>
			{/if}
			<p class="quiet text-sm">
				<span class="science">{findTaxon(lot.taxonId)?.scientificName}</span>
				{say('of-100', { n: Math.round(share * 100) })}
			</p>
		</div>
	</div>
	<div
		class="grid grid-cols-[repeat(2,3rem)_1fr_repeat(2,3rem)] items-center gap-1"
		role="group"
		aria-label={say('how-many', { name })}
	>
		<button type="button" class="pad" aria-label={say('five-fewer')} onclick={() => count(-5)}>−5</button>
		<button type="button" class="pad" aria-label={say('one-fewer')} onclick={() => count(-1)}>−</button>
		<output class="text-center font-mono text-xl font-semibold">{lot.count}</output>
		<button type="button" class="pad" aria-label={say('one-more')} onclick={() => count(1)}>+</button>
		<button type="button" class="pad" aria-label={say('five-more')} onclick={() => count(5)}>+5</button>
	</div>
	<label class="flex min-h-9 items-center gap-2 text-sm">
		<input
			type="checkbox"
			class="checkbox checkbox-sm"
			checked={lot.about === true}
			onchange={({ currentTarget: { checked } }) => onchange({ ...lot, about: checked })}
		/>
		{say('about-so-many-a')}
	</label>
	<div
		class="grid grid-cols-[3rem_1fr_3rem_minmax(7rem,auto)] items-center gap-1"
		role="group"
		aria-label={say('length', { name })}
	>
		<button
			type="button"
			class="pad"
			aria-label={say('shorter')}
			onclick={() => (againstHook ? stepHook(-1) : measure(-step))}>−</button
		>
		{#if againstHook}
			<output class="text-center font-mono font-semibold">{show({ hookSize })}</output>
		{:else}
			<TypedNumber
				label={say('body-length', { name })}
				bind:value={() => lot.lengthMm, long}
				measure="lengthMm"
				usual={typical}
				least={LEAST_MM}
				most={MOST_MM}
				ontrouble={(said) => (trouble = { said, over: lot.lengthMm })}
			/>
		{/if}
		<button
			type="button"
			class="pad"
			aria-label={say('longer')}
			onclick={() => (againstHook ? stepHook(1) : measure(step))}>+</button
		>
		<Choice
			unseen
			label={say('what-was-measured')}
			value={lot.measured}
			onchange={({ currentTarget }) => {
				const measured = currentTarget.value as Measured;
				if (measured === 'against-hook') stepHook(0);
				else onchange({ ...lot, measured });
			}}
		>
			{#each MEASURED as value (value)}<option {value}>{say(MEASURED_NAMES[value])}</option>{/each}
		</Choice>
	</div>
	{#if trouble.said && trouble.over === lot.lengthMm}<p role="alert" class="text-error text-sm font-semibold">
			{trouble.said}
		</p>{/if}
	{#if lot.lengthMm !== undefined}
		<div class="flex items-center gap-3 text-sm">
			<button
				type="button"
				class="pad min-h-10 text-sm"
				onclick={() =>
					onchange({ ...lot, lengthsMm: [...(lot.lengthsMm ?? []), lot.lengthMm ?? typical].slice(0, 200) })}
			>
				{say('one-measured-so')}
			</button>
			<span class="quiet">{measuredSoFar}</span>
			{#if lot.lengthsMm}<button
					type="button"
					class="link quiet ml-auto"
					onclick={() => onchange({ ...lot, lengthsMm: lot.lengthsMm?.slice(0, -1) })}
					>{say('take-the-last-back')}</button
				>{/if}
		</div>
	{/if}
	{#if lot.stage === 'nymph'}
		<PadCounter pads={lot.pads} onchange={(pads) => onchange({ ...lot, pads })} />
	{/if}
</li>
