import { openEndpoint } from '$lib/server/http';
import { answerApproach, ApproachRequestSchema } from '$lib/server/open-api';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = openEndpoint(ApproachRequestSchema, answerApproach);
