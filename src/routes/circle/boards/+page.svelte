<script lang="ts">
	import { within } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { enhance } from '$app/forms';
	import { PRECISION_NAMES } from '$lib/core/record';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import QrCode from '$lib/ui/frame/QrCode.svelte';
	import Field from '$lib/ui/frame/Field.svelte';
	import Choice from '$lib/ui/frame/Choice.svelte';
	import type { ActionData, PageData } from './$types';

	const { say } = useWords(words);

	let { data, form }: { data: PageData; form: ActionData } = $props();
</script>

<PageHead
	title={say('public-boards')}
	detail={say('for-a-window-or')}
	back={{ href: '/circle', name: say('circle') }}
/>
<div class="grid gap-6 p-4 pb-24 md:px-5 lg:grid-cols-2">
	<form method="POST" action="?/putUp" class="grid content-start gap-4" use:enhance>
		<p class="max-w-prose">
			{say('anybody-with-the-link')}
		</p>
		{#if data.waters.length === 0}
			<p class="quiet">{say('confirm-a-record-of')}</p>
		{:else}
			<Field label={say('its-title')} class="max-w-md"
				><input
					class="input h-12 w-full"
					name="title"
					maxlength="80"
					required
					placeholder={say('what-is-hatching')}
				/></Field
			>
			<fieldset>
				<legend class="mb-1 font-semibold">{say('waters')}</legend>
				<div class="flex flex-wrap gap-x-5 gap-y-1">
					{#each data.waters as { id, name } (id)}
						<label class="flex min-h-12 items-center gap-2"
							><input type="checkbox" class="checkbox" name="waters" value={id} />{name}</label
						>
					{/each}
				</div>
			</fieldset>
			<div class="grid max-w-md grid-cols-2 gap-3">
				<Choice label={say('it-names-the')} name="precision">
					{#each ['water', 'basin', 'season'] as const as step (step)}<option value={step}
							>{say(PRECISION_NAMES[step])}</option
						>{/each}
				</Choice>
				<Choice label={say('not-before')} name="delayDays" value="3">
					<option value="0">{say('at-once')}</option>
					<option value="1">{say('a-day-later')}</option>
					<option value="3">{say('three-days-later')}</option>
					<option value="7">{say('a-week-later')}</option>
					<option value="14">{say('two-weeks-later')}</option>
				</Choice>
			</div>
			{#if form?.message}<p role="alert" class="font-semibold">{say(form.message)}</p>{/if}
			<button class="btn btn-primary h-12 justify-self-start">{say('put-it-up')}</button>
		{/if}
		{#if form?.link}
			<div class="grid gap-2" role="status">
				<Field label={say('its-link-shown-only')}
					><input
						class="input w-full font-mono text-xs"
						readonly
						value={form.link}
						aria-label={say('link-of-the-board')}
					/></Field
				>
				<QrCode text={form.link} label={say('the-link-as-a')} class="w-40" />
				<a class="link" href={form.link}>{say('look-at-it')}</a>
			</div>
		{/if}
	</form>
	<section aria-label={say('boards-that-are-up')}>
		<h2 class="mb-1">{say('up-now')}</h2>
		<ul>
			{#each data.boards as board (board.id)}
				<li class="border-base-300 flex items-center justify-between gap-3 border-b py-2">
					<span
						><b>{board.title}</b>
						<span class="quiet block text-sm"
							>{say('records', {
								waters: board.waters.join(', '),
								within: within(PRECISION_NAMES[board.precision]),
								value:
									board.delayDays === 0 ? say('at-once') : say('after-days', { delayDays: board.delayDays }),
								records: board.records
							})}</span
						></span
					>
					<form method="POST" action="?/takeDown" use:enhance>
						<input type="hidden" name="id" value={board.id} />
						<button class="btn btn-outline btn-sm max-md:h-12">{say('take-down')}</button>
					</form>
				</li>
			{:else}
				<li class="quiet">{say('none')}</li>
			{/each}
		</ul>
	</section>
</div>
