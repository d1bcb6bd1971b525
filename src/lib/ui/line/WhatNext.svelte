<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { Advice, Change } from '$lib/core/advice';
	import { localClock } from '$lib/core/units';
	import { chanceWord } from '$lib/core/message';

	interface Props {
		advice: Advice;
		/** The fish is being rested until then. */
		restUntil: Date | undefined;
		now: Date;
		timeZone: string;
		onfollow: (change: Change) => void;
		/** It cannot be done from here. */
		ondecline: (change: Change) => void;
		onrested: () => void;
	}
	let { advice, restUntil, now, timeZone, onfollow, ondecline, onrested }: Props = $props();
	const { say } = useWords(words);
	const WORTH_A_LINE = 0.03;
	const here = $derived(say(chanceWord(advice.tenMinutes.here)));
	const next = $derived(say(chanceWord(advice.tenMinutes.next)));
	const resting = $derived(restUntil !== undefined && restUntil > now);
	const left = $derived(restUntil ? Math.ceil((restUntil.getTime() - now.getTime()) / 60_000) : 0);

	/** What a tap on it does. */
	function doIt({
		id,
		fly,
		tippetX,
		tippetM,
		depthM,
		way,
		moved,
		dressed,
		second
	}: Change): string | undefined {
		if (fly ?? second) return say('tie-it-on');
		if (depthM !== undefined) return say('it-fishes-there');
		if (way ?? moved ?? dressed !== undefined) return say('so-from-now-on');
		if (id === 'one-fly') return say('one-fly-is-on');
		if (tippetM !== undefined) return say('longer-tippet-on');
		if (tippetX !== undefined) return say('new-tippet-on');
		if (id === 'rest') return say('rest-it');
		if (id === 'mend') return say('mending-now');
		return id === 'position' ? say('i-have-moved') : undefined;
	}
</script>

<section aria-label={say('what-next')} class="border-accent rounded border p-3">
	<h2 class="text-accent">{say('what-next')}</h2>
	{#if resting && restUntil}
		<p class="mt-1 text-lg font-bold">
			{say('resting-until-min-to', { localClock: localClock(restUntil, timeZone), left })}
		</p>
		<button type="button" class="btn btn-outline btn-accent mt-2 h-12" onclick={onrested}
			>{say('it-rises-again')}</button
		>
	{:else}
		{#if advice.leave}
			<p class="mt-1 font-semibold">
				{say('little-is-left-to')}
			</p>
		{/if}
		{#if !advice.works}<p class="quiet text-sm">
				{say(here === next ? 'in-ten-minutes-alike' : 'in-ten-minutes', { here, next })}
			</p>{/if}
		<p class="mt-1 text-lg leading-snug font-bold">{say(advice.next.says)}</p>
		<ul class="mt-1 list-disc pl-5 text-sm">
			{#each advice.next.because as phrase, i (i)}<li>{say(phrase)}</li>{/each}
			{#if advice.next.fly?.inBox === 0}<li>{say('not-in-the-box-2')}</li>{/if}
			{#if !advice.works}<li>
					{say('a-take-in-the', {
						probabilityWord: chanceWord(advice.next.chance),
						value:
							advice.next.minutes > 0
								? say('costs', {
										value:
											advice.next.minutes < 1
												? say('under-a-minute')
												: say('about-min', { minutes: Math.round(advice.next.minutes) })
									})
								: ''
					})}
				</li>{/if}
		</ul>
		{#if advice.firstCast.length > 0}
			<h3 id="first-cast" class="mt-3 font-semibold">{say('from-the-first-cast')}</h3>
			<ul aria-labelledby="first-cast" class="mt-1 grid gap-2">
				{#each advice.firstCast as change (change.id)}
					<li class="flex items-center justify-between gap-2">
						<span
							>{say(change.says)}
							{#each change.because as phrase, i (i)}<span class="quiet text-sm">{say(phrase)}</span
								>{/each}</span
						>
						{#if doIt(change)}<button
								type="button"
								class="btn btn-outline h-12 shrink-0"
								onclick={() => onfollow(change)}>{doIt(change)}</button
							>{/if}
					</li>
				{/each}
			</ul>
		{/if}
		{#if doIt(advice.next)}
			<button type="button" class="btn btn-accent mt-2 h-12 w-full" onclick={() => onfollow(advice.next)}
				>{doIt(advice.next)}</button
			>
		{/if}
		{#if !advice.works && advice.next.id !== 'stay' && advice.others.length > 0}
			<button type="button" class="btn btn-outline mt-2 h-12 w-full" onclick={() => ondecline(advice.next)}
				>{say('not-from-here')}</button
			>
		{/if}
	{/if}
	{#if advice.others.length > 0}<details class="mt-2 text-sm">
			<summary class="link quiet min-h-8 cursor-pointer leading-8">{say('other-changes-one-at')}</summary>
			<ul class="grid gap-2">
				{#each advice.others as change (change.id)}
					<li class="flex items-start justify-between gap-2">
						<span>{say(change.says)} <span class="quiet">{say(chanceWord(change.chance))}</span></span>
						{#if doIt(change)}<button
								type="button"
								class="btn btn-outline btn-sm shrink-0 max-md:h-12"
								onclick={() => onfollow(change)}>{doIt(change)}</button
							>{/if}
					</li>
				{/each}
			</ul>
		</details>{/if}
</section>

{#if !advice.works}<section aria-label={say('what-may-be-wrong')} class="mt-3">
		<h2 class="mb-1">{say('what-may-be-wrong')}</h2>
		<ul class="grid gap-1">
			{#each advice.causes.filter(({ probability }) => probability >= WORTH_A_LINE) as { cause, name, probability } (cause)}
				<li class="grid grid-cols-[minmax(0,1fr)_7rem_4.5rem] items-center gap-2 text-sm">
					<span>{say(name)}</span>
					<svg width="100%" height="10" aria-hidden="true"
						><rect width="100%" height="10" fill="var(--color-base-200)" /><rect
							width="{100 * probability}%"
							height="10"
							fill="var(--color-primary)"
						/></svg
					>
					<span class="quiet">{say(chanceWord(probability))}</span>
				</li>
			{/each}
		</ul>
	</section>{/if}
{#each advice.cautions as caution, i (i)}<p class="text-accent mt-2 text-sm font-semibold">
		{say(caution)}
	</p>{/each}
