<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import type { Advice } from '$lib/core/advice';
	import type { FlyPair } from '$lib/core/match';
	import type { RigBody } from '$lib/core/note';
	import { flyWords, tippetMm, patternName } from '$lib/core/tackle';
	import type { Rig } from '$lib/core/rig';
	import FlyDrawing from '../drawing/FlyDrawing.svelte';

	interface Props {
		asked: Rig;
		/** As it is noted to be rigged. */
		rig: RigBody | undefined;
		tippet: Advice['tippet'];
		pair: FlyPair | undefined;
		onasked: () => void;
		/** Trees behind, weed beside the fish. */
		onaround: (around: Pick<RigBody, 'tight' | 'weed'>) => void;
		onpair: (pair: FlyPair) => void;
	}
	let { asked, rig, tippet, pair, onasked, onaround, onpair }: Props = $props();
	const { range, say, show } = useWords(words);
	const wantedM = $derived(asked.parts.at(-1)?.lengthM ?? 0);
	/** Lengths along the drawing, butt to fly. */
	const parts = $derived.by(() => {
		let from = 0;
		return asked.parts.map((part) => {
			const start = from;
			from += part.lengthM;
			return { ...part, start };
		});
	});
	const fullM = $derived(Math.max(rig?.tippetM ?? wantedM, wantedM));
	const spaced = $derived(
		pair && range({ distanceM: pair.distanceM.least }, { distanceM: pair.distanceM.most })
	);
	const AROUND = ['tight', 'weed'] as const;
	const WHERE = {
		flush: say('behind-flush-in-the'),
		hanging: say('behind-hanging-in-the'),
		nymph: say('beneath-as-a-nymph'),
		'heavy-point': say('heavy-on-the-point'),
		'light-trails': say('light-trailing')
	};
</script>

<section aria-label={say('rig')}>
	<h2>{say('rig')}</h2>
	<p class="font-semibold">
		{say('leader-of-it-of', {
			distanceM: show({ distanceM: asked.lengthM }),
			distanceM2: show({ distanceM: wantedM }),
			tippetMm: show({
				tippetMm: asked.tippetMm
			})
		})}
	</p>
	<svg
		viewBox="0 0 {asked.lengthM} 0.3"
		preserveAspectRatio="none"
		class="mt-1 block h-5 w-full"
		aria-hidden="true"
	>
		{#each parts as { name, start, lengthM, diameterMm }, i (name.id)}
			<rect
				x={start}
				y={0.15 - 0.22 * diameterMm}
				width={lengthM}
				height={0.44 * diameterMm}
				fill={i === parts.length - 1 ? 'var(--color-accent)' : 'var(--color-primary)'}
			/>
		{/each}
	</svg>
	<p class="quiet flex justify-between text-xs">
		{#each asked.parts as { name, lengthM, diameterMm } (name.id)}<span
				>{say(name)} {show({ distanceM: lengthM })}, {diameterMm.toFixed(2)} mm</span
			>{/each}
	</p>
	<p class="text-sm">
		{asked.strengthN[0] === asked.strengthN[1]
			? say('tippet-breaks-by-spool', { strengthN: show({ strengthN: asked.strengthN[0] }) })
			: say('tippet-breaks-at-about', {
					strengthN: show({ strengthN: asked.strengthN[0] }),
					strengthN2: show({
						strengthN: asked.strengthN[1]
					})
				})}
	</p>
	<div class="mt-1 grid grid-cols-2 gap-2">
		{#each AROUND as id (id)}
			<button
				type="button"
				class="btn h-12 {rig?.[id] ? 'btn-primary' : 'btn-outline'}"
				aria-pressed={rig?.[id] ?? false}
				onclick={() => onaround({ [id]: !rig?.[id] })}>{say(id)}</button
			>
		{/each}
	</div>
	<details class="text-sm">
		<summary class="link quiet min-h-8 cursor-pointer leading-8">{say('why-and-the-knots')}</summary>
		<ul class="list-disc pl-5">
			{#each asked.because as phrase, i (i)}<li>{say(phrase)}</li>{/each}
			{#each asked.knots as knot (knot.id)}<li>{say(knot)}</li>{/each}
		</ul>
	</details>

	<h3 class="mt-2 font-bold">{say('tippet-left')}</h3>
	<p class="text-sm {tippet.short ? 'text-accent font-semibold' : ''}">
		{#if !rig}
			{say('not-noted-yet-say')}
		{:else if tippet.short}
			{say('of-under-what-this', {
				distanceM: show({ distanceM: tippet.leftM }),
				tippetMm: show({ tippetMm: tippetMm(tippet.x) })
			})}
		{:else}
			{say('of-after-bears-more', {
				distanceM: show({ distanceM: tippet.leftM }),
				tippetMm: show({ tippetMm: tippetMm(tippet.x) }),
				value: tippet.changes === 1 ? say('1-change') : say('changes', { changes: tippet.changes }),
				changesLeft: tippet.changesLeft
			})}
		{/if}
	</p>
	{#if rig}
		<svg
			width="100%"
			height="10"
			class="mt-1 block"
			role="img"
			aria-label={say('tippet-left-2', { distanceM: show({ distanceM: tippet.leftM }) })}
		>
			<rect width="100%" height="10" fill="var(--color-base-200)" />
			<rect width="{(100 * tippet.leftM) / fullM}%" height="10" fill="var(--color-accent)" />
			<line
				x1="{(100 * wantedM) / fullM}%"
				x2="{(100 * wantedM) / fullM}%"
				y1="0"
				y2="10"
				stroke="currentColor"
				stroke-width="2"
			/>
		</svg>
	{/if}
	<button type="button" class="btn btn-outline btn-primary mt-2 h-12 w-full" onclick={onasked}
		>{rig ? say('new-leader-and-tippet') : say('rigged-as-asked')}</button
	>

	{#if pair}
		<h3 class="mt-3 font-bold">{say('two-flies')}</h3>
		<p class="text-sm {pair.worthIt ? 'font-semibold' : 'quiet'}">
			{pair.worthIt ? say('worth-it-here') : say('one-fly-does-as')}
		</p>
		<ol class="mt-1 grid gap-1 text-sm">
			{#each [pair.lead, pair.second] as fly, i (fly.pattern.id)}
				<li class="grid grid-cols-[4rem_1fr] items-center gap-2">
					<span class="flex h-11 items-center overflow-hidden rounded bg-(--water-in-film) px-1">
						<FlyDrawing pattern={fly.pattern} hookSize={fly.hookSize} class="h-9 w-full" />
					</span>
					<span
						><b>{say(patternName(fly.pattern))}</b>, {show({ hookSize: fly.hookSize })}
						<span class="quiet">{i === 0 ? say('leads') : `${spaced} ${WHERE[pair.fishes]}`}</span
						>{#if fly.inBox === 0}<span class="text-accent font-semibold">{say('not-in-the-box')}</span
							>{/if}</span
					>
				</li>
			{/each}
		</ol>
		<ul class="mt-1 list-disc pl-5 text-sm">
			{#each pair.because as phrase, i (i)}<li>{say(phrase)}</li>{/each}
		</ul>
		<button type="button" class="btn btn-outline mt-2 h-12 w-full" onclick={() => onpair(pair)}
			>{say('rig-these-two')}</button
		>
		{#each [rig?.second, rig?.third] as fly, i (i)}
			{#if fly}
				<p class="mt-1 text-sm">
					{say('on-now-behind', {
						flyWords: flyWords(fly),
						hookSize: show({ hookSize: fly.hookSize }),
						distanceM: show({ distanceM: fly.distanceM })
					})}
				</p>
			{/if}
		{/each}
	{/if}
</section>
