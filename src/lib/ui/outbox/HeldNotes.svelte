<script lang="ts">
	import { page } from '$app/state';
	import { guide } from '../guide.svelte';
	import { useCourier } from './courier.svelte';

	const courier = useCourier();
	const waits = $derived(
		courier.own === 0 ? '' : courier.own === 1 ? 'One note waits' : `${courier.own} notes wait`
	);
	const next = $derived(encodeURIComponent(page.url.pathname));
</script>

{#if guide.signedOut}
	<div role="alert" class="bg-warning text-warning-content flex flex-wrap items-center gap-x-4 px-4 py-1.5">
		<p class="min-w-0 flex-1">
			<strong>You are signed out.</strong>
			{waits ? `${waits} on this device, and will be sent once you are in again.` : ''}
		</p>
		<a class="btn h-11" href="/sign-in?next={next}" data-sveltekit-reload>Sign in</a>
	</div>
{:else if courier.left === 'no-outing'}
	<p role="status" class="bg-warning text-warning-content px-4 py-1.5">
		{waits} on this device for an outing that is not in your log. If it is another guide's, it goes out when that
		guide signs in.
	</p>
{/if}
