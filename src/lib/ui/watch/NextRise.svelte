<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { describeLanding, describeRhythm, landWithin, LEAST_INTERVALS, type Rhythm } from '$lib/core/rise';

	const { say } = useWords(words);

	interface Props {
		rhythm: Rhythm | undefined;
		speedMs: number | undefined;
		paused: boolean;
		rises: number;
		/** Up to when the rhythm was worked out. */
		now: Date;
		timeZone: string;
	}
	let { rhythm, speedMs, paused, rises, now, timeZone }: Props = $props();
	const next = $derived(rhythm?.next);
	const landing = $derived(next && landWithin(next, speedMs));
	/** Seconds across the band. */
	const span = $derived(Math.max(30, Math.ceil(((next?.toS ?? 30) * 1.3) / 10) * 10));
	const whole = (s: number) => String(Math.round(s));
</script>

<div class="px-1" aria-live="off">
	{#if paused}
		<p class="quiet text-sm">{say('looked-away-this-time')}</p>
	{:else if !rhythm}
		<p class="quiet text-sm">{say('of-rises-for-a', { rises, n: LEAST_INTERVALS + 1 })}</p>
	{:else}
		<p class="flex justify-between text-sm">
			<b>{say(describeRhythm(rhythm, now, timeZone))}</b>
			<span>{landing ? say(describeLanding(landing)) : say('no-telling-when-it')}</span>
		</p>
		{#if next}
			<svg
				width="100%"
				height="22"
				class="block"
				role="img"
				aria-label={say('next-rise-even-odds', { whole: whole(next.fromS), whole2: whole(next.toS) })}
			>
				<line x1="0" x2="100%" y1="11" y2="11" stroke="currentColor" />
				<rect
					x="{(100 * next.fromS) / span}%"
					width="{(100 * (next.toS - next.fromS)) / span}%"
					y="3"
					height="16"
					rx="2"
					fill="var(--color-primary)"
				/>
				{#if landing}
					<rect
						x="{(100 * landing.fromS) / span}%"
						width="{Math.max(0.5, (100 * (landing.toS - landing.fromS)) / span)}%"
						y="0"
						height="3"
						fill="var(--color-accent)"
					/>
				{/if}
				<line x1="1" x2="1" y1="0" y2="22" stroke="currentColor" stroke-width="2" />
			</svg>
			<p class="quiet flex justify-between text-[0.7rem] leading-none">
				<span>{say('now')}</span><span>{span} s</span>
			</p>
		{/if}
	{/if}
</div>
