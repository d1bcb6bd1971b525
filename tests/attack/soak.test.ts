import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { beforeAll, expect, it } from 'vitest';
import { seededRandom } from '../../src/lib/core/math';
import { DEMO_NOW, simulatedNoteId } from '../../src/lib/simulate';
import { enterAs, send } from '../server/app';
import { demoServer, type DemoServer } from '../server/demo-server';
import { LONG, memoryOf, stands } from './siege';

let server: DemoServer;
const cookies: string[] = [];

beforeAll(async () => {
	server = await demoServer({ API_PER_MINUTE: '120' });
	for (const handle of ['ines', 'mira', 'jorun', 'tomas']) cookies.push(await enterAs(server.app, handle));
});

const QUIET_MS = LONG ? 60_000 : 4_000;
const SIEGE_MS = Number(process.env['SOAK_S'] ?? (LONG ? 600 : 12)) * 1_000;
/** One of the attacks alone, by its name in `hostile.ts`. */
const ONLY = process.env['SOAK_ONLY'];
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const random = seededRandom(23);

/** What a guide with the app open does, again and again; answers with how long each answer took. */
async function honest(over: () => boolean, cookie: string, took: number[], faults: string[]): Promise<void> {
	const { app, outingId } = server;
	const isInes = cookie === cookies[0];
	const pages = ['/bank', '/circle', '/log', '/box', ...(isInes ? [`/bank/${outingId}`] : [])];
	for (let turn = 0; !over(); turn++) {
		const began = performance.now();
		let response: Response;
		if (isInes && turn % 2 === 1) {
			const at = new Date(DEMO_NOW.getTime() + turn);
			const note = { id: simulatedNoteId(random, at), at, kind: 'rise', body: { form: 'nose' } };
			response = await send(app, `/api/v1/outings/${outingId}/notes`, { notes: [note] }, cookie);
		} else
			response = await fetch(`${app.origin}${pages[turn % pages.length]}/__data.json`, {
				headers: { cookie }
			});
		await response.arrayBuffer();
		took.push(performance.now() - began);
		if (!response.ok) faults.push(`${response.url}: ${response.status}`);
		await pause(150 + 200 * random());
	}
}

/** Lets the attackers in, on what the machine has left: they would have machines of their own. */
async function besiege(ms: number): Promise<void> {
	const { app, outingId } = server;
	const attackers = spawn('nice', ['-n', '19', 'node_modules/.bin/tsx', 'tests/attack/hostile.ts'], {
		env: {
			...process.env,
			...{ ORIGIN: app.origin, COOKIE: cookies[3], OUTING: outingId, MS: String(ms) },
			...(ONLY && { ONLY })
		},
		stdio: 'inherit'
	});
	expect(await once(attackers, 'exit')).toEqual([0, null]);
}

const percentile = (values: readonly number[], share: number): number =>
	[...values].sort((a, b) => a - b)[Math.floor(share * (values.length - 1))] ?? NaN;

it(
	'guides are served while others attack: times near the quiet ones, memory that does not grow',
	async () => {
		const phase = async (ms: number, attack: boolean) => {
			const until = performance.now() + ms;
			const over = () => performance.now() > until;
			const [took, faults, memory]: [number[], string[], number[]] = [[], [], []];
			const attackers = attack ? besiege(ms) : Promise.resolve();
			const watching = (async () => {
				for (; !over(); await pause(ms / 60)) memory.push(memoryOf(server.app).nowMb);
			})();
			await Promise.all([
				...cookies.slice(0, 3).map((cookie) => honest(over, cookie, took, faults)),
				attackers,
				watching
			]);
			return { took, faults, memory };
		};
		await phase(2_000, false);
		const quiet = await phase(QUIET_MS, false);
		const siege = await phase(SIEGE_MS, true);
		const [before, during] = [percentile(quiet.took, 0.95), percentile(siege.took, 0.95)];
		const third = Math.floor(siege.memory.length / 3);
		const [early, late] = [siege.memory.slice(third, 2 * third), siege.memory.slice(-third)].map((part) =>
			percentile(part, 0.5)
		);
		process.stdout.write(
			`A soak of ${SIEGE_MS / 1000} s${ONLY ? ` with ${ONLY}` : ''}, ${siege.took.length} honest answers: median ${percentile(quiet.took, 0.5).toFixed(0)} → ${percentile(siege.took, 0.5).toFixed(0)} ms, ` +
				`95th percentile ${before.toFixed(0)} → ${during.toFixed(0)} ms (${(during / before).toFixed(1)} times), ` +
				`memory ${early?.toFixed(0)} → ${late?.toFixed(0)} MB\n`
		);
		expect(siege.faults).toEqual([]);
		expect(await stands(server.app)).toBe(true);
		if (LONG) {
			expect(during / before).toBeLessThan(3);
			expect((late ?? 0) / (early ?? 0)).toBeLessThan(1.2);
		}
	},
	SIEGE_MS + QUIET_MS + 120_000
);
