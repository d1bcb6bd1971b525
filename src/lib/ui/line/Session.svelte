<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { Outing } from '$lib/core/outing';
	import { sessionOf, type SessionTally } from '$lib/core/outing';

	interface Props {
		outing: Outing;
		/** Who holds the rod. */
		angler: string;
	}
	let { outing, angler = $bindable() }: Props = $props();
	const { say, show } = useWords(words);
	const session = $derived(sessionOf(outing));
	const ROW = [
		'castTo',
		'moved',
		'hooked',
		'landed',
		'lost'
	] as const satisfies readonly (keyof SessionTally)[];
	const rows = $derived([
		{ name: say('everybody'), tally: session.all },
		...session.byAngler.map(({ angler: name, tally }) => ({ name, tally }))
	]);
</script>

<details class="text-sm">
	<summary class="link quiet min-h-8 cursor-pointer leading-8"
		>{say('session', { seen: session.seen, hooked: session.all.hooked, landed: session.all.landed })}</summary
	>
	<label class="mt-1 grid gap-1"
		><span class="font-semibold">{say('who-holds-the-rod')}</span>
		<input class="input h-12 w-full" maxlength="40" bind:value={angler} autocomplete="off" />
		<span class="quiet">{say('kept-with-you')}</span></label
	>
	<div class="overflow-x-auto">
		<table class="mt-2 w-full text-right">
			<thead>
				<tr>
					<th class="text-left"><span class="sr-only">{say('who-holds-the-rod')}</span></th>
					{#each ROW as key (key)}<th class="px-1 font-semibold" scope="col">{say(`tally-${key}`)}</th>{/each}
					<th class="pl-1 font-semibold" scope="col">{say('tally-longest')}</th>
				</tr>
			</thead>
			<tbody>
				{#each rows as { name, tally } (name)}
					<tr>
						<th class="text-left font-normal break-words" scope="row">{name}</th>
						{#each ROW as key (key)}<td class="px-1 font-mono">{tally[key]}</td>{/each}
						<td class="pl-1">{tally.longestMm === undefined ? '' : show({ fishMm: tally.longestMm })}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
</details>
