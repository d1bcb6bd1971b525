<script lang="ts">
	import { onMount } from 'svelte';
	import { useWords } from '$lib/ui/writers';
	import PlainChart from '../frame/PlainChart.svelte';
	import words from './words';
	import { naturalWords, naturalName } from '$lib/core/atlas';
	import type { SampleBody } from '$lib/core/note';
	import {
		LEAST_TO_TELL,
		numbersOf,
		PAD_STATES,
		shareTells,
		type Ripeness,
		type ShareInterval
	} from '$lib/core/tray';

	interface Props {
		sample: SampleBody;
		waterC?: number | undefined;
	}
	let { sample, waterC }: Props = $props();
	const { show, say } = useWords(words);
	// Drawn once enough are measured, perhaps out of signal: what draws comes behind the page.
	onMount(() => void import('../frame/chart-parts').catch(() => undefined));
	const numbers = $derived(numbersOf(sample, waterC));
	const most = $derived(numbers?.lots.reduce((best, lot) => (lot.byMass > best.byMass ? lot : best)));

	const hundredth = (share: number) => Math.round(share * 100);
	const range = ({ low, high }: ShareInterval) =>
		say('to-of-100', { hundredth: hundredth(low), hundredth2: hundredth(high) });
	const days = ([from, to]: readonly [number, number]) =>
		to <= 3.5
			? say('within-three-days')
			: say('in-to-days', { max: Math.max(1, Math.round(from)), to: Math.round(to) });
	const ripe = ({ shares, counts, looked, enough, days: { first, most: middle } }: Ripeness) =>
		!enough
			? say('wing-pads-of-too', {
					filter: PAD_STATES.filter((state) => shares[state].share > 0)
						.map((state) => say('in', { state, value: counts[state] }))
						.join(', '),
					looked
				})
			: say('wing-pads-of-100', {
					filter: PAD_STATES.filter((state) => shares[state].share > 0)
						.map((state) => `${state} ${hundredth(shares[state].share)}`)
						.join(', '),
					days: days(first),
					days2: days(middle)
				});
	const ratio = (value: number) =>
		value >= 10 ? String(Math.round(value)) : String(Number(value.toFixed(1)));
	const bySize =
		(bars: readonly { fromMm: number; count: number }[]) => (colour: (name: string) => string) => ({
			type: 'bar' as const,
			data: {
				labels: bars.map(({ fromMm }) => show({ lengthMm: fromMm })),
				datasets: [
					{
						data: bars.map(({ count }) => count),
						backgroundColor: colour('--color-primary'),
						barPercentage: 1,
						categoryPercentage: 0.95
					}
				]
			},
			options: {
				scales: {
					x: { grid: { display: false }, ticks: { maxRotation: 0, autoSkipPadding: 12 } },
					y: { beginAtZero: true, ticks: { precision: 0, maxTicksLimit: 4 } }
				}
			}
		});
</script>

{#if numbers}
	<section aria-label={say('in-numbers')} class="mt-4">
		<h2>{say('in-numbers')}</h2>
		<p class="quiet mb-2 text-sm">
			{numbers.enough ? say('the-dark-bar-is') : ''}
		</p>
		<ul class="grid gap-2">
			{#each numbers.lots as lot (`${lot.taxonId}/${lot.stage}`)}
				<li>
					<p class="flex justify-between gap-2 text-sm">
						<b>{say(naturalName(lot.taxonId, lot.stage))}</b>
						{#if numbers.enough && shareTells(lot.byNumber)}<span class="font-mono"
								>{range(lot.byNumber)}</span
							>{:else}<span class="quiet">{say('counted', { count: lot.count })}</span>{/if}
					</p>
					{#if numbers.enough}<svg width="100%" height="20" class="block" aria-hidden="true">
							<rect width="100%" height="10" fill="var(--color-base-200)" />
							<rect width="{100 * lot.byNumber.share}%" height="10" fill="var(--color-primary)" />
							<line
								x1="{100 * lot.byNumber.low}%"
								x2="{100 * lot.byNumber.high}%"
								y1="5"
								y2="5"
								stroke="var(--color-accent)"
								stroke-width="2.5"
							/>
							<rect y="13" width="{100 * lot.byMass}%" height="4" fill="var(--color-secondary)" />
						</svg>{/if}
					{#if numbers.enough && numbers.commonest && lot.commonestForEach}
						<p class="quiet text-xs">
							{say('for-each-of-these', {
								ratio: ratio(lot.commonestForEach.ratio),
								naturalWords: naturalWords(numbers.commonest.taxonId, numbers.commonest.stage),
								ratio2: ratio(lot.commonestForEach.low),
								ratio3: ratio(lot.commonestForEach.high)
							})}
						</p>
					{/if}
					{#if lot.ripeness}<p class="text-sm">{say('ripeness', { ripe: ripe(lot.ripeness) })}</p>{/if}
					{#if lot.sizes}
						<p class="text-sm">
							{lot.sizes.groups.length === 2
								? say('two-sizes-about-two', {
										smaller: { lengthMm: lot.sizes.groups[0]?.middleMm ?? lot.bodyMm },
										larger: { lengthMm: lot.sizes.groups[1]?.middleMm ?? lot.bodyMm }
									})
								: say('one-size-about', {
										lengthMm: show({ lengthMm: lot.sizes.groups[0]?.middleMm ?? lot.bodyMm })
									})}
						</p>
					{/if}
					{#if lot.bars}
						<PlainChart
							class="mt-1 h-28 max-w-md"
							label={say('how-many-how-long', { name: naturalName(lot.taxonId, lot.stage) })}
							draw={bySize(lot.bars)}
						/>
					{/if}
				</li>
			{/each}
		</ul>
		<p class="mt-2 text-sm">
			{#if !numbers.enough}
				{say('too-few-to-tell', { LEASTTOTELL: LEAST_TO_TELL })}
			{:else}
				{#if most && numbers.commonest && (most.taxonId !== numbers.commonest.taxonId || most.stage !== numbers.commonest.stage)}
					{say('commonest-most-food', {
						naturalWords: naturalWords(numbers.commonest.taxonId, numbers.commonest.stage),
						naturalWords2: naturalWords(most.taxonId, most.stage)
					})}
				{/if}
				{say('kinds-seen-make-up', {
					value:
						numbers.completeness.anotherWouldAdd >= 0.5
							? say('another-sample-would-probably', {
									value:
										Math.round(numbers.completeness.anotherWouldAdd) === 1
											? say('a-kind')
											: say('kinds', { anotherWouldAdd: Math.round(numbers.completeness.anotherWouldAdd) })
								})
							: say('another-sample-would-hardly'),
					value2:
						numbers.completeness.coverage > 0.985
							? say('nearly-all')
							: say('about-of-100', { hundredth: hundredth(numbers.completeness.coverage) })
				})}
			{/if}
		</p>
	</section>
{/if}
