import { openEndpoint } from '$lib/server/http';
import { SampleSchema } from '$lib/core/note';
import { answerSample } from '$lib/server/open-api';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = openEndpoint(SampleSchema, answerSample);
