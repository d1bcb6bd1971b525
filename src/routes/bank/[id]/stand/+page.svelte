<script lang="ts">
	import { approachOf, USUAL_PLACE } from '$lib/core/approach';
	import { useBoard } from '$lib/ui/board/context';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import Stepper from '$lib/ui/frame/Stepper.svelte';
	import Section from '$lib/ui/stand/Section.svelte';
	import parts from '$lib/ui/stand/words';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { PageData } from './$types';

	let { data }: { data: PageData } = $props();
	const board = useBoard();
	const { say } = useWords(words);
	const { say: sayPart } = useWords(parts);
	/** The fish that was watched last. */
	const fish = $derived(board.outing.watches.at(-1)?.fish);

	let depthSaid = $state<number>();
	let bankSaid = $state<number>();
	let wadeM = $state<number>();
	let speedSaid = $state<number>();
	const usual = USUAL_PLACE.values;
	const approach = $derived(
		approachOf(board.outing, board.present, { depthM: depthSaid, bankM: bankSaid, wadeM, speedMs: speedSaid })
	);
	const { wading } = $derived(approach);
</script>

<PageHead
	title={say('where-to-stand')}
	detail={data.outing.reach.name}
	back={{ href: `/bank/${data.outing.id}`, name: say('board') }}
/>
<div class="grid gap-5 p-4 pb-24 md:px-5 lg:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
	<section aria-label={sayPart('hidden-or-seen')} class="grid content-start gap-3">
		<Section through={approach.through} stances={approach.stances} bankM={approach.bankM} />
		<ul class="grid gap-1">
			{#each approach.stances as stance (stance.posture)}<li>{sayPart(stance.says)}</li>{/each}
		</ul>
		<ul class="list-disc pl-5 text-sm">
			{#each approach.because as phrase, i (i)}<li>{sayPart(phrase)}</li>{/each}
		</ul>
	</section>
	<div class="grid content-start gap-4">
		<Stepper
			label={sayPart('how-deep-it-lies')}
			bind:value={() => depthSaid ?? fish?.depthM, (value) => (depthSaid = value)}
			usual={usual.depthM}
			steps={[0.1, 0.5]}
			least={0.1}
			most={6}
			measure="distanceM"
		/>
		<Stepper
			label={sayPart('bank-above-water')}
			bind:value={bankSaid}
			usual={usual.bankM}
			steps={[0.1, 0.5]}
			least={0}
			most={10}
			measure="distanceM"
		/>
		<section aria-label={sayPart('wading')} class="grid gap-2">
			<h2>{sayPart('wading')}</h2>
			<Stepper
				label={sayPart('water-you-wade')}
				bind:value={wadeM}
				usual={0.4}
				steps={[0.1, 0.3]}
				least={0}
				most={1.5}
				measure="distanceM"
			/>
			{#if wading}
				<Stepper
					label={sayPart('its-current')}
					bind:value={() => speedSaid ?? fish?.speedMs, (value) => (speedSaid = value)}
					usual={usual.speedMs}
					steps={[0.1, 0.5]}
					least={0}
					most={4}
					measure="windMs"
				/>
				<p class="font-semibold {wading.word === 'out' ? 'text-error' : ''}" role="status">
					{sayPart(wading.says)}
				</p>
				<ul class="list-disc pl-5 text-sm">
					{#each wading.because as phrase, i (i)}<li>{sayPart(phrase)}</li>{/each}
				</ul>
				<button type="button" class="btn btn-outline h-12" onclick={() => (wadeM = undefined)}
					>{sayPart('not-wading')}</button
				>
			{/if}
		</section>
	</div>
</div>
