<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { page } from '$app/state';

	const { say } = useWords(words);
</script>

<svelte:head><title>{say('lacewing')}</title></svelte:head>
<div class="mx-auto max-w-lg p-6">
	<h1>{page.status === 404 ? say('nothing-here') : say('that-did-not-work')}</h1>
	<div class="film-rule my-3"></div>
	<p>{page.error?.message}</p>
	{#if page.error?.reference}<p class="quiet mt-2 text-sm">
			{say('the-log-knows-it', { reference: page.error.reference })}
		</p>{/if}
	<p class="mt-4"><a class="link" href="/bank">{say('back-to-the-bank')}</a></p>
</div>
