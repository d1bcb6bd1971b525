/** Brings the database of DATABASE_URL to the newest shape and, in the demonstration, fills it when empty. */
import '../src/lib/core/atlas/all';
import { closeDatabase } from '../src/lib/server/database';
import { loadDemo, setDemoClock } from '../src/lib/server/demo';
import { migrate } from '../src/lib/server/migrate';

const url = process.env['DATABASE_URL'];
if (!url) {
	console.error('DATABASE_URL is not set.');
	process.exit(1);
}
try {
	const applied = await migrate(url);
	if (applied.length > 0) console.log(`Brought the database up to ${applied.at(-1)}.`);
	if (process.env['LACEWING_DEMO'] === '1') {
		if (await loadDemo()) console.log('Loaded the demonstration basin.');
		await setDemoClock();
	}
} catch (error) {
	console.error(`The database cannot be prepared: ${error instanceof Error ? error.message : String(error)}`);
	process.exitCode = 1;
} finally {
	await closeDatabase();
}
