import { openEndpoint } from '$lib/server/http';
import { answerDrift, DriftRequestSchema } from '$lib/server/open-api';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = openEndpoint(DriftRequestSchema, answerDrift);
