<script lang="ts">
	import { enhance } from '$app/forms';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { useCourier } from '$lib/ui/outbox/courier.svelte';
	import type { ActionData, PageData } from './$types';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const courier = useCourier();
</script>

<PageHead
	title="Take my account away"
	detail={data.me?.name ?? ''}
	back={{ href: '/settings', name: 'Settings' }}
/>
<form
	method="POST"
	class="grid max-w-xl gap-4 p-4 md:px-5"
	use:enhance={() => {
		const account = data.me?.id;
		return async ({ result, update }) => {
			if (result.type === 'redirect' && account) await courier.forget(account);
			await update();
		};
	}}
>
	<p>
		Your outings, notes, pictures, records, boards and flies are deleted, and everything you shared is gone
		from the circles. This cannot be undone. Take it along first if you want to keep it: it is in the <a
			class="link"
			href="/log">log</a
		> as a packet.
	</p>
	<input class="hidden" name="username" autocomplete="username" value={data.me?.handle} readonly />
	<label class="grid gap-1"
		><span class="font-semibold">Your password, to say that you mean it</span><input
			class="input h-12 w-full"
			name="password"
			type="password"
			autocomplete="current-password"
			required
		/></label
	>
	{#if form?.message}<p role="alert" class="text-error font-semibold">{form.message}</p>{/if}
	<button class="btn btn-error h-12">Delete everything of mine</button>
</form>
