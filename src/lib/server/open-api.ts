import { toJsonSchema } from '@valibot/to-json-schema';
import * as v from 'valibot';
import {
	COLUMN_ZONES,
	CURVED_HOOK,
	DRY_HOOK,
	findTaxon,
	FISH_SIZES,
	foldOuting,
	HOOK_FAMILIES,
	identify,
	hookFor,
	hypothesisPhrase,
	InstantSchema,
	leaderFor,
	LIFE_STAGES,
	lookNext,
	MARK_IDS,
	MARKS,
	MEASURED,
	NoteSchema,
	numbersOf,
	NYMPH_HOOK,
	PlaceSchema,
	planDepth,
	readWater,
	reasonsFor,
	sayPhrase,
	SAMPLE_METHODS,
	SampleSchema,
	SCHOOL_IDS,
	shortlist,
	SURFACES,
	TIPPET_SCHOOLS,
	type MarkId,
	type SampleBody
} from '$lib/core';
import { NoteBatchSchema } from './notes';

const MOST_NOTES = 500;
const MOST_FLIES = 2000;

export const ReadingRequestSchema = v.object({
	place: PlaceSchema,
	at: InstantSchema,
	notes: v.pipe(v.array(NoteSchema), v.maxLength(MOST_NOTES, `holds over ${MOST_NOTES} notes`)),
	school: v.optional(v.picklist(SCHOOL_IDS)),
	/** One fish under watch: the reading is then that fish's. */
	watchId: v.optional(v.pipe(v.string(), v.uuid('must be a UUID'))),
	box: v.optional(
		v.pipe(
			v.array(
				v.object({ patternId: v.string(), hookSize: v.number(), count: v.pipe(v.number(), v.minValue(0)) })
			),
			v.maxLength(MOST_FLIES, `holds over ${MOST_FLIES} flies`)
		)
	)
});

const ReasonSchema = v.object({ says: v.string(), weight: v.number(), noteIds: v.array(v.string()) });

export const ReadingAnswerSchema = v.object({
	reading: v.object({
		certainty: v.object({ top: v.number(), inPlay: v.number(), word: v.string() }),
		beliefs: v.array(
			v.object({
				id: v.string(),
				says: v.string(),
				kind: v.picklist(['natural', 'unseen', 'anything']),
				taxon: v.string(),
				stage: v.picklist(LIFE_STAGES),
				zone: v.picklist(COLUMN_ZONES),
				lengthMm: v.number(),
				probability: v.number(),
				because: v.array(ReasonSchema)
			})
		)
	}),
	shortlist: v.array(
		v.object({
			patternId: v.string(),
			name: v.string(),
			hookSize: v.number(),
			dressedMm: v.number(),
			tippetMm: v.number(),
			score: v.number(),
			passesFor: v.string(),
			inBox: v.optional(v.number()),
			because: v.array(v.string())
		})
	),
	lookNext: v.array(
		v.object({
			id: v.string(),
			title: v.string(),
			minutes: v.number(),
			gainBits: v.number(),
			outcomes: v.array(v.object({ finds: v.string(), probability: v.number(), means: v.string() })),
			caution: v.optional(v.string())
		})
	)
});

/** Reads the water for a program: nothing is stored. Reasons are written in metric units. */
export function answerReading(
	request: v.InferOutput<typeof ReadingRequestSchema>
): v.InferInput<typeof ReadingAnswerSchema> {
	const outing = foldOuting(request.notes, request.place, request.at);
	const reading = readWater(outing, request.watchId);
	const flies = shortlist(outing, reading, {
		...(request.school && { school: request.school }),
		...(request.box && { box: request.box })
	});
	return {
		reading: {
			certainty: reading.certainty,
			beliefs: reading.beliefs.map(({ hypothesis, probability }) => ({
				id: hypothesis.id,
				says: hypothesisPhrase(hypothesis),
				kind: hypothesis.kind,
				taxon: findTaxon(hypothesis.taxonId)?.scientificName ?? hypothesis.taxonId,
				stage: hypothesis.stage,
				zone: hypothesis.zone,
				lengthMm: hypothesis.lengthMm,
				probability,
				because: reasonsFor(reading, hypothesis.id).map(({ noteIds, weight, ...phrase }) => ({
					says: sayPhrase(phrase),
					weight,
					noteIds
				}))
			}))
		},
		shortlist: flies.map((fly) => ({
			patternId: fly.pattern.id,
			name: fly.pattern.name,
			hookSize: fly.hookSize,
			dressedMm: fly.dressedMm,
			tippetMm: fly.tippetMm,
			score: fly.score,
			passesFor: hypothesisPhrase(fly.passesFor),
			...(fly.inBox !== undefined && { inBox: fly.inBox }),
			because: fly.because.map((phrase) => sayPhrase(phrase))
		})),
		lookNext: lookNext(outing, reading)
	};
}

const LEAST_MM = 1.5;
const MOST_MM = 60;

export const HookRequestSchema = v.object({
	lengthMm: v.pipe(
		v.number('must be a number'),
		v.minValue(LEAST_MM, `is under ${LEAST_MM} mm`),
		v.maxValue(MOST_MM, `is over ${MOST_MM} mm`)
	),
	measured: v.optional(v.picklist(MEASURED), 'body'),
	family: v.optional(v.picklist(HOOK_FAMILIES), 'dry'),
	longX: v.optional(
		v.pipe(
			v.number(),
			v.integer('must be a whole number'),
			v.minValue(-3, 'is under −3'),
			v.maxValue(8, 'is over 8')
		)
	),
	dressShort: v.optional(v.boolean())
});

export const HookAnswerSchema = v.object({
	size: v.number(),
	dressedMm: v.number(),
	bodyMm: v.number(),
	neighbours: v.array(v.object({ size: v.number(), dressedMm: v.number() })),
	because: v.array(v.string())
});

/** The hook for a length, for a program. */
export function answerHook(
	request: v.InferOutput<typeof HookRequestSchema>
): v.InferInput<typeof HookAnswerSchema> {
	const usual = { dry: DRY_HOOK, curved: CURVED_HOOK, nymph: NYMPH_HOOK }[request.family];
	const choice = hookFor(request.lengthMm, request.measured, {
		...usual,
		longX: request.longX ?? usual.longX,
		dressShort: request.dressShort ?? usual.dressShort
	});
	return { ...choice, because: choice.because.map((phrase) => sayPhrase(phrase)) };
}

const ranged = (least: number, most: number, unit: string) =>
	v.pipe(
		v.number('must be a number'),
		v.minValue(least, `is under ${least}${unit}`),
		v.maxValue(most, `is over ${most}${unit}`)
	);

export const RigRequestSchema = v.object({
	hookSize: ranged(2, 28, ''),
	clarityM: v.optional(ranged(0, 20, ' m')),
	surface: v.optional(v.picklist(SURFACES)),
	speedMs: v.optional(ranged(0, 5, ' m/s')),
	windMs: v.optional(ranged(0, 25, ' m/s')),
	fish: v.optional(v.picklist(FISH_SIZES)),
	rodM: v.optional(ranged(1.5, 5, ' m')),
	bulky: v.optional(v.boolean()),
	school: v.optional(v.picklist(TIPPET_SCHOOLS)),
	second: v.optional(v.picklist(['flush', 'hanging', 'nymph'])),
	/** Still water: its depth, to hang a fly above the bed. */
	depthM: v.optional(ranged(0.5, 15, ' m')),
	flies: v.optional(ranged(1, 4, ''))
});

export const RigAnswerSchema = v.object({
	lengthM: v.number(),
	parts: v.array(v.object({ name: v.string(), lengthM: v.number(), diameterMm: v.number() })),
	tippetX: v.number(),
	tippetMm: v.number(),
	strengthN: v.array(v.number()),
	secondM: v.optional(v.object({ least: v.number(), most: v.number() })),
	knots: v.array(v.string()),
	because: v.array(v.string()),
	depth: v.optional(
		v.object({
			leaderM: v.number(),
			depthsM: v.array(v.number()),
			countdownS: v.record(v.string(), v.number()),
			because: v.array(v.string())
		})
	)
});

/** The leader for a fly and a water, for a program. */
export function answerRig({
	depthM,
	flies,
	...given
}: v.InferOutput<typeof RigRequestSchema>): v.InferInput<typeof RigAnswerSchema> {
	const rig = leaderFor(given);
	const depth = depthM === undefined ? undefined : planDepth(depthM, flies);
	return {
		...rig,
		strengthN: [...rig.strengthN],
		because: rig.because.map((phrase) => sayPhrase(phrase)),
		...(depth && { depth: { ...depth, because: depth.because.map((phrase) => sayPhrase(phrase)) } })
	};
}

const IntervalSchema = v.object({ share: v.number(), low: v.number(), high: v.number() });
const DaysSchema = v.array(v.number());

export const SampleAnswerSchema = v.object({
	total: v.number(),
	completeness: v.optional(
		v.object({ coverage: v.number(), seen: v.number(), likely: v.number(), anotherWouldAdd: v.number() })
	),
	lots: v.array(
		v.object({
			taxonId: v.string(),
			stage: v.picklist(LIFE_STAGES),
			count: v.number(),
			byNumber: IntervalSchema,
			byMass: v.number(),
			bodyMm: v.number(),
			sizes: v.optional(
				v.object({
					groups: v.array(v.object({ share: v.number(), middleMm: v.number(), logSpread: v.number() })),
					twoGroups: v.number()
				})
			),
			ripeness: v.optional(
				v.object({
					shares: v.object({ pale: IntervalSchema, dark: IntervalSchema, black: IntervalSchema }),
					days: v.object({ first: DaysSchema, most: DaysSchema })
				})
			)
		})
	)
});

/** A sample in numbers, for a program. */
export function answerSample(sample: SampleBody): v.InferInput<typeof SampleAnswerSchema> {
	const numbers = numbersOf(sample);
	if (!numbers) return { total: 0, lots: [] };
	return {
		total: numbers.total,
		completeness: numbers.completeness,
		lots: numbers.lots.map(({ taxonId, stage, count, byNumber, byMass, bodyMm, sizes, ripeness }) => ({
			taxonId,
			stage,
			count,
			byNumber,
			byMass,
			bodyMm,
			...(sizes && { sizes }),
			...(ripeness && {
				ripeness: {
					shares: ripeness.shares,
					days: { first: [...ripeness.days.first], most: [...ripeness.days.most] }
				}
			})
		}))
	};
}

export const IdentifyRequestSchema = v.object({
	/** What was seen, in any order. */
	marks: v.pipe(
		v.array(
			v.pipe(
				v.object({ mark: v.picklist(MARK_IDS), state: v.string() }),
				v.forward(
					v.partialCheck(
						[['mark'], ['state']],
						({ mark, state }) => state === 'unseen' || Object.hasOwn(MARKS[mark as MarkId].states, state),
						'is no answer to that mark'
					),
					['state']
				)
			)
		),
		v.maxLength(60, 'holds over 60 marks')
	),
	place: v.optional(PlaceSchema),
	at: v.optional(InstantSchema),
	method: v.optional(v.picklist(SAMPLE_METHODS))
});

export const IdentifyAnswerSchema = v.object({
	candidates: v.array(
		v.object({
			taxonId: v.string(),
			taxon: v.string(),
			stage: v.picklist(LIFE_STAGES),
			probability: v.number()
		})
	),
	next: v.optional(
		v.object({
			mark: v.string(),
			asks: v.string(),
			effortS: v.number(),
			gainBits: v.number(),
			answers: v.array(v.object({ state: v.string(), says: v.string(), probability: v.number() })),
			trap: v.optional(v.string())
		})
	),
	enough: v.object({
		yes: v.boolean(),
		served: v.number(),
		style: v.string(),
		hookSize: v.number(),
		wouldChange: v.array(
			v.object({
				taxonId: v.string(),
				stage: v.picklist(LIFE_STAGES),
				probability: v.number(),
				style: v.string(),
				hookSize: v.number()
			})
		)
	}),
	contradictions: v.array(v.object({ marks: v.array(v.string()), lookAgain: v.string(), says: v.string() }))
});

/** Candidates less likely than this are left out of the answer. */
const WORTH_NAMING = 0.001;

/** Names an animal from its marks, for a program. */
export function answerIdentify({
	marks,
	place,
	at,
	method
}: v.InferOutput<typeof IdentifyRequestSchema>): v.InferInput<typeof IdentifyAnswerSchema> {
	const { candidates, questions, enough, contradictions } = identify(marks, {
		...(place && { place }),
		...(at && { at }),
		...(method && { method })
	});
	const [next] = questions;
	return {
		candidates: candidates
			.filter(({ probability }) => probability >= WORTH_NAMING)
			.map((candidate) => ({
				...candidate,
				taxon: findTaxon(candidate.taxonId)?.scientificName ?? candidate.taxonId
			})),
		...(next && {
			next: {
				...next,
				answers: next.answers.map(({ state, says, probability }) => ({ state, says, probability }))
			}
		}),
		enough: {
			yes: enough.yes,
			served: enough.served,
			style: enough.styleName,
			hookSize: enough.hookSize,
			wouldChange: enough.wouldChange.map(({ styleName, ...other }) => ({ ...other, style: styleName }))
		},
		contradictions: contradictions.map(({ marks: pair, ...rest }) => ({ ...rest, marks: [...pair] }))
	};
}

const ProblemSchema = v.object({
	error: v.object({
		message: v.string(),
		issues: v.array(v.object({ field: v.string(), message: v.string() }))
	})
});

const NotesAnswerSchema = v.object({
	stored: v.array(v.object({ id: v.string(), status: v.picklist(['stored', 'already']) }))
});

const json = (schema: v.GenericSchema) => ({
	'application/json': {
		schema: toJsonSchema(schema, { typeMode: 'input', errorMode: 'ignore', target: 'openapi-3.0' })
	}
});
const wrong = (description: string) => ({ description, content: json(ProblemSchema) });

/** The description of the interface for programs, made from the schemas that check the requests. */
export function describeApi(version: string) {
	const post = (
		summary: string,
		request: v.GenericSchema,
		answer: v.GenericSchema,
		more: Record<string, unknown> = {},
		parameters: unknown[] = []
	) => ({
		post: {
			summary,
			...(parameters.length > 0 && { parameters }),
			requestBody: { required: true, content: json(request) },
			responses: {
				'200': { description: 'The answer.', content: json(answer) },
				'400': wrong('The body is not JSON.'),
				'413': wrong('The body is too large.'),
				'415': wrong('The content type is not application/json.'),
				'422': wrong('A field is wrong; it is named.'),
				...more
			}
		}
	});
	const limited = { '429': wrong('Too many requests from this address.') };
	return {
		openapi: '3.0.3',
		info: {
			title: 'Lacewing',
			version,
			description: 'Reads what trout are eating from field notes, and the flies and hooks that match.'
		},
		paths: {
			'/api/v1/reading': post(
				'What the fish are most likely eating, the flies that match, and what to look at next. Stores nothing.',
				ReadingRequestSchema,
				ReadingAnswerSchema,
				limited
			),
			'/api/v1/hook': post(
				'The hook for a natural of some length.',
				HookRequestSchema,
				HookAnswerSchema,
				limited
			),
			'/api/v1/sample': post(
				'A sample in numbers: shares with intervals, dry mass, completeness, sizes and ripeness.',
				SampleSchema,
				SampleAnswerSchema,
				limited
			),
			'/api/v1/rig': post(
				'The leader, tippet and knots for a fly and a water, and depths on still water.',
				RigRequestSchema,
				RigAnswerSchema,
				limited
			),
			'/api/v1/identify': post(
				'What an animal is, from the marks that were seen: candidates, the next thing to look at, and whether it is good enough to fish.',
				IdentifyRequestSchema,
				IdentifyAnswerSchema,
				limited
			),
			'/api/v1/outings/{id}/notes': post(
				'Stores notes in one of your outings: all of the batch or none. Needs a session.',
				NoteBatchSchema,
				NotesAnswerSchema,
				{
					'401': wrong('Not signed in.'),
					'404': wrong('You have no such outing.'),
					'409': wrong('Another note has this id.')
				},
				[{ name: 'id', in: 'path', required: true, schema: { type: 'string', format: 'uuid' } }]
			)
		}
	};
}
