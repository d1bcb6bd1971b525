import { fault, names, words } from '../message';
import * as v from 'valibot';
import { LIFE_STAGES } from '../atlas';
import {
	ConditionsSchema,
	DaySchema,
	IdSchema,
	InstantSchema,
	RigSchema,
	TaxonIdSchema,
	faults,
	hasStage,
	listOf,
	nameOf,
	whole,
	within,
	wordsOf
} from '../note';
import { ABUNDANCES, ATTEMPT_OUTCOMES, RISE_FORMS } from '../vocabulary';
import { HOW_SURE, NAMED_BY } from './naming';

/** How much of a record's place another guide may see, finest first. */
export const PRECISIONS = ['exact', 'reach', 'water', 'basin', 'season'] as const;
export type Precision = (typeof PRECISIONS)[number];

/** The finest of several, or undefined of none. `finestOf(['basin', 'reach'])` is `reach`. */
export function finestOf(precisions: readonly Precision[]): Precision | undefined {
	return PRECISIONS.find((step) => precisions.includes(step));
}

/** Whether one tells more of a place than another. `isFiner('reach', 'water')` is true. */
export const isFiner = (one: Precision, other: Precision): boolean =>
	PRECISIONS.indexOf(one) < PRECISIONS.indexOf(other);

/** Whether it tells the reach: then the guide's own words go along, unless they say otherwise. */
export const tellsReach = (precision: Precision): boolean => !isFiner('reach', precision);

export const PRECISION_NAMES = names('precision', {
	exact: 'Exact place',
	reach: 'Reach',
	water: 'Water',
	basin: 'Basin',
	season: 'Basin and season only'
} satisfies Record<Precision, string>);

const name = nameOf(80);
const instant = v.union([v.date(), InstantSchema]);

const { waterC, airC, sky, windMs, clarityM, surface, speedMs, levelM } = ConditionsSchema.entries;
/** Conditions as a note may state them, of those that matter to colleagues. */
const RecordConditionsSchema = v.object({
	...{ waterC, airC, sky, windMs, clarityM, surface, speedMs, levelM }
});
const { leaderM, tippetX } = RigSchema.entries;

const told = {
	taxonId: TaxonIdSchema,
	stage: v.picklist(LIFE_STAGES),
	/** Local day at the water. */
	day: DaySchema,
	timeZone: name,
	firstSeen: instant,
	mostSeen: instant,
	lastSeen: instant,
	/** The last look before it was first seen that did not show it; nobody had looked before, where there is none. */
	notBefore: v.optional(instant),
	/** The first look after it was last seen that did not show it any more. */
	notAfter: v.optional(instant),
	abundance: v.picklist(ABUNDANCES),
	/** How the name was come by, and how sure it is. */
	naming: v.optional(v.object({ by: v.picklist(NAMED_BY), sure: v.picklist(HOW_SURE) })),
	lengthMm: v.optional(within(0.5, 120, ' mm')),
	/** Colour of the belly as measured there, or as it was called of what has no name, CIELAB under D65. */
	belly: v.optional(v.object({ l: within(0, 100), a: within(-128, 128), b: within(-128, 128) })),
	/** The hook that its length asks for, by the guide's own hooks. */
	hookSize: v.optional(whole(2, 32)),
	conditions: RecordConditionsSchema,
	/** Temperature of the water when it was first and when it was last seen, °C; the conditions are those of the most. */
	waterSpan: v.optional(v.object({ firstC: v.unwrap(waterC), lastC: v.unwrap(waterC) })),
	riseForms: listOf(v.object({ form: v.picklist(RISE_FORMS), count: v.number() }), RISE_FORMS.length),
	/** Probability that fish were taking this, by the reading while it was about. */
	taken: within(0, 1),
	/** Which model of the reading read it; one that is not told is the first. */
	readBy: v.optional(whole(1, 10_000)),
	/** What else the reading held likely, the likeliest first. */
	rivals: v.optional(
		listOf(
			v.object({
				taxonId: v.string(),
				stage: v.picklist(LIFE_STAGES),
				probability: within(0, 1)
			}),
			5
		)
	),
	/** What was between line and fly. */
	leader: v.optional(v.object({ leaderM, tippetX })),
	/** Flies that were on while it was seen, and their fate. */
	flies: listOf(
		v.object({
			patternId: wordsOf(60),
			/** Of a guide's own fly. */
			name: v.optional(nameOf(60)),
			hookSize: v.number(),
			outcome: v.picklist(ATTEMPT_OUTCOMES),
			times: v.number()
		}),
		100
	),
	words: v.optional(wordsOf(2000))
};

/** What stays with the guide: a picture of it, kept with the outing. */
const own = { ...told, photoId: v.optional(IdSchema) };

const places = {
	exact: v.object({
		precision: v.literal('exact'),
		basin: name,
		water: name,
		reach: name,
		latitude: v.number(),
		longitude: v.number()
	}),
	reach: v.object({ precision: v.literal('reach'), basin: name, water: name, reach: name }),
	water: v.object({ precision: v.literal('water'), basin: name, water: name }),
	basin: v.object({ precision: v.literal('basin'), basin: name }),
	/** For waters that are never named: the day is only that of the half of the month. */
	season: v.object({ precision: v.literal('season'), basin: name })
};

type Told = {
	firstSeen: Date;
	mostSeen: Date;
	lastSeen: Date;
};
const inOrder = ({
	firstSeen,
	mostSeen,
	lastSeen
}: Pick<Told, 'firstSeen' | 'mostSeen' | 'lastSeen'>): boolean =>
	firstSeen <= mostSeen && mostSeen <= lastSeen;

const says = words('record-fault', {
	order: 'is not between first and last seen',
	'late-look': 'is after it was first seen',
	'early-look': 'is before it was last seen'
});

/** A record as a guide edits and confirms it: what was seen. Where is the outing's business. */
export const RecordTextSchema = v.pipe(
	v.omit(v.object(own), ['day', 'timeZone']),
	v.forward(v.partialCheck([['taxonId'], ['stage']], hasStage, fault(faults('no-stage'))), ['stage']),
	v.forward(v.partialCheck([['firstSeen'], ['mostSeen'], ['lastSeen']], inOrder, fault(says('order'))), [
		'mostSeen'
	]),
	v.forward(
		v.partialCheck(
			[['notBefore'], ['firstSeen']],
			({ notBefore, firstSeen }) => !notBefore || notBefore <= firstSeen,
			fault(says('late-look'))
		),
		['notBefore']
	),
	v.forward(
		v.partialCheck(
			[['notAfter'], ['lastSeen']],
			({ notAfter, lastSeen }) => !notAfter || notAfter >= lastSeen,
			fault(says('early-look'))
		),
		['notAfter']
	)
);
export type RecordText = v.InferOutput<typeof RecordTextSchema>;

/** What one guide saw of one stage of one taxon on one day, complete: for that guide alone. */
export const HatchRecordSchema = v.object({ ...own, place: places.exact });
export type HatchRecord = v.InferOutput<typeof HatchRecordSchema>;

/** The same as others may see it: the place no finer than was shared. */
export const SharedRecordSchema = v.object({
	...told,
	place: v.variant('precision', [places.exact, places.reach, places.water, places.basin, places.season])
});
export type SharedRecord = v.InferOutput<typeof SharedRecordSchema>;
export type SharedPlace = SharedRecord['place'];
