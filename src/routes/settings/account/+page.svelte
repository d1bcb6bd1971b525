<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { enhance } from '$app/forms';
	import { localClock, localDate } from '$lib/core/units';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import Field from '$lib/ui/frame/Field.svelte';
	import type { ActionData, PageData } from './$types';

	const { say } = useWords(words);

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const KINDS: Record<string, string> = {
		phone: say('a-phone'),
		tablet: say('a-tablet'),
		computer: say('a-computer'),
		program: say('a-program')
	};
	const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
	const moment = (at: Date) => `${localDate(at, zone, true)}, ${localClock(at, zone)}`;
	const others = $derived(data.sessions.filter(({ here }) => !here).length);
</script>

<PageHead
	title={say('password-and-devices')}
	detail={data.me?.name ?? ''}
	back={{ href: '/settings', name: say('settings') }}
/>
<div class="grid max-w-5xl items-start gap-8 p-4 md:px-5 lg:grid-cols-2">
	<section aria-labelledby={say('devices')}>
		<h2 id="devices">{say('where-you-are-signed')}</h2>
		<p class="quiet mb-2 text-sm">{say('what-is-not-used')}</p>
		<ul class="divide-base-300 border-base-300 divide-y border-y">
			{#each data.sessions as session (session.id)}
				<li class="flex min-h-14 items-center gap-3 py-1.5">
					<p class="min-w-0 flex-1">
						<span class="font-semibold"
							>{KINDS[session.kind] ?? say('a-device')}{session.here ? say('this-one') : ''}</span
						>
						<span class="quiet block text-sm">
							{say('since', {
								moment: moment(session.begunAt),
								value: session.usedAt ? say('last-used', { moment: moment(session.usedAt) }) : ''
							})}
						</span>
					</p>
					{#if !session.here}
						<form method="POST" action="?/end" use:enhance>
							<input type="hidden" name="id" value={session.id} />
							<button class="btn btn-outline h-11">{say('sign-out-there')}</button>
						</form>
					{/if}
				</li>
			{/each}
		</ul>
		{#if others > 1}
			<form method="POST" action="?/endOthers" class="mt-3" use:enhance>
				<button class="btn btn-outline h-11">{say('sign-out-everywhere-else')}</button>
			</form>
		{/if}
		<p role="status" class="mt-2 font-semibold">
			{form?.ended ? say(form.ended) : form?.gone ? say(form.gone) : ''}
		</p>
		<p class="quiet mt-2 text-sm">
			{say('a-lost-phone-sign')}
		</p>
	</section>
	<section aria-labelledby={say('password')}>
		<h2 id="password" class="mb-2">{say('change-your-password')}</h2>
		{#if !data.hasPassword}<p>{say('the-guides-of-the')}</p>{/if}
		<form method="POST" action="?/password" class="gap-3 {data.hasPassword ? 'grid' : 'hidden'}" use:enhance>
			<input class="hidden" name="username" autocomplete="username" value={data.me?.handle} readonly />
			<Field label={say('password-as-it-is')}
				><input
					class="input h-12 w-full"
					name="current"
					type="password"
					autocomplete="current-password"
					required
				/></Field
			>
			<Field label={say('new-password-ten-characters')}
				><input
					class="input h-12 w-full"
					name="new"
					type="password"
					autocomplete="new-password"
					required
					minlength="10"
				/></Field
			>
			{#if form?.trouble}<p role="alert" class="text-error font-semibold">{say(form.trouble)}</p>{/if}
			{#if form?.done}<p role="status" class="font-semibold">{say(form.done)}</p>{/if}
			<button class="btn btn-primary h-12">{say('change-it')}</button>
		</form>
	</section>
</div>
