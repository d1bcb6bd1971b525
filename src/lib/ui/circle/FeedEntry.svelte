<script lang="ts">
	import { findTaxon } from '$lib/core/atlas';
	import { naturalName } from '$lib/core/note';
	import { tellFlies, HOW_SURE_NAMES, NAMED_BY_NAMES } from '$lib/core/record';
	import type { ShownRecord } from '$lib/core/share';
	import { localClock, probabilityWord } from '$lib/core/units';
	import { ABUNDANCE_NAMES, SKY_NAMES } from '$lib/core/vocabulary';
	import type { Snippet } from 'svelte';
	import InsectDrawing from '../drawing/InsectDrawing.svelte';
	import PlaceText from '../record/PlaceText.svelte';
	import { useUnits } from '../units';

	interface Props {
		/** What several guides shared of one event, newest first; mostly it is one. */
		seen: readonly [Seen, ...Seen[]];
		/** Came in while the page was open. */
		fresh: boolean;
		/** Held back from others until then. */
		heldBack?: string;
		children?: Snippet;
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
	const { say, show } = useUnits();
	const record = $derived(item.record);
	const clock = (at: Date) => localClock(at, record.timeZone);
	const window = ({ firstSeen, lastSeen, mostSeen }: ShownRecord) =>
		clock(firstSeen) === clock(lastSeen)
			? clock(firstSeen)
			: `${clock(firstSeen)}–${clock(lastSeen)}, most ${clock(mostSeen)}`;
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
			<span class="font-bold">{naturalName(record.taxonId, record.stage)}</span>
			<span class="science">{findTaxon(record.taxonId)?.scientificName}</span>
			{#if record.naming}<span class="quiet text-sm"
					>{HOW_SURE_NAMES[record.naming.sure].toLowerCase()}, {NAMED_BY_NAMES[record.naming.by]}</span
				>{/if}
			{#if fresh}<span class="text-accent text-sm font-bold">new</span>{/if}
		</p>
		<p class="flex flex-wrap justify-between gap-x-4">
			<span><PlaceText place={record.place} /></span><span class="quiet text-sm"
				>{seen.map(({ mine, author }) => (mine ? 'You' : author)).join(', ')}</span
			>
		</p>
		<p class="quiet text-sm">
			{ABUNDANCE_NAMES[record.abundance]}
			{#if record.lengthMm !== undefined}· {show({ lengthMm: record.lengthMm })}{/if}
			{#if record.hookSize !== undefined}· {show({ hookSize: record.hookSize })}{/if}
			{#if seen.length === 1}· {window(record)}{/if}
			{#if record.conditions.waterC !== undefined}· water {show({
					temperatureC: record.conditions.waterC
				})}{/if}
			{#if record.conditions.sky}· {SKY_NAMES[record.conditions.sky].toLowerCase()}{/if}
			· fish on it: {probabilityWord(record.taken)}
		</p>
		{#if seen.length > 1}
			<ul class="text-sm">
				{#each seen as one (one.author)}<li>{one.mine ? 'You' : one.author}: {window(one.record)}</li>{/each}
			</ul>
		{/if}
		{#if heldBack}<p class="text-accent text-sm font-semibold">Only you see it until {heldBack}.</p>{/if}
		{#if record.flies.length > 0}
			<p class="text-sm">
				On the line: {tellFlies(record.flies).map(say).join('; ')}
			</p>
		{/if}
		{#each seen.filter((one) => one.picture) as one (one.id)}
			{@const picture = `/api/v1/feed/${one.id}/picture`}
			<a href={picture} target="_blank" rel="noreferrer" class="mt-1 inline-block"
				><img
					src={picture}
					alt="The {naturalName(record.taxonId, record.stage).toLowerCase()}, as photographed"
					loading="lazy"
					class="h-24 rounded object-cover"
				/></a
			>
		{/each}
		{#if record.words}<p class="mt-1">“{record.words}”</p>{/if}
		{@render children?.()}
	</div>
</li>
