import { openEndpoint } from '$lib/server/http';
import { answerReading, ReadingRequestSchema } from '$lib/server/open-api';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = openEndpoint(ReadingRequestSchema, answerReading);
