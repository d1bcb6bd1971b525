<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { naturalName } from '$lib/core/atlas';
	import { seasonWeeks, type Hemisphere, type SeasonRow } from '$lib/core/record';

	const { say } = useWords(words);

	const CLOCK_HOURS = [0, 6, 12, 18];

	interface Props {
		rows: readonly SeasonRow[];
		hemisphere: Hemisphere;
	}
	let { rows, hemisphere }: Props = $props();
	/** The ISO week in which each month begins. */
	const MONTHS: readonly (readonly [week: number, name: string])[] = [
		[1, say('jan')],
		[5, say('feb')],
		[9, say('mar')],
		[14, say('apr')],
		[18, say('may')],
		[22, say('jun')],
		[27, say('jul')],
		[31, say('aug')],
		[35, say('sep')],
		[40, say('oct')],
		[44, say('nov')],
		[48, say('dec')]
	];
	const order = $derived(seasonWeeks(hemisphere));
	const months = $derived(
		MONTHS.map(([week, name]) => [order.indexOf(week) / order.length, name] as const).toSorted(
			(a, b) => a[0] - b[0]
		)
	);
	const clock = CLOCK_HOURS.map((hour) => [hour / 24, `${hour}:00`] as const);
	const width = (cells: readonly unknown[]) => 100 / cells.length;
</script>

{#snippet strip(cells: readonly { at: number; count: number; share: number }[], unit: string)}
	<svg width="100%" height="22" class="block" aria-hidden="true">
		<rect width="100%" height="22" fill="var(--color-base-200)" />
		{#each cells as { at, count, share }, i (at)}
			{#if count > 0}
				<rect
					x="{i * width(cells)}%"
					width="{width(cells)}%"
					y={22 - 22 * share}
					height={22 * share}
					fill="var(--color-primary)"
				>
					<title>{unit} {at}: {count}</title>
				</rect>
			{/if}
		{/each}
	</svg>
{/snippet}

{#snippet axis(marks: readonly (readonly [share: number, text: string])[], few: boolean)}
	<svg width="100%" height="14" class="quiet block" aria-hidden="true">
		{#each marks as [share, text], i (text)}
			<text
				x="{100 * share}%"
				y="11"
				font-size="11"
				fill="currentColor"
				class={few && i % 2 === 1 ? 'max-sm:hidden' : ''}>{text}</text
			>
		{/each}
	</svg>
{/snippet}

<!-- The season and the day of each kind; the height of a bar is of its own tallest, the number says how much stands behind it. -->
<div class="grid gap-x-4 gap-y-1" role="table" aria-label={say('when-it-was-seen')}>
	{#each rows as { taxonId, total, mostInWeek, weeks, hours } (taxonId)}
		<div
			role="row"
			class="grid grid-cols-[1fr_auto] items-center gap-x-4 gap-y-1 max-sm:mb-2 sm:grid-cols-[11rem_minmax(0,1fr)_minmax(0,0.6fr)_5.5rem]"
		>
			<span role="rowheader" class="leading-tight">{say(naturalName(taxonId))}</span>
			<span
				role="cell"
				class="max-sm:col-span-2"
				aria-label={say('weeks', {
					filter: weeks
						.filter(({ count }) => count > 0)
						.map(({ week, count }) => `${week}: ${count}`)
						.join(', ')
				})}
				>{@render strip(
					weeks.map(({ week, ...cell }) => ({ at: week, ...cell })),
					say('week')
				)}<span class="sm:hidden">{@render axis(months, true)}</span></span
			>
			<span
				role="cell"
				class="max-sm:col-span-2"
				aria-label={say('hours', {
					filter: hours
						.filter(({ count }) => count > 0)
						.map(({ hour, count }) => `${hour}: ${count}`)
						.join(', ')
				})}
				>{@render strip(
					hours.map(({ hour, ...cell }) => ({ at: hour, ...cell })),
					say('hour')
				)}<span class="sm:hidden">{@render axis(clock, false)}</span></span
			>
			<span role="cell" class="quiet text-right text-sm max-sm:col-start-2 max-sm:row-start-1"
				>{say('most-2', { total, mostInWeek })}</span
			>
		</div>
	{/each}
	<div class="hidden grid-cols-[11rem_minmax(0,1fr)_minmax(0,0.6fr)_5.5rem] gap-x-4 sm:grid">
		<span></span>
		{@render axis(months, false)}
		{@render axis(clock, false)}
		<span></span>
	</div>
</div>
