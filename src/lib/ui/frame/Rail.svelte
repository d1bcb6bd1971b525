<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import Bank from '@lucide/svelte/icons/tent-tree';
	import Box from '@lucide/svelte/icons/grid-3x3';
	import Atlas from '@lucide/svelte/icons/bug';
	import Log from '@lucide/svelte/icons/notebook-text';
	import Circle from '@lucide/svelte/icons/users-round';
	import Settings from '@lucide/svelte/icons/sliders-horizontal';
	import { page } from '$app/state';
	import Mark from './Mark.svelte';

	const { say } = useWords(words);

	const places = [
		{ href: '/bank', name: say('bank'), icon: Bank },
		{ href: '/atlas', name: say('atlas'), icon: Atlas },
		{ href: '/box', name: say('box'), icon: Box },
		{ href: '/log', name: say('log'), icon: Log },
		{ href: '/circle', name: say('circle'), icon: Circle },
		{ href: '/settings', name: say('settings'), icon: Settings }
	];
	const here = (href: string) => page.url.pathname === href || page.url.pathname.startsWith(`${href}/`);
</script>

<!-- A slim rail on wide screens, a bar at the thumb on a phone. -->
<nav
	aria-label={say('places')}
	class="bg-neutral text-neutral-content aside:inset-x-auto aside:left-0 aside:top-0 aside:w-16 aside:flex-col fixed inset-x-0 bottom-0 z-30 flex desk:sticky desk:top-0 desk:h-dvh desk:w-19 desk:flex-col desk:items-stretch desk:gap-1 desk:px-1.5 desk:py-4"
>
	<a href="/bank" class="mb-4 hidden justify-center desk:flex" aria-label={say('lacewing-2')}
		><Mark class="h-8" /></a
	>
	{#each places as { href, name, icon: Icon } (href)}
		<a
			{href}
			aria-current={here(href) ? 'page' : undefined}
			class="aside:min-h-11 flex min-h-14 flex-1 flex-col items-center justify-center gap-0.5 rounded-md text-xs desk:min-h-16 desk:flex-none {here(
				href
			)
				? 'bg-black/40 font-bold'
				: 'hover:bg-black/20'}"
		>
			<Icon size={22} aria-hidden="true" class="aside:size-4.5" />
			{name}
		</a>
	{/each}
</nav>
