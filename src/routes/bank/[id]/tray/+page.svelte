<script lang="ts">
	import { joined } from '$lib/core/message';
	import {
		findStage,
		findTaxon,
		groupOfUnnamed,
		unnamedOf,
		naturalWords,
		SHADES,
		type Group,
		type LifeStage
	} from '$lib/core/atlas';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import type { Lot, SampleBody, UnnamedLot } from '$lib/core/note';
	import { METHODS, stageMet } from '$lib/core/reading';
	import { predatorsAmong } from '$lib/core/tray';
	import {
		HABITAT_NAMES,
		HABITATS,
		METHOD_NAMES,
		SAMPLE_METHODS,
		type Habitat,
		type SampleMethod
	} from '$lib/core/vocabulary';
	import { useBoard } from '$lib/ui/board/context';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import { stillWrong } from '$lib/ui/frame/still-wrong';
	import Choices from '$lib/ui/frame/Choices.svelte';
	import type { BenchFinding } from '$lib/ui/bench/bench.svelte';
	import PhotoBench from '$lib/ui/bench/PhotoBench.svelte';
	import Sheet from '$lib/ui/frame/Sheet.svelte';
	import Key from '$lib/ui/key/Key.svelte';
	import NaturalPicker from '$lib/ui/notes/NaturalPicker.svelte';
	import TodayComparison from '$lib/ui/notes/TodayComparison.svelte';
	import TrayNumbers from '$lib/ui/notes/TrayNumbers.svelte';
	import TrayLot from '$lib/ui/notes/TrayLot.svelte';
	import UnnamedLotRow from '$lib/ui/notes/UnnamedLot.svelte';
	import { measuredAnswers, type MeasuredAnimal } from '$lib/core/key';
	import { fetchAsGuide } from '$lib/ui/guide.svelte';
	import Choice from '$lib/ui/frame/Choice.svelte';
	import type { PageData } from './$types';

	const { say } = useWords(words);
	type OnTray = UnnamedLot & { benched?: Omit<MeasuredAnimal, 'lengthMm'> };

	let { data }: { data: PageData } = $props();
	const board = useBoard();

	const correcting = board.outing.samples.find(
		({ note }) => note.id === page.url.searchParams.get('correct')
	)?.note;
	let method = $state<string>(correcting?.body.method ?? 'surface-net');
	let lots = $state<Lot[]>(structuredClone(correcting?.body.lots ?? []));
	/** With the colours that the bench took, as answers to the key: a note keeps the word that is nearest. */
	let unnamed = $state<OnTray[]>(structuredClone(correcting?.body.unnamed ?? []));
	/** All that can lie under the bench's eye. */
	const onTheBench = $derived([
		...lots,
		...unnamed.map(({ group, stage, count, lengthMm }): Lot => ({
			taxonId: unnamedOf(group),
			stage,
			count,
			measured: 'body',
			...(lengthMm !== undefined && { lengthMm })
		}))
	]);
	/** The unnamed lot that the key is asked about. */
	let asked = $state<OnTray>();
	let counted = $state(String(correcting?.body.countedShare ?? 1));
	let habitat = $state<string>(correcting?.body.habitat ?? '');
	let areaM2 = $state<number | undefined>(correcting?.body.areaM2);
	let effortS = $state<number | undefined>(correcting?.body.effortS);
	let open = $state<'key' | 'bench'>();
	const chosen = $derived(method as SampleMethod);
	const caution = $derived(METHODS[chosen].caution);
	const kinds = $derived(lots.length + unnamed.length);
	const total = $derived([...lots, ...unnamed].reduce((sum, { count }) => sum + count, 0));
	const boardHref = $derived(`/bank/${data.outing.id}`);
	const waters = $derived(
		SAMPLE_METHODS.filter((m) =>
			board.outing.place.water === 'lake' ? m !== 'kick-net' && m !== 'stones' : m !== 'margin-strainer'
		)
	);

	function add(taxonId: string, stage: LifeStage) {
		const group = groupOfUnnamed(taxonId);
		if (group) {
			unnamed.push({ group, stage, count: 1 });
			return;
		}
		const there = lots.find((lot) => lot.taxonId === taxonId && lot.stage === stage);
		if (there) there.count += 1;
		else lots.push({ taxonId, stage, count: 1, measured: 'body' });
	}
	/** An animal of which only the group is known: in the stage of it that the net meets first. */
	function addGroup(group: Group) {
		const stage = stageMet(group, chosen);
		if (stage) unnamed.push({ group, stage, count: 1 });
	}
	/** What the key found takes the place of the unnamed lot, with its count and length. */
	function name(lot: OnTray, taxonId: string, stage: LifeStage) {
		const group = groupOfUnnamed(taxonId);
		if (group) {
			unnamed[unnamed.indexOf(lot)] = { ...lot, group, stage };
			return;
		}
		unnamed.splice(unnamed.indexOf(lot), 1);
		const { count, lengthMm } = lot;
		const { belly, pads } = lot.benched ?? {};
		const measured = {
			...(lengthMm !== undefined && { lengthMm }),
			...(belly && { belly }),
			...(pads && { pads: { pale: 0, dark: 0, black: 0, [pads]: 1 } })
		};
		lots.push({ taxonId, stage, count, measured: 'body', ...measured });
	}
	/** Longest animal on the tray: drawings share its scale. */
	const longestMm = $derived(Math.max(6, ...lots.map(lengthOf)));
	function lengthOf({ taxonId, stage, lengthMm }: Lot): number {
		const taxon = findTaxon(taxonId);
		return lengthMm ?? (taxon && findStage(taxon, stage)?.lengthMm.typical) ?? 6;
	}

	const sample = $derived.by((): SampleBody => {
		const plain = $state
			.snapshot(lots)
			.map(({ lengthsMm, ...lot }) => ({ ...lot, ...(lengthsMm?.length && { lengthsMm }) }));
		return {
			method: chosen,
			lots: plain,
			...(unnamed.length > 0 && {
				unnamed: unnamed.map(({ group, stage, count, lengthMm, lengthIs, shade }) => ({
					group,
					stage,
					count,
					...(lengthMm !== undefined && { lengthMm }),
					...(lengthIs && { lengthIs }),
					...(shade && { shade })
				}))
			}),
			...(counted !== '1' && { countedShare: Number(counted) }),
			...(habitat && { habitat: habitat as Habitat }),
			...(areaM2 && { areaM2 }),
			...(effortS && { effortS })
		};
	});

	/** What the photo bench found goes into its lot. */
	function land({ lot: i, lengthMm, belly, shade, back, wing, pads, photoId }: BenchFinding) {
		const lot = lots[i];
		if (!lot) {
			const nameless = unnamed[i - lots.length];
			if (!nameless) return;
			const { lengthIs, ...rest } = nameless;
			unnamed[i - lots.length] = {
				...rest,
				...(lengthMm === undefined ? lengthIs && { lengthIs } : { lengthMm }),
				...(shade && { shade }),
				benched: {
					...nameless.benched,
					...(belly && { belly }),
					...(back && { back }),
					...(wing && { wing }),
					...(pads && { pads })
				}
			};
			return;
		}
		if (lengthMm !== undefined) {
			lot.lengthsMm = [...(lot.lengthsMm ?? []), lengthMm].slice(0, 200);
			[lot.lengthMm, lot.measured] = [lengthMm, 'body'];
		}
		if (belly) lot.belly = belly;
		if (photoId) lot.photoId = photoId;
		if (pads) {
			const counts = lot.pads ?? { pale: 0, dark: 0, black: 0 };
			lot.pads = { ...counts, [pads]: counts[pads] + 1 };
		}
	}

	async function keepPicture(id: string, jpeg: Blob): Promise<boolean> {
		try {
			const response = await fetchAsGuide(`/api/v1/outings/${data.outing.id}/photos/${id}`, {
				method: 'PUT',
				body: jpeg
			});
			return response.ok;
		} catch {
			return false;
		}
	}

	/** The larger ones eat the rest of the sample in the jar. */
	const predators = $derived(predatorsAmong(lots));

	async function keep() {
		if (stillWrong()) return;
		await board.outbox.say({
			kind: 'sample',
			body: sample,
			...(correcting && { replaces: correcting.id })
		});
		await goto(boardHref);
	}
</script>

<PageHead
	title={correcting ? say('correct-the-sample') : say('tray')}
	detail={data.outing.reach.name}
	back={{ href: boardHref, name: say('board') }}
/>
<div
	class="desk:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] desk:grid-rows-[auto_1fr] desk:px-5 desk:pb-4 grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-4 p-4 pb-20"
>
	<div class="grid grid-cols-[minmax(0,1fr)] content-start gap-4">
		<Choices
			legend={say('how-it-was-taken')}
			name="method"
			bind:value={method}
			choices={waters.map((value) => ({ value, label: say(METHOD_NAMES[value]) }))}
		/>
		<div class="text-sm">
			<p><b>{say('answers')}</b> {say(METHODS[chosen].answers)}</p>
			<p><b>{say('blind-to')}</b> {say(METHODS[chosen].blindTo)}</p>
			{#if caution}<p class="text-accent mt-1 font-semibold">{say(caution)}</p>{/if}
		</div>
		<section aria-label={say('what-is-in-it')}>
			<div class="mb-1 flex items-baseline justify-between gap-2">
				<h2>{say('tap-each-kind-again')}</h2>
				<button
					type="button"
					class="link text-sm font-semibold"
					onclick={() => {
						asked = undefined;
						open = 'key';
					}}>{say('what-is-this')}</button
				>
			</div>
			<NaturalPicker
				beliefs={board.reading.beliefs}
				method={chosen}
				names={board.names}
				wide
				place={board.outing.place}
				onpick={add}
				ongroup={addGroup}
				counted={(taxonId, stage) =>
					lots.find((lot) => lot.taxonId === taxonId && lot.stage === stage)?.count ?? 0}
			/>
		</section>
	</div>
	<section
		aria-label={say('on-the-tray')}
		class="desk:col-start-2 desk:row-span-2 desk:row-start-1 content-start"
	>
		<div class="flex items-baseline justify-between gap-2">
			<h2>{say('on-the-tray')}</h2>
			{#if onTheBench.length > 0}
				<button type="button" class="link text-sm font-semibold" onclick={() => (open = 'bench')}
					>{say('photograph-then-release')}</button
				>
			{/if}
		</div>
		{#if predators.length > 0}<p class="text-accent text-sm font-semibold">
				{say('keep-the-in-another', {
					predators: joined('and', ...predators.map(({ taxonId }) => naturalWords(taxonId)))
				})}
			</p>{/if}
		{#if kinds === 0}
			<p class="quiet py-2">
				{say('nothing-yet-saved-like')}
			</p>
		{:else}
			<ul>
				{#each lots as lot, i (`${lot.taxonId}/${lot.stage}`)}
					<TrayLot
						{lot}
						share={lot.count / total}
						{longestMm}
						onchange={(changed) => (lots[i] = changed)}
						ondrop={() => lots.splice(i, 1)}
					/>
				{/each}
				{#each unnamed as lot, i (i)}
					<UnnamedLotRow
						{lot}
						onchange={(changed) => (unnamed[i] = changed)}
						ondrop={() => unnamed.splice(i, 1)}
						onask={() => {
							asked = unnamed[i];
							open = 'key';
						}}
					/>
				{/each}
			</ul>
		{/if}
		{#if kinds > 0}
			<div class="mt-3">
				<Choices
					legend={say('counted')}
					name="counted"
					bind:value={counted}
					columns="grid-cols-4"
					choices={[
						{ value: '1', label: say('all') },
						{ value: '0.5', label: say('half') },
						{ value: '0.25', label: say('a-quarter') },
						{ value: '0.1', label: say('a-tenth') }
					]}
				/>
			</div>
			<details class="mt-2 text-sm">
				<summary class="min-h-11 cursor-pointer py-2 font-semibold">{say('where-how-long-how')}</summary>
				<div class="grid grid-cols-3 gap-2">
					<Choice label={say('habitat')} bind:value={habitat}>
						<option value="">{say('not-noted')}</option>
						{#each HABITATS as name (name)}<option value={name}>{say(HABITAT_NAMES[name])}</option>{/each}
					</Choice>
					<Choice label={say('effort')} bind:value={effortS}>
						<option value={undefined}>{say('not-noted')}</option>
						{#each [30, 60, 120, 300, 600] as s (s)}<option value={s}
								>{s < 60 ? `${s} s` : say('min', { n: s / 60 })}</option
							>{/each}
					</Choice>
					<Choice label={say('area')} bind:value={areaM2}>
						<option value={undefined}>{say('not-noted')}</option>
						{#each [0.1, 0.25, 0.5, 1, 2] as m (m)}<option value={m}>{m} m²</option>{/each}
					</Choice>
				</div>
			</details>
		{/if}
		<div
			class="bg-base-100 border-base-300 desk:sticky desk:bottom-0 desk:mt-3 desk:px-0 desk:py-3 aside:bottom-0 aside:left-16 fixed inset-x-0 bottom-14 z-20 flex items-center gap-3 border-t px-4 py-2"
		>
			<button type="button" class="btn btn-primary h-12 flex-1" onclick={keep}>
				{kinds === 0 ? say('looked-found-none') : say('save-in-kind-kinds', { total, length: kinds })}
			</button>
			<a class="btn btn-ghost h-12" href={boardHref}>{say('leave')}</a>
		</div>
	</section>
	<div class="grid content-start gap-4">
		{#if lots.length > 0}<TrayNumbers {sample} waterC={board.outing.conditions.waterC?.value} />{/if}
		<TodayComparison outing={board.outing} />
	</div>
</div>

{#if open === 'key'}
	{@const lot = asked}
	{@const leave = () => (open = asked = undefined)}
	<Sheet title={say('what-is-this')} wide onclose={leave}>
		<Key
			finding={{
				place: board.outing.place,
				at: board.outing.now,
				method: chosen,
				...(lot && { group: lot.group })
			}}
			known={lot &&
				measuredAnswers({
					...(lot.lengthMm !== undefined && { lengthMm: lot.lengthMm }),
					...(lot.shade && { belly: SHADES[lot.shade] }),
					...lot.benched
				})}
			take={{
				label: say('on-the-tray'),
				with: (taxonId, stage) => {
					if (lot) name(lot, taxonId, stage);
					else add(taxonId, stage);
					leave();
				}
			}}
		/>
	</Sheet>
{:else if open === 'bench'}
	<Sheet title={say('photo-bench')} wide onclose={() => (open = undefined)}>
		<PhotoBench
			lots={onTheBench}
			camera={data.demo}
			{keepPicture}
			onfinding={land}
			onclose={() => (open = undefined)}
		/>
	</Sheet>
{/if}
