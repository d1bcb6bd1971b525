<script lang="ts">
	import {
		tellFlies,
		ABUNDANCE_NAMES,
		ABUNDANCES,
		coarsen,
		EMBARGO_NAMES,
		EMBARGOES,
		localDate,
		findTaxon,
		localClock,
		naturalName,
		PRECISION_NAMES,
		PRECISIONS,
		probabilityWord,
		RISE_FORM_NAMES,
		type Abundance,
		type Embargo,
		type HatchRecord,
		type Precision
	} from '$lib/core';
	import { enhance } from '$app/forms';
	import InsectDrawing from '../drawing/InsectDrawing.svelte';
	import { useUnits } from '../units';
	import { confirm } from './confirm';
	import PlaceText from './PlaceText.svelte';

	interface Props {
		outingId: string;
		proposal: HatchRecord;
		own?: {
			id: string;
			record: HatchRecord;
			shares: { circleId: string; circle: string; precision: Precision; appearsAt: Date }[];
			earlier: { confirmedAt: Date; record: HatchRecord }[];
		};
		circles: readonly { id: string; name: string }[];
		/** How this water is usually shared. */
		usual?: { precision: Precision; embargo: Embargo };
		onkept: () => Promise<void>;
	}
	let { outingId, proposal, own, circles, usual, onkept }: Props = $props();
	const { say, show } = useUnits();

	// svelte-ignore state_referenced_locally
	const start = own?.record ?? proposal;
	let abundance = $state<Abundance>(start.abundance);
	let firstSeen = $state(start.firstSeen);
	let mostSeen = $state(start.mostSeen);
	let lastSeen = $state(start.lastSeen);
	let words = $state(start.words ?? '');
	// svelte-ignore state_referenced_locally
	let circleId = $state(circles[0]?.id ?? '');
	// svelte-ignore state_referenced_locally
	let precision = $state<Precision>(usual?.precision ?? 'reach');
	// svelte-ignore state_referenced_locally
	let embargo = $state<Embargo>(usual?.embargo ?? 'now');
	let remember = $state(false);
	let busy = $state(false);
	let trouble = $state('');

	const edited = $derived<HatchRecord>({
		...proposal,
		abundance,
		firstSeen,
		mostSeen,
		lastSeen,
		...(words.trim() && { words: words.trim() })
	});
	const inOrder = $derived(firstSeen <= mostSeen && mostSeen <= lastSeen);
	const seenByOthers = $derived(coarsen(edited, precision).place);
	const name = $derived(naturalName(proposal.taxonId, proposal.stage));
	const STEP_MS = 5 * 60_000;

	async function keep(shared: boolean) {
		busy = true;
		trouble =
			(await confirm(
				outingId,
				edited,
				shared && circleId ? [{ circleId, precision, embargo }] : [],
				shared && remember
			)) ?? '';
		if (!trouble) await onkept();
		busy = false;
	}
</script>

{#snippet time(label: string, value: Date, set: (value: Date) => void)}
	<div role="group" aria-label="{label} seen">
		<p class="text-sm font-semibold">{label}</p>
		<div class="grid grid-cols-[2.5rem_1fr_2.5rem] gap-1">
			<button
				type="button"
				class="pad"
				aria-label="Earlier"
				onclick={() => set(new Date(value.getTime() - STEP_MS))}>−</button
			>
			<output class="self-center text-center font-mono">{localClock(value, proposal.timeZone)}</output>
			<button
				type="button"
				class="pad"
				aria-label="Later"
				onclick={() => set(new Date(value.getTime() + STEP_MS))}>+</button
			>
		</div>
	</div>
{/snippet}

<article class="border-base-300 grid content-start gap-3 rounded border p-4" aria-label={name}>
	<header class="flex items-center gap-4">
		<InsectDrawing
			taxonId={proposal.taxonId}
			stage={proposal.stage}
			lengthMm={proposal.lengthMm}
			class="h-14 w-32 shrink-0"
		/>
		<div>
			<h2>{name}</h2>
			<p class="quiet text-sm">
				<span class="science">{findTaxon(proposal.taxonId)?.scientificName}</span>
				{#if proposal.lengthMm !== undefined}· {show({ lengthMm: proposal.lengthMm })}{/if}
			</p>
			<p class="text-sm">Fish on it: <b>{probabilityWord(proposal.taken)}</b></p>
		</div>
		{#if own}<span class="badge badge-secondary ml-auto self-start">Confirmed</span>{/if}
	</header>
	<div class="grid grid-cols-3 gap-2">
		{@render time('First', firstSeen, (value) => (firstSeen = value))}
		{@render time('Most', mostSeen, (value) => (mostSeen = value))}
		{@render time('Last', lastSeen, (value) => (lastSeen = value))}
	</div>
	{#if !inOrder}<p role="alert" class="text-error text-sm">
			Most seen must lie between first and last seen.
		</p>{/if}
	<label class="grid gap-1">
		<span class="text-sm font-semibold">How many</span>
		<select class="select h-12 w-full" bind:value={abundance}>
			{#each ABUNDANCES as step (step)}<option value={step}>{ABUNDANCE_NAMES[step]}</option>{/each}
		</select>
	</label>
	<p class="text-sm">
		{#if proposal.conditions.waterC !== undefined}Water {show({
				temperatureC: proposal.conditions.waterC
			})}.{/if}
		{#if proposal.riseForms.length > 0}
			Rises: {proposal.riseForms
				.map(({ form, count }) => `${RISE_FORM_NAMES[form].toLowerCase()} × ${count}`)
				.join(', ')}.
		{/if}
		{#if proposal.flies.length > 0}
			On the line: {tellFlies(proposal.flies).map(say).join('; ')}.
		{/if}
	</p>
	<label class="grid gap-1">
		<span class="text-sm font-semibold">In your own words</span>
		<textarea class="textarea w-full" rows="2" maxlength="2000" bind:value={words}></textarea>
		<span class="quiet text-xs">Goes only to those who may know the reach.</span>
	</label>
	{#if circles.length > 0}
		<div class="grid grid-cols-2 gap-2 sm:grid-cols-3">
			<label class="grid gap-1">
				<span class="text-sm font-semibold">Circle</span>
				<select class="select h-12 w-full" bind:value={circleId}>
					{#each circles as circle (circle.id)}<option value={circle.id}>{circle.name}</option>{/each}
				</select>
			</label>
			<label class="grid gap-1">
				<span class="text-sm font-semibold">They may know the</span>
				<select class="select h-12 w-full" bind:value={precision}>
					{#each PRECISIONS as step (step)}<option value={step}>{PRECISION_NAMES[step]}</option>{/each}
				</select>
			</label>
			<label class="grid gap-1">
				<span class="text-sm font-semibold">From when</span>
				<select class="select h-12 w-full" bind:value={embargo}>
					{#each EMBARGOES as step (step)}<option value={step}>{EMBARGO_NAMES[step]}</option>{/each}
				</select>
			</label>
		</div>
		<p class="quiet text-sm">
			They will see: <b><PlaceText place={seenByOthers} /></b>{embargo === 'now'
				? ''
				: `, ${EMBARGO_NAMES[embargo].toLowerCase()}`}
		</p>
		<label class="flex min-h-8 items-center gap-2 text-sm">
			<input type="checkbox" class="checkbox checkbox-sm" bind:checked={remember} />
			Share this water so from now on
		</label>
	{/if}
	{#if trouble}<p role="alert" class="text-error font-semibold">{trouble}</p>{/if}
	<div class="grid grid-cols-2 gap-2">
		<button type="button" class="btn btn-outline h-12" disabled={busy || !inOrder} onclick={() => keep(false)}
			>Confirm, keep to myself</button
		>
		<button
			type="button"
			class="btn btn-primary h-12"
			disabled={busy || !inOrder || !circleId}
			onclick={() => keep(true)}>Confirm and share</button
		>
	</div>
	{#if own && own.earlier.length > 0}
		<details class="text-sm">
			<summary class="link quiet min-h-8 cursor-pointer leading-8">What it said before</summary>
			<ul class="list-disc pl-5">
				{#each own.earlier as { confirmedAt, record } (confirmedAt.getTime())}
					<li>
						{localDate(confirmedAt, record.timeZone, true)}
						{localClock(confirmedAt, record.timeZone)}: {ABUNDANCE_NAMES[record.abundance].toLowerCase()}, {localClock(
							record.firstSeen,
							record.timeZone
						)}–{localClock(record.lastSeen, record.timeZone)}, most {localClock(
							record.mostSeen,
							record.timeZone
						)}{record.words ? `; “${record.words}”` : ''}
					</li>
				{/each}
			</ul>
		</details>
	{/if}
	{#if own}
		{#each own.shares as share (share.circleId)}
			<form
				method="POST"
				action="?/unshare"
				class="flex items-center justify-between gap-2 text-sm"
				use:enhance
			>
				<span
					>{share.circle} sees it: {PRECISION_NAMES[share.precision].toLowerCase()}, from {localDate(
						share.appearsAt,
						proposal.timeZone,
						true
					)}
					{localClock(share.appearsAt, proposal.timeZone)}</span
				>
				<input type="hidden" name="recordId" value={own.id} />
				<input type="hidden" name="circleId" value={share.circleId} />
				<button class="btn btn-ghost btn-sm">Take back</button>
			</form>
		{/each}
	{/if}
</article>
