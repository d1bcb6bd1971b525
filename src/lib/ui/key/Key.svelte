<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import {
		findTaxon,
		GROUP_NAMES,
		GROUPS,
		naturalName,
		unnamedOf,
		type Group,
		type LifeStage
	} from '$lib/core/atlas';
	import Choice from '../frame/Choice.svelte';
	import { identify, MARK_WORDS, MARKS, type Answer, type Finding, type MarkId } from '$lib/core/key';
	import { atStart, chanceWord, within } from '$lib/core/message';
	import InsectDrawing from '../drawing/InsectDrawing.svelte';
	import MarkDrawing from '../drawing/MarkDrawing.svelte';

	interface Props {
		/** Where, when and how it was found, when that is known. */
		finding?: Finding | undefined;
		/** What was measured of it: answers to go on from. */
		known?: readonly Answer[] | undefined;
		/** What taking a name does; without it, names lead to the atlas. */
		take?: { label: string; with: (taxonId: string, stage: LifeStage) => void } | undefined;
	}
	let { finding = {}, known = [], take }: Props = $props();
	const { show, say } = useWords(words);
	// svelte-ignore state_referenced_locally
	let answers = $state<Answer[]>([...known]);
	let group = $state<string>('');
	let fromPlace = $state(true);
	let asked = $state<MarkId>();
	let allStates = $state(false);
	let goOn = $state(false);

	const hasFinding = $derived(Boolean(finding.place ?? finding.method));
	const result = $derived(
		identify(answers, {
			...(fromPlace ? finding : {}),
			...(group && { group: group as Group })
		})
	);
	const question = $derived(result.questions.find(({ mark }) => mark === asked) ?? result.questions[0]);
	const MOST_SHOWN = 6;
	type Shown = (typeof result.questions)[number]['answers'][number];
	/** In the order of the table, so that lengths run up and none jumps about. */
	const inOrder = (answers: readonly Shown[], mark: MarkId): Shown[] => {
		const order = Object.keys(MARKS[mark].states);
		return [...answers].sort((x, y) => order.indexOf(x.state) - order.indexOf(y.state));
	};
	/** Only what an animal that is still possible could have, the likeliest unless all are asked for. */
	const possible = $derived(question ? question.answers.filter((answer) => answer.possible) : []);
	const shown = $derived(
		question ? inOrder(allStates ? possible : possible.slice(0, MOST_SHOWN), question.mark) : []
	);
	/** What would mean that an earlier answer was wrong; shown only to whoever finds nothing that fits. */
	const others = $derived(
		question && (allStates || possible.length < 2)
			? inOrder(
					question.answers.filter((answer) => !answer.possible),
					question.mark
				)
			: []
	);
	const likely = $derived(result.candidates.filter(({ probability }, i) => i < 6 && probability > 0.015));
	const resting = $derived(result.enough.yes && !goOn);

	function answer(mark: MarkId, state: string) {
		answers = [...answers.filter((given) => given.mark !== mark), { mark, state }];
		[asked, allStates] = [undefined, false];
	}
	const back = (mark: MarkId) => (answers = answers.filter((given) => given.mark !== mark));
	function wordsOf({ mark, state }: Answer): string {
		const states: Readonly<Record<string, string>> = MARKS[mark].states;
		return state === 'unseen' ? say('cant-see-2') : (states[state] ?? state).toLowerCase();
	}
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
	<section aria-label={say('question')} class="grid content-start gap-3">
		<div class="max-w-64">
			<Choice label={say('what-i-know')} bind:value={group}>
				<option value="">{say('nothing-yet')}</option>
				{#each GROUPS as one (one)}<option value={one}>{say(atStart(GROUP_NAMES[one]))}</option>{/each}
			</Choice>
		</div>
		{#if answers.length > 0}
			<ul class="flex flex-wrap gap-1.5" aria-label={say('answers-so-far')}>
				{#each answers as given (given.mark)}
					<li>
						<button type="button" class="pad min-h-9 px-2 text-sm" onclick={() => back(given.mark)}>
							{say(MARK_WORDS[given.mark])}: {wordsOf(given)} <span class="quiet" aria-hidden="true">×</span>
							<span class="sr-only">{say('take-back')}</span>
						</button>
					</li>
				{/each}
			</ul>
		{/if}
		{#each result.contradictions.slice(0, 1) as contradiction (contradiction.marks.join())}
			<p class="text-accent border-accent border-l-4 pl-3 font-semibold" role="status">
				{say(contradiction.says)}
				<button type="button" class="link" onclick={() => back(contradiction.lookAgain)}
					>{say('look-again')}</button
				>
			</p>
		{/each}
		{#if resting}
			<div class="border-primary border-l-4 pl-3" role="status">
				<h2>{say('good-enough-to-fish')}</h2>
				<p>
					{say('tie-on-a')}
					<b>{say(result.enough.styleName)}, {show({ hookSize: result.enough.hookSize })}</b>{say(
						'it-serves-whatever-of'
					)}
				</p>
				{#if result.enough.wouldChange.length > 0}
					<p class="quiet text-sm">
						{say('naming-it-finer-would')}
						{#each result.enough.wouldChange.slice(0, 2) as other, i (`${other.taxonId}/${other.stage}`)}{i >
							0
								? say('or')
								: ''}a {say(naturalName(other.taxonId, other.stage))} ({say(other.styleName)}, {show({
								hookSize: other.hookSize
							})}){/each}.
					</p>
				{:else}
					<p class="quiet text-sm">{say('naming-it-finer-would-2')}</p>
				{/if}
				<button type="button" class="btn btn-ghost mt-1 h-11" onclick={() => (goOn = true)}
					>{say('name-it-finer-all')}</button
				>
			</div>
		{:else if question}
			<div>
				<h2>{say(question.asks)}</h2>
				{#if question.trap}<p class="text-accent text-sm font-semibold">{say(question.trap)}</p>{/if}
			</div>
			{#snippet pads(answers: readonly Shown[])}
				<div class="grid grid-cols-2 gap-1.5 sm:grid-cols-3">
					{#each answers as { state, says } (state)}
						<button
							type="button"
							class="pad flex-col gap-1 py-2 text-sm"
							onclick={() => answer(question.mark, state)}
						>
							<MarkDrawing mark={question.mark} {state} class="h-18 w-30" />
							<span class="block first-letter:uppercase">{say(says)}</span>
						</button>
					{/each}
				</div>
			{/snippet}
			{@render pads(shown)}
			{#if others.length > 0}
				<p class="text-accent text-sm font-semibold">
					{say('with-these-an-earlier')}
				</p>
				{@render pads(others)}
			{/if}
			<div class="flex flex-wrap gap-2">
				<button type="button" class="pad px-4 text-sm" onclick={() => answer(question.mark, 'unseen')}
					>{say('cant-see')}</button
				>
				{#if others.length === 0 && shown.length < question.answers.length}
					<button type="button" class="pad px-4 text-sm" onclick={() => (allStates = true)}
						>{say('none-of-these-all')}</button
					>
				{/if}
			</div>
			{#if result.questions.length > 1}
				<p class="text-sm">
					<span class="quiet">{say('or-look-at')}</span>
					{#each result.questions.filter(({ mark }) => mark !== question.mark) as other (other.mark)}
						<button type="button" class="link mr-3" onclick={() => (asked = other.mark)}
							>{say(MARK_WORDS[other.mark])}</button
						>
					{/each}
				</p>
			{/if}
		{:else}
			<p class="quiet">{say('nothing-more-that-could')}</p>
		{/if}
	</section>
	<section aria-label={say('what-it-may-be')} class="content-start">
		<h2 class="mb-1">{say('what-it-may-be')}</h2>
		{#if result.inPlay > 12}<p class="quiet text-sm">
				{say('wide-open-about-kinds', { inPlay: Math.round(result.inPlay) })}
			</p>{/if}
		<ul>
			{#each likely as { taxonId, stage, probability } (`${taxonId}/${stage}`)}
				<li
					class="border-base-300 grid grid-cols-[5rem_minmax(0,1fr)_auto] items-center gap-2 border-b py-1.5"
				>
					<span class="flex h-10 items-center justify-center overflow-hidden">
						<InsectDrawing {taxonId} {stage} scale={4.5} class="max-h-10 max-w-full" />
					</span>
					<span class="leading-tight">
						<a class="font-semibold hover:underline" href="/atlas/{taxonId}"
							>{say(naturalName(taxonId, stage))}</a
						>
						<span class="science block text-sm">{findTaxon(taxonId)?.scientificName}</span>
						<svg width="100%" height="6" aria-hidden="true" class="mt-1"
							><rect width="100%" height="6" fill="var(--color-base-200)" /><rect
								width="{Math.max(1, 100 * probability)}%"
								height="6"
								fill="var(--color-primary)"
							/></svg
						>
					</span>
					{#if take}
						<button type="button" class="pad min-h-11 px-2 text-sm" onclick={() => take.with(taxonId, stage)}
							>{take.label} <span class="sr-only">{say(naturalName(taxonId, stage))}</span></button
						>
					{:else}
						<span class="quiet w-20 text-right text-sm">{say(chanceWord(probability))}</span>
					{/if}
				</li>
			{/each}
			{#if take && answers.length > 0}
				{@const { group: kept, stage } = result.group}
				<li class="flex items-center justify-between gap-2 py-1.5">
					<span>{say('no-name-just', { name: within(naturalName(unnamedOf(kept), stage)) })}</span>
					<button
						type="button"
						class="pad min-h-11 px-2 text-sm"
						onclick={() => take.with(unnamedOf(kept), stage)}
						>{take.label} <span class="sr-only">{say(naturalName(unnamedOf(kept), stage))}</span></button
					>
				</li>
			{/if}
		</ul>
		{#if hasFinding}
			<label class="mt-2 flex min-h-11 items-center gap-2 text-sm">
				<input type="checkbox" class="checkbox" bind:checked={fromPlace} />
				{say('weigh-by-place-month')}
			</label>
		{/if}
		{#if answers.length > 0}
			<button type="button" class="link quiet text-sm" onclick={() => ([answers, goOn] = [[], false])}
				>{say('begin-again')}</button
			>
		{/if}
	</section>
</div>
