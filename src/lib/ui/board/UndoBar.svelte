<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { describeNote } from '$lib/core/note';
	import { guide } from '../guide.svelte';
	import type { Outbox } from '../outbox/outbox.svelte';

	const { say } = useWords(words);

	let { outbox }: { outbox: Outbox } = $props();
	const SHOWN_MS = 8_000;
	const last = $derived(outbox.lastSaid);
	const said = $derived(
		last && (last.kind === 'void' ? say('withdrawn') : say('noted', { title: describeNote(last).title }))
	);

	$effect(() => {
		if (!last) return;
		const timer = setTimeout(() => (outbox.lastSaid = undefined), SHOWN_MS);
		return () => clearTimeout(timer);
	});
</script>

<div
	aria-live="polite"
	class="pointer-events-none fixed inset-x-0 z-40 flex justify-center px-3 desk:top-auto desk:bottom-4 {guide.signedOut
		? 'top-24'
		: 'top-1'}"
>
	{#if said}
		<p class="bg-neutral text-neutral-content flex items-center gap-4 rounded px-4 py-1.5">
			{said}
			<button type="button" class="btn btn-sm pointer-events-auto" onclick={() => void outbox.undo()}
				>{say('undo')}</button
			>
		</p>
	{/if}
</div>
