<script lang="ts">
	import { within } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { onMount, untrack } from 'svelte';
	import { type LifeStage, naturalName } from '$lib/core/atlas';
	import type { WatchBegin } from '$lib/core/note';
	import { isPaused } from '$lib/core/outing';
	import { usualWays } from '$lib/core/reading';
	import { driftingNow, lastChange, rhythmOf, riseTimes } from '$lib/core/rise';
	import { LIE_NAMES, RISE_FORM_NAMES, RISE_FORMS, type Fate, type RiseForm } from '$lib/core/vocabulary';
	import { useBoard } from '$lib/ui/board/context';
	import Shortcuts from '$lib/ui/board/Shortcuts.svelte';
	import WhySheet from '$lib/ui/board/WhySheet.svelte';
	import { movingNow } from '$lib/ui/moving-clock.svelte';
	import InsectDrawing from '$lib/ui/drawing/InsectDrawing.svelte';
	import RiseDrawing from '$lib/ui/drawing/RiseDrawing.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import Sheet from '$lib/ui/frame/Sheet.svelte';
	import NaturalPicker from '$lib/ui/notes/NaturalPicker.svelte';
	import BeginWatch from '$lib/ui/watch/BeginWatch.svelte';
	import FishReading from '$lib/ui/watch/FishReading.svelte';
	import NextRise from '$lib/ui/watch/NextRise.svelte';
	import WatchStrip from '$lib/ui/watch/WatchStrip.svelte';
	import type { PageData } from './$types';

	const { say } = useWords(words);

	let { data }: { data: PageData } = $props();
	const board = useBoard();
	const { outbox } = board;
	const boardHref = $derived(`/bank/${data.outing.id}`);

	let chosen = $state<string>();
	let open = $state<'new' | 'natural' | 'forms'>();
	let why = $state<string>();
	const second = movingNow(1000);
	let hidden = $state<readonly RiseForm[]>([]);
	/** Naturals added by hand, beside those that nets and eyes have shown. */
	let added = $state<{ taxonId: string; stage: LifeStage }[]>([]);
	// What is kept on a device belongs to a guide.
	const HIDDEN_KEY = untrack(() => `lacewing-hidden-rise-forms-${data.me?.id}`);

	onMount(() => {
		hidden = (localStorage.getItem(HIDDEN_KEY) ?? '').split(' ').filter(Boolean) as RiseForm[];
	});
	// The screen stays awake while a fish is watched; a browser that can't is no reason to stop.
	$effect(() => {
		let lock: WakeLockSentinel | undefined;
		const hold = async () => {
			if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
			lock = await navigator.wakeLock.request('screen').catch(() => undefined);
		};
		void hold();
		document.addEventListener('visibilitychange', hold);
		return () => {
			document.removeEventListener('visibilitychange', hold);
			void lock?.release();
		};
	});

	const open_ = $derived(board.outing.watches.filter(({ endedAt }) => !endedAt));
	const watch = $derived(open_.find(({ id }) => id === chosen) ?? open_.at(-1));
	const at = $derived(new Date(Math.max(second().getTime(), board.present.getTime())));
	const paused = $derived(watch !== undefined && isPaused(watch));
	const rhythm = $derived(watch && rhythmOf(riseTimes(watch, at)));
	const change = $derived(watch && lastChange(watch.rises, usualWays(watch.fish.size)));
	const reading = $derived(watch ? board.readingOf(watch.id) : board.reading);
	const naturals = $derived.by(() => {
		const seen = driftingNow(board.outing, watch);
		const more = added
			.filter(({ taxonId, stage }) => !seen.some((s) => s.taxonId === taxonId && s.stage === stage))
			.map((natural) => ({ ...natural, passed: 0, taken: 0 }));
		return [...more, ...seen].slice(0, 3);
	});
	const forms = $derived(RISE_FORMS.filter((form) => !hidden.includes(form)));

	async function begin(fish: WatchBegin) {
		open = undefined;
		chosen = (await outbox.say({ kind: 'watch', body: fish })).id;
	}
	const rise = (form: RiseForm) => {
		if (watch) void outbox.say({ kind: 'rise', body: { form, watchId: watch.id } });
	};
	const drifted = (taxonId: string, stage: LifeStage, fate: Fate) => {
		if (watch) void outbox.say({ kind: 'drifted', body: { watchId: watch.id, taxonId, stage, fate } });
	};
	const happen = (event: 'pause' | 'resume' | 'end') => {
		if (watch) void outbox.say({ kind: 'watch', body: { event, watchId: watch.id } });
	};
	function next(by: 1 | -1) {
		const i = open_.findIndex(({ id }) => id === watch?.id);
		chosen = open_[(i + by + open_.length) % open_.length]?.id;
	}
	function hide(form: RiseForm) {
		hidden = hidden.includes(form) ? hidden.filter((f) => f !== form) : [...hidden, form];
		localStorage.setItem(HIDDEN_KEY, hidden.join(' '));
	}

	let touchX: number | undefined;
	function swipe(event: TouchEvent) {
		const end = event.changedTouches[0]?.clientX;
		if (touchX !== undefined && end !== undefined && Math.abs(end - touchX) > 60 && open_.length > 1)
			next(end < touchX ? 1 : -1);
		touchX = undefined;
	}

	const KEYS = $derived({
		...Object.fromEntries(
			forms.map((form, i) => [
				String(i + 1),
				{ does: say('rise', { form: within(RISE_FORM_NAMES[form]) }), run: () => rise(form) }
			])
		),
		p: { does: say('look-away-look-again'), run: () => happen(paused ? 'resume' : 'pause') },
		u: { does: say('undo-the-last-tap'), run: () => void outbox.undo() },
		n: { does: say('next-fish'), run: () => next(1) },
		w: { does: say('watch-another-fish'), run: () => (open = 'new') }
	});
</script>

<svelte:head
	>{#if watch}<title>{say('watch-lacewing')}</title>{/if}</svelte:head
>
{#if !watch}
	<PageHead
		title={say('watch-a-fish')}
		detail={data.outing.reach.name}
		back={{ href: boardHref, name: say('board') }}
	/>
	<div class="max-w-xl p-4 pb-20 md:px-5">
		<BeginWatch still={board.outing.place.water === 'lake'} onbegin={begin} />
	</div>
{:else}
	<div
		class="flex h-[calc(100dvh-4rem)] flex-col gap-1.5 overflow-hidden p-2 md:mx-auto md:h-dvh md:max-w-2xl md:p-4"
	>
		<header
			role="group"
			aria-label={say('fish-under-watch')}
			class="grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-2"
			ontouchstart={(event) => (touchX = event.touches[0]?.clientX)}
			ontouchend={swipe}
		>
			<span class="flex gap-3 text-sm">
				<a class="link quiet" href={boardHref}>{say('board')}</a>
				<a class="link quiet" href="{boardHref}/line">{say('fly')}</a>
				<a class="link quiet" href="{boardHref}/stand">{say('stand')}</a>
			</span>
			<h1 class="truncate text-center text-base">
				{say(LIE_NAMES[watch.fish.lie])}{watch.fish.mark ? `, ${watch.fish.mark}` : ''}
				{#if open_.length > 1}
					<button type="button" class="link text-sm font-normal" onclick={() => next(1)}
						>{say('fish-of', {
							n: open_.findIndex(({ id }) => id === watch.id) + 1,
							length: open_.length
						})}</button
					>
				{/if}
			</h1>
			<button type="button" class="link text-sm" onclick={() => (open = 'new')}>{say('another-fish')}</button>
		</header>
		<div class="film-rule shrink-0"></div>
		<FishReading {reading} {change} timeZone={data.outing.reach.timeZone} onwhy={(id) => (why = id)} />
		<NextRise
			{rhythm}
			speedMs={watch.fish.speedMs}
			{paused}
			rises={watch.rises.length}
			now={at}
			timeZone={data.outing.reach.timeZone}
		/>
		<WatchStrip {watch} now={at} {change} />
		<div
			class="grid min-h-0 flex-1 grid-cols-2 gap-1.5 auto-rows-fr"
			role="group"
			aria-label={say('it-rose')}
		>
			{#each forms as form (form)}
				<button
					type="button"
					class="pad rises-when-tapped min-h-12 flex-col gap-0 overflow-hidden py-1 text-sm leading-tight"
					disabled={paused}
					onclick={() => rise(form)}
				>
					<RiseDrawing {form} class="h-10 min-h-0 shrink" />
					{say(RISE_FORM_NAMES[form])}
				</button>
			{/each}
		</div>
		<div class="grid shrink-0 gap-1" role="group" aria-label={say('naturals-over-the-fish')}>
			{#each naturals as { taxonId, stage, passed, taken } (`${taxonId}/${stage}`)}
				{@const name = say(naturalName(taxonId, stage))}
				<div
					class="grid grid-cols-[2.5rem_minmax(0,1fr)_6.25rem_6.25rem] items-center gap-1.5"
					role="group"
					aria-label={name}
				>
					<InsectDrawing {taxonId} {stage} scale={3} class="max-h-8 w-full" />
					<span class="text-sm leading-tight">{name}</span>
					<button
						type="button"
						class="pad min-h-12 text-sm"
						disabled={paused}
						onclick={() => drifted(taxonId, stage, 'passed')}
						>{say('passed')} <b class="font-mono">{passed}</b></button
					>
					<button
						type="button"
						class="pad min-h-12 text-sm"
						disabled={paused}
						onclick={() => drifted(taxonId, stage, 'taken')}
						>{say('taken')} <b class="font-mono">{taken}</b></button
					>
				</div>
			{/each}
		</div>
		<div class="grid shrink-0 grid-cols-4 gap-1.5">
			<button type="button" class="pad text-sm" onclick={() => (open = 'natural')}
				>{say('add-a-natural')}</button
			>
			<button
				type="button"
				class="pad text-sm"
				aria-pressed={paused}
				onclick={() => happen(paused ? 'resume' : 'pause')}
				>{paused ? say('looking-again') : say('look-away')}</button
			>
			<button type="button" class="pad text-sm" onclick={() => (open = 'forms')}>{say('forms')}</button>
			<button type="button" class="pad text-sm" onclick={() => happen('end')}>{say('end')}</button>
		</div>
	</div>
	<Shortcuts keys={KEYS} />
{/if}

{#if open === 'new' && watch}
	<Sheet title={say('another-fish')} onclose={() => (open = undefined)}>
		<BeginWatch
			still={board.outing.place.water === 'lake'}
			onbegin={begin}
			oncancel={() => (open = undefined)}
		/>
	</Sheet>
{:else if open === 'natural'}
	<Sheet title={say('what-drifts-over-it')} onclose={() => (open = undefined)}>
		<NaturalPicker
			beliefs={board.reading.beliefs}
			method="eye"
			names={board.names}
			place={board.outing.place}
			onpick={(taxonId, stage) => {
				added = [{ taxonId, stage }, ...added];
				open = undefined;
			}}
		/>
	</Sheet>
{:else if open === 'forms'}
	<Sheet title={say('forms-you-tap')} onclose={() => (open = undefined)}>
		<p class="quiet mb-2 text-sm">{say('hide-the-forms-you')}</p>
		<div class="grid grid-cols-2 gap-1.5">
			{#each RISE_FORMS as form (form)}
				<button type="button" class="pad" aria-pressed={!hidden.includes(form)} onclick={() => hide(form)}
					>{say(RISE_FORM_NAMES[form])}</button
				>
			{/each}
		</div>
	</Sheet>
{/if}
{#if why}<WhySheet {reading} hypothesisId={why} onclose={() => (why = undefined)} />{/if}
