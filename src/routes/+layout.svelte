<script lang="ts">
	import { useWords, provideReader } from '$lib/ui/writers';
	import words from './words';
	import '../app.css';
	import { onMount, untrack, type Snippet } from 'svelte';
	import { setClock } from '$lib/ui/clock';
	import Rail from '$lib/ui/frame/Rail.svelte';
	import { guide, tellTabs } from '$lib/ui/guide.svelte';
	import { Courier, provideCourier } from '$lib/ui/outbox/courier.svelte';
	import HeldNotes from '$lib/ui/outbox/HeldNotes.svelte';
	import type { LayoutData } from './$types';

	const { say } = useWords(words);

	let { data, children }: { data: LayoutData; children: Snippet } = $props();
	provideReader(
		() => data.settings,
		() => data.writes
	);
	const courier = provideCourier(new Courier(() => data.me?.id));
	onMount(() => courier.begin());
	// A page hears taps from here on; before, it is only the text that the server sent.
	onMount(() => void (document.documentElement.dataset['awake'] = ''));
	const account = $derived(data.me?.id);
	$effect(() => {
		guide.id = account;
		guide.signedOut = false;
		if (account === undefined) return;
		void courier.send().catch(() => undefined);
		return tellTabs(account);
	});
	untrack(() => setClock(data.now));
	$effect.pre(() => setClock(data.now));
	$effect(() => {
		document.documentElement.dataset['theme'] = data.settings.theme;
	});
</script>

{#if data.openToReaders}
	<p role="note" class="bg-warning text-warning-content px-4 py-1.5 text-sm font-semibold print:hidden">
		{say('anybody-in-this-network')}
	</p>
{/if}
<div class="print:hidden"><HeldNotes /></div>
{#if data.me}
	<div class="desk:flex">
		<div class="contents print:hidden"><Rail /></div>
		<main class="desk:pb-0 aside:pb-0 aside:pl-16 min-w-0 flex-1 pb-16">{@render children()}</main>
	</div>
{:else}
	<main>{@render children()}</main>
{/if}
