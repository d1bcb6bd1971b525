<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { onMount, untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { enhance } from '$app/forms';
	import type { Note } from '$lib/core/note';
	import { localClock, localDate, localInstant } from '$lib/core/units';
	import AddNote, { type Addable } from '$lib/ui/board/AddNote.svelte';
	import { useBoard } from '$lib/ui/board/context';
	import DayStrip from '$lib/ui/board/DayStrip.svelte';
	import LookNext from '$lib/ui/board/LookNext.svelte';
	import NoteList from '$lib/ui/board/NoteList.svelte';
	import Now from '$lib/ui/board/Now.svelte';
	import TieOn from '$lib/ui/board/TieOn.svelte';
	import WaterColumn from '$lib/ui/board/WaterColumn.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import Sheet from '$lib/ui/frame/Sheet.svelte';
	import type { Said } from '$lib/ui/outbox/outbox.svelte';
	import type { PageData } from './$types';

	const { say } = useWords(words);

	let { data }: { data: PageData } = $props();
	const board = useBoard();
	const { outbox } = board;
	const reach = $derived(data.outing.reach);
	const trayHref = $derived(`/bank/${data.outing.id}/tray`);
	const lineHref = $derived(`/bank/${data.outing.id}/line`);
	const watchHref = $derived(`/bank/${data.outing.id}/watch`);

	/** What opens over the board: it comes right behind it, and is asked for again where signal was lost. */
	let sheets = $state.raw<typeof import('$lib/ui/board/sheets')>();
	const loadSheets = () =>
		void import('$lib/ui/board/sheets').then(
			(loaded) => (sheets = loaded),
			() => undefined
		);
	onMount(loadSheets);
	/** A key pressed before what answers it was there. */
	let early = $state.raw<KeyboardEvent>();
	let adding = $state<Exclude<Addable, 'sample' | 'watch'> | 'choose'>();
	let opened = $state<Note>();
	let correcting = $state<Note>();
	let why = $state<string>();
	const wanted = $derived(
		(adding !== undefined && adding !== 'choose') || opened !== undefined || why !== undefined
	);
	$effect(() => {
		if (wanted && !sheets) loadSheets();
	});
	/** What to do first, in four lines, once. */
	let firstTime = $state(false);
	const FIRST_KEY = untrack(() => `lacewing-first-lines-seen-${data.me?.id}`);
	onMount(() => {
		firstTime = data.first && localStorage.getItem(FIRST_KEY) === null;
	});
	function seenOnce() {
		localStorage.setItem(FIRST_KEY, '1');
		firstTime = false;
	}
	const PARTS = [say('notes'), say('water'), say('tie-on')] as const;
	let pages = $state<HTMLElement>();
	let part = $state(1);
	// On a phone the three parts lie side by side; the water comes first to the eye.
	$effect(() => pages?.scrollTo({ left: pages.clientWidth }));
	const turnTo = (index: number) => pages?.scrollTo({ left: pages.clientWidth * index, behavior: 'smooth' });

	async function write(said: Said, close = true) {
		const replaces = correcting?.id;
		if (close) adding = correcting = undefined;
		board.replayAt = undefined;
		await outbox.say(replaces ? { ...said, replaces } : said);
	}

	function correct(note: Note) {
		opened = undefined;
		if (note.kind === 'sample') void goto(`${trayHref}?correct=${note.id}`);
		else if (
			note.kind === 'conditions' ||
			note.kind === 'sighting' ||
			note.kind === 'rise' ||
			note.kind === 'unnamed' ||
			note.kind === 'looked' ||
			note.kind === 'hatch' ||
			note.kind === 'suspicion' ||
			note.kind === 'remark'
		) {
			correcting = note;
			adding = note.kind;
		}
	}

	const close = () => (adding = correcting = undefined);
	const closeAll = () => (adding = correcting = opened = why = undefined);
	const KEYS = {
		r: { does: say('note-a-rise'), run: () => (adding = 'rise') },
		s: { does: say('note-a-sample'), run: () => void goto(trayHref) },
		w: { does: say('watch-a-fish'), run: () => void goto(watchHref) },
		l: { does: say('the-fly-on-the'), run: () => void goto(lineHref) },
		i: { does: say('note-a-sighting'), run: () => (adding = 'sighting') },
		c: { does: say('note-conditions'), run: () => (adding = 'conditions') },
		m: { does: say('write-a-remark'), run: () => (adding = 'remark') },
		u: { does: say('undo-the-last-note'), run: () => void outbox.undo() },
		n: { does: say('back-to-now'), run: () => (board.replayAt = undefined) }
	};
</script>

{#snippet where()}{#if sheets}<sheets.LookWhere
			known={data.known}
			href="/bank/{data.outing.id}/stand"
		/>{/if}{/snippet}

<div class="desk:flex desk:h-dvh desk:flex-col">
	<PageHead
		title="{reach.name}, {reach.water}"
		detail={say('text', {
			localDate: localDate(data.outing.startedAt, reach.timeZone),
			value: data.outing.guests === 1 ? say('1-guest') : say('guests', { guests: data.outing.guests })
		})}
	>
		<Now conditions={board.outing.conditions} />
		<form method="POST" action={data.outing.endedAt ? '?/reopen' : '?/end'} use:enhance>
			<button class="btn btn-outline btn-sm"
				>{data.outing.endedAt ? say('open-it-again') : say('end-the-outing')}</button
			>
		</form>
	</PageHead>

	{#if board.past}
		<label class="desk:px-5 flex flex-wrap items-center gap-2 px-4 pt-2">
			<span class="text-sm">{say('a-past-day-notes')}</span>
			<input
				type="time"
				class="input h-11 w-28"
				aria-label={say('notes-are-written-at')}
				value={localClock(board.writeAt, reach.timeZone)}
				onchange={({ currentTarget }) => {
					const [hours, minutes] = currentTarget.value.split(':').map(Number);
					if (hours !== undefined && minutes !== undefined)
						board.writeAt = localInstant(board.writeAt, reach.timeZone, hours, minutes);
				}}
			/>
		</label>
	{/if}
	{#if firstTime}
		<div class="desk:mx-5 border-primary mx-4 mt-2 flex items-start gap-3 rounded border p-3">
			<ol class="list-decimal pl-5 text-sm">
				<li>{say('note-the-conditions-the')}</li>
				<li>{say('hold-a-net-or')}</li>
				<li>{say('note-how-fish-rise')}</li>
				<li>{say('tie-on-what-stands')}</li>
			</ol>
			<button type="button" class="btn btn-outline btn-sm ml-auto" onclick={seenOnce}>{say('i-see')}</button>
		</div>
	{/if}
	<div class="px-4 pt-2 desk:px-5">
		<DayStrip
			place={reach.place}
			timeZone={reach.timeZone}
			outing={board.outing}
			present={board.present}
			at={board.at}
			replaying={board.replayAt !== undefined}
			expected={(from, to) => board.expected(from, to)}
			ticks={outbox.notes}
			onreplay={(at) => (board.replayAt = at)}
		/>
	</div>

	<div class="border-base-300 flex border-y desk:hidden" role="group" aria-label={say('part-of-the-board')}>
		{#each PARTS as name, i (name)}
			<button
				type="button"
				class="min-h-11 flex-1 font-semibold {part === i ? 'border-primary text-primary border-b-4' : ''}"
				aria-pressed={part === i}
				onclick={() => turnTo(i)}>{name}</button
			>
		{/each}
	</div>

	<div
		bind:this={pages}
		class="desk:border-base-300 flex snap-x snap-mandatory overflow-x-auto pb-14 desk:grid desk:min-h-0 desk:flex-1 desk:grid-cols-[14.5rem_minmax(0,1fr)_19rem] desk:overflow-hidden desk:border-t desk:pb-0 desk:lg:grid-cols-[18.5rem_minmax(0,1fr)_22rem]"
		onscroll={({ currentTarget }) =>
			(part = Math.round(currentTarget.scrollLeft / currentTarget.clientWidth))}
	>
		<section
			class="w-full shrink-0 snap-start px-4 py-3 desk:flex desk:w-auto desk:min-h-0 desk:flex-col desk:pr-2 desk:pl-5"
			aria-label={say('notes')}
		>
			<h2 class="mb-2">{say('notes')}</h2>
			<AddNote
				{trayHref}
				{watchHref}
				onadd={(kind) => (adding = kind)}
				class="mb-2 hidden grid-cols-3 desk:mr-2 desk:grid"
			/>
			<div class="desk:min-h-0 desk:flex-1 desk:overflow-y-auto desk:pr-2">
				<NoteList
					live={board.outing.live}
					here={outbox.here}
					timeZone={reach.timeZone}
					reading={board.reading}
					onopen={(note) => (opened = note)}
				/>
			</div>
			<div class="mt-2 flex flex-wrap gap-2">
				<a class="btn btn-outline btn-sm" href="/bank/{data.outing.id}/record"
					>{say('records-of-this-outing')}</a
				>
			</div>
		</section>
		<section
			class="desk:border-base-300 w-full shrink-0 snap-start desk:w-auto desk:overflow-y-auto desk:border-x"
			aria-label={say('water')}
		>
			<div class="desk:hidden px-4"><LookNext observations={board.next} /></div>
			<WaterColumn
				names={data.settings.names}
				outing={board.outing}
				reading={board.reading}
				flies={board.flies}
				fish={board.fish !== undefined}
				onwhy={(id) => (why = id)}
			/>
			<div class="desk:hidden px-4 pb-3">{@render where()}</div>
		</section>
		<section
			class="w-full shrink-0 snap-start px-4 py-3 desk:flex desk:min-h-0 desk:w-auto desk:flex-col desk:pr-2 desk:pl-5"
			aria-label={say('tie-on')}
		>
			<div class="desk:min-h-0 desk:flex-1 desk:overflow-y-auto desk:pr-3">
				<TieOn
					flies={board.flies}
					school={data.settings.school}
					tellBuild={(pattern) => sheets?.tellBuild(pattern, data.settings.softFeathers) ?? []}
					onLine={board.onLine}
					{lineHref}
					compare={() => sheets?.compareSchools(board.outing, board.reading, board.options) ?? []}
					ontie={({ pattern, hookSize }) => void board.tie(pattern, hookSize)}
				/>
				<div class="desk:block hidden">{@render where()}</div>
			</div>
			<div class="desk:block hidden pr-3"><LookNext observations={board.next} /></div>
		</section>
	</div>
</div>

<div
	class="bg-base-100 desk:hidden aside:bottom-1 aside:left-auto aside:right-1 aside:rounded aside:p-0 fixed inset-x-0 bottom-14 z-20 p-1.5"
>
	<button
		type="button"
		class="btn btn-accent aside:w-auto aside:px-6 h-12 w-full text-base"
		onclick={() => (adding = 'choose')}
	>
		{say('add-a-note')}
	</button>
</div>

<svelte:window onkeydown={(event) => !sheets && (early = event)} />
{#if sheets}<sheets.Shortcuts keys={KEYS} {early} />{/if}
{#if adding === 'choose'}
	<Sheet title={say('add-a-note')} onclose={() => adding === 'choose' && close()}>
		<AddNote {trayHref} {watchHref} onadd={(kind) => (adding = kind)} class="grid-cols-2" />
	</Sheet>
{:else if wanted && !sheets}
	<Sheet title={say('add-a-note')} onclose={closeAll}><p>{say('coming')}</p></Sheet>
{/if}
{#if sheets && adding !== undefined && adding !== 'choose'}
	<sheets.NoteForms kind={adding} {correcting} onsay={write} onclose={close} />
{/if}
{#if opened && sheets}
	{@const note = opened}
	<sheets.NoteSheet
		{note}
		timeZone={reach.timeZone}
		oncorrect={note.kind === 'attempt' ? undefined : () => correct(note)}
		onwithdraw={() => {
			const { id } = note;
			opened = undefined;
			void outbox.withdraw(id);
		}}
		onclose={() => (opened = undefined)}
	/>
{/if}
{#if why && sheets}<sheets.WhySheet
		reading={board.reading}
		hypothesisId={why}
		onclose={() => (why = undefined)}
	/>{/if}
