/**
 * What the atlas offers in each region: for a spring noon, a summer dusk, an autumn noon and a winter noon, the likeliest
 * of the open reading, and how many animals it, the picker and the key hold that do not live there; and what rows of
 * the atlas lack. `npm run trial fauna`.
 */
import {
	faunaOf,
	findTaxon,
	dateOf,
	referencePlace,
	REGION_IDS,
	searchAtlas,
	TAXA,
	type Region,
	type WaterKind
} from '../../src/lib/core/atlas';
import { identify } from '../../src/lib/core/key';
import { foldOuting } from '../../src/lib/core/outing';
import { readWater } from '../../src/lib/core/reading';
import { table } from './print';

/** Month as north of the equator, and hour of the sun's time. */
const MOMENTS = {
	'spring noon': [4, 12],
	'summer dusk': [6, 20],
	'autumn noon': [9, 12],
	'winter noon': [0, 12]
} as const;
const WATERS: readonly WaterKind[] = ['freestone', 'spring-creek', 'lake'];

const strangers = (ids: readonly string[], region: Region): string[] => [
	...new Set(ids.filter((id) => !findTaxon(id)?.lives.includes(region)))
];

let wrong = 0;
const rows = REGION_IDS.flatMap((region) =>
	Object.entries(MOMENTS).flatMap(([moment, [month, hour]]) =>
		WATERS.map((water) => {
			const place = referencePlace(region, water);
			const at = new Date(dateOf(place, 30 * month + 15, 2026).getTime() + hour * 3_600_000);
			const { beliefs } = readWater(foldOuting([], place, at));
			const read = beliefs.map(({ hypothesis }) => hypothesis.taxonId).filter((id) => id !== '');
			const keyed = identify([], { place, at })
				.candidates.filter(({ probability }) => probability > 0)
				.map(({ taxonId }) => taxonId);
			const picked = searchAtlas({ region }).map(({ id }) => id);
			const strange = [read, keyed, picked].flatMap((ids) => strangers(ids, region));
			wrong += strange.length;
			const first = beliefs
				.filter(({ hypothesis }) => hypothesis.kind === 'natural')
				.slice(0, 4)
				.map(({ hypothesis }) => hypothesis.id);
			return [region, moment, water, String(new Set(read).size), String(strange.length), first.join(', ')];
		})
	)
);

const lacking = TAXA.flatMap(({ id, localNames, there, lives, marks, sources }) => [
	...(localNames ? [] : [`${id}: no local name`]),
	...(marks ? [] : [`${id}: no fine mark`]),
	...(sources.length > 1 ? [] : [`${id}: one source`]),
	...(lives.length > 4 && !there ? [`${id}: one season for ${lives.length} regions`] : [])
]);

console.log(
	[
		'The animals of each region: those of the open reading, the picker and the key, and how many of them do not live there.',
		'',
		table(['region', 'moment', 'water', 'kinds read', 'strangers', 'likeliest'], rows),
		'',
		`Strangers in all: ${wrong}.`,
		'',
		table(
			['region', 'kinds', 'stages'],
			REGION_IDS.map((region) => {
				const own = faunaOf(TAXA, region);
				return [region, String(own.length), String(own.flatMap(({ stages }) => stages).length)];
			})
		),
		'',
		`What rows lack (${lacking.length}):`,
		...lacking.map((line) => `  ${line}`)
	].join('\n')
);
