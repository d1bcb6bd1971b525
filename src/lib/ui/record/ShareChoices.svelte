<script lang="ts">
	import {
		coarsen,
		EMBARGO_NAMES,
		EMBARGOES,
		finestOf,
		isFiner,
		PRECISION_NAMES,
		PRECISIONS,
		tellsReach,
		type HatchRecord,
		type Precision
	} from '$lib/core';
	import type { ShareChoice } from './confirm';
	import PlaceText from './PlaceText.svelte';

	interface Props {
		record: HatchRecord;
		circles: readonly { id: string; name: string }[];
		share: ShareChoice;
		/** Share what is seen on this water so from now on. */
		remember: boolean;
		/** How other records of the same outing are shared already. */
		others: readonly { circleId: string; precision: Precision }[];
	}
	let { record, circles, share = $bindable(), remember = $bindable(), others }: Props = $props();
	/** The finest that this circle knows of the outing already: day, hour and guide put the two together. */
	const known = $derived(
		finestOf(others.filter(({ circleId }) => circleId === share.circleId).map(({ precision }) => precision))
	);
	const told = $derived(coarsen(record, share.precision, share.withWords));
</script>

<!-- With whom, how fine, from when; and what goes along. -->
<div class="grid grid-cols-2 gap-2 sm:grid-cols-3">
	<label class="grid gap-1">
		<span class="text-sm font-semibold">Circle</span>
		<select class="select h-12 w-full" bind:value={share.circleId}>
			{#each circles as circle (circle.id)}<option value={circle.id}>{circle.name}</option>{/each}
		</select>
	</label>
	<label class="grid gap-1">
		<span class="text-sm font-semibold">They may know the</span>
		<select
			class="select h-12 w-full"
			bind:value={share.precision}
			onchange={() => (share.withWords = tellsReach(share.precision))}
		>
			{#each PRECISIONS as step (step)}<option value={step}>{PRECISION_NAMES[step]}</option>{/each}
		</select>
	</label>
	<label class="grid gap-1">
		<span class="text-sm font-semibold">From when</span>
		<select class="select h-12 w-full" bind:value={share.embargo}>
			{#each EMBARGOES as step (step)}<option value={step}>{EMBARGO_NAMES[step]}</option>{/each}
		</select>
	</label>
</div>
<p class="quiet text-sm">
	They will see: <b><PlaceText place={told.place} /></b>{share.embargo === 'now'
		? ''
		: `, ${EMBARGO_NAMES[share.embargo].toLowerCase()}`}
</p>
{#if known && isFiner(known, share.precision)}
	<p class="text-accent text-sm font-semibold">
		Another record of this outing tells this circle more of the place ({PRECISION_NAMES[
			known
		].toLowerCase()}). By guide, day and hour they can put the two together.
	</p>
{/if}
<div class="grid text-sm">
	{#if record.words}
		<label class="flex min-h-8 items-center gap-2">
			<input type="checkbox" class="checkbox checkbox-sm" bind:checked={share.withWords} />
			My words go along
		</label>
	{/if}
	{#if record.photoId}
		<label class="flex min-h-8 items-center gap-2">
			<input type="checkbox" class="checkbox checkbox-sm" bind:checked={share.withPicture} />
			The picture goes along; look first at what is behind the insect
		</label>
	{/if}
	<label class="flex min-h-8 items-center gap-2">
		<input type="checkbox" class="checkbox checkbox-sm" bind:checked={remember} />
		Share this water so from now on
	</label>
</div>
