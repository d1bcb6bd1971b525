/** Serves the demonstration twice from one throwaway database, until it is told to stop. */
import { closeDatabase } from '../../src/lib/server/database';
import { loadDemo, setDemoClock } from '../../src/lib/server/demo';
import { EVENING_COPY, FIRST_COPY, SECOND_COPY } from '../../playwright.config';
import { startApp, type App } from '../server/app';
import { throwawayDatabase } from '../server/throwaway-database';

const { url, drop } = await throwawayDatabase();
process.env['DATABASE_URL'] = url;
process.env['LACEWING_DEMO'] = '1';
await loadDemo();
await setDemoClock();
await closeDatabase();

const apps: App[] = [];
let stopping = false;
async function stop(): Promise<void> {
	if (stopping) return;
	stopping = true;
	await Promise.all(apps.map((app) => app.end()));
	await drop();
	process.exit(0);
}
process.on('SIGTERM', () => void stop());
process.on('SIGINT', () => void stop());

for (const origin of [FIRST_COPY, SECOND_COPY]) apps.push(await startApp(url, Number(new URL(origin).port)));
apps.push(await startApp(url, Number(new URL(EVENING_COPY).port), { DEMO_AHEAD_MIN: '600' }));
