<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { hypothesisWords } from '$lib/core/likeness';
	import { reasonsFor, strengthOf, worthOf, type Reading } from '$lib/core/reading';
	import { atStart, chanceWord } from '$lib/core/message';
	import Sheet from '../frame/Sheet.svelte';

	interface Props {
		reading: Reading;
		hypothesisId: string;
		onclose: () => void;
	}
	let { reading, hypothesisId, onclose }: Props = $props();
	const { say } = useWords(words);
	const belief = $derived(reading.beliefs.find(({ hypothesis }) => hypothesis.id === hypothesisId));
	const reasons = $derived(belief ? reasonsFor(reading, hypothesisId) : []);
	const most = $derived(Math.max(0.5, ...reasons.map(({ weight }) => Math.abs(weight))));
</script>

<Sheet
	title={say('why-2', { value: belief ? say(hypothesisWords(belief.hypothesis)) : say('this') })}
	{onclose}
>
	{#if belief}
		<p class="mb-2">
			{say('about-in-100', {
				word: atStart(chanceWord(belief.probability)),
				max: Math.max(1, Math.round(belief.probability * 20) * 5)
			})}
			{#if belief.hypothesis.kind === 'unseen'}
				{say('fish-often-eat-what')}
			{:else if belief.hypothesis.kind === 'anything'}
				{say('a-fish-on-nothing')}
			{:else if belief.hypothesis.kind === 'not-feeding'}
				{say('it-waits-for-something')}
			{:else if belief.hypothesis.kind === 'fading'}
				{say('what-a-hatch-leaves')}
			{:else if belief.hypothesis.kind === 'group'}
				{say('none-of-those-listed')}
			{/if}
		</p>
		<ul class="grid gap-2">
			{#each reasons as reason, i (i)}
				<li class="grid grid-cols-[1fr_8.5rem] items-center gap-3">
					<span>{say(reason.says)}</span>
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
						{say(strengthOf(reason.weight))}
						<span class="quiet block text-xs">{say(worthOf(reason, belief.probability))}</span>
					</span>
				</li>
			{/each}
		</ul>
		<p class="quiet mt-3 text-sm">
			{say('each-line-is-one')} <a class="link" href="/weights">{say('how-this-is-weighed')}</a>
		</p>
	{:else}
		<p>{say('at-this-moment-of')}</p>
	{/if}
</Sheet>
