<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { PRECISION_NAMES, PRECISIONS } from '$lib/core/record';
	import { EMBARGO_NAMES, EMBARGOES } from '$lib/core/share';
	import type { SharePlan } from './draft.svelte';
	import Choice from '$lib/ui/frame/Choice.svelte';

	const { say } = useWords(words);

	interface Props {
		plan: SharePlan;
		circles: readonly { id: string; name: string }[];
		/** How many records go along, and how many are not shared yet. */
		count: number;
		left: number;
		water: string;
		busy: boolean;
		onshare: () => void;
	}
	let { plan, circles, count, left, water, busy, onshare }: Props = $props();
	/** The careful ones first. */
	const CAREFUL_FIRST = [...PRECISIONS].reverse();
	const HELD_FIRST = [...EMBARGOES].reverse();
	const these = $derived(count === 1 ? say('this-one') : say('these', { count }));
</script>

<!-- One choice for the outing; each record below can still be shared otherwise. -->
<section aria-label={say('share-this-outing')} class="border-primary grid max-w-3xl gap-2 rounded border p-3">
	<h2>{say('share-this-outing')}</h2>
	<div class="grid grid-cols-2 gap-2 sm:grid-cols-3">
		<Choice label={say('circle')} bind:value={plan.circleId}>
			{#each circles as circle (circle.id)}<option value={circle.id}>{circle.name}</option>{/each}
		</Choice>
		<Choice label={say('they-may-know-the')} bind:value={plan.precision}>
			{#each CAREFUL_FIRST as step (step)}<option value={step}>{say(PRECISION_NAMES[step])}</option>{/each}
		</Choice>
		<Choice label={say('from-when')} class="col-span-2 sm:col-span-1" bind:value={plan.embargo}>
			{#each HELD_FIRST as step (step)}<option value={step}>{say(EMBARGO_NAMES[step])}</option>{/each}
		</Choice>
	</div>
	<label class="flex min-h-11 items-center gap-2 text-sm">
		<input type="checkbox" class="checkbox checkbox-sm" bind:checked={plan.remember} />
		{say('share-so-from-now', { water })}
	</label>
	<button
		type="button"
		class="btn btn-primary h-12"
		disabled={busy || count === 0 || !plan.circleId}
		onclick={onshare}
		>{left === 0
			? say('all-of-it-is')
			: count === 0
				? say('choose-what-goes-along')
				: say('share', { these })}</button
	>
</section>
