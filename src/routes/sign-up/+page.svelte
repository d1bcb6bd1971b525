<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import { untrack } from 'svelte';
	import Gate from '$lib/ui/frame/Gate.svelte';
	import type { ActionData } from './$types';
	import Field from '$lib/ui/frame/Field.svelte';

	const { say } = useWords(words);

	let { form }: { form: ActionData } = $props();
	// Bound, so that what is typed before the page is alive stays.
	let [name, handle] = $state(untrack(() => [form?.name ?? '', form?.handle ?? '']));
	const wrong = (field: string) => {
		const issue = form?.issues.find((issue) => issue.field === field);
		return issue && say(issue.says);
	};
	const next = $derived(page.url.search);
</script>

<Gate title={say('make-an-account')}>
	<form method="POST" class="grid gap-3" use:enhance>
		<Field label={say('your-name-as-colleagues')}
			><input
				class="input w-full"
				name="name"
				autocomplete="name"
				required
				maxlength="60"
				bind:value={name}
			/>
			{#if wrong('name')}<span role="alert" class="text-error">{wrong('name')}</span>{/if}</Field
		>
		<Field label={say('name-you-sign-in')}
			><input
				class="input w-full"
				name="handle"
				autocomplete="username"
				autocapitalize="none"
				required
				bind:value={handle}
			/>
			{#if wrong('handle')}<span role="alert" class="text-error">{wrong('handle')}</span>{/if}</Field
		>
		<Field label={say('password-ten-characters-or')}
			><input
				class="input w-full"
				name="password"
				type="password"
				autocomplete="new-password"
				required
				minlength="10"
			/>
			{#if wrong('password')}<span role="alert" class="text-error">{wrong('password')}</span>{/if}</Field
		>
		{#if wrong('')}<p role="alert" class="text-error font-semibold">{wrong('')}</p>{/if}
		<button class="btn btn-primary">{say('make-the-account')}</button>
	</form>
	<p class="mt-4">{say('have-one')} <a class="link" href="/sign-in{next}">{say('sign-in')}</a></p>
</Gate>
