<script lang="ts">
	import type { StanceFound } from '$lib/core/approach';
	import { CAST_NAMES, STANCE_NAMES } from '$lib/core/vocabulary';
	import { useWords } from '$lib/ui/writers';
	import words from './words';

	interface Props {
		found: readonly StanceFound[];
		chosen: number;
		onchoose: (index: number) => void;
	}
	let { found, chosen, onchoose }: Props = $props();
	const { say, show } = useWords(words);
	/** What the bar beside it says already. */
	const TOLD_BY_BAR: ReadonlySet<string> = new Set(['stances.no-end', 'stances.drifts-long']);
	const seconds = (s: number): string => s.toFixed(1);
</script>

<ol aria-label={say('from-where')} class="divide-base-300 divide-y">
	{#each found as stance, i (stance.stance)}
		{@const most = Math.max(stance.driftS, 1.4 * stance.needsS)}
		<li>
			<button
				type="button"
				class="grid w-full grid-cols-[2rem_minmax(0,1fr)_7.5rem] items-center gap-2 py-2 text-left"
				aria-pressed={i === chosen}
				onclick={() => onchoose(i)}
			>
				<span
					class="grid size-7 place-items-center rounded-full border-2 text-sm font-bold"
					class:stance-chosen={i === chosen}>{i + 1}</span
				>
				<span>
					<span class="block font-semibold">{say(STANCE_NAMES[stance.stance])}</span>
					<span class="quiet block text-sm"
						>{say('stands', {
							distance: show({ distanceM: stance.distanceM }),
							posture: stance.posture,
							cast: say(CAST_NAMES[stance.cast])
						})}</span
					>
				</span>
				<span class="text-right text-sm">
					<svg viewBox="0 0 100 10" class="block w-full" aria-hidden="true">
						<rect y="2" width="100" height="6" fill="var(--color-base-300)" />
						<rect
							y="2"
							width={(100 * stance.driftS) / most}
							height="6"
							fill={stance.driftS < stance.needsS ? 'var(--color-error)' : 'var(--film-lower)'}
						/>
						<rect
							x={(100 * stance.needsS) / most - 1}
							width="2.5"
							height="10"
							fill="var(--color-base-content)"
						/>
					</svg>
					<span class="block whitespace-nowrap"
						>{say(stance.drags ? 'drifts' : 'drifts-past', {
							drift: seconds(stance.driftS),
							way: show({ distanceM: stance.driftM })
						})}</span
					>
					{say('needs', { needs: seconds(stance.needsS) })}
				</span>
			</button>
			{#if i === chosen}
				<ul class="list-disc pb-2 pl-12 text-sm">
					{#each stance.cautions as caution (caution.id)}<li class="font-semibold">{say(caution)}</li>{/each}
					{#each stance.because.filter(({ id }) => !TOLD_BY_BAR.has(id)) as reason (reason.id)}<li>
							{say(reason)}
						</li>{/each}
				</ul>
			{/if}
		</li>
	{/each}
</ol>

<style>
	.stance-chosen {
		background: var(--film-lower);
		border-color: var(--film-lower);
		color: var(--color-base-100);
	}
</style>
