<script lang="ts">
	import { onMount } from 'svelte';
	import { approachOf, stanceNote, strikeFor, USUAL_PLACE } from '$lib/core/approach';
	import type { WatchBegin } from '$lib/core/note';
	import { localClock } from '$lib/core/units';
	import { STANCE_NAMES } from '$lib/core/vocabulary';
	import { useBoard } from '$lib/ui/board/context';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import Stepper from '$lib/ui/frame/Stepper.svelte';
	import GroundSketch from '$lib/ui/stand/GroundSketch.svelte';
	import PlaceOfFish from '$lib/ui/stand/PlaceOfFish.svelte';
	import Plan from '$lib/ui/stand/Plan.svelte';
	import Section from '$lib/ui/stand/Section.svelte';
	import Scrub from '$lib/ui/stand/Scrub.svelte';
	import Stances from '$lib/ui/stand/Stances.svelte';
	import { Standing } from '$lib/ui/stand/standing.svelte';
	import WhereToLook from '$lib/ui/stand/WhereToLook.svelte';
	import parts from '$lib/ui/stand/words';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const board = useBoard();
	const { say } = useWords(words);
	const { say: sayPart } = useWords(parts);
	const usual = USUAL_PLACE.values;
	const still = $derived(data.outing.reach.place.water === 'lake');
	/** The fish in hand, or the one that was watched last. */
	const watch = $derived(board.fish ?? board.outing.watches.at(-1));
	const fish = $derived(watch?.fish);

	let depthSaid = $state<number>();
	let bankSaid = $state<number>();
	let wadeM = $state<number>();
	let speedSaid = $state<number>();
	let castM = $state<number>();
	let laneSaid = $state<number>();
	let dry = $state(false);
	const approach = $derived(
		approachOf(
			board.outing,
			board.present,
			{ depthM: depthSaid, bankM: bankSaid, wadeM, wadeSpeedMs: speedSaid, castM, lane: laneSaid },
			{
				fishFirst: board.options.fishFirst,
				fishedFrom: board.options.fishedFrom,
				hand: data.settings.hand,
				known: data.known,
				dry
			}
		)
	);
	const { wading, asked } = $derived(approach);

	const standing = new Standing();
	onMount(() => () => standing.end());
	$effect(() => {
		if (asked) void standing.ask(asked);
	});
	const { stance, drift } = $derived(standing);
	let atS = $state(0);
	// A new drift begins with the fly's fall.
	$effect(() => {
		if (drift) atS = 0;
	});
	const lastS = $derived(drift?.frames.at(-1)?.atS ?? 0);
	const line = $derived(drift?.frames.findLast((one) => one.atS <= atS + 1e-6)?.line);
	const drags = $derived(drift !== undefined && drift.drags && atS >= drift.freeS);
	const strike = $derived(
		strikeFor({
			form: watch?.rises.at(-1)?.note.body.form,
			stance: stance?.stance ?? 'below',
			size: fish?.size,
			slackM: stance?.slackM,
			school: board.options.striking
		})
	);
	const stood = $derived(board.outing.stances.at(-1)?.note.body);
	function standThere() {
		if (stance) void board.outbox.say({ kind: 'stance', body: stanceNote(stance, watch?.id) });
	}
	/** Corrects what is noted of where the fish lies; of no fish it is only said. */
	function placed(change: Partial<Pick<WatchBegin, 'lane' | 'upM'>>) {
		if (watch && fish)
			void board.outbox.say({ kind: 'watch', body: { ...fish, ...change }, replaces: watch.id });
		else laneSaid = change.lane ?? laneSaid;
	}
	const open = $derived(board.outing.watches.filter(({ endedAt }) => !endedAt));
	const numberOf = (id: string): number => board.outing.watches.findIndex((one) => one.id === id) + 1;
	const markOf = (id: string): string | undefined => open.find((one) => one.id === id)?.fish.mark;
	const clock = (at: Date): string => localClock(at, data.outing.reach.timeZone);
</script>

<PageHead
	title={say('where-to-stand')}
	detail={data.outing.reach.name}
	back={{ href: `/bank/${data.outing.id}`, name: say('board') }}
/>
<div class="grid gap-5 p-4 pb-24 md:px-5 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
	<div class="grid content-start gap-4">
		{#if asked}
			<Plan
				{approach}
				found={standing.found}
				chosen={standing.chosen}
				{line}
				{drags}
				windMs={board.outing.conditions.windMs?.value}
				onchoose={(index) => void standing.choose(index, asked)}
			/>
			{#if drift && stance}<Scrub bind:atS {lastS} {drags} />{/if}
			{#if standing.trouble}<p role="alert" class="text-error font-semibold">{say(standing.trouble)}</p>{/if}
			{#if standing.share < 1}
				<p role="status" class="quiet text-sm">
					{say('looking-for-stances', { share: Math.round(100 * standing.share) })}
					<progress class="progress w-full" value={standing.share} max="1"></progress>
				</p>
			{/if}
			{#if standing.found.length > 0}
				<Stances
					found={standing.found}
					chosen={standing.chosen}
					onchoose={(index) => void standing.choose(index, asked)}
				/>
				<section aria-label={say('strike')}>
					<p><strong>{say('strike')}:</strong> {say(strike.says)}</p>
					<ul class="list-disc pl-5 text-sm">
						{#each strike.because as reason (reason.id)}<li>{say(reason)}</li>{/each}
					</ul>
				</section>
				<button
					type="button"
					class="btn btn-accent sticky bottom-20 z-10 h-14 text-base md:bottom-4 lg:static landscape:static"
					onclick={standThere}>{say('standing-at', { number: standing.chosen + 1 })}</button
				>
				{#if stood}
					<p role="status" class="text-sm">
						{say('stands-there', { stance: say(STANCE_NAMES[stood.stance]) })}
					</p>
				{/if}
			{:else if standing.share === 1 && !standing.trouble}
				<p class="font-semibold">{say('none-from-here')}</p>
			{/if}
		{/if}
		<section aria-label={sayPart('hidden-or-seen')} class="grid content-start gap-3">
			<Section through={approach.through} stances={approach.stances} bankM={approach.bankM} stands={stance} />
			<ul class="grid gap-1">
				{#each approach.stances as posture (posture.posture)}<li>{sayPart(posture.says)}</li>{/each}
			</ul>
			<ul class="list-disc pl-5 text-sm">
				{#each approach.because as phrase, i (i)}<li>{sayPart(phrase)}</li>{/each}
			</ul>
		</section>
	</div>
	<div class="grid content-start gap-5">
		<section aria-labelledby="where-it-falls" class="grid gap-2">
			<h2 id="where-it-falls">{say('where-it-falls')}</h2>
			<ul class="grid gap-1">
				{#each approach.landing.says as told (told.id)}
					<li class={approach.landing.short && told.id.endsWith('short') ? 'font-semibold' : ''}>
						{say(told)}
					</li>
				{/each}
			</ul>
			<Stepper
				label={say('casts-fall')}
				bind:value={castM}
				usual={1}
				steps={[0.1, 0.5]}
				least={0}
				most={10}
				measure="distanceM"
			/>
		</section>
		{#if open.length > 1}
			<section aria-labelledby="which-first" class="grid gap-2">
				<h2 id="which-first">{say('which-first')}</h2>
				<ol class="list-decimal pl-6">
					{#each approach.inTurn as { id, because } (id)}
						<li>
							<span class="font-semibold">{markOf(id) ?? say('fish', { number: numberOf(id) })}</span>
							<span class="text-sm">{because.map((reason) => say(reason)).join(' ')}</span>
						</li>
					{/each}
				</ol>
			</section>
		{/if}
		<WhereToLook {approach} />
		{#if approach.sunSays.length > 0}
			<ul class="list-disc pl-5 text-sm">
				{#each approach.sunSays as told (told.id)}<li>{say(told)}</li>{/each}
			</ul>
		{/if}
		{#if approach.shade.some(({ spans }) => spans.length > 0)}
			<section aria-labelledby="shade" class="grid gap-1">
				<h2 id="shade">{say('shade')}</h2>
				<ul class="text-sm">
					{#each approach.shade as { lane, spans } (lane)}
						<li>
							{say('shade-of-lane', {
								lane: lane + 1,
								times:
									spans
										.map(({ from, to }) => say('from-to', { from: clock(from), to: clock(to) }))
										.join(', ') || say('all-day')
							})}
						</li>
					{/each}
				</ul>
			</section>
		{/if}
		<section aria-labelledby="the-fish" class="grid gap-4">
			<h2 id="the-fish">{say('the-fish')}</h2>
			{#if approach.ground.lanes.length > 0}
				<PlaceOfFish
					lanes={approach.ground.lanes}
					lane={approach.lane}
					upM={fish?.upM}
					several={open.length > 1}
					onlane={(lane) => placed({ lane: lane + 1 })}
					onup={(upM) => placed({ upM })}
				/>
			{/if}
			<Stepper
				label={sayPart('how-deep-it-lies')}
				bind:value={() => depthSaid ?? fish?.depthM, (value) => (depthSaid = value)}
				usual={usual.depthM}
				steps={[0.1, 0.5]}
				least={0.1}
				most={6}
				measure="distanceM"
			/>
			<Stepper
				label={sayPart('bank-above-water')}
				bind:value={bankSaid}
				usual={usual.bankM}
				steps={[0.1, 0.5]}
				least={0}
				most={10}
				measure="distanceM"
			/>
		</section>
		<section aria-label={sayPart('wading')} class="grid gap-2">
			<h2>{sayPart('wading')}</h2>
			{#if asked}
				<label class="flex min-h-12 items-center gap-3">
					<input type="checkbox" class="checkbox" bind:checked={dry} />
					{say('only-from-the-bank')}
				</label>
			{/if}
			<Stepper
				label={sayPart('water-you-wade')}
				bind:value={wadeM}
				usual={0.4}
				steps={[0.1, 0.3]}
				least={0}
				most={1.5}
				measure="distanceM"
			/>
			{#if wading}
				<Stepper
					label={sayPart('its-current')}
					bind:value={() => speedSaid ?? fish?.speedMs, (value) => (speedSaid = value)}
					usual={usual.speedMs}
					steps={[0.1, 0.5]}
					least={0}
					most={4}
					measure="currentMs"
				/>
				<p class="font-semibold {wading.word === 'out' ? 'text-error' : ''}" role="status">
					{sayPart(wading.says)}
				</p>
				<ul class="list-disc pl-5 text-sm">
					{#each wading.because as phrase, i (i)}<li>{sayPart(phrase)}</li>{/each}
				</ul>
				<button type="button" class="btn btn-outline h-12" onclick={() => (wadeM = undefined)}
					>{sayPart('not-wading')}</button
				>
			{/if}
		</section>
		<details class="border-base-300 rounded border p-3">
			<summary class="flex min-h-12 cursor-pointer items-center text-lg font-semibold"
				>{say('the-water')}</summary
			>
			{#key JSON.stringify(board.outing.ground)}
				<GroundSketch
					ground={approach.ground}
					{still}
					onkeep={(body) => void board.outbox.say({ kind: 'ground', body })}
				/>
			{/key}
		</details>
	</div>
</div>
