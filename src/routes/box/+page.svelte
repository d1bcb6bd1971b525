<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { enhance } from '$app/forms';
	import { untrack } from 'svelte';
	import { SvelteMap } from 'svelte/reactivity';
	import { COLUMN_ZONES, ZONE_NAMES } from '$lib/core/atlas';
	import { dressedMm, hookOf, PATTERNS, STYLES, type Pattern, patternName } from '$lib/core/tackle';
	import { MONTH_NAMES } from '$lib/core/units';
	import { keepBoxed } from '$lib/ui/box';
	import FlyDrawing from '$lib/ui/drawing/FlyDrawing.svelte';
	import FlySize from '$lib/ui/drawing/FlySize.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { refresh } from '$lib/ui/refresh';
	import { fetchAsGuide } from '$lib/ui/guide.svelte';
	import type { ActionData, PageData } from './$types';
	import Choice from '$lib/ui/frame/Choice.svelte';

	const { say } = useWords(words);

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const key = (patternId: string, size: number) => `${patternId} ${size}`;
	const stored = () => data.box.map((fly) => [key(fly.patternId, fly.hookSize), fly.count] as const);
	const counts = untrack(() => new SvelteMap(stored()));
	let trouble = $state('');
	const total = $derived([...counts.values()].reduce((sum, count) => sum + count, 0));
	const sections = $derived(
		[
			{ title: say('your-own'), patterns: data.ownPatterns },
			...COLUMN_ZONES.map((zone) => ({
				title: say(ZONE_NAMES[zone]),
				patterns: PATTERNS.filter((pattern) => STYLES[pattern.style].zone === zone)
			}))
		].filter(({ patterns }) => patterns.length > 0)
	);

	async function takeAway(pattern: Pattern) {
		trouble = '';
		const response = await fetchAsGuide(`/api/v1/patterns/${pattern.id}`, { method: 'DELETE' }).catch(
			() => undefined
		);
		if (response?.ok) await refresh();
		else trouble = say('the-fly-could-not');
	}

	async function set(pattern: Pattern, size: number, by: number) {
		const before = counts.get(key(pattern.id, size)) ?? 0;
		const count = Math.min(999, Math.max(0, before + by));
		counts.set(key(pattern.id, size), count);
		trouble = '';
		try {
			await keepBoxed({ patternId: pattern.id, hookSize: size, count });
		} catch {
			counts.set(key(pattern.id, size), before);
			trouble = say('the-count-could-not');
		}
	}
	const mm = (pattern: Pattern, size: number) => dressedMm(size, hookOf(STYLES[pattern.style]));
</script>

<PageHead title={say('box')} detail={say('flies-carried', { total })}>
	<a class="link font-semibold" href="/box/new">{say('a-fly-of-your')}</a>
</PageHead>
{#if trouble}<p role="alert" class="text-error px-5 pt-3 font-semibold">{trouble}</p>{/if}
<div class="grid gap-6 p-4 md:px-5">
	{#if total === 0 && data.reaches.length > 0}
		<section aria-label={say('starting-set')} class="border-primary max-w-xl rounded border p-3">
			<h2>{say('the-box-is-empty')}</h2>
			<p class="quiet mb-2 text-sm">
				{say('fill-it-with-a')}
			</p>
			<form
				method="POST"
				action="?/fill"
				class="grid grid-cols-2 items-end gap-2"
				use:enhance={() =>
					async ({ update }) => {
						await update();
						for (const [fly, count] of stored()) counts.set(fly, count);
					}}
			>
				<Choice label={say('for')} name="reachId" value={data.lastReachId}>
					{#each data.reaches as reach (reach.id)}<option value={reach.id}>{reach.name}, {reach.water}</option
						>{/each}
				</Choice>
				<Choice label={say('in')} name="month" value={data.month}>
					{#each MONTH_NAMES as name, i (name)}<option value={i + 1}>{name}</option>{/each}
				</Choice>
				{#if form && 'message' in form}<p role="alert" class="text-error col-span-2 font-semibold">
						{form.message ? say(form.message) : ''}
					</p>{/if}
				<button class="btn btn-primary col-span-2 h-12">{say('fill-the-box')}</button>
			</form>
		</section>
	{/if}
	{#each sections as { title, patterns } (title)}
		<section aria-label={title}>
			<h2 class="mb-1">{title}</h2>
			<ul class="grid gap-x-8 lg:grid-cols-2">
				{#each patterns as pattern (pattern.id)}
					<li class="border-base-300 grid grid-cols-[4.5rem_1fr] gap-3 border-b py-2">
						<span class="bg-(--water-in-film) flex h-14 items-center overflow-hidden rounded px-1">
							<FlyDrawing {pattern} hookSize={pattern.sizes[0] ?? 14} class="h-12 w-full" />
						</span>
						<div class="min-w-0">
							<p class="leading-tight font-semibold">
								{say(patternName(pattern))}
								{#if pattern.own}<button
										type="button"
										class="link quiet ml-2 text-xs font-normal"
										onclick={() => takeAway(pattern)}>{say('take-away')}</button
									>{/if}
							</p>
							<div class="mt-1 grid grid-cols-[repeat(auto-fill,minmax(10.5rem,1fr))] gap-x-2 gap-y-1.5">
								{#each pattern.sizes as size (size)}
									{@const count = counts.get(key(pattern.id, size)) ?? 0}
									<div
										class="flex items-center gap-1"
										role="group"
										aria-label={say('hook', { name: patternName(pattern), size })}
									>
										<span class="quiet w-10 text-sm"
											><FlySize hookSize={size} dressedMm={mm(pattern, size)} /></span
										>
										<button
											type="button"
											class="pad h-11 min-h-11 w-11"
											aria-label={say('one-fewer')}
											disabled={count === 0}
											onclick={() => set(pattern, size, -1)}>−</button
										>
										<output class="w-7 text-center font-mono {count === 0 ? 'quiet' : 'font-semibold'}"
											>{count}</output
										>
										<button
											type="button"
											class="pad h-11 min-h-11 w-11"
											aria-label={say('one-more')}
											onclick={() => set(pattern, size, 1)}>+</button
										>
									</div>
								{/each}
							</div>
						</div>
					</li>
				{/each}
			</ul>
		</section>
	{/each}
</div>
