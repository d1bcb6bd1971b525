<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { enhance } from '$app/forms';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { useCourier } from '$lib/ui/outbox/courier.svelte';
	import Field from '$lib/ui/frame/Field.svelte';
	import type { ActionData, PageData } from './$types';

	const { say } = useWords(words);

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const courier = useCourier();
</script>

<PageHead
	title={say('take-my-account-away')}
	detail={data.me?.name ?? ''}
	back={{ href: '/settings', name: say('settings') }}
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
		{say('your-outings-notes-pictures')} <a class="link" href="/log">{say('log')}</a>
		{say('as-a-packet')}
	</p>
	<input class="hidden" name="username" autocomplete="username" value={data.me?.handle} readonly />
	<Field label={say('your-password-to-say')}
		><input
			class="input h-12 w-full"
			name="password"
			type="password"
			autocomplete="current-password"
			required
		/></Field
	>
	{#if form?.message}<p role="alert" class="text-error font-semibold">{say(form.message)}</p>{/if}
	<button class="btn btn-error h-12">{say('delete-everything-of-mine')}</button>
</form>
