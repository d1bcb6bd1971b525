/** Serves the demonstration to each worker from a throwaway database of its own, until it is told to stop. */
import { createServer } from 'node:http';
import { copiesOf, READY_PORT, WORKERS } from '../../playwright.config';
import { startApp, type App } from '../server/app';
import makeTemplates, { throwawayDatabase } from '../server/throwaway-database';

const apps: App[] = [];
const ends: (() => Promise<void>)[] = [await makeTemplates()];
let stopping = false;
async function stop(): Promise<void> {
	if (stopping) return;
	stopping = true;
	await Promise.all(apps.map((app) => app.end()));
	for (const end of ends.reverse()) await end();
	process.exit(0);
}
process.on('SIGTERM', () => void stop());
process.on('SIGINT', () => void stop());

const still = { DEMO_CLOCK_STANDS: '1' };
for (let worker = 0; worker < WORKERS; worker++) {
	const { url, drop } = await throwawayDatabase('demo');
	ends.push(drop);
	const { first, second, evening } = copiesOf(worker);
	const portOf = (origin: string) => Number(new URL(origin).port);
	apps.push(
		...(await Promise.all([
			startApp(url, portOf(first), still),
			startApp(url, portOf(second), still),
			startApp(url, portOf(evening), { ...still, DEMO_AHEAD_MIN: '600' })
		]))
	);
}
createServer((_, response) => response.end('ready')).listen(READY_PORT, '127.0.0.1');
