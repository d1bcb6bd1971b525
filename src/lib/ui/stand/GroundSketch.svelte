<script lang="ts">
	import { untrack } from 'svelte';
	import type { Ground } from '$lib/core/approach';
	import { inLanes } from '$lib/core/drift';
	import type { GroundBody } from '$lib/core/note';
	import { COMPASS, COMPASS_STEP_DEG, compassPoint } from '$lib/core/units';
	import {
		BANKS,
		BANK_NAMES,
		COMPASS_NAMES,
		LAKE_REACHES,
		LANES,
		REACH_KIND_NAMES,
		RIVER_REACHES,
		type BankSide
	} from '$lib/core/vocabulary';
	import Choices from '$lib/ui/frame/Choices.svelte';
	import Stepper from '$lib/ui/frame/Stepper.svelte';
	import { useWords } from '$lib/ui/writers';
	import FloatTest from './FloatTest.svelte';
	import words from './words';

	interface Props {
		ground: Ground;
		still: boolean;
		onkeep: (body: GroundBody) => void;
	}
	let { ground, still, onkeep }: Props = $props();
	const { say, show } = useWords(words);

	let lanes = $state.raw(untrack(() => ground.lanes.map((lane) => ({ ...lane }))));
	let flow = $state(untrack(() => (ground.flowDeg === undefined ? '' : compassPoint(ground.flowDeg))));
	let banks = $state.raw(
		untrack(() => ({ left: { ...ground.banks.left }, right: { ...ground.banks.right } }))
	);
	let open = $state(0);
	/** Changed since it was kept. */
	let sketched = $state(untrack(() => !ground.usual));
	const lane = $derived(lanes[open]);

	function number(count: number) {
		lanes = inLanes(lanes, count);
		open = Math.min(open, lanes.length - 1);
		sketched = true;
	}
	function setLane(change: Partial<Ground['lanes'][number]>) {
		lanes = lanes.map((one, i) => (i === open ? { ...one, ...change } : one));
		sketched = true;
	}
	const setBank = (side: BankSide, change: Partial<Ground['banks']['left']>) => {
		banks = { ...banks, [side]: { ...banks[side], ...change } };
	};
	function keep() {
		const pointAt = COMPASS.findIndex((point) => point === flow);
		onkeep({
			...(pointAt >= 0 && { flowDeg: pointAt * COMPASS_STEP_DEG }),
			...(sketched && lanes.length > 0 && { lanes }),
			left: banks.left,
			right: banks.right
		});
	}
</script>

<div class="grid gap-4">
	<Choices
		legend={say('kind-of-reach')}
		name="reach-kind"
		columns="grid-cols-2 sm:grid-cols-4"
		value={ground.kind}
		choices={(still ? LAKE_REACHES : RIVER_REACHES).map((kind) => ({
			value: kind,
			label: say(REACH_KIND_NAMES[kind])
		}))}
		onchange={(kind) => {
			const reachKind = [...RIVER_REACHES, ...LAKE_REACHES].find((one) => one === kind);
			if (reachKind) onkeep({ reachKind });
		}}
	/>
	{#if !still}
		<Choices
			legend={say('flows-to')}
			name="flows-to"
			columns="grid-cols-4"
			bind:value={flow}
			choices={COMPASS.map((point) => ({ value: point, label: say(COMPASS_NAMES[point]) }))}
		/>
		<div class="grid gap-2" role="group" aria-label={say('lanes')}>
			<div class="flex items-center justify-between gap-2">
				<h3>{say('lanes')}</h3>
				<div class="flex gap-1.5">
					<button
						type="button"
						class="btn btn-outline size-12"
						aria-label={say('one-lane-fewer')}
						disabled={lanes.length <= LANES.least}
						onclick={() => number(lanes.length - 1)}>−</button
					>
					<button
						type="button"
						class="btn btn-outline size-12"
						aria-label={say('one-lane-more')}
						disabled={lanes.length >= LANES.most}
						onclick={() => number(lanes.length + 1)}>+</button
					>
				</div>
			</div>
			<p class="quiet text-sm">{say('lanes-from-left')}</p>
			<div class="flex flex-wrap gap-1.5" role="group" aria-label={say('which-lane')}>
				{#each lanes as one, i (i)}
					<button
						type="button"
						class="btn h-14 min-w-12 flex-1 flex-col gap-0 px-1 {open === i ? 'btn-primary' : 'btn-outline'}"
						aria-pressed={open === i}
						aria-label={say('lane-is', {
							lane: i + 1,
							width: show({ distanceM: one.widthM }),
							depth: show({ distanceM: one.depthM }),
							speed: show({ currentMs: one.speedMs })
						})}
						onclick={() => (open = i)}
					>
						<span>{i + 1}</span><span class="text-xs font-normal">{show({ currentMs: one.speedMs })}</span>
					</button>
				{/each}
			</div>
			{#if lane}
				<Stepper
					label={say('width-of-lane', { lane: open + 1 })}
					bind:value={() => lane.widthM, (value) => value !== undefined && setLane({ widthM: value })}
					usual={lane.widthM}
					steps={[0.5, 2]}
					least={0.5}
					most={60}
					measure="distanceM"
				/>
				<Stepper
					label={say('depth-of-lane', { lane: open + 1 })}
					bind:value={() => lane.depthM, (value) => value !== undefined && setLane({ depthM: value })}
					usual={lane.depthM}
					steps={[0.1, 0.5]}
					least={0.1}
					most={10}
					measure="distanceM"
				/>
				<Stepper
					label={say('speed-of-lane', { lane: open + 1 })}
					bind:value={() => lane.speedMs, (value) => value !== undefined && setLane({ speedMs: value })}
					usual={lane.speedMs}
					steps={[0.05, 0.2]}
					least={0}
					most={4}
					measure="currentMs"
				/>
				{#key open}<FloatTest onmeasured={(speedMs) => setLane({ speedMs })} />{/key}
			{/if}
		</div>
		{#each BANKS as side (side)}
			<div class="grid gap-2" role="group" aria-label={say(BANK_NAMES[side])}>
				<h3>{say(BANK_NAMES[side])}</h3>
				<Stepper
					label={say('height-of', { side })}
					bind:value={() => banks[side].heightM, (value) => setBank(side, { heightM: value ?? 0 })}
					usual={0.3}
					steps={[0.1, 0.5]}
					least={0}
					most={20}
					measure="distanceM"
				/>
				<Stepper
					label={say('trees-of', { side })}
					bind:value={() => banks[side].treesM, (value) => setBank(side, { treesM: value ?? 0 })}
					usual={0}
					steps={[1, 5]}
					least={0}
					most={60}
					measure="distanceM"
				/>
			</div>
		{/each}
		<button type="button" class="btn btn-primary h-14 text-base" onclick={keep}>{say('keep-sketch')}</button>
	{/if}
</div>
