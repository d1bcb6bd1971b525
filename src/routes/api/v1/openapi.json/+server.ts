import { version } from '$app/environment';
import { describeApi } from '$lib/server/open-api';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () =>
	Response.json(describeApi(version), { headers: { 'cache-control': 'public, max-age=300' } });
