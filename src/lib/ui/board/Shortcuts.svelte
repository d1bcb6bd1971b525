<script lang="ts">
	import { onMount } from 'svelte';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import Sheet from '../frame/Sheet.svelte';

	const { say } = useWords(words);

	interface Props {
		/** What each key does, by key. */
		keys: Record<string, { does: string; run: () => void }>;
		/** What was pressed before this was there. */
		early?: KeyboardEvent | undefined;
	}
	let { keys, early }: Props = $props();
	let shown = $state(false);

	function press(event: KeyboardEvent) {
		const target = event.target as HTMLElement;
		const busy = document.querySelector('dialog[open]') ?? target.closest('input, textarea, select');
		if (busy || event.ctrlKey || event.metaKey || event.altKey) return;
		if (event.key === '?') shown = true;
		else if (Object.hasOwn(keys, event.key)) keys[event.key]?.run();
		else return;
		event.preventDefault();
	}
	onMount(() => early && press(early));
</script>

<svelte:window onkeydown={press} />
{#if shown}
	<Sheet title={say('keys')} onclose={() => (shown = false)}>
		<dl class="grid grid-cols-[3rem_1fr] gap-y-2">
			{#each Object.entries(keys) as [key, { does }] (key)}
				<dt><kbd class="kbd">{key}</kbd></dt>
				<dd>{does}</dd>
			{/each}
			<dt><kbd class="kbd">?</kbd></dt>
			<dd>{say('these-keys')}</dd>
		</dl>
	</Sheet>
{/if}
