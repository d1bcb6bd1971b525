import { toJsonSchema } from '@valibot/to-json-schema';
import * as v from 'valibot';
import { SampleSchema } from '$lib/core/note';
import { NoteBatchSchema } from '../notes';
import { ReadingRequestSchema, ReadingAnswerSchema } from './reading';
import { AdviceAnswerSchema, AdviceRequestSchema } from './advice';
import { MatchAnswerSchema, MatchRequestSchema } from './match';
import { HookRequestSchema, HookAnswerSchema } from './hook';
import { ApproachAnswerSchema, ApproachRequestSchema } from './approach';
import { DriftAnswerSchema, DriftRequestSchema } from './drift';
import { RigRequestSchema, RigAnswerSchema } from './rig';
import { SampleAnswerSchema } from './sample';
import { IdentifyRequestSchema, IdentifyAnswerSchema } from './identify';

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

/** Every way in, by its address. */
const PATHS = {
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
	'/api/v1/drift': post(
		'How long a fly drifts as the water does, from a tip over lanes of current.',
		DriftRequestSchema,
		DriftAnswerSchema,
		limited
	),
	'/api/v1/approach': post(
		'Where fish hold, how near one may come unseen, from where to fish one, when to strike, and what speaks of wading.',
		ApproachRequestSchema,
		ApproachAnswerSchema,
		limited
	),
	'/api/v1/match': post(
		'The flies that match what may be eaten, the best two together, and what each school would tie on.',
		MatchRequestSchema,
		MatchAnswerSchema,
		limited
	),
	'/api/v1/advice': post(
		'After attempts: what may be wrong, with probabilities, and the one thing to change next.',
		AdviceRequestSchema,
		AdviceAnswerSchema,
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
};

/** The description of the interface for programs, made from the schemas that check the requests. */
export const describeApi = (version: string) => ({
	openapi: '3.0.3',
	info: {
		title: 'Lacewing',
		version,
		description: 'Reads what trout are eating from field notes, and the flies and hooks that match.'
	},
	paths: PATHS
});
