<script lang="ts">
	import { enhance } from '$app/forms';
	import { PRECISION_NAMES } from '$lib/core/record';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import QrCode from '$lib/ui/frame/QrCode.svelte';
	import type { ActionData, PageData } from './$types';

	let { data, form }: { data: PageData; form: ActionData } = $props();
</script>

<PageHead
	title="Public boards"
	detail="For a window, or for guests"
	back={{ href: '/circle', name: 'Circle' }}
/>
<div class="grid gap-6 p-4 pb-24 md:px-5 lg:grid-cols-2">
	<form method="POST" action="?/putUp" class="grid content-start gap-4" use:enhance>
		<p class="max-w-prose">
			Anybody with the link sees what hatched on the waters you choose: no reach, no words, no flies, never
			who was with you, and not before the time you set. It can be printed on one page.
		</p>
		{#if data.waters.length === 0}
			<p class="quiet">Confirm a record of an outing first; then its water can be chosen here.</p>
		{:else}
			<label class="grid max-w-md gap-1"
				><span class="font-semibold">Its title</span><input
					class="input h-12 w-full"
					name="title"
					maxlength="80"
					required
					placeholder="What is hatching"
				/></label
			>
			<fieldset>
				<legend class="mb-1 font-semibold">Waters</legend>
				<div class="flex flex-wrap gap-x-5 gap-y-1">
					{#each data.waters as { id, name } (id)}
						<label class="flex min-h-12 items-center gap-2"
							><input type="checkbox" class="checkbox" name="waters" value={id} />{name}</label
						>
					{/each}
				</div>
			</fieldset>
			<div class="grid max-w-md grid-cols-2 gap-3">
				<label class="grid gap-1"
					><span class="font-semibold">It names the</span>
					<select class="select h-12 w-full" name="precision">
						{#each ['water', 'basin', 'season'] as const as step (step)}<option value={step}
								>{PRECISION_NAMES[step]}</option
							>{/each}
					</select></label
				>
				<label class="grid gap-1"
					><span class="font-semibold">Not before</span>
					<select class="select h-12 w-full" name="delayDays">
						<option value="0">at once</option>
						<option value="1">a day later</option>
						<option value="3" selected>three days later</option>
						<option value="7">a week later</option>
						<option value="14">two weeks later</option>
					</select></label
				>
			</div>
			{#if form?.message}<p role="alert" class="font-semibold">{form.message}</p>{/if}
			<button class="btn btn-primary h-12 justify-self-start">Put it up</button>
		{/if}
		{#if form?.link}
			<div class="grid gap-2" role="status">
				<label class="grid gap-1"
					><span class="font-semibold">Its link, shown only now</span><input
						class="input w-full font-mono text-xs"
						readonly
						value={form.link}
						aria-label="Link of the board"
					/></label
				>
				<QrCode text={form.link} label="The link as a code to scan" class="w-40" />
				<a class="link" href={form.link}>Look at it</a>
			</div>
		{/if}
	</form>
	<section aria-label="Boards that are up">
		<h2 class="mb-1">Up now</h2>
		<ul>
			{#each data.boards as board (board.id)}
				<li class="border-base-300 flex items-center justify-between gap-3 border-b py-2">
					<span
						><b>{board.title}</b>
						<span class="quiet block text-sm"
							>{board.waters.join(', ')} · {PRECISION_NAMES[board.precision].toLowerCase()} · {board.delayDays ===
							0
								? 'at once'
								: `after ${board.delayDays} days`} · {board.records} records</span
						></span
					>
					<form method="POST" action="?/takeDown" use:enhance>
						<input type="hidden" name="id" value={board.id} />
						<button class="btn btn-outline btn-sm max-md:h-12">Take down</button>
					</form>
				</li>
			{:else}
				<li class="quiet">None.</li>
			{/each}
		</ul>
	</section>
</div>
