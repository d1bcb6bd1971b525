<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { enhance } from '$app/forms';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import type { PageData } from './$types';

	const { say } = useWords(words);

	let { data }: { data: PageData } = $props();
</script>

<PageHead title={say('join', { circle: data.invitation.circle })} />
<form method="POST" class="grid max-w-lg gap-4 p-4 md:px-5" use:enhance>
	<p>
		{say('invites-you-you-will', { from: data.invitation.from })}
	</p>
	<button class="btn btn-primary h-12">{say('join-2')}</button>
</form>
