import { readFileSync } from 'node:fs';
import type { App } from '../server/app';

/** Whether the attacks run as long as they would in earnest, or in the short form that every change is checked with. */
export const LONG = process.env['ATTACK'] === 'long';

/** Megabytes that a process holds now, and the most it has held. Linux tells both. */
export function memoryOf(app: App): { nowMb: number; mostMb: number } {
	const status = readFileSync(`/proc/${app.process.pid}/status`, 'utf8');
	const mb = (field: string) => Number(new RegExp(`${field}:\\s+(\\d+) kB`).exec(status)?.[1] ?? NaN) / 1024;
	return { nowMb: mb('VmRSS'), mostMb: mb('VmHWM') };
}

/** What an attack cost: the time to its answer, and by how much the server's memory grew beyond what it had reached. */
export async function cost<T>(
	app: App,
	attack: () => Promise<T>
): Promise<{ ms: number; mb: number; came: T }> {
	const before = memoryOf(app).mostMb;
	const began = performance.now();
	const came = await attack();
	return { ms: performance.now() - began, mb: memoryOf(app).mostMb - before, came };
}

/** Prints a table of what was measured, for whoever reads the log. */
export function print(
	title: string,
	rows: readonly (readonly [name: string, cost: { ms: number; mb: number }])[]
) {
	const lines = rows.map(
		([name, { ms, mb }]) => `${ms.toFixed(0).padStart(8)} ms ${mb.toFixed(0).padStart(6)} MB  ${name}`
	);
	process.stdout.write(`${title}\n${lines.join('\n')}\n`);
}

/** Whether the process is still the one that was started, and answers. */
export async function stands(app: App): Promise<boolean> {
	if (app.process.exitCode !== null || app.process.signalCode !== null) return false;
	return (await fetch(`${app.origin}/healthz`)).ok;
}

/** What no single request may take even where others load the machine; how long it does take is printed. */
export const FAR_TOO_LONG_MS = 20_000;
