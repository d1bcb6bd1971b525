<script lang="ts">
	import { naturalName, SEASON_HOURS, SEASON_WEEKS, type SeasonRow } from '$lib/core';

	let { rows }: { rows: readonly SeasonRow[] } = $props();
	const MONTHS: readonly (readonly [week: number, letter: string])[] = [
		[9, 'Mar'],
		[14, 'Apr'],
		[18, 'May'],
		[22, 'Jun'],
		[27, 'Jul'],
		[31, 'Aug'],
		[35, 'Sep'],
		[40, 'Oct'],
		[44, 'Nov']
	];
	const CLOCK = [6, 9, 12, 15, 18, 21];
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

{#snippet axis(marks: readonly (readonly [number, string])[], { from, to }: { from: number; to: number })}
	<svg width="100%" height="14" class="quiet block" aria-hidden="true">
		{#each marks as [at, text] (text)}
			<text x="{(100 * (at - from)) / (to - from + 1)}%" y="11" font-size="11" fill="currentColor"
				>{text}</text
			>
		{/each}
	</svg>
{/snippet}

<!-- The season and the day of each kind; the height of a bar is of its own tallest, the number says how much stands behind it. -->
<div class="grid gap-x-4 gap-y-1" role="table" aria-label="When it was seen, by week and by hour">
	{#each rows as { taxonId, total, mostInWeek, weeks, hours } (taxonId)}
		<div
			role="row"
			class="grid grid-cols-[1fr_auto] items-center gap-x-4 gap-y-1 max-sm:mb-2 sm:grid-cols-[11rem_minmax(0,1fr)_minmax(0,0.6fr)_5.5rem]"
		>
			<span role="rowheader" class="truncate">{naturalName(taxonId)}</span>
			<span
				role="cell"
				class="max-sm:col-span-2"
				aria-label="Weeks: {weeks
					.filter(({ count }) => count > 0)
					.map(({ week, count }) => `${week}: ${count}`)
					.join(', ')}"
				>{@render strip(
					weeks.map(({ week, ...cell }) => ({ at: week, ...cell })),
					'Week'
				)}</span
			>
			<span
				role="cell"
				class="max-sm:col-span-2"
				aria-label="Hours: {hours
					.filter(({ count }) => count > 0)
					.map(({ hour, count }) => `${hour}: ${count}`)
					.join(', ')}"
				>{@render strip(
					hours.map(({ hour, ...cell }) => ({ at: hour, ...cell })),
					'Hour'
				)}</span
			>
			<span role="cell" class="quiet text-right text-sm max-sm:col-start-2 max-sm:row-start-1"
				>{total}, most {mostInWeek}</span
			>
		</div>
	{/each}
	<div class="hidden grid-cols-[11rem_minmax(0,1fr)_minmax(0,0.6fr)_5.5rem] gap-x-4 sm:grid">
		<span></span>
		{@render axis(MONTHS, SEASON_WEEKS)}
		{@render axis(
			CLOCK.map((hour) => [hour, `${hour}:00`] as const),
			SEASON_HOURS
		)}
		<span></span>
	</div>
</div>
