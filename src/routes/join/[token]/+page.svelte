<script lang="ts">
	import { enhance } from '$app/forms';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
</script>

<PageHead title="Join {data.invitation.circle}" />
<form method="POST" class="grid max-w-lg gap-4 p-4 md:px-5" use:enhance>
	<p>
		{data.invitation.from} invites you. You will see what its guides share, and choose for each of your own records
		whether they see it, and how much of the place.
	</p>
	<button class="btn btn-primary h-12">Join</button>
</form>
