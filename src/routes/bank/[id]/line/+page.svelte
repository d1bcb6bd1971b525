<script lang="ts">
	import { adviceFor } from '$lib/core/advice';
	import { isParticular } from '$lib/core/likeness';
	import { untrack } from 'svelte';
	import { pairFor, shortlist, waterDepthOf } from '$lib/core/match';
	import type { AttemptBody } from '$lib/core/note';
	import { dressedMm, fishesBelow, hookOf, STYLES, patternName } from '$lib/core/tackle';
	import type { AttemptOutcome, ChangeId, WhichFly as Which } from '$lib/core/vocabulary';
	import { movingNow } from '$lib/ui/moving-clock.svelte';
	import { useBoard } from '$lib/ui/board/context';
	import LookNext from '$lib/ui/board/LookNext.svelte';
	import Shortcuts from '$lib/ui/board/Shortcuts.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import FishLength from '$lib/ui/line/FishLength.svelte';
	import Below from '$lib/ui/line/Below.svelte';
	import HowItWent from '$lib/ui/line/HowItWent.svelte';
	import Session from '$lib/ui/line/Session.svelte';
	import BesideNatural from '$lib/ui/line/BesideNatural.svelte';
	import DriftPads from '$lib/ui/line/DriftPads.svelte';
	import RigCard from '$lib/ui/line/RigCard.svelte';
	import StillWater from '$lib/ui/line/StillWater.svelte';
	import { follow, rigAsAsked, rigPair } from '$lib/ui/line/rigging';
	import { askedWhich } from '$lib/ui/line/which-fly';
	import WhichFly from '$lib/ui/line/WhichFly.svelte';
	import WhatNext from '$lib/ui/line/WhatNext.svelte';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const board = useBoard();
	/** The two flies that together serve the reading best. */
	const pair = $derived(pairFor(board.outing, board.reading, board.options));
	const lake = $derived(data.outing.reach.place.water === 'lake');
	// How deep a lake is where it is fished stays as it was set, from page to page.
	untrack(() => lake && (board.lakeM ??= waterDepthOf(board.outing)));
	/** What may be wrong with the fly on the line, and what to change. */
	let declined = $state<ChangeId[]>([]);
	const advice = $derived(
		adviceFor(board.outing, board.reading, { ...board.options, declined, waterM: board.lakeM })
	);
	/** Who holds the rod: as noted last, until somebody else does. */
	let angler = $state(board.outing.attempts.at(-1)?.note.body.angler ?? '');
	const { show, say } = useWords(words);
	const boardHref = $derived(`/bank/${data.outing.id}`);

	const minute = movingNow(5000);
	let fishedM = $state<number | undefined>();

	const fly = $derived(board.onLine);
	const length = $derived(
		fly ? dressedMm(fly.hookSize, hookOf(STYLES[fly.pattern.style], board.options.hooks)) : 0
	);
	const natural = $derived(
		board.reading.beliefs.find(({ hypothesis }) => isParticular(hypothesis))?.hypothesis
	);
	const inBox = $derived(
		board.box.find(({ patternId, hookSize }) => patternId === fly?.pattern.id && hookSize === fly.hookSize)
			?.count ?? 0
	);
	/** The flies of which a fish went for one, until it is said which. */
	const asked = $derived(askedWhich(board.outing, board.rig));
	function tellWhich(which: Which) {
		const body = asked?.telling(which);
		if (asked && body) void board.outbox.say({ kind: 'attempt', body, replaces: asked.replaces });
	}
	const landed = $derived(board.landed !== undefined);

	const happened = (outcome: AttemptOutcome, more: Partial<AttemptBody> = {}) => {
		board.restUntil = undefined;
		declined = [];
		// What is noted of a lake says how deep it is there, so that every rig for it is one.
		if (lake && board.rig && board.rig.waterM !== board.lakeM) void board.rigged({ waterM: board.lakeM });
		void board.happened(outcome, {
			...more,
			...(lake && fishedM !== undefined && { depthM: fishedM }),
			...(angler.trim() && { angler: angler.trim() })
		});
	};
	const KEYS = {
		g: { does: say('a-good-drift'), run: () => happened('drifted', { drifts: 1 }) },
		d: { does: say('it-dragged'), run: () => happened('drifted', { drifts: 0, dragged: 1 }) },
		r: {
			does: say('refused-at-the-last'),
			run: () => happened('refused', { drifts: 0, lastMoment: true })
		},
		t: { does: say('taken'), run: () => happened('taken') },
		u: { does: say('undo-the-last-tap'), run: () => void board.outbox.undo() }
	};
</script>

<PageHead
	title={say('on-the-line')}
	detail={fly ? `${say(patternName(fly.pattern))}, ${show({ hookSize: fly.hookSize })}` : ''}
	back={{ href: boardHref, name: say('board') }}
/>
{#if board.boxTrouble}<p role="alert" class="text-error px-4 pt-2 font-semibold md:px-5">
		{say(board.boxTrouble)}
	</p>{/if}
<div class="grid gap-5 p-4 pb-24 md:px-5 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_minmax(0,0.9fr)]">
	{#if fly && advice && board.rigAsked}
		<div class="grid content-start gap-4">
			<DriftPads
				seen={advice.seen}
				tally={advice.tally}
				{inBox}
				onhappened={happened}
				onused={() => void board.fewer()}
			/>
			{#if asked}
				<WhichFly flies={asked.flies} named={asked.named} onsay={tellWhich} />
			{/if}
			{#if landed}
				<p class="text-accent text-sm font-semibold">
					{say('wet-cold-hands-and')}
				</p>
				<FishLength
					lengthMm={board.landed?.body.fishLengthMm}
					onsay={(fishLengthMm) => void board.told({ fishLengthMm })}
				/>
				<LookNext observations={board.throat} />
			{/if}
			{#if board.took}
				<HowItWent
					took={board.took.body}
					below={fishesBelow(fly.pattern)}
					onsay={(more) => void board.told(more)}
				/>
			{/if}
			{#if natural}
				<div class="max-lg:hidden">
					<BesideNatural
						{natural}
						pattern={fly.pattern}
						hookSize={fly.hookSize}
						dressedMm={length}
						hooks={board.options.hooks}
					/>
				</div>
			{/if}
		</div>
		<div>
			<WhatNext
				{advice}
				restUntil={board.restUntil}
				now={minute()}
				timeZone={data.outing.reach.timeZone}
				onfollow={(change) => {
					declined = [];
					void follow(board, change);
				}}
				ondecline={({ id }) => declined.push(id)}
				onrested={() => (board.restUntil = undefined)}
			/>
		</div>
		{#if natural}
			<div class="lg:hidden">
				<BesideNatural
					{natural}
					pattern={fly.pattern}
					hookSize={fly.hookSize}
					dressedMm={length}
					hooks={board.options.hooks}
				/>
			</div>
		{/if}
	{:else}
		<div class="grid content-start gap-3">
			<p>{say('no-fly-is-on')} <b>{say('tie-on')}</b> {say('on-the-board')}</p>
			<a class="btn btn-primary h-12" href={boardHref}>{say('to-the-board')}</a>
		</div>
	{/if}
	<div class="grid content-start gap-5">
		{#if fly && board.rigAsked && !lake && fishesBelow(fly.pattern)}
			<Below
				outing={board.outing}
				{fly}
				tippetMm={board.rigAsked.tippetMm}
				hooks={board.options.hooks}
				rig={board.rig}
				onrig={(change) => void board.rigged(change)}
			/>
		{/if}
		{#if lake && board.lakeM !== undefined}<StillWater
				outing={board.outing}
				bind:waterM={board.lakeM}
				bind:fishedM
				rigged={board.rigAsked && fly && { leaderM: board.rigAsked.lengthM, sunk: fishesBelow(fly.pattern) }}
				moved={board.rig?.moved}
				onmoved={(moved) => void board.rigged({ moved, waterM: board.lakeM })}
				list={() => shortlist(board.outing, board.reading, { ...board.options, most: 12 })}
				onspread={(lead, rig) => void board.tie(lead.pattern, lead.hookSize).then(() => board.rigged(rig))}
			/>{/if}
		{#if fly && advice && board.rigAsked}
			<RigCard
				asked={board.rigAsked}
				rig={board.rig}
				tippet={advice.tippet}
				{pair}
				onaround={(around) => void board.rigged(around)}
				onasked={() => void rigAsAsked(board)}
				onpair={(pair) => void rigPair(board, pair)}
			/>
		{/if}
		<Session outing={board.outing} bind:angler />
	</div>
</div>
<Shortcuts keys={KEYS} />
