<script lang="ts">
	import { enhance } from '$app/forms';
	import { localClock, localDate } from '$lib/core/units';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import type { ActionData, PageData } from './$types';

	let { data, form }: { data: PageData; form: ActionData } = $props();
	const KINDS: Record<string, string> = {
		phone: 'A phone',
		tablet: 'A tablet',
		computer: 'A computer',
		program: 'A program'
	};
	const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
	const moment = (at: Date) => `${localDate(at, zone, true)}, ${localClock(at, zone)}`;
	const others = $derived(data.sessions.filter(({ here }) => !here).length);
</script>

<PageHead
	title="Password and devices"
	detail={data.me?.name ?? ''}
	back={{ href: '/settings', name: 'Settings' }}
/>
<div class="grid max-w-5xl items-start gap-8 p-4 md:px-5 lg:grid-cols-2">
	<section aria-labelledby="devices">
		<h2 id="devices">Where you are signed in</h2>
		<p class="quiet mb-2 text-sm">What is not used for 30 days is signed out by itself.</p>
		<ul class="divide-base-300 border-base-300 divide-y border-y">
			{#each data.sessions as session (session.id)}
				<li class="flex min-h-14 items-center gap-3 py-1.5">
					<p class="min-w-0 flex-1">
						<span class="font-semibold"
							>{KINDS[session.kind] ?? 'A device'}{session.here ? ', this one' : ''}</span
						>
						<span class="quiet block text-sm">
							since {moment(session.begunAt)}{session.usedAt ? `; last used ${moment(session.usedAt)}` : ''}
						</span>
					</p>
					{#if !session.here}
						<form method="POST" action="?/end" use:enhance>
							<input type="hidden" name="id" value={session.id} />
							<button class="btn btn-outline h-11">Sign out there</button>
						</form>
					{/if}
				</li>
			{/each}
		</ul>
		{#if others > 1}
			<form method="POST" action="?/endOthers" class="mt-3" use:enhance>
				<button class="btn btn-outline h-11">Sign out everywhere else</button>
			</form>
		{/if}
		<p role="status" class="mt-2 font-semibold">{form?.ended ?? form?.gone ?? ''}</p>
		<p class="quiet mt-2 text-sm">
			A lost phone: sign out there, then change your password. What waits on it unsent is lost with it.
		</p>
	</section>
	<section aria-labelledby="password">
		<h2 id="password" class="mb-2">Change your password</h2>
		{#if !data.hasPassword}<p>The guides of the demonstration have no password.</p>{/if}
		<form method="POST" action="?/password" class="gap-3 {data.hasPassword ? 'grid' : 'hidden'}" use:enhance>
			<input class="hidden" name="username" autocomplete="username" value={data.me?.handle} readonly />
			<label class="grid gap-1">
				<span class="font-semibold">Password as it is now</span>
				<input
					class="input h-12 w-full"
					name="current"
					type="password"
					autocomplete="current-password"
					required
				/>
			</label>
			<label class="grid gap-1">
				<span class="font-semibold">New password, ten characters or more</span>
				<input
					class="input h-12 w-full"
					name="new"
					type="password"
					autocomplete="new-password"
					required
					minlength="10"
				/>
			</label>
			{#if form?.trouble}<p role="alert" class="text-error font-semibold">{form.trouble}</p>{/if}
			{#if form?.done}<p role="status" class="font-semibold">{form.done}</p>{/if}
			<button class="btn btn-primary h-12">Change it</button>
		</form>
	</section>
</div>
