<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { SCHOOLS, type SchoolId } from '$lib/core/likeness';
	import type { FlyChoice, SchoolRanking } from '$lib/core/match';
	import type { Message } from '$lib/core/message';
	import { patternName, type Pattern } from '$lib/core/tackle';
	import FlyDrawing from '../drawing/FlyDrawing.svelte';
	import FlySize from '../drawing/FlySize.svelte';

	interface Props {
		flies: readonly FlyChoice[];
		school: SchoolId;
		/** What to mind of a build, and how to dress it; nothing until that is loaded. */
		tellBuild: (pattern: Pattern) => readonly Message[];
		onLine: { pattern: Pattern; hookSize: number } | undefined;
		/** Where the fly on the line is fished. */
		lineHref: string;
		/** What each school would tie on; asked when somebody wants to know. */
		compare: () => SchoolRanking[];
		ontie: (fly: FlyChoice) => void;
	}
	let { flies, school, tellBuild, onLine, lineHref, compare, ontie }: Props = $props();
	let comparing = $state(false);
	const { say, show } = useWords(words);
	const FIRST = 3;
	let all = $state(false);
	const shown = $derived(all ? flies : flies.slice(0, FIRST));
	const best = $derived(flies[0]?.score ?? 1);
	const hundredths = (share: number): number => Math.round(share * 100);
</script>

<div class="flex items-baseline justify-between">
	<h2>{say('tie-on')}</h2>
	{#if onLine}<a class="link text-sm font-semibold" href={lineHref}>{say('on-the-line')}</a>{:else}<p
			class="quiet text-sm"
		>
			{say(SCHOOLS[school].name)}
		</p>{/if}
</div>
<ol>
	{#each shown as fly, rank (fly.pattern.id)}
		{@const on = onLine?.pattern.id === fly.pattern.id && onLine.hookSize === fly.hookSize}
		<li
			class="border-base-300 grid grid-cols-[4.25rem_minmax(0,1fr)_auto] items-center gap-x-2.5 border-b py-1.5"
		>
			<div class="flex h-12 items-center overflow-hidden rounded bg-(--water-in-film) px-1">
				<FlyDrawing pattern={fly.pattern} hookSize={fly.hookSize} class="h-11 w-full" />
			</div>
			<div class="min-w-0">
				<p class="leading-tight font-bold">
					<span class="quiet">{rank + 1}</span>
					{say(patternName(fly.pattern))}
				</p>
				<p class="quiet text-sm leading-tight">
					<FlySize hookSize={fly.hookSize} dressedMm={fly.dressedMm} /> · {show({
						tippetMm: fly.tippetMm
					})}
					{#if fly.inBox !== undefined}· <span class={fly.inBox === 0 ? 'text-accent font-semibold' : ''}
							>{fly.inBox === 0 ? say('not-in-the-box') : say('in-the-box', { inBox: fly.inBox })}</span
						>{/if}
				</p>
				<svg width="100%" height="5" class="mt-1 block" aria-hidden="true">
					<rect width="100%" height="5" fill="var(--color-base-300)" opacity="0.6" />
					<rect width="{(100 * fly.score) / Math.max(best, 0.001)}%" height="5" fill="var(--color-primary)" />
				</svg>
			</div>
			<button
				type="button"
				class="btn btn-sm max-md:h-12 {on ? 'btn-primary' : 'btn-outline btn-primary'}"
				aria-label={say('on-the-line-tie', { on: on ? 'yes' : 'no', name: patternName(fly.pattern) })}
				onclick={() => ontie(fly)}>{on ? say('on') : say('tie-on')}</button
			>
			<div class="col-span-3 text-sm leading-snug">
				{#if fly.because[0]}{say(fly.because[0])}{/if}
				<details class="min-w-0 text-sm">
					<summary class="link quiet w-fit cursor-pointer">{say('why-and-how-near')}</summary>
					<ul class="list-disc pl-5">
						{#each fly.because.slice(1) as phrase, i (i)}<li>{say(phrase)}</li>{/each}
						<li>
							{say('likeness-posture-size-outline', {
								hundredths: hundredths(fly.likeness.posture),
								hundredths2: hundredths(fly.likeness.size),
								hundredths3: hundredths(fly.likeness.outline),
								hundredths4: hundredths(fly.likeness.colour),
								hundredths5: hundredths(fly.expectedLikeness),
								hundredths6: hundredths(fly.fitness)
							})}
						</li>
					</ul>
					<p class="mt-1 font-semibold">
						{say('leader-of-it-of', {
							distanceM: show({ distanceM: fly.rig.lengthM }),
							distanceM2: show({
								distanceM: fly.rig.parts.at(-1)?.lengthM ?? 0
							}),
							tippetMm: show({ tippetMm: fly.rig.tippetMm })
						})}
					</p>
					<ul class="list-disc pl-5">
						{#each fly.rig.because as phrase, i (i)}<li>{say(phrase)}</li>{/each}
						{#each fly.rig.knots as knot (knot.id)}<li>{say(knot)}</li>{/each}
						{#each tellBuild(fly.pattern) as line (line.id)}<li>
								{say(line)}
							</li>{/each}
						<li class="text-accent font-semibold">
							{say('glasses-on-hook-barbless')}
						</li>
					</ul>
				</details>
			</div>
		</li>
	{/each}
</ol>
{#if flies.length > FIRST}
	<button type="button" class="link quiet mt-1 min-h-8 text-sm" onclick={() => (all = !all)}>
		{all ? say('the-best-three-only') : say('more', { n: flies.length - FIRST })}
	</button>
{/if}
<details class="mt-1 text-sm" bind:open={comparing}>
	<summary class="link quiet min-h-8 cursor-pointer leading-8">{say('what-other-schools-would')}</summary>
	{#if comparing}
		<ul class="grid gap-2">
			{#each compare() as ranking (ranking.school)}
				<li>
					<p class="font-semibold">
						{say(SCHOOLS[ranking.school].name)}{ranking.school === school ? say('yours') : ''}
					</p>
					<p class="quiet">{say(SCHOOLS[ranking.school].consequence)}</p>
					<ol class="list-decimal pl-5">
						{#each ranking.flies as { pattern, hookSize, inBox } (pattern.id)}<li>
								{say(patternName(pattern))}, {show({ hookSize })}{inBox === 0 ? say('not-in-the-box-2') : ''}
							</li>{/each}
					</ol>
					{#if ranking.school !== school}
						<p class="quiet">
							{ranking.placeOfFirst
								? say('its-first-is-number', { placeOfFirst: ranking.placeOfFirst })
								: say('its-first-is-far')}
						</p>
					{/if}
				</li>
			{/each}
		</ul>
	{/if}
</details>
