import { openEndpoint } from '$lib/server/http';
import { answerAdvice, AdviceRequestSchema } from '$lib/server/open-api';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = openEndpoint(AdviceRequestSchema, answerAdvice);
