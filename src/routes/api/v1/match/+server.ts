import { openEndpoint } from '$lib/server/http';
import { answerMatch, MatchRequestSchema } from '$lib/server/open-api';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = openEndpoint(MatchRequestSchema, answerMatch);
