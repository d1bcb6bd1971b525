import { openEndpoint } from '$lib/server/http';
import { answerRig, RigRequestSchema } from '$lib/server/open-api';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = openEndpoint(RigRequestSchema, answerRig);
