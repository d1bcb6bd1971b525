/**
 * Takes in a table of records of 100 MB as a stream, and one of a tenth of that, and prints how fast and how much
 * memory each needs: it should not grow with the file. `npm run measure:import`; MEGABYTES, TEST_DATABASE_URL.
 */
import '../src/lib/core/atlas/all';
import { TAXA } from '../src/lib/core/atlas';
import { guessMapping } from '../src/lib/core/exchange';
import { signUp } from '../src/lib/server/accounts';
import { closeDatabase, database } from '../src/lib/server/database';
import { importFile } from '../src/lib/server/import';
import { throwawayDatabase } from '../tests/server/throwaway-database';
import { table } from './trials/print';

const MEGABYTES = Number(process.env['MEGABYTES'] ?? 100);
const HEAD =
	'day,insect,stage,how many,first,last,water,reach,basin,time zone,water temp,size,latitude,longitude,notes';
const settings = {
	mapping: guessMapping(HEAD.split(','), []),
	newReaches: { kind: 'freestone', elevationM: 600 }
};
const at = new Date('2026-05-19T11:40:00Z');
const CHUNK = 64_000;

const { url, drop } = await throwawayDatabase();
process.env['DATABASE_URL'] = url;

/** Rows of a long notebook, as many as fill so many bytes; each is another. */
function notebook(bytes: number): ReadableStream<Uint8Array> {
	const naturals = TAXA.flatMap(({ id, stages }) => stages.map(({ stage }) => ({ id, stage })));
	const encoder = new TextEncoder();
	let [sent, row] = [0, 0];
	return new ReadableStream({
		pull(controller) {
			let text = row === 0 ? `${HEAD}\n` : '';
			while (text.length < CHUNK && sent + text.length < bytes) {
				const { id, stage } = naturals[row % naturals.length] ?? { id: 'baetis', stage: 'dun' };
				const day = new Date(Date.UTC(2000, 0, 1 + (Math.floor(row / naturals.length) % 9000)));
				const reach = row % 40;
				text += `${day.toISOString().slice(0, 10)},${id},${stage},${row % 90},${10 + (row % 8)}:10,${18 + (row % 4)}:00,Water ${reach % 7},Reach ${reach},Wide basin,Europe/Zurich,9.${row % 10},${4 + (row % 9)},47.${reach + 10},8.${reach + 10},"row ${row}, seen from the far bank under the alders where the current slows, a steady trickle and fish on it for most of the time until the wind got up and the light went"\n`;
				row += 1;
			}
			sent += text.length;
			controller.enqueue(encoder.encode(text));
			if (sent >= bytes) controller.close();
		}
	});
}

interface Measured {
	rows: number;
	fresh: number;
	bad: number;
	seconds: number;
	heapMb: number;
}

async function measured(megabytes: number, accountId: string): Promise<Measured> {
	globalThis.gc?.();
	const before = process.memoryUsage().heapUsed;
	let peak = 0;
	const watch = setInterval(() => (peak = Math.max(peak, process.memoryUsage().heapUsed - before)), 50);
	const began = performance.now();
	const told = await importFile({
		...{ accountId, kind: 'table', body: notebook(megabytes * 1_000_000), settings, keep: true, at }
	});
	clearInterval(watch);
	if ('issues' in told) throw new Error(JSON.stringify(told.issues));
	return {
		rows: told.lines['row']?.read ?? 0,
		fresh: told.lines['row']?.fresh ?? 0,
		bad: told.badCount,
		seconds: (performance.now() - began) / 1000,
		heapMb: peak / 1e6
	};
}

try {
	const lines: string[][] = [];
	const peaks: number[] = [];
	for (const megabytes of [MEGABYTES / 10, MEGABYTES]) {
		const account = await signUp({
			handle: `measure-${megabytes}`,
			name: 'A guide',
			password: 'long enough for this'
		});
		if (account === 'taken') throw new Error('taken');
		const { rows, fresh, bad, seconds, heapMb } = await measured(megabytes, account.id);
		peaks.push(heapMb);
		lines.push([
			`${megabytes} MB`,
			String(rows),
			String(fresh),
			String(bad),
			`${seconds.toFixed(0)} s`,
			`${(rows / seconds).toFixed(0)}`,
			`${heapMb.toFixed(0)} MB`
		]);
	}
	await database().query('select 1');
	console.log('A table of records, taken in as a stream in one transaction and kept.\n');
	console.log(
		table(['File', 'Rows', 'Kept', 'Wrong', 'Time', 'Rows a second', 'Heap above the start'], lines)
	);
	const [small = 1, large = 1] = peaks;
	console.log(`\nTen times the file needs ${(large / small).toFixed(1)} times the heap.`);
} finally {
	await closeDatabase();
	await drop();
}
