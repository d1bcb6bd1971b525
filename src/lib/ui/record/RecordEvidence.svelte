<script lang="ts">
	import { joined, within, chanceWord } from '$lib/core/message';
	import { naturalWords } from '$lib/core/atlas';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { tellFlies, type Foretold, type HatchRecord } from '$lib/core/record';
	import { localClock, localDate } from '$lib/core/units';
	import { METHOD_NAMES, RISE_FORM_NAMES } from '$lib/core/vocabulary';

	interface Props {
		record: HatchRecord;
		/** The earlier sample in which it was to be seen coming. */
		foretold?: Foretold | undefined;
		/** Where the picture is, if there is one. */
		picture?: string | undefined;
	}
	let { record, foretold, picture }: Props = $props();
	const { say, show } = useWords(words);
	const clock = (at: Date) => localClock(at, record.timeZone);
	const name = $derived(naturalWords(record.taxonId, record.stage));
</script>

<!-- What stands behind a record: who looked when, how it was on the line, and what the reading made of it. -->
<div class="flex gap-3 text-sm">
	<div class="grid min-w-0 flex-1 content-start gap-1">
		{#if record.abundance !== 'none'}
			<p>
				{say('began-over', {
					value: record.notBefore
						? say('between-when-a-look', { clock: clock(record.notBefore), clock2: clock(record.firstSeen) })
						: say('by-nobody-had-looked', { clock: clock(record.firstSeen) }),
					value2: record.notAfter
						? say('between-and', { clock: clock(record.lastSeen), clock2: clock(record.notAfter) })
						: say('after-nobody-looked-later', { clock: clock(record.lastSeen) })
				})}
			</p>
		{/if}
		<p>
			{#if record.waterSpan && record.waterSpan.firstC !== record.waterSpan.lastC}{say(
					'water-when-first-seen',
					{
						temperatureC: show({
							temperatureC: record.waterSpan.firstC
						}),
						temperatureC2: show({ temperatureC: record.waterSpan.lastC })
					}
				)}
			{:else if record.conditions.waterC !== undefined}{say('water', {
					temperatureC: show({
						temperatureC: record.conditions.waterC
					})
				})}{/if}
			{#if record.hookSize !== undefined}{say('dressed-as', {
					hookSize: show({ hookSize: record.hookSize })
				})}{/if}
			{#if record.leader}{say('leader-x', {
					distanceM: show({ distanceM: record.leader.leaderM }),
					tippetX: record.leader.tippetX
				})}{/if}
			{#if record.riseForms.length > 0}
				{say('rises', {
					riseForms: record.riseForms
						.map(({ form, count }) => `${say(within(RISE_FORM_NAMES[form]))} × ${count}`)
						.join(', ')
				})}
			{/if}
			{#if record.flies.length > 0}
				{say('on-the-line', { tellFlies: joined('; ', ...tellFlies(record.flies)) })}
			{/if}
		</p>
		{#if record.rivals && record.rivals.length > 0}
			<p class="quiet">
				{say('the-reading-also-held', {
					rivals: record.rivals
						.map(({ taxonId, stage, probability }) =>
							say('text', { say: say(naturalWords(taxonId, stage)), say2: say(chanceWord(probability)) })
						)
						.join(', ')
				})}
			</p>
		{/if}
		{#if foretold}
			<p>
				{say('foretold-by')}
				<a class="link" href="/bank/{foretold.outingId}/tray"
					>{say(within(METHOD_NAMES[foretold.method]))}, {localDate(foretold.at, record.timeZone, true)}
					{clock(foretold.at)}</a
				>: {foretold.count} ×
				{say(naturalWords(record.taxonId, foretold.stage))}, {foretold.daysBefore === 0
					? say('the-same-day')
					: foretold.daysBefore === 1
						? say('a-day-before')
						: say('days-before', { daysBefore: foretold.daysBefore })}{#if foretold.due}{say(
						'by-their-wing-pads',
						{ value: foretold.due[0], value2: foretold.due[1], borneOutIs: foretold.borneOut ? 'yes' : 'no' }
					)}{/if}.
			</p>
		{/if}
	</div>
	{#if record.belly || picture}
		<div class="grid shrink-0 content-start justify-items-center gap-1">
			{#if picture}<a href={picture} target="_blank" rel="noreferrer"
					><img
						src={picture}
						alt={say('the-as-photographed', { name })}
						class="size-20 rounded object-cover"
					/></a
				>{/if}
			{#if record.belly}
				<svg viewBox="0 0 20 20" class="size-6" role="img" aria-label={say('colour-of-its-belly')}
					><circle
						cx="10"
						cy="10"
						r="9"
						fill="lab({record.belly.l} {record.belly.a} {record.belly.b})"
						stroke="currentColor"
					/></svg
				>
				<span class="quiet text-xs">{say('belly')}</span>
			{/if}
		</div>
	{/if}
</div>
