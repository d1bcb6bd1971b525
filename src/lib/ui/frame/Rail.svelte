<script lang="ts">
	import Bank from '@lucide/svelte/icons/tent-tree';
	import Box from '@lucide/svelte/icons/grid-3x3';
	import Atlas from '@lucide/svelte/icons/bug';
	import Log from '@lucide/svelte/icons/notebook-text';
	import Circle from '@lucide/svelte/icons/users-round';
	import Settings from '@lucide/svelte/icons/sliders-horizontal';
	import { page } from '$app/state';
	import Mark from './Mark.svelte';

	const places = [
		{ href: '/bank', name: 'Bank', icon: Bank },
		{ href: '/atlas', name: 'Atlas', icon: Atlas },
		{ href: '/box', name: 'Box', icon: Box },
		{ href: '/log', name: 'Log', icon: Log },
		{ href: '/circle', name: 'Circle', icon: Circle },
		{ href: '/settings', name: 'Settings', icon: Settings }
	];
	const here = (href: string) => page.url.pathname === href || page.url.pathname.startsWith(`${href}/`);
</script>

<!-- A slim rail on wide screens, a bar at the thumb on a phone. -->
<nav
	aria-label="Places"
	class="bg-neutral text-neutral-content fixed inset-x-0 bottom-0 z-30 flex md:sticky md:top-0 md:h-dvh md:w-19 md:flex-col md:items-stretch md:gap-1 md:px-1.5 md:py-4"
>
	<a href="/bank" class="mb-4 hidden justify-center md:flex" aria-label="Lacewing"><Mark class="h-8" /></a>
	{#each places as { href, name, icon: Icon } (href)}
		<a
			{href}
			aria-current={here(href) ? 'page' : undefined}
			class="flex min-h-14 flex-1 flex-col items-center justify-center gap-0.5 rounded-md text-xs md:min-h-16 md:flex-none {here(
				href
			)
				? 'bg-black/40 font-bold'
				: 'hover:bg-black/20'}"
		>
			<Icon size={22} aria-hidden="true" />
			{name}
		</a>
	{/each}
</nav>
