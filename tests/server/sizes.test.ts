import { get } from 'node:http';
import { beforeAll, expect, it } from 'vitest';
import { demoServer, type DemoServer } from './demo-server';

let demo: DemoServer;
beforeAll(async () => {
	demo = await demoServer();
});

/** What an address sends, as it goes over the line. */
const sent = (path: string): Promise<{ bytes: number; link: string; encoding: string | undefined }> =>
	new Promise((resolve, reject) => {
		const headers = { cookie: demo.cookie, 'accept-encoding': path.includes('_app') ? 'br' : 'identity' };
		get(`${demo.app.origin}${path}`, { headers }, (response) => {
			let bytes = 0;
			response.on('data', (chunk: Buffer) => (bytes += chunk.length));
			response.on('end', () => {
				const { link, 'content-encoding': encoding } = response.headers;
				resolve({ bytes, link: String(link ?? ''), encoding });
			});
		}).on('error', reject);
	});

/** Kilobytes of script that a page asks for before it is alive, cold and compressed. */
async function scriptOf(path: string): Promise<number> {
	const { link } = await sent(path);
	const files = new Set(
		[...link.matchAll(/<([^>]+\.js)>; rel="modulepreload"/g)].map(
			([, file]) => new URL(file ?? '', `${demo.app.origin}${path}`).pathname
		)
	);
	expect(files.size).toBeGreaterThan(5);
	let bytes = 0;
	for (const file of files) {
		const script = await sent(file);
		expect(script.encoding, file).toBe('br');
		bytes += script.bytes;
	}
	return bytes / 1000;
}

it('a phone loads no more script than a page needs', async () => {
	const signIn = await (async () => {
		const cookie = demo.cookie;
		demo.cookie = '';
		try {
			return await scriptOf('/sign-in');
		} finally {
			demo.cookie = cookie;
		}
	})();
	const board = await scriptOf(`/bank/${demo.outingId}`);
	const circle = await scriptOf('/circle');
	process.stdout.write(
		`Script, compressed: sign-in ${signIn.toFixed(0)} kB, board ${board.toFixed(0)} kB, circle ${circle.toFixed(0)} kB\n`
	);
	expect(signIn).toBeLessThan(60);
	expect(board).toBeLessThan(150);
	expect(circle).toBeLessThan(100);
});
