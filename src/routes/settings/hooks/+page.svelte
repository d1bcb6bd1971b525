<script lang="ts">
	import { untrack } from 'svelte';
	import {
		calibrate,
		CURVED_HOOK,
		dressedMm,
		DRY_HOOK,
		HOOK_FAMILIES,
		HOOK_SIZES,
		LARGE_MM,
		NYMPH_HOOK,
		PUPAE_UP,
		type HookCalibration,
		type HookFamily
	} from '$lib/core/tackle';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import Stepper from '$lib/ui/frame/Stepper.svelte';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { fetchAsGuide } from '$lib/ui/guide.svelte';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const { show, say } = useWords(words);
	const NAMES: Record<HookFamily, string> = {
		dry: say('dry-fly-hooks'),
		curved: say('curved-hooks'),
		nymph: say('nymph-hooks-2x-long')
	};
	const HOOKS = { dry: DRY_HOOK, curved: CURVED_HOOK, nymph: NYMPH_HOOK };
	const sizes = [...HOOK_SIZES].reverse().filter((size) => size >= 6 && size <= 22);

	let steps = $state<NonNullable<HookCalibration['steps']>>(
		untrack(() => ({ ...data.settings.hooks.steps }))
	);
	let customs = $state(untrack(() => customsOf(data.settings.hooks)));
	let size = $state<Record<HookFamily, number>>({ dry: 14, curved: 14, nymph: 10 });
	let measured = $state<Partial<Record<HookFamily, number>>>({});
	let told = $state('');

	function customsOf({ dressShort = true, shortDries = false, pupaeUp = 0 }: HookCalibration) {
		return { dressShort, shortDries, pupaeUp };
	}

	const table = (family: HookFamily) => dressedMm(size[family], HOOKS[family]);
	function reckon(family: HookFamily) {
		try {
			return { steps: calibrate(size[family], measured[family] ?? table(family), HOOKS[family]) };
		} catch (error) {
			return { trouble: error instanceof Error ? error.message : String(error) };
		}
	}
	async function keep(change: () => void) {
		const before = { steps: { ...steps }, customs: { ...customs } };
		change();
		try {
			const response = await fetchAsGuide('/api/v1/hooks', {
				method: 'PUT',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({ steps, ...customs })
			});
			if (!response.ok) throw new Error(String(response.status));
			told = say('saved-the-shortlist-reckons');
		} catch {
			({ steps, customs } = before);
			told = say('that-could-not-be');
		}
	}
	const runs = (by: number) =>
		Math.abs(by) < 0.05
			? say('as-the-table')
			: say(by > 0 ? 'sizes-larger' : 'sizes-smaller', { by: Math.abs(by).toFixed(1) });
</script>

<PageHead
	title={say('how-my-hooks-run')}
	detail={say('makers-vary-by-about')}
	back={{ href: '/settings', name: say('settings') }}
/>
<div class="grid max-w-2xl gap-6 p-4 pb-24 md:px-5">
	<p>
		{say('lay-a-fly-of')} <a class="link" href="/card.svg">{say('measuring-card')}</a>{say(
			'read-the-length-of'
		)}
	</p>
	{#each HOOK_FAMILIES as family (family)}
		{@const { steps: by, trouble } = reckon(family)}
		<section aria-label={NAMES[family]} class="grid gap-2">
			<h2>
				{NAMES[family]}
				<span class="quiet font-normal">{say('run', { runs: runs(steps[family] ?? 0) })}</span>
			</h2>
			<div class="grid grid-cols-5 gap-1.5 sm:grid-cols-9" role="group" aria-label={say('hook-size')}>
				{#each sizes as choice (choice)}
					<button
						type="button"
						class="pad"
						aria-pressed={size[family] === choice}
						onclick={() => (size[family] = choice)}>#{choice}</button
					>
				{/each}
			</div>
			<Stepper
				label={say('dressed-body-of-that')}
				bind:value={measured[family]}
				usual={Math.round(table(family) * 10) / 10}
				steps={[0.1, 1]}
				least={1}
				most={40}
				measure="lengthMm"
			/>
			{#if trouble}<p role="alert" class="text-error text-sm font-semibold">{trouble}</p>{/if}
			<button
				type="button"
				class="btn btn-outline btn-primary h-12"
				disabled={by === undefined}
				onclick={() => keep(() => (steps = { ...steps, [family]: by ?? 0 }))}
				>{by === undefined ? say('that-cant-be') : say('mine-run', { runs: runs(by) })}</button
			>
		</section>
	{/each}
	<section aria-label={say('customs-of-size')} class="grid gap-2">
		<h2>{say('customs-of-size')}</h2>
		<button
			type="button"
			class="pad min-h-12"
			aria-pressed={customs.dressShort}
			onclick={() => keep(() => (customs.dressShort = !customs.dressShort))}
			>{say('nymphs-over-are-dressed', { lengthMm: show({ lengthMm: LARGE_MM }) })}</button
		>
		<button
			type="button"
			class="pad min-h-12"
			aria-pressed={customs.shortDries}
			onclick={() => keep(() => (customs.shortDries = !customs.shortDries))}
			>{say('dries-over-as-well', { lengthMm: show({ lengthMm: LARGE_MM }) })}</button
		>
		<p id="pupae-up" class="mt-2">{say('pupae-of-still-water')}</p>
		<div class="grid grid-cols-3 gap-1.5" role="group" aria-labelledby="pupae-up">
			{#each PUPAE_UP as up (up)}
				<button
					type="button"
					class="pad min-h-12"
					aria-pressed={customs.pupaeUp === up}
					onclick={() => keep(() => (customs.pupaeUp = up))}>{say('sizes-up', { up })}</button
				>
			{/each}
		</div>
	</section>
	<p role="status">{told}</p>
</div>
