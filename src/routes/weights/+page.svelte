<script lang="ts">
	import { WEIGHING } from '$lib/core/reading';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import NumberTable from '$lib/ui/weighing/NumberTable.svelte';
	import { useWords } from '$lib/ui/writers';
	import { shownChapters } from '$lib/weighing';
	import type { PageData } from './$types';
	import words from './words';

	const { say } = useWords(words);

	let { data }: { data: PageData } = $props();
	const weighing = $derived(data.settings.weighing);
	const chapters = $derived(shownChapters(weighing));
	const school = $derived(WEIGHING.choices[weighing]);
</script>

<PageHead
	title={say('how-this-is-weighed')}
	detail={say('every-number')}
	back={{ href: '/bank', name: say('bank') }}
/>
<div class="grid grid-cols-[minmax(0,1fr)] gap-6 p-4 md:px-5 xl:grid-cols-2">
	<p class="max-w-prose xl:col-span-2">
		<strong>{say(school.name)}.</strong>
		{say(school.consequence)}
		{#if weighing !== WEIGHING.usual}{say('numbers-of-this-schools')}{/if}
		<a class="link" href="/settings">{say('choose-another-school')}</a>
	</p>
	<p class="quiet max-w-prose text-sm xl:col-span-2">{say('season-hour-temperature-and')}</p>
	{#each chapters as { title, tables } (title.id)}
		<h2 class="border-base-300 border-b pb-1 text-xl xl:col-span-2">{say(title)}</h2>
		{#each tables as table (table.id)}
			<div class="min-w-0 {table.columns.length > 4 ? 'xl:col-span-2' : ''}"><NumberTable {table} /></div>
		{/each}
	{/each}
</div>
