<script lang="ts">
	import { enhance } from '$app/forms';
	import type { Quarrel } from '$lib/core/rule';
	import { QUARRELS } from '$lib/weighing';
	import Choices from '$lib/ui/frame/Choices.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { useCourier } from '$lib/ui/outbox/courier.svelte';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const { show, say } = useWords(words);
	const courier = useCourier();
	let form = $state<HTMLFormElement>();
	const keep = () => form?.requestSubmit();
	interface Question {
		legend: string;
		name: Exclude<keyof typeof data.settings, 'hooks'>;
		columns?: string;
		choices: readonly { value: string; label: string; hint?: string }[];
	}
	let chosen: Record<Question['name'], string> = $derived({ ...data.settings });

	/** A question that practitioners quarrel about, as it is asked. */
	function asked(name: keyof typeof QUARRELS): Question {
		const quarrel: Quarrel = QUARRELS[name];
		return {
			legend: say(quarrel.asks),
			name,
			columns: 'grid-cols-1 sm:grid-cols-2',
			choices: Object.entries(quarrel.choices).map(([value, { name: label, consequence }]) => ({
				value,
				label: say(label),
				hint: say(consequence)
			}))
		};
	}

	/** What there is to choose; each hint says what follows from it. */
	const questions: readonly Question[] = $derived([
		{
			legend: say('light'),
			name: 'theme',
			choices: [
				{ value: 'bankside', label: say('bankside'), hint: say('by-day') },
				{ value: 'dusk', label: say('dusk'), hint: say('the-evening-rise') },
				{ value: 'glare', label: say('glare'), hint: say('full-sun') }
			]
		},
		{
			legend: say('units'),
			name: 'system',
			columns: 'grid-cols-2',
			choices: [
				{ value: 'metric', label: say('metric'), hint: 'mm, m, °C' },
				{ value: 'imperial', label: say('imperial'), hint: 'in, ft, °F' }
			]
		},
		{
			legend: say('tippet'),
			name: 'tippet',
			columns: 'grid-cols-2',
			choices: [
				{ value: 'X', label: 'X', hint: '6X' },
				{ value: 'diameter', label: say('diameter'), hint: say('0-13-mm-or') }
			]
		},
		{
			legend: say('fly-size'),
			name: 'size',
			choices: [
				{ value: 'hook', label: say('hook'), hint: '#16' },
				{ value: 'length', label: say('length'), hint: say('as-dressed') },
				{ value: 'both', label: say('both') }
			]
		},
		{
			legend: say('names-of-insects-on'),
			name: 'names',
			columns: 'grid-cols-2',
			choices: [
				{ value: 'common', label: say('common-first'), hint: say('olive-dun-baetis-beside') },
				{ value: 'scientific', label: say('scientific-first'), hint: say('baetis-dun-olive-beside') }
			]
		},
		{
			legend: say('insects-and-their-names'),
			name: 'region',
			columns: 'grid-cols-2 sm:grid-cols-3',
			choices: [
				{ value: 'by-place', label: say('of-the-water-fished'), hint: say('by-where-it-lies') },
				...data.regions.map(({ id, name }) => ({ value: id, label: say(name) }))
			]
		},
		...(Object.keys(QUARRELS) as (keyof typeof QUARRELS)[]).map(asked),
		{
			legend: say('a-change-of-fly'),
			name: 'knotCm',
			columns: 'grid-cols-5',
			choices: data.knotsCm.map((cm) => ({ value: cm, label: show({ lengthMm: 10 * Number(cm) }) }))
		},
		{
			legend: say('your-rod'),
			name: 'rodM',
			columns: 'grid-cols-5',
			choices: data.rodsM.map((rodM) => ({ value: rodM, label: show({ distanceM: Number(rodM) }) }))
		},
		{
			legend: say('casting-arm'),
			name: 'hand',
			columns: 'grid-cols-2',
			choices: [
				{ value: 'right', label: say('right') },
				{ value: 'left', label: say('left') }
			]
		},
		{
			legend: say('five-x-breaks-at'),
			name: 'fiveXBreaksN',
			columns: 'grid-cols-3 sm:grid-cols-4',
			choices: data.fiveXBreaksN.map((strengthN) => ({
				value: strengthN,
				label: strengthN === 'as-usual' ? say('as-usual') : show({ strengthN: Number(strengthN) })
			}))
		},
		{
			legend: say('smallest-fly-that-guests'),
			name: 'smallestSeen',
			columns: 'grid-cols-3 sm:grid-cols-6',
			choices: data.smallestSeen.map((size) => ({
				value: size,
				label: size === 'any' ? say('any') : `#${size}`
			}))
		},
		{
			legend: say('throat-samples-lawful-where'),
			name: 'throat',
			columns: 'grid-cols-2 sm:grid-cols-3',
			choices: data.throatFromCm.map((cm) =>
				cm === 'never'
					? { value: cm, label: say('no'), hint: say('never-proposed') }
					: {
							value: cm,
							label: say('fish-from', { fishMm: show({ fishMm: 10 * Number(cm) }) }),
							hint: say('water-under-18-c')
						}
			)
		}
	]);
</script>

<PageHead title={say('settings')} detail={data.me?.name ?? ''} />
<form
	bind:this={form}
	method="POST"
	class="grid max-w-6xl content-start items-start gap-5 p-4 md:px-5 lg:grid-cols-2 lg:gap-x-10"
	use:enhance={() =>
		({ update }) =>
			update({ reset: false })}
>
	{#each questions as { name, ...question } (name)}
		<Choices {...question} {name} bind:value={chosen[name]} onchange={keep} />
	{/each}
	<noscript><button class="btn btn-primary">{say('save')}</button></noscript>
</form>
<p class="flex flex-wrap gap-6 px-4 pb-3 md:px-5">
	<a class="link font-semibold" href="/settings/hooks">{say('how-my-hooks-run')}</a>
	<a class="link font-semibold" href="/settings/account">{say('password-and-devices')}</a>
	<a class="link quiet" href="/settings/leave">{say('take-my-account-away')}</a>
</p>
<form method="POST" action="/sign-out" class="p-4 pt-0 md:px-5">
	{#if courier.own > 0}
		<p class="mb-2 font-semibold">
			{say('on-this-device-only', {
				value: courier.own === 1 ? say('one-note-of-yours') : say('notes-of-yours-are', { own: courier.own })
			})}
		</p>
	{/if}
	<button class="btn btn-outline">{say('sign-out')}</button>
</form>
