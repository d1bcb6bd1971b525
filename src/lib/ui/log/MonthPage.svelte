<script lang="ts">
	import { within as inside } from '$lib/core/message';
	import { useWords } from '$lib/ui/writers';
	import words from './words';
	import { type LifeStage, naturalName } from '$lib/core/atlas';
	import { monthWeeks } from '$lib/core/record';
	import { ABUNDANCE_NAMES, type Abundance } from '$lib/core/vocabulary';

	const { say } = useWords(words);

	interface Props {
		/** `YYYY-MM`. */
		month: string;
		outings: readonly {
			id: string;
			day: string;
			reach: string;
			records: readonly { taxonId: string; stage: LifeStage; abundance: Abundance }[];
		}[];
	}
	let { month, outings }: Props = $props();
	const page = $derived(monthWeeks(month, outings));
	const DAYS = [say('mon'), say('tue'), say('wed'), say('thu'), say('fri'), say('sat'), say('sun')];
	/** So many records of an outing fit a day; the rest are counted. */
	const SHOWN = 3;
</script>

<nav class="mb-2 flex items-center gap-3 max-sm:gap-1" aria-label={say('months')}>
	<a class="btn btn-outline h-12" href="/log?view=calendar&page={page.before}">{say('before')}</a>
	<h2 class="min-w-0 flex-1 text-center sm:min-w-36 sm:flex-none">{page.name}</h2>
	<a class="btn btn-outline h-12" href="/log?view=calendar&page={page.after}">{say('after')}</a>
</nav>
{#if outings.length === 0}<p class="quiet mb-2">{say('no-outing-of-yours')}</p>{/if}
<table
	class="w-full table-fixed border-collapse max-sm:block"
	aria-label={say('outings-of', { name: page.name })}
>
	<thead class="max-sm:hidden">
		<tr>
			{#each DAYS as day (day)}<th scope="col" class="quiet p-1 text-left text-sm font-normal">{day}</th
				>{/each}
		</tr>
	</thead>
	<tbody class="max-sm:block">
		{#each page.weeks as week (week[0]?.day)}
			<tr class="max-sm:block">
				{#each week as { day, date, within, items: own }, weekday (day)}
					<!-- On a phone only the days with something on them. -->
					<td
						class="border-base-300 h-24 border p-1 align-top max-sm:block max-sm:h-auto {within
							? ''
							: 'bg-base-200'} {own.length === 0 ? 'max-sm:hidden' : ''}"
					>
						<span class="text-sm sm:hidden">{DAYS[weekday]}</span>
						<span class="font-mono text-sm {within ? '' : 'quiet'}">{date}</span>
						{#each own as { id, reach, records } (id)}
							<a class="mt-0.5 block text-sm" href="/bank/{id}/record">
								<span class="link font-semibold">{reach}</span>
								{#each records.slice(0, SHOWN) as { taxonId, stage, abundance } (`${taxonId}/${stage}`)}
									<span class="block truncate text-xs"
										>{say(naturalName(taxonId, stage))}, {say(inside(ABUNDANCE_NAMES[abundance]))}</span
									>
								{/each}
								{#if records.length > SHOWN}<span class="quiet block text-xs"
										>{say('and-more', { n: records.length - SHOWN })}</span
									>{/if}
							</a>
						{/each}
					</td>
				{/each}
			</tr>
		{/each}
	</tbody>
</table>
