import { randomBytes } from 'node:crypto';
import pg from 'pg';
import { migrate } from '../../src/lib/server/migrate';

/** A database of its own for one run of the tests, on the cluster that bin/test starts. */
export default async function setup(): Promise<() => Promise<void>> {
	const { url, drop } = await throwawayDatabase();
	process.env['DATABASE_URL'] = url;
	process.env['LACEWING_DEMO'] = '1';
	process.env['LOG_LEVEL'] = 'silent';
	return drop;
}

export async function throwawayDatabase(): Promise<{ url: string; drop: () => Promise<void> }> {
	const cluster = process.env['TEST_DATABASE_URL'];
	if (!cluster)
		throw new Error('TEST_DATABASE_URL is not set: run bin/test, or point it at a PostgreSQL you can spare.');
	const name = `lacewing_test_${randomBytes(6).toString('hex')}`;
	await onCluster(cluster, `create database ${name}`);
	const url = new URL(cluster);
	url.pathname = `/${name}`;
	await migrate(url.href);
	return { url: url.href, drop: () => onCluster(cluster, `drop database ${name} with (force)`) };
}

async function onCluster(cluster: string, sql: string): Promise<void> {
	const client = new pg.Client({ connectionString: cluster });
	await client.connect();
	try {
		await client.query(sql);
	} finally {
		await client.end();
	}
}
