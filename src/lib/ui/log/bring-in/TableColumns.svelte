<script lang="ts">
	import {
		taxonName,
		givenNames,
		GROUP_NAMES,
		GROUPS,
		unnamedOf,
		LIFE_STAGES,
		REGION_IDS,
		regionName,
		searchAtlas,
		STAGE_NAMES,
		TAXA,
		type GuidesName,
		naturalName
	} from '$lib/core/atlas';
	import { atStart, within } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import {
		answerKey,
		DATE_ORDER_NAMES,
		DATE_ORDERS,
		missingFields,
		readTableRow,
		TABLE_FIELDS,
		unknownWords,
		type GuessedMapping,
		type TableMapping,
		type TableRow,
		type UnknownWord
	} from '$lib/core/exchange';
	import { localClock } from '$lib/core/units';
	import { ABUNDANCE_NAMES, ABUNDANCES } from '$lib/core/vocabulary';
	import Table from '$lib/ui/frame/Table.svelte';
	import Choice from '$lib/ui/frame/Choice.svelte';
	import Field from '$lib/ui/frame/Field.svelte';

	const { say } = useWords(words);

	interface Props {
		head: readonly string[];
		/** The first rows behind the head. */
		rows: readonly TableRow[];
		mapping: GuessedMapping;
		/** Names to choose from: of basins and waters that are here already. */
		names: { basins: readonly string[]; waters: readonly string[]; reaches: readonly string[] };
		/** What the guide and the guide's circles call insects: answers given before. */
		insects: readonly GuidesName[];
	}
	let { head, rows, mapping = $bindable(), names, insects }: Props = $props();

	const holds = $derived(new Map(Object.entries(mapping.columns).map(([field, column]) => [column, field])));
	const has = (...fields: string[]) => fields.some((field) => mapping.columns[field] !== undefined);
	/** What a record needs and no column holds, with a time where none has one. */
	const forAll = $derived([
		...missingFields({ columns: mapping.columns, fixed: {} }),
		...(has('first_seen', 'most_seen', 'last_seen')
			? []
			: TABLE_FIELDS.filter(({ id }) => id === 'first_seen')),
		// A stage may stand in the insect's name, or be the same for all.
		...(has('stage') ? [] : TABLE_FIELDS.filter(({ id }) => id === 'stage'))
	]);
	const given = $derived(givenNames(insects));
	const nameOf = (field: string) => TABLE_FIELDS.find(({ id }) => id === field)?.name ?? '';
	const preview = $derived(
		mapping.dates === undefined
			? []
			: rows.slice(0, 4).map((row) => ({ row, told: readTableRow(row, mapping as TableMapping, given) }))
	);
	/** A day that reads in two ways, as the question shows it. */
	const doubtful = $derived(
		rows.map(({ cells }) => cells[mapping.columns['day'] ?? -1]?.trim() ?? '').find((cell) => cell !== '') ??
			''
	);
	const BY_NAME = [...TAXA].sort((a, b) => (a.commonName < b.commonName ? -1 : 1));
	const unknown = $derived(
		unknownWords(
			rows.map(({ cells }) => cells),
			mapping,
			given
		)
	);
	const QUESTIONS = {
		taxon_id: say('which-insect-is-it'),
		stage: say('which-stage-is-it'),
		how_many: say('how-many-is-that')
	} as const;
	function optionsFor({ field, word }: UnknownWord): readonly (readonly [value: string, name: string])[] {
		if (field === 'stage') return LIFE_STAGES.map((stage) => [stage, say(STAGE_NAMES[stage])] as const);
		if (field === 'how_many') return ABUNDANCES.map((step) => [step, say(ABUNDANCE_NAMES[step])] as const);
		const found = searchAtlas(
			{ words: word, ...(mapping.region && { region: mapping.region }) },
			insects
		).slice(0, 8);
		const named = [...found, ...BY_NAME.filter((taxon) => !found.includes(taxon))].map(
			({ id, scientificName }) => [id, `${say(taxonName(id))} (${scientificName})`] as const
		);
		return [
			...named,
			...GROUPS.map((group) => [unnamedOf(group), say(atStart(GROUP_NAMES[group]))] as const)
		];
	}
	function answer({ field, word }: UnknownWord, value: string) {
		const before = mapping.answers?.[field] ?? {};
		mapping.answers = { ...mapping.answers, [field]: { ...before, [answerKey(word)]: value } };
	}
	const listFor: Record<string, readonly string[]> = $derived({
		basin: names.basins,
		water: names.waters,
		reach: names.reaches
	});

	function choose(column: number, field: string) {
		const columns = Object.fromEntries(
			Object.entries(mapping.columns).filter(([id, at]) => at !== column && id !== field)
		);
		mapping.columns = field ? { ...columns, [field]: column } : columns;
	}
</script>

<div class="grid grid-cols-1 gap-4">
	<section aria-label={say('columns')}>
		<h2 class="mb-1">{say('what-the-columns-hold')}</h2>
		<Table
			label={say('columns-table')}
			columns={[say('column'), { name: say('first-rows'), class: 'max-sm:hidden' }, say('holds')]}
		>
			{#each head as title, column (column)}
				{@const first = rows
					.slice(0, 3)
					.map(({ cells }) => cells[column])
					.filter(Boolean)
					.join(' · ')}
				<tr>
					<th scope="row"
						>{title || say('column-2', { n: column + 1 })}
						<span class="quiet block max-w-36 truncate font-normal sm:hidden">{first}</span></th
					>
					<td class="quiet max-w-72 truncate max-sm:hidden">{first}</td>
					<td>
						<Choice
							unseen
							label={say('what-holds', { title })}
							class="w-44 sm:w-56"
							value={holds.get(column) ?? ''}
							onchange={({ currentTarget }) => choose(column, currentTarget.value)}
						>
							<option value="">{say('nothing-we-keep')}</option>
							{#each TABLE_FIELDS as { id, name } (id)}<option value={id}>{name}</option>{/each}
						</Choice>
					</td>
				</tr>
			{/each}
		</Table>
	</section>
	{#if forAll.length > 0}
		<section aria-label={say('the-same-for-all')} class="grid gap-2 sm:grid-cols-2 lg:grid-cols-3">
			<h2 class="sm:col-span-2 lg:col-span-3">{say('the-same-for-all')}</h2>
			{#each forAll as { id, name } (id)}
				{#if id === 'stage'}<Choice
						label={name}
						bind:value={
							() => mapping.fixed['stage'] ?? '',
							(value) => (mapping.fixed = { ...mapping.fixed, stage: value })
						}
						><option value="">{say('as-the-insects-name')}</option>{#each LIFE_STAGES as stage (stage)}<option
								value={stage}>{say(STAGE_NAMES[stage])}</option
							>{/each}</Choice
					>{:else}<Field label={name}
						><input
							class="input h-12 w-full"
							type={id === 'first_seen' ? 'time' : id === 'day' ? 'date' : 'text'}
							list={listFor[id] ? `names-${id}` : undefined}
							bind:value={
								() => mapping.fixed[id] ?? '', (value) => (mapping.fixed = { ...mapping.fixed, [id]: value })
							}
						/></Field
					>{/if}
			{/each}
			{#each Object.entries(listFor) as [id, list] (id)}
				<datalist id="names-{id}"
					>{#each list as name (name)}<option value={name}></option>{/each}</datalist
				>
			{/each}
		</section>
	{/if}
	<section aria-label={say('how-it-is-written')} class="grid gap-2 sm:grid-cols-3">
		{#if has('day')}
			<Choice
				label={say('days-are-written')}
				bind:value={
					() => mapping.dates ?? '', (order) => (mapping.dates = DATE_ORDERS.find((known) => known === order))
				}
			>
				{#if mapping.dates === undefined}<option value="">{say('choose-reads-in-two', { doubtful })}</option
					>{/if}
				{#each DATE_ORDERS as order (order)}<option value={order}>{say(DATE_ORDER_NAMES[order])}</option
					>{/each}
			</Choice>
		{/if}
		{#if has('taxon_id')}
			<Choice
				label={say('insects-are-called')}
				bind:value={
					() => mapping.region ?? '',
					(chosen) => (mapping.region = REGION_IDS.find((known) => known === chosen))
				}
			>
				<option value="">{say('anywhere-in-the-world')}</option>
				{#each REGION_IDS as region (region)}<option value={region}>{say(regionName(region))}</option>{/each}
			</Choice>
		{/if}
		{#if has('water_c', 'air_c')}
			<Choice label={say('temperatures-are-in')} bind:value={mapping.temperature}>
				<option value="C">°C</option><option value="F">°F</option>
			</Choice>
		{/if}
		{#if has('length_mm')}
			<Choice label={say('lengths-are-in')} bind:value={mapping.length}>
				<option value="mm">mm</option><option value="in">{say('inches')}</option>
			</Choice>
		{/if}
	</section>
	{#if unknown.length > 0}
		<section aria-label={say('words-to-be-asked')} class="grid gap-2">
			<h2>{say('what-do-you-call')}</h2>
			<p class="quiet max-w-prose text-sm">
				{say('asked-once-the-names')}
			</p>
			<ul class="grid gap-2 sm:grid-cols-2">
				{#each unknown as word (`${word.field} ${word.word}`)}
					<li>
						{#snippet asked()}<span class="text-sm"
								><b>“{word.word}”</b>
								<span class="quiet"
									>({word.rows === 1 ? say('1-row') : say('rows', { rows: word.rows })})</span
								>
								{QUESTIONS[word.field]}</span
							>{/snippet}<Choice
							label={asked}
							value={mapping.answers?.[word.field]?.[answerKey(word.word)] ?? ''}
							onchange={({ currentTarget: { value } }) => answer(word, value)}
							><option value="">{say('not-answered')}</option>
							{#each optionsFor(word) as [value, name] (value)}<option {value}>{name}</option>{/each}
						</Choice>
					</li>
				{/each}
			</ul>
		</section>
	{/if}
	<section aria-label={say('the-first-rows-as')}>
		<h2 class="mb-1">{say('so-the-first-rows')}</h2>
		<ol class="grid gap-1">
			{#each preview as { row, told } (row.line)}
				<li>
					<span class="quiet font-mono text-sm">{say('line-2', { line: row.line })}</span>
					{#if 'value' in told}
						{@const { told: record, timeZone, day, reach, water } = told.value}
						<b>{say(naturalName(record.taxonId, record.stage))}</b>, {say(
							within(ABUNDANCE_NAMES[record.abundance])
						)}, {day}
						{localClock(record.firstSeen, timeZone)}–{localClock(record.lastSeen, timeZone)}, {reach}, {water}
					{:else}
						<span class="text-error"
							>{told.bad.map(({ field, says }) => `${nameOf(field)}: ${say(says)}`).join('; ')}</span
						>
					{/if}
				</li>
			{/each}
		</ol>
	</section>
</div>
