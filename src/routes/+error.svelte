<script lang="ts">
	import { page } from '$app/state';
</script>

<svelte:head><title>Lacewing</title></svelte:head>
<div class="mx-auto max-w-lg p-6">
	<h1>{page.status === 404 ? 'Nothing here' : 'That did not work'}</h1>
	<div class="film-rule my-3"></div>
	<p>{page.error?.message}</p>
	{#if page.error?.reference}<p class="quiet mt-2 text-sm">
			The log knows it as {page.error.reference}.
		</p>{/if}
	<p class="mt-4"><a class="link" href="/bank">Back to the bank</a></p>
</div>
