import {
	ABUNDANCE_NAMES,
	METHOD_NAMES,
	RISE_FORM_NAMES,
	type RiseForm,
	type SampleMethod
} from '../vocabulary';
import type { Taking } from '../likeness';
import { riseFormProbability, WEIGHINGS, WEIGHTS, type WeighingId, type Weights } from './weights';

/** One line of the page that shows how everything is weighed. */
export interface WeighedTable {
	title: string;
	/** Why these numbers, and from where. */
	reason: string;
	columns: string[];
	/** `own` where the school of weighing puts other numbers than the even-handed one. */
	rows: { name: string; values: string[]; own?: boolean }[];
}

export const TAKING_NAMES: Record<Taking, string> = {
	spent: 'Spent and helpless',
	film: 'Hanging in the film',
	upright: 'Upright duns',
	active: 'Active adults',
	large: 'Large and struggling',
	rising: 'Rising beneath',
	drift: 'Drifting below',
	anything: 'Nothing in particular'
};

const percent = (share: number): string => `${Math.round(100 * share)} %`;
const odds = (weight: number): string => `× ${Math.exp(weight).toPrecision(2)}`;
const times = (factor: number): string => `× ${factor}`;
const minutes = (min: number): string => (min >= 120 ? `${min / 60} h` : `${min} min`);

/** Every weight that the reading uses, as tables for the guide: the same numbers, read from the one table. */
export function weighedTables(weighing: WeighingId = 'even-handed'): WeighedTable[] {
	const usual = tablesOf(WEIGHTS);
	return tablesOf(WEIGHINGS[weighing].weights).map((table, i) => ({
		...table,
		rows: table.rows.map((row, k) => ({
			...row,
			own: row.values.join() !== usual[i]?.rows[k]?.values.join()
		}))
	}));
}

function tablesOf(weights: Weights): WeighedTable[] {
	const forms = (Object.keys(RISE_FORM_NAMES) as RiseForm[]).filter((form) => form !== 'unsure');
	const takings = Object.keys(TAKING_NAMES) as Taking[];
	const methods = Object.keys(weights.trust) as SampleMethod[];
	return [
		{
			title: 'How fish rise to what they take',
			reason: `Of a hundred rises of each kind, with ${percent(weights.misnamedForm)} misnamed mixed in. Field rules: noses for what can’t escape, bulges for what hangs beneath, splashes for what moves. Alike rises of one fish are not independent, and each further one counts less (Kish 1965).`,
			columns: forms.map((form) => RISE_FORM_NAMES[form]),
			rows: takings.map((taking) => ({
				name: TAKING_NAMES[taking],
				values: forms.map((form) => percent(riseFormProbability(taking, form, weights)))
			}))
		},
		{
			title: 'Naturals that drift over the fish',
			reason:
				'Share of them that is taken, on the average, before any was followed: no fish takes every dun, and the lane matters, so a few passes prove little and many prove much (beta-binomial).',
			columns: ['Taken', 'Sure as after'],
			rows: [
				['The very food', weights.taken.food],
				['Another stage of it', weights.taken.kin],
				['Anything else', weights.taken.other],
				['On nothing in particular', weights.taken.anything]
			].map(([name, beta]) => {
				const [a, b] = beta as readonly [number, number];
				return { name: name as string, values: [percent(a / (a + b)), `${(a + b).toFixed(0)} followed`] };
			})
		},
		{
			title: 'Samples',
			reason:
				'How far what lies in a net speaks for what is eaten, and after how long it says half as much. A throat tells what was eaten, the surface net what is on offer this minute, the bed only the menu.',
			columns: ['Speaks', 'Half after'],
			rows: methods.map((method) => ({
				name: METHOD_NAMES[method],
				values: [times(weights.trust[method]), minutes(weights.halfLifeMin[method])]
			}))
		},
		{
			title: 'Seen by eye',
			reason: 'What so many do to the odds of that very stage at that height. Elsewhere it counts half.',
			columns: ['Odds'],
			rows: Object.entries(weights.abundance).map(([name, weight]) => ({
				name: ABUNDANCE_NAMES[name as keyof typeof ABUNDANCE_NAMES],
				values: [odds(weight)]
			}))
		},
		{
			title: 'Rhythm',
			reason: 'How fish on each kind of food usually rise. Field rule; said only after five rises.',
			columns: ['On station', 'In bursts', 'Wandering'],
			rows: takings.map((taking) => ({
				name: TAKING_NAMES[taking],
				values: [
					percent(weights.rhythm[taking]['on-station']),
					percent(weights.rhythm[taking].bursts),
					percent(weights.rhythm[taking].wandering)
				]
			}))
		},
		{
			title: 'Flies tried, wing pads, other fish',
			reason:
				'A take speaks for what the fly is like; a refusal says less, since drag and tippet refuse more flies than the wrong insect does.',
			columns: ['Weight'],
			rows: [
				{
					name: 'A fly just like the food is taken',
					values: [percent(weights.attempt.takenWhenLike + weights.attempt.takenAnyway)]
				},
				{ name: 'Any fly is taken', values: [percent(weights.attempt.takenAnyway)] },
				{ name: 'A refusal, against a take', values: [times(weights.attempt.speaks.refused)] },
				{ name: 'Wing pads black: hatching today', values: [odds(weights.ripeness.black)] },
				{ name: 'Wing pads pale: hatching today', values: [odds(weights.ripeness.pale)] },
				{ name: 'Another fish in the same lie', values: [times(weights.otherFish.sameLie)] },
				{ name: 'Another fish of the reach', values: [times(weights.otherFish.elsewhere)] },
				{ name: 'Something unseen, of what emerges', values: [percent(weights.unseenShare)] },
				{ name: 'A fish on nothing in particular, to begin with', values: [percent(weights.opportunist)] }
			]
		}
	];
}
