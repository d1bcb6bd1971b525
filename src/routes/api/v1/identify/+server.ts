import { openEndpoint } from '$lib/server/http';
import { answerIdentify, IdentifyRequestSchema } from '$lib/server/open-api';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = openEndpoint(IdentifyRequestSchema, answerIdentify);
