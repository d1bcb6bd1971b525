<script lang="ts">
	import { usualWaterC } from '$lib/core/hatch';
	import type { Note } from '$lib/core/note';
	import type { Said } from '../outbox/outbox.svelte';
	import ConditionsForm from '../notes/ConditionsForm.svelte';
	import HatchForm from '../notes/HatchForm.svelte';
	import LookedForm from '../notes/LookedForm.svelte';
	import RemarkForm from '../notes/RemarkForm.svelte';
	import RisePad from '../notes/RisePad.svelte';
	import SightingForm from '../notes/SightingForm.svelte';
	import SuspicionForm from '../notes/SuspicionForm.svelte';
	import UnnamedForm from '../notes/UnnamedForm.svelte';
	import type { Addable } from './AddNote.svelte';
	import { useBoard } from './context';

	interface Props {
		/** What is noted. */
		kind: Exclude<Addable, 'sample' | 'watch'>;
		/** The note that is corrected, where one is. */
		correcting: Note | undefined;
		onsay: (said: Said, close?: boolean) => void;
		onclose: () => void;
	}
	let { kind, correcting, onsay, onclose }: Props = $props();
	const board = useBoard();
</script>

{#if kind === 'rise'}
	<RisePad
		initial={correcting?.kind === 'rise' ? correcting.body : undefined}
		onsay={(body) => onsay({ kind: 'rise', body }, correcting !== undefined)}
		{onclose}
	/>
{:else if kind === 'sighting'}
	<SightingForm
		initial={correcting?.kind === 'sighting' ? correcting.body : undefined}
		place={board.outing.place}
		beliefs={board.reading.beliefs}
		onsay={(body) => onsay({ kind: 'sighting', body })}
		{onclose}
	/>
{:else if kind === 'conditions'}
	<ConditionsForm
		initial={correcting?.kind === 'conditions' ? correcting.body : undefined}
		current={board.outing.conditions}
		usualWaterC={usualWaterC(board.outing.place, board.at)}
		onsay={(body) => onsay({ kind: 'conditions', body })}
		{onclose}
	/>
{:else if kind === 'unnamed'}
	<UnnamedForm
		initial={correcting?.kind === 'unnamed' ? correcting.body : undefined}
		onsay={(body) => onsay({ kind: 'unnamed', body })}
		{onclose}
	/>
{:else if kind === 'looked'}
	<LookedForm
		initial={correcting?.kind === 'looked' ? correcting.body : undefined}
		onsay={(body) => onsay({ kind: 'looked', body })}
		{onclose}
	/>
{:else if kind === 'hatch'}
	<HatchForm onsay={(body) => onsay({ kind: 'hatch', body })} {onclose} />
{:else if kind === 'suspicion'}
	<SuspicionForm
		place={board.outing.place}
		beliefs={board.reading.beliefs}
		onsay={(body) => onsay({ kind: 'suspicion', body })}
		{onclose}
	/>
{:else if kind === 'remark'}
	<RemarkForm
		initial={correcting?.kind === 'remark' ? correcting.body : undefined}
		onsay={(body) => onsay({ kind: 'remark', body })}
		{onclose}
	/>
{/if}
