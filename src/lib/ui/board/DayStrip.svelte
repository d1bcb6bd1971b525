<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { Place } from '$lib/core/atlas';
	import { againstUsual, daylightOf, ribbonName, type ExpectedDay } from '$lib/core/hatch';
	import { waterMeasured, type Outing } from '$lib/core/outing';
	import { localClock, localInstant } from '$lib/core/units';

	interface Props {
		place: Place;
		timeZone: string;
		outing: Outing;
		present: Date;
		at: Date;
		replaying: boolean;
		expected: (from: Date, to: Date) => ExpectedDay;
		/** Instants of all notes. */
		ticks: readonly { id: string; at: Date }[];
		onreplay: (at: Date | undefined) => void;
	}
	let { place, timeZone, outing, present, at, replaying, expected, ticks, onreplay }: Props = $props();
	const { show, say } = useWords(words);

	const LANE = 15;
	const TOP = 18;

	const light = $derived(daylightOf(place, present));
	const from = $derived(localInstant(light.dawn ?? present, timeZone, Math.max(0, hour(light.dawn, 5) - 1)));
	const to = $derived(localInstant(light.dusk ?? present, timeZone, Math.min(24, hour(light.dusk, 21) + 2)));
	const day = $derived(expected(from, to));
	/** How the water stands against the usual, where it was measured, today or in the weeks before. */
	const usual = $derived(
		againstUsual(place, outing.conditions.waterC?.at ?? outing.now, ...waterMeasured(outing))
	);
	/** Where notes are marked, in steps of a quarter of a percent: more stand in one place than can be told apart. */
	const marks = $derived([
		...new Set(
			ticks
				.map((tick) => share(tick.at))
				.filter((x) => x > 0 && x < 1)
				.map((x) => Math.round(x * 400) / 4)
		)
	]);
	const lanes = $derived(Math.max(3, day.ribbons.length));
	const height = $derived(TOP + lanes * LANE + 14);
	const warmest = $derived(Math.max(...day.waterC));
	const coldest = $derived(Math.min(...day.waterC));

	function hour(instant: Date | null, otherwise: number): number {
		return instant ? Number(localClock(instant, timeZone).slice(0, 2)) : otherwise;
	}
	const share = (instant: Date) => (instant.getTime() - from.getTime()) / (to.getTime() - from.getTime());
	const percent = (instant: Date) => `${(100 * Math.min(1, Math.max(0, share(instant)))).toFixed(2)}%`;
	const hours = $derived.by(() => {
		const every = 2;
		const list: Date[] = [];
		for (let time = from.getTime(); time <= to.getTime(); time += 3_600_000) {
			const clock = Number(localClock(new Date(time), timeZone).slice(0, 2));
			if (clock % every === 0) list.push(new Date(time));
		}
		return list.filter((instant) => share(instant) > 0.01 && share(instant) < 0.99);
	});

	function ribbonPath(strength: readonly number[], lane: number): string {
		const middle = TOP + lane * LANE + LANE / 2;
		const x = (i: number) => ((1000 * i) / (strength.length - 1)).toFixed(1);
		const half = (s: number) => (s < 0.06 ? 0 : Math.max(0.8, s * 6));
		const upper = strength.map((s, i) => `${i === 0 ? 'M' : 'L'}${x(i)} ${(middle - half(s)).toFixed(2)}`);
		const lower = strength.map((s, i) => `L${x(i)} ${(middle + half(s)).toFixed(2)}`).reverse();
		return `${upper.join('')}${lower.join('')}Z`;
	}
	const lastShare = (strength: readonly number[]) =>
		strength.findLastIndex((s) => s >= 0.06) / (strength.length - 1);
	const firstShare = (strength: readonly number[]) =>
		strength.findIndex((s) => s >= 0.06) / (strength.length - 1);
	/** Pixels across, once it is laid out. */
	let wide = $state(900);
	const LETTER_PX = 6;
	/** Beside its ribbon where there is room and the clock is not in the way; else over it. */
	function labelOf(ribbon: ExpectedDay['ribbons'][number]): { x: number; anchor: 'start' | 'end' } {
		const long = say(ribbonName(ribbon)).length * LETTER_PX + 8;
		const clock = share(at) * wide;
		const [from, to] = [firstShare(ribbon.strength) * wide, lastShare(ribbon.strength) * wide];
		const free = (left: number) =>
			left >= 2 && left + long <= wide - 2 && (clock < left - 4 || clock > left + long + 4);
		if (free(to + 5)) return { x: to + 5, anchor: 'start' };
		if (free(from - 5 - long)) return { x: from - 5, anchor: 'end' };
		const right = clock + 8;
		if (free(right)) return { x: right, anchor: 'start' };
		return { x: Math.max(2, Math.min(wide - long, to + 5)), anchor: 'start' };
	}
	const waterPath = $derived(
		day.waterC
			.map((water, i) => {
				const y =
					TOP + lanes * LANE - ((water - coldest) / Math.max(0.5, warmest - coldest)) * (lanes * LANE - 6);
				return `${i === 0 ? 'M' : 'L'}${((1000 * i) / (day.waterC.length - 1)).toFixed(1)} ${y.toFixed(1)}`;
			})
			.join('')
	);
	const FILLS = ['var(--color-secondary)', 'var(--color-accent)', 'var(--film-upper)', 'var(--quiet)'];
	const minute = (instant: Date) => Math.round(instant.getTime() / 60_000);

	function drag(event: Event & { currentTarget: HTMLInputElement }) {
		const wanted = new Date(event.currentTarget.valueAsNumber * 60_000);
		onreplay(wanted >= present ? undefined : wanted);
		if (wanted >= present) event.currentTarget.valueAsNumber = minute(present);
	}
</script>

<div class="relative" aria-label={say('the-day')} role="group" bind:clientWidth={wide}>
	<svg width="100%" height={height + 16} class="block text-[11px] sm:text-xs" aria-hidden="true">
		<rect x="0" y={TOP - 2} width="100%" height={height - TOP + 2} fill="var(--color-base-200)" />
		{#if light.sunrise}<rect
				x="0"
				y={TOP - 2}
				width={percent(light.sunrise)}
				height={height - TOP + 2}
				fill="var(--night)"
			/>{/if}
		{#if light.sunset}
			<rect
				x={percent(light.sunset)}
				y={TOP - 2}
				width="{100 - 100 * share(light.sunset)}%"
				height={height - TOP + 2}
				fill="var(--night)"
			/>
		{/if}
		<svg viewBox="0 0 1000 {height}" width="100%" {height} preserveAspectRatio="none">
			{#each day.ribbons as ribbon, lane (`${ribbon.taxonId} ${ribbon.what}`)}
				<path d={ribbonPath(ribbon.strength, lane)} fill={FILLS[lane % FILLS.length]} />
			{/each}
			<path
				d={waterPath}
				fill="none"
				stroke="var(--film-lower)"
				stroke-width="1.5"
				vector-effect="non-scaling-stroke"
			/>
		</svg>
		{#each [light.sunrise, light.sunset] as edge, i (i)}
			{#if edge}<line
					x1={percent(edge)}
					x2={percent(edge)}
					y1={TOP - 2}
					y2={height}
					stroke="var(--quiet)"
					stroke-dasharray="2 3"
				/>{/if}
		{/each}
		{#each marks as mark (mark)}
			<rect x="{mark}%" y={height - 10} width="2" height="10" fill="var(--color-accent)" />
		{/each}
		{#each hours as instant, i (instant.getTime())}
			<line x1={percent(instant)} x2={percent(instant)} y1={height} y2={height + 3} stroke="currentColor" />
			<text
				x={percent(instant)}
				y={height + 14}
				text-anchor="middle"
				class={i % 2 === 1 ? 'max-sm:hidden' : ''}
				fill="var(--quiet)">{localClock(instant, timeZone)}</text
			>
		{/each}
		<line x1={percent(at)} x2={percent(at)} y1="14" y2={height} stroke="currentColor" stroke-width="2" />
		<!-- Names lie over clock and curve, on a halo as wide as either, where they have room. -->
		{#each day.ribbons as ribbon, lane (`${ribbon.taxonId} ${ribbon.what}`)}
			{@const { x, anchor } = labelOf(ribbon)}
			<text {x} y={TOP + lane * LANE + LANE / 2 + 4} text-anchor={anchor} class="halo" fill="currentColor"
				>{say(ribbonName(ribbon))}</text
			>
		{/each}
		<svg x={percent(at)} overflow="visible">
			<rect
				x="-25"
				y="0"
				width="50"
				height="17"
				rx="3"
				fill={replaying ? 'var(--color-accent)' : 'var(--color-base-content)'}
			/>
			<text x="0" y="13" text-anchor="middle" font-weight="700" fill="var(--color-base-100)"
				>{localClock(at, timeZone)}</text
			>
		</svg>
	</svg>
	<input
		type="range"
		class="strip-handle absolute inset-x-0 top-0 w-full"
		aria-label={say('read-the-day-as')}
		aria-valuetext={localClock(at, timeZone)}
		min={minute(from)}
		max={minute(to)}
		step="1"
		value={minute(at)}
		oninput={drag}
	/>
	<p class="quiet absolute top-0 right-0 text-xs">
		{#if replaying}
			<button type="button" class="btn btn-xs btn-accent" onclick={() => onreplay(undefined)}
				>{say('back-to-now')}</button
			>
		{:else}
			{#if usual}<span class="max-sm:hidden">{say(usual)} · </span>{/if}{say('water-to', {
				temperatureC: show({ temperatureC: warmest })
			})}
		{/if}
	</p>
</div>

<style>
	.halo {
		paint-order: stroke;
		stroke: var(--color-base-200);
		stroke-width: 6px;
		stroke-linejoin: round;
	}
	.strip-handle {
		appearance: none;
		background: transparent;
		height: 100%;
		cursor: ew-resize;
	}
	.strip-handle::-webkit-slider-thumb {
		appearance: none;
		width: 50px;
		height: 90px;
		background: transparent;
	}
	.strip-handle::-moz-range-thumb {
		width: 50px;
		height: 90px;
		border: 0;
		background: transparent;
	}
</style>
