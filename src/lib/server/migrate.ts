import { runner } from 'node-pg-migrate';

/** Brings a database to the newest shape: the numbered files under db/migrations, forwards only. */
export async function migrate(databaseUrl: string, directory = 'db/migrations'): Promise<string[]> {
	const applied = await runner({
		databaseUrl,
		dir: directory,
		direction: 'up',
		migrationsTable: 'migration',
		checkOrder: true,
		log: () => undefined
	});
	return applied.map(({ name }) => name);
}
