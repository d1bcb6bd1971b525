import { databaseAnswers } from '$lib/server/database';
import type { RequestHandler } from './$types';

/** 200 when this process and its database answer, 503 when the database does not. */
export const GET: RequestHandler = async () => {
	const database = await databaseAnswers();
	return Response.json(
		{ process: 'up', database: database ? 'up' : 'down' },
		{ status: database ? 200 : 503, headers: { 'cache-control': 'no-store' } }
	);
};
