<script lang="ts">
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { untrack } from 'svelte';
	import type { WaterKind } from '$lib/core/atlas';
	import {
		guessMapping,
		TableRows,
		Unreadable,
		type GuessedMapping,
		type TableRow
	} from '$lib/core/exchange';
	import PageHead from '$lib/ui/frame/PageHead.svelte';
	import FoundInFile from '$lib/ui/log/bring-in/FoundInFile.svelte';
	import NewReaches from '$lib/ui/log/bring-in/NewReaches.svelte';
	import {
		FILE_KINDS,
		fileKindOf,
		sendFile,
		type FileKind,
		type Sending,
		type TakenIn
	} from '$lib/ui/log/bring-in/send-file';
	import TableColumns from '$lib/ui/log/bring-in/TableColumns.svelte';
	import type { PageData } from './$types';
	import Field from '$lib/ui/frame/Field.svelte';

	const { say } = useWords(words);

	let { data }: { data: PageData } = $props();
	/** So much of a table is read here, to guess from and to show. */
	const LOOKED_AT = 200_000;

	let chosen = $state<{ file: File; kind: FileKind }>();
	let table = $state<{ head: string[]; rows: TableRow[]; mapping: GuessedMapping }>();
	let lies = $state({ basin: '', water: '', timeZone: '' });
	let like = $state<{ kind: WaterKind; elevationM: number }>({ kind: 'freestone', elevationM: 500 });
	let position = $state<{ latitude: number; longitude: number }>();
	let told = $state<TakenIn>();
	let trouble = $state('');
	let sending = $state<Sending>();
	let share = $state(0);

	const fresh = $derived(Object.values(told?.lines ?? {}).reduce((sum, { fresh: count }) => sum + count, 0));
	const drawn = $derived(chosen?.kind.kind === 'gpx' || chosen?.kind.kind === 'geojson');
	const settings = $derived(
		table
			? {
					mapping: { ...table.mapping, dates: table.mapping.dates ?? 'ymd' },
					newReaches: {
						...like,
						...position
					}
				}
			: drawn
				? { ...lies, ...like }
				: {}
	);

	/** The order of dates is asked about, never guessed. */
	const undecided = $derived(
		table !== undefined && table.mapping.columns['day'] !== undefined && table.mapping.dates === undefined
	);

	/** The reaches that the first rows of a table name, in small letters. */
	function reachesIn({ rows, mapping: { columns, fixed } }: NonNullable<typeof table>): Set<string> {
		const said = rows.map(({ cells }) => cells[columns['reach'] ?? -1]?.trim() || fixed['reach']?.trim());
		return new Set(said.flatMap((name) => (name ? [name.toLowerCase()] : [])));
	}
	/** Some reach of the rows is not here yet; of a long table only its first rows are known. */
	const newReaches = $derived.by(() => {
		const known = new Set(data.reaches.map(({ name }) => name.toLowerCase()));
		const long = (chosen?.file.size ?? 0) > LOOKED_AT;
		return table !== undefined && (long || ![...reachesIn(table)].every((name) => known.has(name)));
	});

	async function choose(file: File | undefined) {
		[chosen, table, told, trouble] = [undefined, undefined, undefined, ''];
		if (!file) return;
		const kind = fileKindOf(file.name);
		if (!kind) {
			trouble = say('is-none-of', {
				name: file.name,
				flatMap: FILE_KINDS.flatMap(({ ends }) => ends).join(', ')
			});
			return;
		}
		lies.timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
		if (kind.kind === 'table') {
			try {
				table = firstRows(await file.slice(0, LOOKED_AT).text(), file.size <= LOOKED_AT);
			} catch (error) {
				if (!(error instanceof Unreadable)) throw error;
				trouble = say(error.says);
				return;
			}
			// Where the reaches of the rows are known, so is the rest; and what there is only one of goes without asking.
			const inRows = reachesIn(table);
			const named = data.reaches.filter(({ name }) => inRows.has(name.toLowerCase()));
			const only = (field: 'basin' | 'water') => {
				const [one, other] = new Set((named.length > 0 ? named : data.reaches).map((reach) => reach[field]));
				return other === undefined ? one : undefined;
			};
			const [basin, water] = [only('basin'), only('water')];
			table.mapping.fixed = { time_zone: lies.timeZone, ...(basin && { basin }), ...(water && { water }) };
		}
		chosen = { file, kind };
		if (kind.kind === 'packet') await send(false);
	}

	/** What was chosen before the page's script had come is not lost. */
	function chosenEarly(input: HTMLInputElement) {
		const file = input.files?.[0];
		if (file) untrack(() => void choose(file));
	}

	function firstRows(text: string, whole: boolean) {
		const reader = new TableRows();
		const [head, ...rows] = [...reader.read(text), ...(whole ? reader.end() : [])];
		if (!head || rows.length === 0) throw new Unreadable(words('there-is-no-row'));
		const mapping = guessMapping(
			head.cells,
			rows.map(({ cells }) => cells)
		);
		return { head: head.cells, rows, mapping: { ...mapping, region: data.region } };
	}

	async function send(keep: boolean) {
		if (!chosen) return;
		[told, trouble, share] = [undefined, '', 0];
		sending = sendFile(chosen.file, chosen.kind, settings, keep, (done) => (share = done));
		const answer = await sending.answer;
		sending = undefined;
		if ('trouble' in answer) trouble = say(answer.trouble);
		else told = answer;
	}
</script>

<PageHead
	title={say('bring-in')}
	detail={chosen?.file.name ?? ''}
	back={{ href: '/log', name: say('log') }}
/>
<div class="grid max-w-5xl grid-cols-1 gap-5 p-4 pb-24 md:px-5">
	<div class="grid gap-2">
		<p class="max-w-prose">
			{say('a-table-of-records')}
		</p>
		<Field label={say('file')} class="max-w-md"
			><input
				type="file"
				accept={FILE_KINDS.flatMap(({ ends }) => ends).join(',')}
				class="file-input h-12 w-full"
				disabled={sending !== undefined}
				onchange={({ currentTarget }) => void choose(currentTarget.files?.[0])}
				{@attach chosenEarly}
			/></Field
		>
	</div>
	{#if chosen && table}
		<TableColumns
			head={table.head}
			rows={table.rows}
			bind:mapping={table.mapping}
			names={data.names}
			insects={data.insects}
		/>
		{#if newReaches && table.mapping.columns['latitude_deg'] === undefined}
			<NewReaches
				bind:kind={like.kind}
				bind:elevationM={like.elevationM}
				bind:position
				near={data.reaches}
				placeless
			/>
		{:else if newReaches}
			<NewReaches bind:kind={like.kind} bind:elevationM={like.elevationM} />
		{/if}
	{:else if chosen && drawn}
		<section aria-label={say('where-they-lie')} class="grid gap-2 sm:grid-cols-3">
			<h2 class="sm:col-span-3">{say('where-they-lie-unless')}</h2>
			{#each [['basin', say('basin'), data.names.basins], ['water', say('water'), data.names.waters]] as const as [field, name, list] (field)}
				<Field label={name}
					><input class="input h-12 w-full" list="lies-{field}" maxlength="80" bind:value={lies[field]} />
					<datalist id="lies-{field}"
						>{#each list as one (one)}<option value={one}></option>{/each}</datalist
					></Field
				>
			{/each}
			<Field label={say('time-zone')}
				><input class="input h-12 w-full" maxlength="60" bind:value={lies.timeZone} /></Field
			>
		</section>
		<NewReaches bind:kind={like.kind} bind:elevationM={like.elevationM} />
	{/if}
	{#if sending}
		<div class="flex items-center gap-3">
			<progress
				class="progress progress-primary h-3 flex-1"
				value={share}
				max="1"
				aria-label={say('read-so-far')}
			></progress>
			<span class="font-mono text-sm">{Math.round(share * 100)} %</span>
			<button type="button" class="btn btn-outline h-12" onclick={() => sending?.cancel()}
				>{say('cancel')}</button
			>
		</div>
	{/if}
	{#if undecided}<p class="text-accent font-semibold">
			{say('say-how-the-days')}
		</p>{/if}
	{#if trouble}<p role="alert" class="text-error font-semibold">{trouble}</p>{/if}
	{#if told && chosen}<FoundInFile {told} kind={chosen.kind} head={table?.head ?? []} />{/if}
	{#if chosen && !sending}
		<div class="flex flex-wrap gap-2">
			<button type="button" class="btn btn-outline h-12" disabled={undecided} onclick={() => send(false)}
				>{say('look-through-it')}</button
			>
			{#if told && !told.kept}
				<button type="button" class="btn btn-primary h-12" disabled={fresh === 0} onclick={() => send(true)}
					>{fresh === 0 ? say('nothing-new-in-it') : say('save-what-is-new')}</button
				>
			{/if}
			{#if told?.kept}<a class="btn btn-primary h-12" href={drawn ? '/bank/new' : '/log'}
					>{drawn ? say('begin-an-outing-there') : say('to-the-log')}</a
				>{/if}
		</div>
	{/if}
</div>
