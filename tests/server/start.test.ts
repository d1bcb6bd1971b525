import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { createServer } from 'node:net';
import { expect, it } from 'vitest';

/** Runs bin/start and answers with what it said and how it ended. */
async function start(
	env: NodeJS.ProcessEnv,
	...args: string[]
): Promise<{ code: number | null; said: string }> {
	const child = spawn('bash', ['bin/start', ...args], {
		env: { ...process.env, ...env },
		stdio: ['ignore', 'pipe', 'pipe']
	});
	let said = '';
	for (const stream of [child.stdout, child.stderr])
		stream.on('data', (chunk: Buffer) => (said += chunk.toString()));
	const [code] = (await once(child, 'exit')) as [number | null];
	return { code, said };
}

it('says in one sentence that the port is in use, and which other to take', async () => {
	const server = createServer().listen(0, '127.0.0.1');
	await once(server, 'listening');
	const address = server.address();
	const port = typeof address === 'object' && address ? address.port : 0;
	const { code, said } = await start({ PORT: String(port) });
	server.close();
	expect(code).toBe(1);
	expect(said.trim()).toBe(
		`Port ${port} is in use: stop what uses it, or choose another, like PORT=${port + 1} bin/start.`
	);
});

it('says what it knows when it is asked for something else', async () => {
	expect(await start({}, '--frsh')).toEqual({
		code: 1,
		said: "bin/start knows --fresh, --phone and --phone-plain, not '--frsh'.\n"
	});
});

it('will not empty a database that is not its own', async () => {
	const { code, said } = await start(
		{ PORT: '0', DATABASE_URL: 'postgres://nobody@127.0.0.1:1/x' },
		'--fresh'
	);
	expect(code).toBe(1);
	expect(said).toContain('empty yours yourself');
});

it('says that the database cannot be reached, and why', async () => {
	const { code, said } = await start({ PORT: '0', DATABASE_URL: 'postgres://nobody@127.0.0.1:1/x' });
	expect(code).toBe(1);
	expect(said).toContain('The database cannot be prepared');
	expect(said).toContain('ECONNREFUSED');
	expect(said).not.toContain('    at ');
});
