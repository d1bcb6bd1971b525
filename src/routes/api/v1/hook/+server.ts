import { openEndpoint } from '$lib/server/http';
import { answerHook, HookRequestSchema } from '$lib/server/open-api';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = openEndpoint(HookRequestSchema, answerHook);
