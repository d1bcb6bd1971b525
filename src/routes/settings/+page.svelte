<script lang="ts">
	import { enhance } from '$app/forms';
	import { SCHOOL_IDS, SCHOOLS } from '$lib/core/likeness';
	import { WEIGHING_IDS, WEIGHINGS } from '$lib/core/reading';
	import Choices from '$lib/ui/frame/Choices.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { useCourier } from '$lib/ui/outbox/courier.svelte';
	import { useUnits } from '$lib/ui/units';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const { show } = useUnits();
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

	/** What there is to choose; each hint says what follows from it. */
	const questions: readonly Question[] = $derived([
		{
			legend: 'Light',
			name: 'theme',
			choices: [
				{ value: 'bankside', label: 'Bankside', hint: 'by day' },
				{ value: 'dusk', label: 'Dusk', hint: 'the evening rise' },
				{ value: 'glare', label: 'Glare', hint: 'full sun' }
			]
		},
		{
			legend: 'Units',
			name: 'system',
			columns: 'grid-cols-2',
			choices: [
				{ value: 'metric', label: 'Metric', hint: 'mm, m, °C' },
				{ value: 'imperial', label: 'Imperial', hint: 'in, ft, °F' }
			]
		},
		{
			legend: 'Tippet',
			name: 'tippet',
			columns: 'grid-cols-2',
			choices: [
				{ value: 'X', label: 'X', hint: '6X' },
				{ value: 'diameter', label: 'Diameter', hint: '0.13 mm or 0.005 in' }
			]
		},
		{
			legend: 'Fly size',
			name: 'size',
			choices: [
				{ value: 'hook', label: 'Hook', hint: '#16' },
				{ value: 'length', label: 'Length', hint: 'as dressed' },
				{ value: 'both', label: 'Both' }
			]
		},
		{
			legend: 'Names of insects on the board',
			name: 'names',
			columns: 'grid-cols-2',
			choices: [
				{ value: 'common', label: 'Common first', hint: 'Olive dun, Baetis beside it' },
				{ value: 'scientific', label: 'Scientific first', hint: 'Baetis dun, olive beside it' }
			]
		},
		{
			legend: 'What decides a fly',
			name: 'school',
			columns: 'grid-cols-1 sm:grid-cols-2',
			choices: SCHOOL_IDS.map((id) => ({ value: id, label: SCHOOLS[id].name, hint: SCHOOLS[id].consequence }))
		},
		{
			legend: 'What is trusted most',
			name: 'weighing',
			columns: 'grid-cols-1 sm:grid-cols-2',
			choices: WEIGHING_IDS.map((id) => ({
				value: id,
				label: WEIGHINGS[id].name,
				hint: WEIGHINGS[id].consequence
			}))
		},
		{
			legend: 'Tippet: how fine',
			name: 'tippetSchool',
			columns: 'grid-cols-1 sm:grid-cols-2',
			choices: [
				{
					value: 'as-fine-as-clear',
					label: 'As fine as the water is clear',
					hint: 'more takes, more break-offs'
				},
				{ value: 'never-too-fine', label: 'Never too fine for the fish', hint: 'short fights, some refusals' }
			]
		},
		{
			legend: 'When a fly is refused',
			name: 'refused',
			columns: 'grid-cols-1 sm:grid-cols-2',
			choices: [
				{ value: 'smaller', label: 'Smaller', hint: 'most flies are too large' },
				{ value: 'larger', label: 'Larger', hint: 'in murk, fast water, and as half emerged' }
			]
		},
		{
			legend: 'Stay or go',
			name: 'patience',
			columns: 'grid-cols-1 sm:grid-cols-2',
			choices: [
				{
					value: 'two-then-rest',
					label: 'Two drifts, rest, change',
					hint: 'spares the fish, changes sooner'
				},
				{
					value: 'thirty-drifts',
					label: 'Thirty drifts on one rhythm',
					hint: 'most casts never meet lane and moment'
				}
			]
		},
		{
			legend: 'Soft feathers',
			name: 'softFeathers',
			columns: 'grid-cols-1 sm:grid-cols-2',
			choices: [
				{ value: 'dress', label: 'Dress them', hint: 'with their own powder or oil' },
				{ value: 'never', label: 'Never dress them', hint: 'they float by themselves, for a while' }
			]
		},
		{
			legend: 'A change of fly uses up',
			name: 'knotCm',
			columns: 'grid-cols-5',
			choices: data.knotsCm.map((cm) => ({ value: cm, label: show({ lengthMm: 10 * Number(cm) }) }))
		},
		{
			legend: 'Smallest fly that guests see',
			name: 'smallestSeen',
			columns: 'grid-cols-3 sm:grid-cols-6',
			choices: data.smallestSeen.map((size) => ({ value: size, label: size === 'any' ? 'Any' : `#${size}` }))
		},
		{
			legend: 'Throat samples: lawful where I guide, and I am practised',
			name: 'throat',
			columns: 'grid-cols-2 sm:grid-cols-3',
			choices: data.throatFromCm.map((cm) =>
				cm === 'never'
					? { value: cm, label: 'No', hint: 'never proposed' }
					: { value: cm, label: `Fish from ${show({ fishMm: 10 * Number(cm) })}`, hint: 'water under 18 °C' }
			)
		}
	]);
</script>

<PageHead title="Settings" detail={data.me?.name ?? ''} />
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
	<noscript><button class="btn btn-primary">Save</button></noscript>
</form>
<p class="flex flex-wrap gap-6 px-4 pb-3 md:px-5">
	<a class="link font-semibold" href="/settings/hooks">How my hooks run</a>
	<a class="link font-semibold" href="/settings/account">Password and devices</a>
	<a class="link quiet" href="/settings/leave">Take my account away</a>
</p>
<form method="POST" action="/sign-out" class="p-4 pt-0 md:px-5">
	{#if courier.own > 0}
		<p class="mb-2 font-semibold">
			{courier.own === 1 ? 'One note of yours is' : `${courier.own} notes of yours are`} on this device only. They
			stay, and are sent when you sign in again here.
		</p>
	{/if}
	<button class="btn btn-outline">Sign out</button>
</form>
