<script lang="ts">
	import { naturalWords } from '$lib/core/atlas';
	import { naturalName, type SampleBody } from '$lib/core/note';
	import {
		LEAST_TO_TELL,
		numbersOf,
		PAD_STATES,
		shareTells,
		type Ripeness,
		type ShareInterval
	} from '$lib/core/tray';
	import { useUnits } from '../units';

	interface Props {
		sample: SampleBody;
		waterC?: number;
	}
	let { sample, waterC }: Props = $props();
	const { show } = useUnits();
	const numbers = $derived(numbersOf(sample, waterC));
	const most = $derived(numbers?.lots.reduce((best, lot) => (lot.byMass > best.byMass ? lot : best)));

	const hundredth = (share: number) => Math.round(share * 100);
	const range = ({ low, high }: ShareInterval) => `${hundredth(low)} to ${hundredth(high)} of 100`;
	const days = ([from, to]: readonly [number, number]) =>
		to <= 3.5 ? 'within three days' : `in ${Math.max(1, Math.round(from))} to ${Math.round(to)} days`;
	const ripe = ({ shares, counts, looked, enough, days: { first, most: middle } }: Ripeness) =>
		!enough
			? `wing pads ${PAD_STATES.filter((state) => shares[state].share > 0)
					.map((state) => `${state} in ${counts[state]}`)
					.join(', ')} of ${looked}: too few to tell the days`
			: `wing pads ${PAD_STATES.filter((state) => shares[state].share > 0)
					.map((state) => `${state} ${hundredth(shares[state].share)}`)
					.join(', ')} of 100: the first ${days(first)}, most ${days(middle)}`;
	const ratio = (value: number) =>
		value >= 10 ? String(Math.round(value)) : String(Number(value.toFixed(1)));
</script>

{#if numbers}
	<section aria-label="In numbers" class="mt-4">
		<h2>In numbers</h2>
		<p class="quiet mb-2 text-sm">
			{numbers.enough
				? 'The dark bar is the share by number with its interval, the thin one below it the share of food by dry mass.'
				: ''}
		</p>
		<ul class="grid gap-2">
			{#each numbers.lots as lot (`${lot.taxonId}/${lot.stage}`)}
				<li>
					<p class="flex justify-between gap-2 text-sm">
						<b>{naturalName(lot.taxonId, lot.stage)}</b>
						{#if numbers.enough && shareTells(lot.byNumber)}<span class="font-mono"
								>{range(lot.byNumber)}</span
							>{:else}<span class="quiet">{lot.count} counted</span>{/if}
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
							For each of these about {ratio(lot.commonestForEach.ratio)} of {naturalWords(
								numbers.commonest.taxonId,
								numbers.commonest.stage
							)} ({ratio(lot.commonestForEach.low)} to {ratio(lot.commonestForEach.high)})
						</p>
					{/if}
					{#if lot.ripeness}<p class="text-sm">Ripeness: {ripe(lot.ripeness)}.</p>{/if}
					{#if lot.sizes}
						<p class="text-sm">
							{lot.sizes.groups.length === 2
								? `Two sizes, about ${lot.sizes.groups.map(({ middleMm }) => show({ lengthMm: middleMm })).join(' and ')}: two year-classes, or two kinds.`
								: `One size, about ${show({ lengthMm: lot.sizes.groups[0]?.middleMm ?? lot.bodyMm })}.`}
						</p>
					{/if}
				</li>
			{/each}
		</ul>
		<p class="mt-2 text-sm">
			{#if !numbers.enough}
				Too few to tell shares, or what else is there: count about {LEAST_TO_TELL}.
			{:else}
				{#if most && numbers.commonest && (most.taxonId !== numbers.commonest.taxonId || most.stage !== numbers.commonest.stage)}
					Commonest: {naturalWords(numbers.commonest.taxonId, numbers.commonest.stage)}. Most food: {naturalWords(
						most.taxonId,
						most.stage
					)}.
				{/if}
				{numbers.completeness.anotherWouldAdd >= 0.5
					? `Another sample would probably add ${Math.round(numbers.completeness.anotherWouldAdd) === 1 ? 'a kind' : `${Math.round(numbers.completeness.anotherWouldAdd)} kinds`}.`
					: 'Another sample would hardly add a kind.'}
				Kinds seen make up {numbers.completeness.coverage > 0.985
					? 'nearly all'
					: `about ${hundredth(numbers.completeness.coverage)} of 100`} animals there.
			{/if}
		</p>
	</section>
{/if}
