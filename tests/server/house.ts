import { afterAll } from 'vitest';
import { closeDatabase } from '../../src/lib/server/database';
import { startApp, type App } from './app';
import { throwawayDatabase, type Holding } from './throwaway-database';

/** What a file of server tests has opened: it ends with the file, copies of the server before their databases. */
const apps: App[] = [];
const drops: (() => Promise<void>)[] = [];
afterAll(async () => {
	await Promise.all(apps.map((app) => app.end()));
	await closeDatabase();
	for (const drop of drops) await drop();
});

/** A database for this file of tests in place of its empty one; the house's own functions work on it. */
export async function openDatabase(holding: Holding = 'demo'): Promise<string> {
	await closeDatabase();
	const { url, drop } = await throwawayDatabase(holding);
	drops.push(drop);
	process.env['DATABASE_URL'] = url;
	return url;
}

/** A copy of the server over a database, the one in hand unless told otherwise. */
export async function openCopy({
	url = process.env['DATABASE_URL'] ?? '',
	port,
	env,
	status
}: { url?: string; port?: number; env?: NodeJS.ProcessEnv; status?: number } = {}): Promise<App> {
	const app = await startApp(url, port, env, status);
	apps.push(app);
	return app;
}

/** A copy of the server over a demonstration of this file's own. */
export async function openDemo(env?: NodeJS.ProcessEnv): Promise<App> {
	const url = await openDatabase();
	return openCopy({ url, ...(env && { env }) });
}
