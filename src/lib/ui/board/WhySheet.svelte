<script lang="ts">
	import { hypothesisPhrase } from '$lib/core/likeness';
	import { reasonsFor, weightWords, type Reading } from '$lib/core/reading';
	import { probabilityWord } from '$lib/core/units';
	import Sheet from '../frame/Sheet.svelte';
	import { useUnits } from '../units';

	interface Props {
		reading: Reading;
		hypothesisId: string;
		onclose: () => void;
	}
	let { reading, hypothesisId, onclose }: Props = $props();
	const { say } = useUnits();
	const belief = $derived(reading.beliefs.find(({ hypothesis }) => hypothesis.id === hypothesisId));
	const reasons = $derived(belief ? reasonsFor(reading, hypothesisId) : []);
	const most = $derived(Math.max(0.5, ...reasons.map(({ weight }) => Math.abs(weight))));
</script>

<Sheet title="Why {belief ? hypothesisPhrase(belief.hypothesis) : 'this'}?" {onclose}>
	{#if belief}
		<p class="mb-2">
			{probabilityWord(belief.probability).replace(/^./, (c) => c.toUpperCase())}: about {Math.max(
				1,
				Math.round(belief.probability * 20) * 5
			)} in 100.
			{#if belief.hypothesis.kind === 'unseen'}
				Fish often eat what nobody can see in the film. It stays open until something settles it.
			{:else if belief.hypothesis.kind === 'anything'}
				A fish on nothing in particular takes any fair fly that comes well.
			{/if}
		</p>
		<ul class="grid gap-2">
			{#each reasons as reason, i (i)}
				<li class="grid grid-cols-[1fr_8.5rem] items-center gap-3">
					<span>{say(reason)}</span>
					<span class="text-sm">
						<svg width="100%" height="10" aria-hidden="true">
							<line x1="50%" x2="50%" y1="0" y2="10" stroke="currentColor" />
							{#if reason.weight > 0}
								<rect
									x="50%"
									y="1"
									height="8"
									width="{(50 * reason.weight) / most}%"
									fill="var(--color-primary)"
								/>
							{:else}
								<rect
									x="{50 + (50 * reason.weight) / most}%"
									y="1"
									height="8"
									width="{(-50 * reason.weight) / most}%"
									fill="var(--color-accent)"
								/>
							{/if}
						</svg>
						{weightWords(reason.weight).strength}
						<span class="quiet block text-xs">{weightWords(reason.weight).odds}</span>
					</span>
				</li>
			{/each}
		</ul>
		<p class="quiet mt-3 text-sm">
			Each line is one weight of evidence against the average of all that could be eaten here; together they
			make the probability. <a class="link" href="/weights">How this is weighed</a>
		</p>
	{:else}
		<p>At this moment of the day it was not among what could be eaten here.</p>
	{/if}
</Sheet>
