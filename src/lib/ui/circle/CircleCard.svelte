<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { enhance } from '$app/forms';
	import Choice from '$lib/ui/frame/Choice.svelte';
	import Field from '$lib/ui/frame/Field.svelte';
	import QrCode from '../frame/QrCode.svelte';

	const { say } = useWords(words);

	interface Props {
		circle: {
			id: string;
			name: string;
			role: string;
			members: { id: string | null; name: string; role: string; me: boolean }[];
			invitations: { id: string; role: string; expiresAt: Date; usesLeft: number | null }[];
		};
		/** The link just made for this circle. */
		link: string | undefined;
		day: (at: Date) => string;
	}
	let { circle, link, day }: Props = $props();
	const keeper = $derived(circle.role === 'keeper');
	const roles: Record<string, string> = {
		keeper: say('keeper'),
		guide: say('guide-role'),
		reader: say('reads-only-2')
	};
</script>

<section class="border-base-300 rounded border p-4" aria-label={circle.name}>
	<h2>{circle.name}</h2>
	<ul class="mt-1 grid gap-1">
		{#each circle.members as member (member.id ?? member.name)}
			<li class="flex flex-wrap items-center justify-between gap-2">
				<span
					>{member.name}{member.me ? say('you') : ''}
					{#if member.role !== 'guide'}<span class="quiet text-sm">{roles[member.role]}</span>{/if}</span
				>
				{#if keeper && !member.me}
					<details class="text-sm">
						<summary class="link quiet cursor-pointer">{say('change')}</summary>
						<div class="mt-1 flex flex-wrap gap-1">
							{#each ['keeper', 'guide', 'reader'].filter((role) => role !== member.role) as role (role)}
								<form method="POST" action="?/role" use:enhance>
									<input type="hidden" name="circleId" value={circle.id} />
									<input type="hidden" name="memberId" value={member.id} />
									<input type="hidden" name="role" value={role} />
									<button class="btn btn-outline btn-sm"
										>{role === 'reader' ? say('reads-only') : say('make', { role })}</button
									>
								</form>
							{/each}
							<form method="POST" action="?/remove" use:enhance>
								<input type="hidden" name="circleId" value={circle.id} />
								<input type="hidden" name="memberId" value={member.id} />
								<button class="btn btn-outline btn-error btn-sm">{say('take-out')}</button>
							</form>
						</div>
					</details>
				{/if}
			</li>
		{/each}
	</ul>
	{#if keeper}
		<form method="POST" action="?/invite" class="mt-3 grid grid-cols-3 gap-2" use:enhance>
			<input type="hidden" name="circleId" value={circle.id} />
			<Choice label={say('good-for')} name="days" value="7">
				<option value="1">{say('a-day')}</option>
				<option value="7">{say('a-week')}</option>
				<option value="30">{say('a-month')}</option>
			</Choice>
			<Choice label={say('for')} name="uses">
				<option value="one">{say('one')}</option>
				<option value="any">{say('any')}</option>
			</Choice>
			<Choice label={say('who')} name="role">
				<option value="guide">{say('guide')}</option>
				<option value="reader">{say('reader')}</option>
			</Choice>
			<button class="btn btn-outline btn-sm col-span-3">{say('make-an-invitation-link')}</button>
		</form>
		{#if link}
			<Field label={say('give-it-only-to')} class="mt-2"
				><input
					class="input w-full font-mono text-xs"
					readonly
					value={link}
					aria-label={say('invitation-link')}
				/></Field
			>
			<QrCode text={link} label={say('invitation-link-as-a')} class="mt-2 w-40" />
		{/if}
		{#if circle.invitations.length > 0}
			<ul class="mt-2 grid gap-1 text-sm" aria-label={say('invitations')}>
				{#each circle.invitations as invitation (invitation.id)}
					<li class="flex items-center justify-between gap-2">
						<span
							>{say('any-number-one-person', {
								usesLeftIs: invitation.usesLeft === null ? 'yes' : 'no',
								roleIs: invitation.role === 'reader' ? 'yes' : 'no',
								day: day(invitation.expiresAt)
							})}</span
						>
						<form method="POST" action="?/revoke" use:enhance>
							<input type="hidden" name="id" value={invitation.id} />
							<button class="btn btn-ghost btn-sm">{say('void')}</button>
						</form>
					</li>
				{/each}
			</ul>
		{/if}
	{/if}
	<form method="POST" action="?/remove" class="mt-3" use:enhance>
		<input type="hidden" name="circleId" value={circle.id} />
		<button class="link quiet text-sm">{say('leave-and-take-back')}</button>
	</form>
</section>
