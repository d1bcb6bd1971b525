<script lang="ts">
	import { patternName } from '$lib/core/tackle';
	import {
		taxonName,
		COLUMN_ZONES,
		findTaxon,
		GROUP_NAMES,
		STAGE_NAMES,
		ZONE_NAMES,
		type ColumnZone,
		naturalName
	} from '$lib/core/atlas';
	import { CERTAINTY_NAMES, type Belief, type Reading } from '$lib/core/reading';
	import { within, chanceWord } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { hypothesisName } from '$lib/core/likeness';
	import type { FlyChoice } from '$lib/core/match';
	import type { Outing } from '$lib/core/outing';
	import { RISE_FORM_NAMES } from '$lib/core/vocabulary';
	import FlyDrawing from '../drawing/FlyDrawing.svelte';
	import InsectDrawing from '../drawing/InsectDrawing.svelte';
	import Fish from './Fish.svelte';

	const { say } = useWords(words);

	interface Props {
		outing: Outing;
		reading: Reading;
		flies: readonly FlyChoice[];
		/** One fish is read, rather than the reach. */
		fish?: boolean | undefined;
		/** Which names come first: those of guides, or those of science. */
		names: 'common' | 'scientific';
		onwhy: (hypothesisId: string) => void;
	}
	let { outing, reading, flies, fish = false, names, onwhy }: Props = $props();

	const WORTH_A_BAND = 0.012;
	const MOST_BANDS = 9;
	/** Band length in % of its cell at a probability of 1; the rest is for the name. */
	const FULL = 60;

	const shown = $derived(
		reading.beliefs.filter((belief, i) => i < 4 || belief.probability >= WORTH_A_BAND).slice(0, MOST_BANDS)
	);
	const top = $derived(reading.beliefs[0]?.hypothesis);
	const bandsAt = (zone: ColumnZone) => shown.filter(({ hypothesis }) => hypothesis.zone === zone);
	const fliesAt = (zone: ColumnZone) => flies.slice(0, 4).filter((fly) => fly.zone === zone);
	const fishZone = $derived<ColumnZone>(
		top?.zone === 'bed' ? 'bed' : top?.zone === 'drift' ? 'drift' : 'under-film'
	);
	/** How many notes name this very natural. */
	const evidenceFor = ({ hypothesis: { kind, taxonId, stage } }: Belief) =>
		kind !== 'natural'
			? 0
			: outing.samples.filter(({ note }) =>
					note.body.lots.some((lot) => lot.taxonId === taxonId && lot.stage === stage)
				).length +
				outing.sightings.filter(({ note }) => note.body.taxonId === taxonId && note.body.stage === stage)
					.length;
	const rises = $derived.by(() => {
		const counts = new Map<string, number>();
		for (const { note } of outing.rises) {
			const name = say(within(RISE_FORM_NAMES[note.body.form]));
			counts.set(name, (counts.get(name) ?? 0) + 1);
		}
		return [...counts].map(([name, count]) => `${name} × ${count}`).join(' · ');
	});

	const BACKGROUNDS: Record<ColumnZone, string> = {
		air: 'bg-(--water-air)',
		'on-film': 'bg-(--water-on-film)',
		'in-film': 'bg-(--water-in-film)',
		'under-film': 'bg-(--water-under)',
		drift: 'bg-(--water-drift)',
		bed: 'bg-(--water-bed)'
	};
	const FILLS: Record<ColumnZone, string> = {
		air: 'var(--color-accent)',
		'on-film': 'var(--color-secondary)',
		'in-film': 'var(--color-primary)',
		'under-film': 'var(--color-primary)',
		drift: 'var(--quiet)',
		bed: 'var(--quiet)'
	};
	/** The guide's own name for it, or the Latin one, whichever comes first by the settings. */
	const nameOf = ({ hypothesis }: Belief) =>
		hypothesis.kind !== 'natural'
			? say(hypothesisName(hypothesis))
			: names === 'common'
				? say(naturalName(hypothesis.taxonId, hypothesis.stage))
				: `${latin(hypothesis.taxonId)} ${say(STAGE_NAMES[hypothesis.stage])}`;
	const besideOf = ({ hypothesis }: Belief) =>
		hypothesis.kind === 'unseen'
			? say(GROUP_NAMES[hypothesis.group])
			: hypothesis.kind === 'group'
				? say('no-name')
				: hypothesis.kind in STATES
					? say(STATES[hypothesis.kind as keyof typeof STATES])
					: names === 'common'
						? latin(hypothesis.taxonId)
						: say(taxonName(hypothesis.taxonId));
	const MARKS = { unseen: '?', group: '?', anything: '∗', 'not-feeding': '–', fading: '↓' } as const;
	/** What stands beside a fish that is on nothing by itself. */
	const STATES = { anything: 'whatever-comes', 'not-feeding': 'or-not-yet', fading: 'the-leavings' } as const;
	const latin = (taxonId: string) => findTaxon(taxonId)?.scientificName ?? taxonId;
</script>

<div class="desk:h-full flex flex-col" aria-label={say('water-column')} role="group">
	<div class="flex items-baseline justify-between bg-(--water-air) px-4 pt-3">
		<h2>{fish ? say('what-this-fish-is') : say('what-they-are-taking')}</h2>
		<p class="font-bold">
			{say(CERTAINTY_NAMES[reading.certainty.word])}{reading.certainty.mixed ? say('two-things-at-once') : ''}
		</p>
	</div>
	{#each COLUMN_ZONES as zone (zone)}
		{#if zone === 'in-film'}
			<div class="relative z-10">
				<div class="film-rule"></div>
				{#if rises}<p class="absolute right-3 -top-5 max-w-[70%] truncate text-xs" title={rises}>
						{say('rises', { rises })}
					</p>{/if}
			</div>
		{/if}
		<section
			class="relative flex flex-col border-b border-(--zone-edge) px-4 py-1.5 {BACKGROUNDS[zone]} {bandsAt(
				zone
			).length > 0 ||
			zone === fishZone ||
			zone === 'bed'
				? 'min-h-16 desk:grow'
				: 'min-h-8'}"
			aria-label={say(ZONE_NAMES[zone])}
		>
			<div class="flex gap-2">
				<ul class="min-w-0 flex-1">
					{#each bandsAt(zone) as belief (belief.hypothesis.id)}
						{@const { hypothesis, probability } = belief}
						<li>
							<button
								type="button"
								class="desk:grid-cols-[2.25rem_4.75rem_minmax(0,1fr)] grid w-full grid-cols-[1.1rem_3.25rem_minmax(0,1fr)] items-center gap-1 rounded py-1 text-left decoration-1 underline-offset-2 hover:underline"
								aria-label={say('why', {
									nameOf: nameOf(belief),
									besideOf: besideOf(belief),
									probabilityWord: chanceWord(probability)
								})}
								onclick={() => onwhy(hypothesis.id)}
							>
								<svg width="100%" height="20" aria-hidden="true">
									{#each { length: Math.min(8, evidenceFor(belief)) }, i (i)}
										<rect
											x={(i % 3) * 6}
											y={Math.floor(i / 3) * 7}
											width="3.5"
											height="5.5"
											fill="var(--color-accent)"
										/>
									{/each}
								</svg>
								<span class="flex h-9 items-center justify-center">
									{#if hypothesis.kind !== 'natural'}
										<span class="text-2xl font-bold" aria-hidden="true">{MARKS[hypothesis.kind]}</span>
									{:else}
										<InsectDrawing
											taxonId={hypothesis.taxonId}
											stage={hypothesis.stage}
											lengthMm={hypothesis.lengthMm}
											class="max-h-9 w-full"
										/>
									{/if}
								</span>
								<span class="flex min-w-0 flex-wrap items-center gap-x-2 gap-y-1">
									<svg
										width="{(probability * FULL).toFixed(2)}%"
										height="30"
										class="aside:h-3 desk:h-[30px] block h-3 min-w-0.5 shrink-0"
										aria-hidden="true"
									>
										<rect
											width="100%"
											height="100%"
											fill={FILLS[zone]}
											rx="1"
											opacity={hypothesis.id === top?.id ? 1 : 0.78}
										/>
									</svg>
									<span class="min-w-32 flex-1 basis-32 leading-tight">
										<span class="block text-sm font-bold first-letter:uppercase">{nameOf(belief)}</span>
										<span class="block text-[0.8rem]"
											><span class={names === 'common' && hypothesis.kind === 'natural' ? 'science' : ''}
												>{besideOf(belief)}</span
											>
											· <span class="whitespace-nowrap">{say(chanceWord(probability))}</span></span
										>
									</span>
								</span>
							</button>
						</li>
					{/each}
				</ul>
				<div class="desk:w-16 flex w-12 shrink-0 flex-col items-end justify-center gap-1">
					{#each fliesAt(zone) as fly (fly.pattern.id)}
						<span class="flex w-full items-center gap-1" title={say(patternName(fly.pattern))}>
							<span class="text-xs font-bold">{flies.indexOf(fly) + 1}</span>
							<FlyDrawing
								pattern={fly.pattern}
								hookSize={fly.hookSize}
								class="h-8 min-w-0 flex-1 overflow-hidden"
							/>
						</span>
					{/each}
				</div>
			</div>
			{#if zone === fishZone}<Fish class="ml-auto h-12 w-32" />{/if}
			<p class="relative z-10 mt-auto text-xs">{say(ZONE_NAMES[zone])}</p>
			{#if zone === 'bed'}
				<svg
					class="absolute inset-x-0 bottom-0 -z-0 h-7 w-full"
					viewBox="0 0 600 28"
					preserveAspectRatio="none"
					aria-hidden="true"
				>
					<path
						d="M0 28C20 4 90 4 110 28ZM90 28c30-22 110-22 140 0ZM220 28c20-28 120-28 150 0ZM360 28c25-18 90-18 120 0ZM460 28c20-26 120-26 140 0Z"
						fill="var(--water-stone)"
					/>
				</svg>
			{/if}
		</section>
	{/each}
</div>
