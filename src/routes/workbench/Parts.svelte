<script lang="ts">
	import { untrack } from 'svelte';
	import { adviceFor } from '$lib/core/advice';
	import { findTaxon } from '$lib/core/atlas';
	import { isParticular } from '$lib/core/likeness';
	import { compareSchools, pairFor } from '$lib/core/match';
	import { PATTERNS } from '$lib/core/tackle';
	import { RISE_FORMS } from '$lib/core/vocabulary';
	import TaxonRow from '$lib/ui/atlas/TaxonRow.svelte';
	import AddNote from '$lib/ui/board/AddNote.svelte';
	import { Board } from '$lib/ui/board/board.svelte';
	import DayStrip from '$lib/ui/board/DayStrip.svelte';
	import Fish from '$lib/ui/board/Fish.svelte';
	import LookNext from '$lib/ui/board/LookNext.svelte';
	import NoteList from '$lib/ui/board/NoteList.svelte';
	import Now from '$lib/ui/board/Now.svelte';
	import TieOn from '$lib/ui/board/TieOn.svelte';
	import WaterColumn from '$lib/ui/board/WaterColumn.svelte';
	import FlyDrawing from '$lib/ui/drawing/FlyDrawing.svelte';
	import InsectDrawing from '$lib/ui/drawing/InsectDrawing.svelte';
	import MarkDrawing from '$lib/ui/drawing/MarkDrawing.svelte';
	import RiseDrawing from '$lib/ui/drawing/RiseDrawing.svelte';
	import Choice from '$lib/ui/frame/Choice.svelte';
	import Choices from '$lib/ui/frame/Choices.svelte';
	import Field from '$lib/ui/frame/Field.svelte';
	import Mark from '$lib/ui/frame/Mark.svelte';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import QrCode from '$lib/ui/frame/QrCode.svelte';
	import Stepper from '$lib/ui/frame/Stepper.svelte';
	import Table from '$lib/ui/frame/Table.svelte';
	import Key from '$lib/ui/key/Key.svelte';
	import { tellBuild } from '$lib/ui/board/tell-build';
	import Below from '$lib/ui/line/Below.svelte';
	import HowItWent from '$lib/ui/line/HowItWent.svelte';
	import Session from '$lib/ui/line/Session.svelte';
	import BesideNatural from '$lib/ui/line/BesideNatural.svelte';
	import DriftPads from '$lib/ui/line/DriftPads.svelte';
	import FishLength from '$lib/ui/line/FishLength.svelte';
	import RigCard from '$lib/ui/line/RigCard.svelte';
	import StillWater from '$lib/ui/line/StillWater.svelte';
	import WhatNext from '$lib/ui/line/WhatNext.svelte';
	import ConditionsForm from '$lib/ui/notes/ConditionsForm.svelte';
	import NaturalPicker from '$lib/ui/notes/NaturalPicker.svelte';
	import PadCounter from '$lib/ui/notes/PadCounter.svelte';
	import RemarkForm from '$lib/ui/notes/RemarkForm.svelte';
	import RisePad from '$lib/ui/notes/RisePad.svelte';
	import SightingForm from '$lib/ui/notes/SightingForm.svelte';
	import TodayComparison from '$lib/ui/notes/TodayComparison.svelte';
	import TrayLot from '$lib/ui/notes/TrayLot.svelte';
	import TrayNumbers from '$lib/ui/notes/TrayNumbers.svelte';
	import { useCourier } from '$lib/ui/outbox/courier.svelte';
	import BeginWatch from '$lib/ui/watch/BeginWatch.svelte';
	import FishReading from '$lib/ui/watch/FishReading.svelte';
	import NumberTable from '$lib/ui/weighing/NumberTable.svelte';
	import { shownChapters } from '$lib/weighing';
	import type { PageData } from './$types';
	import Part from './Part.svelte';

	let { data, name }: { data: PageData; name: string } = $props();
	const board = untrack(
		() =>
			new Board({
				...data,
				account: data.me ?? { id: '', name: '' },
				courier: useCourier(),
				weighing: data.settings.weighing
			})
	);
	const nothing = () => undefined;
	const { timeZone } = untrack(() => data.outing.reach);
	const pair = $derived(pairFor(board.outing, board.reading, board.options));
	const advice = $derived(adviceFor(board.outing, board.reading, board.options));
	const nymph = PATTERNS.find(({ style }) => style === 'case-nymph');
	const fly = $derived(board.onLine ?? board.flies[0]);
	const natural = $derived(
		board.reading.beliefs.find(({ hypothesis }) => isParticular(hypothesis))?.hypothesis
	);
	const sample = $derived(board.outing.samples.at(-1)?.note.body);
	const tables = untrack(() => shownChapters(data.settings.weighing)).flatMap((chapter) => chapter.tables);
	let water = $state<number | undefined>(9.4);
	let chosen = $state('b');
	let waterM = $state(4);
	let fishedM = $state<number | undefined>();
</script>

<Part file="frame/PageHead"><PageHead title={data.outing.reach.name} detail={data.outing.reach.water} /></Part
>
<Part file="frame/Mark"><Mark class="size-10" /></Part>
<Part file="frame/Stepper">
	<Stepper
		label={name}
		bind:value={water}
		measure="temperatureC"
		usual={8}
		steps={[0.1, 1]}
		least={0}
		most={30}
	/>
</Part>
<Part file="frame/Field"><Field label={name}><input class="input h-12 w-full" value={name} /></Field></Part>
<Part file="frame/Choice">
	<Choice label={name} bind:value={chosen}><option value="a">A</option><option value="b">B</option></Choice>
</Part>
<Part file="frame/Choices">
	<Choices
		legend={name}
		name="choices-{name}"
		bind:value={chosen}
		choices={['a', 'b', 'c'].map((value) => ({ value, label: value }))}
	/>
</Part>
<Part file="frame/Table">
	<Table label={name} columns={['A', 'B']}><tr><td>1</td><td>2</td></tr></Table>
</Part>
<Part file="frame/QrCode"><QrCode text={name} label={name} class="size-24" /></Part>
<Part file="btn">
	<div class="flex flex-wrap gap-2">
		{#each ['btn-primary', 'btn-accent', 'btn-outline', 'btn-ghost', ''] as look (look)}
			<button type="button" class="btn {look}">{look || 'btn'}</button>
		{/each}
		<button type="button" class="pad px-4">pad</button>
		<button type="button" class="btn btn-primary" disabled>disabled</button>
	</div>
</Part>

<Part file="drawing/InsectDrawing">
	{#each ['nymph', 'emerger', 'dun', 'spinner'] as const as stage (stage)}
		<InsectDrawing taxonId="baetis" {stage} scale={6} class="inline-block" />
	{/each}
</Part>
<Part file="drawing/FlyDrawing">
	{#each PATTERNS.slice(0, 6) as pattern (pattern.id)}
		<FlyDrawing {pattern} hookSize={pattern.sizes[0] ?? 14} class="inline-block w-24" />
	{/each}
</Part>
<Part file="drawing/RiseDrawing">
	{#each RISE_FORMS as form (form)}<RiseDrawing {form} class="inline-block h-8 w-12" />{/each}
</Part>
<Part file="drawing/MarkDrawing"><MarkDrawing mark="tails" state="2" class="h-16" /></Part>
<Part file="atlas/TaxonRow">
	{@const taxon = findTaxon('baetis')}
	{#if taxon}<ul><TaxonRow {taxon} /></ul>{/if}
</Part>

<Part file="board/Now"><Now conditions={board.outing.conditions} /></Part>
<Part file="board/DayStrip">
	<DayStrip
		place={data.outing.reach.place}
		{timeZone}
		outing={board.outing}
		present={board.present}
		at={board.at}
		replaying={board.replayAt !== undefined}
		expected={(from, to) => board.expected(from, to)}
		ticks={board.outbox.notes}
		onreplay={(at) => (board.replayAt = at)}
	/>
</Part>
<Part file="board/WaterColumn">
	<WaterColumn
		names={data.settings.names}
		outing={board.outing}
		reading={board.reading}
		flies={board.flies}
		onwhy={nothing}
	/>
</Part>
<Part file="board/TieOn">
	<TieOn
		flies={board.flies}
		school={data.settings.school}
		tellBuild={(pattern) => tellBuild(pattern, data.settings.softFeathers)}
		onLine={board.onLine}
		lineHref="/bank"
		compare={() => compareSchools(board.outing, board.reading, board.options)}
		ontie={nothing}
	/>
</Part>
<Part file="board/LookNext"><LookNext observations={board.next} /></Part>
<Part file="board/NoteList">
	<NoteList live={board.outing.live} here={board.outbox.here} {timeZone} onopen={nothing} />
</Part>
<Part file="board/AddNote"><AddNote trayHref="/bank" watchHref="/bank" onadd={nothing} /></Part>
<Part file="board/Fish"><Fish class="h-8" /></Part>

<Part file="notes/RisePad"><RisePad onsay={nothing} onclose={nothing} /></Part>
<Part file="notes/SightingForm">
	<SightingForm beliefs={board.reading.beliefs} onsay={nothing} onclose={nothing} />
</Part>
<Part file="notes/ConditionsForm">
	<ConditionsForm current={board.outing.conditions} usualWaterC={8} onsay={nothing} onclose={nothing} />
</Part>
<Part file="notes/RemarkForm"><RemarkForm onsay={nothing} onclose={nothing} /></Part>
<Part file="notes/NaturalPicker">
	<NaturalPicker beliefs={board.reading.beliefs} method="surface-net" onpick={nothing} />
</Part>
<Part file="notes/PadCounter"><PadCounter pads={{ pale: 3, dark: 2, black: 1 }} onchange={nothing} /></Part>
{#if sample}
	{#if sample.lots[0]}
		<Part file="notes/TrayLot">
			<TrayLot lot={sample.lots[0]} share={0.4} longestMm={12} onchange={nothing} ondrop={nothing} />
		</Part>
	{/if}
	<Part file="notes/TrayNumbers"><TrayNumbers {sample} waterC={9} /></Part>
{/if}
<Part file="notes/TodayComparison"><TodayComparison outing={board.outing} /></Part>

<Part file="watch/BeginWatch"><BeginWatch still={false} onbegin={nothing} /></Part>
<Part file="watch/FishReading">
	<FishReading reading={board.reading} change={undefined} {timeZone} onwhy={nothing} />
</Part>

{#if natural && fly}
	<Part file="line/BesideNatural">
		<BesideNatural
			{natural}
			pattern={fly.pattern}
			hookSize={fly.hookSize}
			dressedMm={board.flies[0]?.dressedMm ?? 8}
		/>
	</Part>
{/if}
{#if advice}
	<Part file="line/DriftPads">
		<DriftPads seen={advice.seen} tally={advice.tally} inBox={2} onhappened={nothing} onused={nothing} />
	</Part>
	<Part file="line/WhatNext">
		<WhatNext
			{advice}
			restUntil={undefined}
			now={board.present}
			{timeZone}
			onfollow={nothing}
			ondecline={nothing}
			onrested={nothing}
		/>
	</Part>
	{#if board.rigAsked}
		<Part file="line/RigCard">
			<RigCard
				asked={board.rigAsked}
				rig={board.rig}
				tippet={advice.tippet}
				{pair}
				onaround={nothing}
				onasked={nothing}
				onpair={nothing}
			/>
		</Part>
	{/if}
{/if}
<Part file="line/StillWater"
	><StillWater
		outing={board.outing}
		bind:waterM
		bind:fishedM
		moved="still"
		onmoved={nothing}
		list={() => board.flies}
		onspread={nothing}
	/></Part
>
{#if nymph}
	<Part file="line/Below"
		><Below
			outing={board.outing}
			fly={{ pattern: nymph, hookSize: 16 }}
			tippetMm={0.15}
			hooks={undefined}
			rig={undefined}
			onrig={nothing}
		/></Part
	>
	<Part file="line/HowItWent"
		><HowItWent
			took={{ patternId: nymph.id, hookSize: 16, outcome: 'landed', part: 'swinging', foughtMin: 3 }}
			below
			onsay={nothing}
		/></Part
	>
{/if}
<Part file="line/Session"><Session outing={board.outing} angler="" /></Part>
<Part file="line/FishLength"><FishLength lengthMm={340} onsay={nothing} /></Part>
<Part file="key/Key"><Key /></Part>
{#each tables.slice(0, 2) as table (table.id)}
	<Part file="weighing/NumberTable"><NumberTable {table} /></Part>
{/each}
