import '../../src/lib/core/atlas/all';
import { randomBytes } from 'node:crypto';
import pg from 'pg';
import { closeDatabase } from '../../src/lib/server/database';
import { loadDemo, setDemoClock } from '../../src/lib/server/demo';
import { migrate } from '../../src/lib/server/migrate';

/** What a database of tests holds: the tables alone, or the demonstration too. */
export type Holding = 'tables' | 'demo';
type Templates = Record<Holding, string>;

/** Where the names of the templates are told to the processes that tests run in. */
const VARIABLES: Record<Holding, string> = { tables: 'TEST_TEMPLATE_TABLES', demo: 'TEST_TEMPLATE_DEMO' };

/** Makes the databases that those of test files are copied from, once for a run. Answers with the way to drop them. */
export default async function makeTemplates(): Promise<() => Promise<void>> {
	const cluster = clusterUrl();
	process.env['LACEWING_DEMO'] = '1';
	process.env['LOG_LEVEL'] = 'silent';
	const names: Templates = { tables: databaseName('template'), demo: databaseName('demo') };
	await onCluster(cluster, `create database ${names.tables}`);
	await migrate(urlOf(cluster, names.tables));
	await onCluster(cluster, `create database ${names.demo} template ${names.tables}`);
	const before = process.env['DATABASE_URL'];
	process.env['DATABASE_URL'] = urlOf(cluster, names.demo);
	await loadDemo();
	await setDemoClock();
	await closeDatabase();
	if (before === undefined) delete process.env['DATABASE_URL'];
	else process.env['DATABASE_URL'] = before;
	for (const holding of ['tables', 'demo'] as const) process.env[VARIABLES[holding]] = names[holding];
	return async () => {
		for (const name of Object.values(names)) await onCluster(cluster, `drop database ${name} with (force)`);
	};
}

/** A database of its own for one file of tests, on the cluster that bin/test starts. */
export async function throwawayDatabase(
	holding: Holding = 'tables'
): Promise<{ url: string; drop: () => Promise<void> }> {
	const cluster = clusterUrl();
	const template = process.env[VARIABLES[holding]];
	if (!template) throw new Error('The templates of the test databases are not made.');
	const name = databaseName('test');
	await onCluster(cluster, `create database ${name} template ${template}`);
	return {
		url: urlOf(cluster, name),
		drop: () => onCluster(cluster, `drop database ${name} with (force)`)
	};
}

function clusterUrl(): string {
	const cluster = process.env['TEST_DATABASE_URL'];
	if (!cluster)
		throw new Error('TEST_DATABASE_URL is not set: run bin/test, or point it at a PostgreSQL you can spare.');
	return cluster;
}

const databaseName = (what: string): string => `lacewing_${what}_${randomBytes(6).toString('hex')}`;

function urlOf(cluster: string, name: string): string {
	const url = new URL(cluster);
	url.pathname = `/${name}`;
	return url.href;
}

/** Two copies of one template at once wait for each other; one that is just being connected to is tried again. */
async function onCluster(cluster: string, sql: string): Promise<void> {
	for (let tries = 0; ; tries++) {
		const client = new pg.Client({ connectionString: cluster });
		await client.connect();
		try {
			await client.query(sql);
			return;
		} catch (error) {
			const busy = error instanceof pg.DatabaseError && error.code === '55006';
			if (!busy || tries >= 50) throw error;
			await new Promise((resolve) => setTimeout(resolve, 100));
		} finally {
			await client.end();
		}
	}
}
