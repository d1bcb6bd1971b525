import { database } from '../../src/lib/server/database';
import { enterAs, type App } from './app';
import { openDemo } from './house';

/** A copy of the server over a demonstration of its own, with Ines signed in and her open outing. */
export interface DemoServer {
	app: App;
	/** Ines's session. */
	cookie: string;
	ines: string;
	outingId: string;
	reachId: string;
}

/** Opens one that answers as often as it is asked, unless it is told otherwise. */
export async function demoServer(env: NodeJS.ProcessEnv = {}): Promise<DemoServer> {
	const app = await openDemo({ API_PER_MINUTE: '1000000', LOG_LEVEL: 'silent', ...env });
	const { rows } = await database().query<{ id: string; author_id: string; reach_id: string }>(
		'select id, author_id, reach_id from outing where ended_at is null'
	);
	const [outing] = rows;
	if (!outing) throw new Error('the demonstration has no open outing');
	return {
		app,
		cookie: await enterAs(app, 'ines'),
		...{ ines: outing.author_id, outingId: outing.id, reachId: outing.reach_id }
	};
}
