<script lang="ts">
	import { joined, within, chanceWord } from '$lib/core/message';
	import { naturalWords, findTaxon, naturalName } from '$lib/core/atlas';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { tellFlies, HOW_SURE_NAMES, NAMED_BY_NAMES } from '$lib/core/record';
	import type { ShownRecord } from '$lib/core/share';
	import { localClock } from '$lib/core/units';
	import { ABUNDANCE_NAMES, SKY_NAMES } from '$lib/core/vocabulary';
	import type { Snippet } from 'svelte';
	import InsectDrawing from '../drawing/InsectDrawing.svelte';
	import PlaceText from '../record/PlaceText.svelte';

	interface Props {
		/** What several guides shared of one event, newest first; mostly it is one. */
		seen: readonly [Seen, ...Seen[]];
		/** Came in while the page was open. */
		fresh: boolean;
		/** Held back from others until then. */
		heldBack?: string | undefined;
		children?: Snippet | undefined;
	}
	interface Seen {
		id: string;
		/** A picture goes with it. */
		picture: boolean;
		author: string;
		mine: boolean;
		record: ShownRecord;
	}
	let { seen, fresh, heldBack, children }: Props = $props();
	const item = $derived(seen[0]);
	const { say, show } = useWords(words);
	const record = $derived(item.record);
	const clock = (at: Date) => localClock(at, record.timeZone);
	const window = ({ firstSeen, lastSeen, mostSeen }: ShownRecord) =>
		clock(firstSeen) === clock(lastSeen)
			? clock(firstSeen)
			: say('window', { from: clock(firstSeen), to: clock(lastSeen), most: clock(mostSeen) });
</script>

<li
	class="border-base-300 grid grid-cols-[4.5rem_1fr] gap-3 border-b px-1 py-3 sm:grid-cols-[7rem_1fr] {fresh
		? 'border-l-accent bg-base-200 border-l-4'
		: ''}"
>
	<InsectDrawing
		taxonId={record.taxonId}
		stage={record.stage}
		lengthMm={record.lengthMm}
		scale={5}
		class="mt-2 max-h-14 max-w-full self-start justify-self-center"
	/>
	<div class="min-w-0">
		<p class="flex flex-wrap items-baseline gap-x-2">
			<span class="font-bold">{say(naturalName(record.taxonId, record.stage))}</span>
			<span class="science">{findTaxon(record.taxonId)?.scientificName}</span>
			{#if record.naming}<span class="quiet text-sm"
					>{say(within(HOW_SURE_NAMES[record.naming.sure]))}, {say(NAMED_BY_NAMES[record.naming.by])}</span
				>{/if}
			{#if fresh}<span class="text-accent text-sm font-bold">{say('new')}</span>{/if}
		</p>
		<p class="flex flex-wrap justify-between gap-x-4">
			<span><PlaceText place={record.place} /></span><span class="quiet text-sm"
				>{seen.map(({ mine, author }) => (mine ? say('you-2') : author)).join(', ')}</span
			>
		</p>
		<p class="quiet text-sm">
			{say(ABUNDANCE_NAMES[record.abundance])}
			{#if record.lengthMm !== undefined}· {show({ lengthMm: record.lengthMm })}{/if}
			{#if record.hookSize !== undefined}· {show({ hookSize: record.hookSize })}{/if}
			{#if seen.length === 1}· {window(record)}{/if}
			{#if record.conditions.waterC !== undefined}{say('water', {
					temperatureC: show({
						temperatureC: record.conditions.waterC
					})
				})}{/if}
			{#if record.conditions.sky}· {say(within(SKY_NAMES[record.conditions.sky]))}{/if}
			{say('fish-on-it', { probabilityWord: chanceWord(record.taken) })}
		</p>
		{#if seen.length > 1}
			<ul class="text-sm">
				{#each seen as one (one.author)}<li>
						{one.mine ? say('you-2') : one.author}: {window(one.record)}
					</li>{/each}
			</ul>
		{/if}
		{#if heldBack}<p class="text-accent text-sm font-semibold">{say('only-you-see-it', { heldBack })}</p>{/if}
		{#if record.flies.length > 0}
			<p class="text-sm">
				{say('on-the-line', { tellFlies: joined('; ', ...tellFlies(record.flies)) })}
			</p>
		{/if}
		{#each seen.filter((one) => one.picture) as one (one.id)}
			{@const picture = `/api/v1/feed/${one.id}/picture`}
			<a href={picture} target="_blank" rel="noreferrer" class="mt-1 inline-block"
				><img
					src={picture}
					alt={say('the-as-photographed', { naturalWords: naturalWords(record.taxonId, record.stage) })}
					loading="lazy"
					class="h-24 rounded object-cover"
				/></a
			>
		{/each}
		{#if record.words}<p class="mt-1">“{record.words}”</p>{/if}
		{@render children?.()}
	</div>
</li>
