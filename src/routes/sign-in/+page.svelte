<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import { untrack } from 'svelte';
	import Gate from '$lib/ui/frame/Gate.svelte';
	import { useCourier } from '$lib/ui/outbox/courier.svelte';
	import Field from '$lib/ui/frame/Field.svelte';
	import type { ActionData, PageData } from './$types';

	const { say } = useWords(words);

	let { data, form }: { data: PageData; form: ActionData } = $props();
	// Bound, so that what is typed before the page is alive stays.
	let handle = $state(untrack(() => form?.handle ?? ''));
	const courier = useCourier();
	const next = $derived(page.url.searchParams.get('next'));
	const query = $derived(next ? `&next=${encodeURIComponent(next)}` : '');
</script>

<Gate title={say('sign-in')}>
	{#each courier.ofOthers as { by, count } (by)}
		<p class="border-primary mb-4 rounded border p-3">
			{say('one-note-notes-of', { count, by, by2: by ? 'yes' : 'no', by3: by || say('whose-they-are') })}
		</p>
	{/each}
	{#if data.guides.length > 0}
		<section class="mb-6" aria-labelledby={say('demo')}>
			<h2 id="demo">{say('demonstration')}</h2>
			<p class="quiet mb-2 text-sm">{say('an-invented-valley-on')}</p>
			<form method="POST" action="?/demo{query}" class="grid grid-cols-2 gap-2" use:enhance>
				{#each data.guides as guide (guide.handle)}
					<button class="pad" name="handle" value={guide.handle}>{guide.name}</button>
				{/each}
			</form>
		</section>
		<h2 class="mb-2">{say('your-own-account')}</h2>
	{/if}
	<form method="POST" action="?/enter{query}" class="grid gap-3" use:enhance>
		<Field label={say('name-you-sign-in')}
			><input
				class="input w-full"
				name="handle"
				autocomplete="username"
				autocapitalize="none"
				required
				bind:value={handle}
			/></Field
		>
		<Field label={say('password')}
			><input
				class="input w-full"
				name="password"
				type="password"
				autocomplete="current-password"
				required
			/></Field
		>
		{#if form?.message}<p role="alert" class="text-error font-semibold">{say(form.message)}</p>{/if}
		<button class="btn btn-primary">{say('sign-in')}</button>
	</form>
	<p class="mt-4">
		{say('new-here')}
		<a class="link" href="/sign-up{next ? `?next=${encodeURIComponent(next)}` : ''}"
			>{say('make-an-account')}</a
		>
	</p>
</Gate>
