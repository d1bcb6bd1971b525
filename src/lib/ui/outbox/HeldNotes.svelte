<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { page } from '$app/state';
	import { guide } from '../guide.svelte';
	import { useCourier } from './courier.svelte';

	const { say } = useWords(words);

	const courier = useCourier();
	const waits = $derived(courier.own === 0 ? '' : say('notes-wait', { own: courier.own }));
	const next = $derived(encodeURIComponent(page.url.pathname));
</script>

{#if guide.signedOut}
	<div role="alert" class="bg-warning text-warning-content flex flex-wrap items-center gap-x-4 px-4 py-1.5">
		<p class="min-w-0 flex-1">
			<strong>{say('you-are-signed-out')}</strong>
			{waits ? say('on-this-device-and', { waits }) : ''}
		</p>
		<a class="btn h-11" href="/sign-in?next={next}" data-sveltekit-reload>{say('sign-in')}</a>
	</div>
{:else if courier.left === 'no-outing'}
	<p role="status" class="bg-warning text-warning-content px-4 py-1.5">
		{say('on-this-device-for', { waits })}
	</p>
{/if}
