<script lang="ts">
	import { untrack } from 'svelte';
	import {
		calibrate,
		CURVED_HOOK,
		dressedMm,
		DRY_HOOK,
		HOOK_FAMILIES,
		HOOK_SIZES,
		NYMPH_HOOK,
		type HookFamily
	} from '$lib/core/tackle';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import Stepper from '$lib/ui/frame/Stepper.svelte';
	import { useUnits } from '$lib/ui/units';
	import { fetchAsGuide } from '$lib/ui/guide.svelte';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const { show } = useUnits();
	const NAMES: Record<HookFamily, string> = {
		dry: 'Dry-fly hooks',
		curved: 'Curved hooks',
		nymph: 'Nymph hooks, 2X long'
	};
	const HOOKS = { dry: DRY_HOOK, curved: CURVED_HOOK, nymph: NYMPH_HOOK };
	const sizes = [...HOOK_SIZES].reverse().filter((size) => size >= 6 && size <= 22);

	let steps = $state<Partial<Record<HookFamily, number>>>(untrack(() => ({ ...data.settings.hooks.steps })));
	let dressShort = $state(untrack(() => data.settings.hooks.dressShort ?? true));
	let size = $state<Record<HookFamily, number>>({ dry: 14, curved: 14, nymph: 10 });
	let measured = $state<Partial<Record<HookFamily, number>>>({});
	let told = $state('');

	const table = (family: HookFamily) => dressedMm(size[family], HOOKS[family]);
	function reckon(family: HookFamily) {
		try {
			return { steps: calibrate(size[family], measured[family] ?? table(family), HOOKS[family]) };
		} catch (error) {
			return { trouble: error instanceof Error ? error.message : String(error) };
		}
	}
	async function keep(change: () => void) {
		const before = { steps: { ...steps }, dressShort };
		change();
		try {
			const response = await fetchAsGuide('/api/v1/hooks', {
				method: 'PUT',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({ steps, dressShort })
			});
			if (!response.ok) throw new Error(String(response.status));
			told = 'Saved. The shortlist reckons with your hooks from now on.';
		} catch {
			({ steps, dressShort } = before);
			told = 'That could not be saved: no connection. Try again when there is signal.';
		}
	}
	const runs = (by: number) =>
		Math.abs(by) < 0.05
			? 'as the table'
			: `${Math.abs(by).toFixed(1)} sizes ${by > 0 ? 'larger' : 'smaller'} than the table`;
</script>

<PageHead
	title="How my hooks run"
	detail="Makers vary by about a size"
	back={{ href: '/settings', name: 'Settings' }}
/>
<div class="grid max-w-2xl gap-6 p-4 pb-24 md:px-5">
	<p>
		Lay a fly of yours on the <a class="link" href="/card.svg">measuring card</a>, read the length of its
		dressed body, and enter it. The table shifts for all hooks of that kind; so it does for a region that
		calls sizes otherwise.
	</p>
	{#each HOOK_FAMILIES as family (family)}
		{@const { steps: by, trouble } = reckon(family)}
		<section aria-label={NAMES[family]} class="grid gap-2">
			<h2>{NAMES[family]} <span class="quiet font-normal">run {runs(steps[family] ?? 0)}</span></h2>
			<div class="grid grid-cols-5 gap-1.5 sm:grid-cols-9" role="group" aria-label="Hook size">
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
				label="Dressed body of that fly"
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
				>{by === undefined ? 'That can’t be' : `Mine run ${runs(by)}`}</button
			>
		</section>
	{/each}
	<button
		type="button"
		class="pad min-h-12"
		aria-pressed={dressShort}
		onclick={() => keep(() => (dressShort = !dressShort))}
		>Nymphs over {show({ lengthMm: 18 })} are dressed shorter than life</button
	>
	<p role="status">{told}</p>
</div>
