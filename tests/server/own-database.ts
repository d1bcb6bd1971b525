import { afterAll } from 'vitest';
import { closeDatabase } from '../../src/lib/server/database';
import { throwawayDatabase } from './throwaway-database';

/** Every file of server tests has a database of its own, so that files can run side by side. */
const { url, drop } = await throwawayDatabase();
process.env['DATABASE_URL'] = url;
process.env['LACEWING_DEMO'] = '1';
process.env['LOG_LEVEL'] = 'silent';

afterAll(async () => {
	await closeDatabase();
	await drop();
});
