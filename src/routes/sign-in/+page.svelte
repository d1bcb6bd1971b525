<script lang="ts">
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import { untrack } from 'svelte';
	import Gate from '$lib/ui/frame/Gate.svelte';
	import { useCourier } from '$lib/ui/outbox/courier.svelte';
	import type { ActionData, PageData } from './$types';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	// Bound, so that what is typed before the page is alive stays.
	let handle = $state(untrack(() => form?.handle ?? ''));
	const courier = useCourier();
	const next = $derived(page.url.searchParams.get('next'));
	const query = $derived(next ? `&next=${encodeURIComponent(next)}` : '');
</script>

<Gate title="Sign in">
	{#each courier.ofOthers as { by, count } (by)}
		<p class="border-primary mb-4 rounded border p-3">
			{count === 1 ? 'One note' : `${count} notes`}{by ? ` of ${by}` : ''}
			{count === 1 ? 'waits' : 'wait'} on this device, and will be sent when {by || 'whose they are'} signs in.
		</p>
	{/each}
	{#if data.guides.length > 0}
		<section class="mb-6" aria-labelledby="demo">
			<h2 id="demo">Demonstration</h2>
			<p class="quiet mb-2 text-sm">An invented valley on a May morning. Step in as one of its guides.</p>
			<form method="POST" action="?/demo{query}" class="grid grid-cols-2 gap-2" use:enhance>
				{#each data.guides as guide (guide.handle)}
					<button class="pad" name="handle" value={guide.handle}>{guide.name}</button>
				{/each}
			</form>
		</section>
		<h2 class="mb-2">Your own account</h2>
	{/if}
	<form method="POST" action="?/enter{query}" class="grid gap-3" use:enhance>
		<label class="grid gap-1">
			<span class="font-semibold">Name you sign in with</span>
			<input
				class="input w-full"
				name="handle"
				autocomplete="username"
				autocapitalize="none"
				required
				bind:value={handle}
			/>
		</label>
		<label class="grid gap-1">
			<span class="font-semibold">Password</span>
			<input class="input w-full" name="password" type="password" autocomplete="current-password" required />
		</label>
		{#if form?.message}<p role="alert" class="text-error font-semibold">{form.message}</p>{/if}
		<button class="btn btn-primary">Sign in</button>
	</form>
	<p class="mt-4">
		New here? <a class="link" href="/sign-up{next ? `?next=${encodeURIComponent(next)}` : ''}"
			>Make an account</a
		>
	</p>
</Gate>
