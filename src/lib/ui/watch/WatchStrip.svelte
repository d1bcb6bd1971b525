<script lang="ts">
	import { within } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { Watch } from '$lib/core/outing';
	import type { RiseChange } from '$lib/core/rise';
	import { RISE_FORM_NAMES, RISE_FORMS, type RiseForm } from '$lib/core/vocabulary';

	const { say } = useWords(words);

	interface Props {
		watch: Watch;
		now: Date;
		change: RiseChange | undefined;
	}
	let { watch, now, change }: Props = $props();
	const MINUTES = 10;
	const end = $derived(now.getTime());
	const start = $derived(end - MINUTES * 60_000);
	const x = (at: Date) => 100 * Math.min(1, Math.max(0, (at.getTime() - start) / (end - start)));
	const inSight = (at: Date) => at.getTime() >= start;
	/** Forms that were seen, each on a line of its own: height tells them apart as well as the letter. */
	const forms = $derived(
		RISE_FORMS.filter((form) => watch.rises.some(({ note }) => note.body.form === form)).slice(0, 4)
	);
	const y = (form: RiseForm) => 9 + 11 * Math.max(0, forms.indexOf(form));
	const rises = $derived(watch.rises.filter(({ observedAt }) => inSight(observedAt)));
	const drifted = $derived(watch.drifted.filter(({ observedAt }) => inSight(observedAt)));
	const height = $derived(20 + 11 * Math.max(1, forms.length));
</script>

<figure
	aria-label={say('the-last-minutes-rises', { MINUTES, length: rises.length, length2: drifted.length })}
	class="border-base-300 border-y"
>
	<svg width="100%" {height} class="block">
		{#each watch.pauses as { from, to } (from.getTime())}
			{#if to === undefined || inSight(to)}
				<rect
					x="{x(from)}%"
					width="{x(to ?? now) - x(from)}%"
					y="0"
					{height}
					fill="var(--color-base-300)"
					opacity="0.6"
				/>
			{/if}
		{/each}
		{#each [2, 4, 6, 8] as minute (minute)}
			<line x1="{10 * minute}%" x2="{10 * minute}%" y1="0" y2={height} stroke="var(--color-base-300)" />
		{/each}
		{#each forms as form (form)}
			<text x="2" y={y(form) + 3} font-size="9" fill="var(--quiet)">{say(within(RISE_FORM_NAMES[form]))}</text
			>
		{/each}
		{#each rises as { note, observedAt } (note.id)}
			<circle cx="{x(observedAt)}%" cy={y(note.body.form)} r="3.5" fill="var(--color-primary)" />
		{/each}
		{#each drifted as { note, observedAt } (note.id)}
			{#if note.body.fate === 'taken'}
				<rect x="{x(observedAt)}%" y={height - 11} width="4" height="9" fill="var(--color-accent)" />
			{:else}
				<rect
					x="{x(observedAt)}%"
					y={height - 10}
					width="4"
					height="7"
					fill="none"
					stroke="var(--color-accent)"
				/>
			{/if}
		{/each}
		{#if change && inSight(change.at)}
			<line
				x1="{x(change.at)}%"
				x2="{x(change.at)}%"
				y1="0"
				y2={height}
				stroke="var(--color-accent)"
				stroke-width="2"
				stroke-dasharray="4 3"
			/>
		{/if}
	</svg>
	<figcaption class="quiet flex justify-between px-1 text-[0.7rem] leading-tight">
		<span>{say('min-ago', { MINUTES })}</span><span>{say('filled-taken-open-passed')}</span><span
			>{say('now')}</span
		>
	</figcaption>
</figure>
