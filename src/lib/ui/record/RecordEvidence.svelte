<script lang="ts">
	import { naturalName } from '$lib/core/note';
	import { tellFlies, type Foretold, type HatchRecord } from '$lib/core/record';
	import { localClock, localDate, probabilityWord } from '$lib/core/units';
	import { METHOD_NAMES, RISE_FORM_NAMES } from '$lib/core/vocabulary';
	import { useUnits } from '../units';

	interface Props {
		record: HatchRecord;
		/** The earlier sample in which it was to be seen coming. */
		foretold?: Foretold | undefined;
		/** Where the picture is, if there is one. */
		picture?: string | undefined;
	}
	let { record, foretold, picture }: Props = $props();
	const { say, show } = useUnits();
	const clock = (at: Date) => localClock(at, record.timeZone);
	const name = $derived(naturalName(record.taxonId, record.stage).toLowerCase());
</script>

<!-- What stands behind a record: who looked when, how it was on the line, and what the reading made of it. -->
<div class="flex gap-3 text-sm">
	<div class="grid min-w-0 flex-1 content-start gap-1">
		{#if record.abundance !== 'none'}
			<p>
				Began {record.notBefore
					? `between ${clock(record.notBefore)}, when a look showed none, and ${clock(record.firstSeen)}`
					: `by ${clock(record.firstSeen)}; nobody had looked before`}. Over {record.notAfter
					? `between ${clock(record.lastSeen)} and ${clock(record.notAfter)}`
					: `after ${clock(record.lastSeen)}; nobody looked later`}.
			</p>
		{/if}
		<p>
			{#if record.waterSpan && record.waterSpan.firstC !== record.waterSpan.lastC}Water {show({
					temperatureC: record.waterSpan.firstC
				})} when first seen, {show({ temperatureC: record.waterSpan.lastC })} when last.
			{:else if record.conditions.waterC !== undefined}Water {show({
					temperatureC: record.conditions.waterC
				})}.{/if}
			{#if record.hookSize !== undefined}Dressed as {show({ hookSize: record.hookSize })}.{/if}
			{#if record.leader}Leader {show({ distanceM: record.leader.leaderM })}, {record.leader.tippetX}X.{/if}
			{#if record.riseForms.length > 0}
				Rises: {record.riseForms
					.map(({ form, count }) => `${RISE_FORM_NAMES[form].toLowerCase()} × ${count}`)
					.join(', ')}.
			{/if}
			{#if record.flies.length > 0}
				On the line: {tellFlies(record.flies).map(say).join('; ')}.
			{/if}
		</p>
		{#if record.rivals && record.rivals.length > 0}
			<p class="quiet">
				The reading also held: {record.rivals
					.map(
						({ taxonId, stage, probability }) =>
							`${naturalName(taxonId, stage).toLowerCase()} (${probabilityWord(probability)})`
					)
					.join(', ')}.
			</p>
		{/if}
		{#if foretold}
			<p>
				Foretold by
				<a class="link" href="/bank/{foretold.outingId}/tray"
					>{METHOD_NAMES[foretold.method].toLowerCase()}, {localDate(foretold.at, record.timeZone, true)}
					{clock(foretold.at)}</a
				>: {foretold.count} ×
				{naturalName(record.taxonId, foretold.stage).toLowerCase()}, {foretold.daysBefore === 0
					? 'the same day'
					: foretold.daysBefore === 1
						? 'a day before'
						: `${foretold.daysBefore} days before`}{#if foretold.due}; by their wing pads due in {foretold
						.due[0]} to {foretold.due[1]} days: {foretold.borneOut ? 'borne out' : 'not borne out'}{/if}.
			</p>
		{/if}
	</div>
	{#if record.belly || picture}
		<div class="grid shrink-0 content-start justify-items-center gap-1">
			{#if picture}<a href={picture} target="_blank" rel="noreferrer"
					><img src={picture} alt="The {name}, as photographed" class="size-20 rounded object-cover" /></a
				>{/if}
			{#if record.belly}
				<svg viewBox="0 0 20 20" class="size-6" role="img" aria-label="Colour of its belly"
					><circle
						cx="10"
						cy="10"
						r="9"
						fill="lab({record.belly.l} {record.belly.a} {record.belly.b})"
						stroke="currentColor"
					/></svg
				>
				<span class="quiet text-xs">belly</span>
			{/if}
		</div>
	{/if}
</div>
