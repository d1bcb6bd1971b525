import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { createServer } from 'node:net';

/** One copy of the built server, as it runs for real. */
export interface App {
	origin: string;
	port: number;
	process: ChildProcess;
	/** Ends it as the machine would: SIGTERM, or SIGKILL for the worst case. */
	end: (signal?: 'SIGTERM' | 'SIGKILL') => Promise<number | null>;
}

export async function freePort(): Promise<number> {
	const server = createServer().listen(0, '127.0.0.1');
	await once(server, 'listening');
	const address = server.address();
	server.close();
	if (typeof address !== 'object' || !address) throw new Error('no port');
	return address.port;
}

/** Starts a copy and waits until `/healthz` answers with the status asked for. */
export async function startApp(
	databaseUrl: string,
	port?: number,
	env: NodeJS.ProcessEnv = {},
	status = 200
): Promise<App> {
	const chosen = port ?? (await freePort());
	const origin = `http://localhost:${chosen}`;
	const child = spawn(process.execPath, ['build'], {
		env: {
			...process.env,
			NODE_ENV: 'production',
			DATABASE_URL: databaseUrl,
			LACEWING_DEMO: '1',
			LOG_LEVEL: 'error',
			HOST: '127.0.0.1',
			PORT: String(chosen),
			ORIGIN: origin,
			BODY_SIZE_LIMIT: '110M',
			...env
		},
		stdio: ['ignore', 'inherit', 'inherit']
	});
	for (let tries = 0; ; tries++) {
		if (child.exitCode !== null) throw new Error(`The server ended with ${child.exitCode}: is it built?`);
		const up = await fetch(`${origin}/healthz`).then(
			(response) => response.status === status,
			() => false
		);
		if (up) break;
		if (tries > 200) {
			child.kill('SIGKILL');
			throw new Error('The server did not come up.');
		}
		await new Promise((resolve) => setTimeout(resolve, 50));
	}
	return {
		origin,
		port: chosen,
		process: child,
		end: async (signal = 'SIGTERM') => {
			if (child.exitCode === null && child.signalCode === null) {
				child.kill(signal);
				await once(child, 'exit');
			}
			return child.exitCode;
		}
	};
}

/** Posts the one-tap form of the sign-in page, as a browser without scripts would. */
export function enterForm(
	app: Pick<App, 'origin'>,
	handle: string,
	query = '',
	origin = app.origin
): Promise<Response> {
	return fetch(`${app.origin}/sign-in?/demo${query}`, {
		method: 'POST',
		redirect: 'manual',
		headers: { origin, accept: 'text/html', 'content-type': 'application/x-www-form-urlencoded' },
		body: new URLSearchParams({ handle })
	});
}

/** Signs in as one of the demonstration's guides; answers with the cookie. */
export async function enterAs(app: Pick<App, 'origin'>, handle: string): Promise<string> {
	const response = await enterForm(app, handle);
	const cookie = response.headers.get('set-cookie')?.split(';')[0];
	if (!cookie) throw new Error(`Could not enter as ${handle}: ${response.status}`);
	return cookie;
}

/** Sends JSON, as the app or a program would. */
export function send(
	app: Pick<App, 'origin'>,
	path: string,
	body: unknown,
	cookie = '',
	method = 'POST'
): Promise<Response> {
	return fetch(`${app.origin}${path}`, {
		method,
		headers: { 'content-type': 'application/json', ...(cookie && { cookie }) },
		body: typeof body === 'string' ? body : JSON.stringify(body)
	});
}
