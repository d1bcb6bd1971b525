import { tell } from '../tell';
import * as v from 'valibot';
import { PlaceSchema } from '$lib/core/atlas';
import { hypothesisWords, SCHOOL_IDS } from '$lib/core/likeness';
import { FROM_TRAY, NOTHING_RISING, STONEFLY, type FlyChoice, type ShortlistOptions } from '$lib/core/match';
import { fault } from '$lib/core/message';
import {
	DressingSchema,
	faults,
	IdSchema,
	InstantSchema,
	listOf,
	NoteSchema,
	within,
	wordsOf
} from '$lib/core/note';
import { foldOuting, type Outing } from '$lib/core/outing';
import { readWater, WEIGHING, weightsOf, type Reading } from '$lib/core/reading';
import { LEADER, TIPPET } from '$lib/core/rig';
import { buildWords, HOOK_SIZES, ownPattern, PATTERNS, STYLES } from '$lib/core/tackle';
import { HooksSchema } from '../settings';
import { reasonsTold } from './said';

const MOST_NOTES = 500;
const MOST_FLIES = 2000;
const MOST_OWN = 300;

/** Place, moment and notes: what everything about an outing is computed from. */
export const outingEntries = {
	place: PlaceSchema,
	at: InstantSchema,
	notes: listOf(NoteSchema, MOST_NOTES),
	/** What the water measured in the weeks before, of other outings. */
	measuredBefore: v.optional(
		listOf(v.object({ at: InstantSchema, waterC: v.pipe(v.number(), v.minValue(-1), v.maxValue(40)) }), 100)
	),
	/** What is trusted most: nets, fish, or both alike. */
	weighing: v.optional(v.picklist(WEIGHING.ids)),
	/** One fish under watch: the reading is then that fish's. */
	watchId: v.optional(IdSchema)
};

/** What flies are chosen by, and from. */
export const flyEntries = {
	school: v.optional(v.picklist(SCHOOL_IDS)),
	box: v.optional(
		listOf(
			v.object({ patternId: v.string(), hookSize: v.number(), count: v.pipe(v.number(), v.minValue(0)) }),
			MOST_FLIES
		)
	),
	/** Flies of one's own, beside the shipped library. */
	ownPatterns: v.optional(
		listOf(
			v.object({
				id: wordsOf(60),
				...DressingSchema.entries,
				sizes: v.pipe(
					listOf(v.picklist(HOOK_SIZES, fault(faults('hook', { least: 2, most: 28 }))), 14),
					v.minLength(1, fault(faults('none')))
				)
			}),
			MOST_OWN
		)
	),
	hooks: v.optional(HooksSchema),
	/** The smallest fly that the guest sees on the water, as a hook size. */
	smallestSeen: v.optional(within(2, 28)),
	tippetSchool: v.optional(v.picklist(TIPPET.ids)),
	leaderSchool: v.optional(v.picklist(LEADER.ids)),
	rodM: v.optional(within(1.5, 5, ' m')),
	/** What tippet of 5X breaks at as its spool says. */
	fiveXBreaksN: v.optional(within(5, 60, ' N')),
	nothingRising: v.optional(v.picklist(NOTHING_RISING.ids)),
	fromTray: v.optional(v.picklist(FROM_TRAY.ids)),
	stonefly: v.optional(v.picklist(STONEFLY.ids))
};

export const PhrasesSchema = v.array(v.string());

export const FlyAnswerSchema = v.object({
	patternId: v.string(),
	name: v.string(),
	hookSize: v.number(),
	dressedMm: v.number(),
	tippetMm: v.number(),
	score: v.number(),
	passesFor: v.string(),
	inBox: v.optional(v.number()),
	because: PhrasesSchema,
	codes: PhrasesSchema
});

type OutingRequest = v.InferOutput<v.ObjectSchema<typeof outingEntries, undefined>>;
type FliesRequest = v.InferOutput<v.ObjectSchema<typeof flyEntries, undefined>>;

/** The outing that a request tells of. */
export const outingOf = ({ notes, place, at, measuredBefore }: OutingRequest): Outing =>
	foldOuting(notes, place, at, measuredBefore);

/** Its reading: of one fish, or of the reach, by the school of weighing that was sent. */
export const readingOf = ({ watchId, weighing }: OutingRequest, outing: Outing): Reading =>
	readWater(outing, watchId, weightsOf(weighing ?? WEIGHING.usual));

/** The outing that a request tells of, and its reading. */
export function readRequest(request: OutingRequest): {
	outing: Outing;
	reading: Reading;
} {
	const outing = outingOf(request);
	return { outing, reading: readingOf(request, outing) };
}

/** The choices of a request as the core takes them. */
export function flyOptions(request: FliesRequest): ShortlistOptions {
	const { school, box, ownPatterns, hooks, smallestSeen, tippetSchool } = request;
	const { nothingRising, fromTray, stonefly, leaderSchool, rodM, fiveXBreaksN } = request;
	return {
		...(school && { school }),
		...(box && { box }),
		...(ownPatterns && {
			patterns: [
				...ownPatterns.map(({ id, sizes, ...dressing }) => ownPattern(id, dressing, sizes)),
				...PATTERNS
			]
		}),
		...(hooks && { hooks }),
		...(smallestSeen !== undefined && { smallestSeen }),
		...(tippetSchool && { tippet: tippetSchool }),
		...(leaderSchool && { leader: leaderSchool }),
		...(rodM !== undefined && { rodM }),
		...(fiveXBreaksN !== undefined && { fiveXBreaksN }),
		...(nothingRising && { nothingRising }),
		...(fromTray && { fromTray }),
		...(stonefly && { stonefly })
	};
}

/** A fly of a shortlist for a program; reasons in metric units. */
export function flyAnswer(fly: FlyChoice): v.InferInput<typeof FlyAnswerSchema> {
	return {
		patternId: fly.pattern.id,
		name: fly.pattern.name,
		hookSize: fly.hookSize,
		dressedMm: fly.dressedMm,
		tippetMm: fly.tippetMm,
		score: fly.score,
		passesFor: tell(hypothesisWords(fly.passesFor)),
		...(fly.inBox !== undefined && { inBox: fly.inBox }),
		...reasonsTold([...fly.because, ...buildWords(STYLES[fly.pattern.style])])
	};
}
