<script lang="ts">
	import { untrack, type Snippet } from 'svelte';
	import { Board } from '$lib/ui/board/board.svelte';
	import { provideBoard } from '$lib/ui/board/context';
	import UndoBar from '$lib/ui/board/UndoBar.svelte';
	import { regionOf } from '$lib/core/atlas';
	import { speakAsIn } from '$lib/ui/atlas/dialect';
	import { useCourier } from '$lib/ui/outbox/courier.svelte';
	import type { LayoutData } from './$types';

	let { data, children }: { data: LayoutData; children: Snippet } = $props();
	speakAsIn(() => regionOf(data.outing.reach.place));
	// One board for the outing and its pages: going to the tray and back loses nothing.
	const board = untrack(
		() =>
			new Board({
				account: data.me ?? { id: '', name: '' },
				courier: useCourier(),
				outing: data.outing,
				notes: data.notes,
				measuredBefore: data.measuredBefore,
				box: data.box,
				ownPatterns: data.ownPatterns,
				options: data.options,
				looking: data.looking,
				names: data.names,
				weighing: data.settings.weighing
			})
	);
	provideBoard(board);
	$effect(() => board.begin());
</script>

{@render children()}
<UndoBar outbox={board.outbox} />
